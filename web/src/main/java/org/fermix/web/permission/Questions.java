package org.fermix.web.permission;

import java.util.ArrayList;
import java.util.List;
import org.fermix.core.bench.AllowedGate;
import org.fermix.core.electrical.CredibleRating;
import org.fermix.core.label.BelievedRatio;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Need;
import org.fermix.core.permission.Approval;
import org.fermix.core.permission.Checklist;
import org.fermix.core.permission.Property;
import org.fermix.web.approval.RequirementWords;
import org.fermix.web.shared.Display;

/**
 * What somebody has to be asked about one battery, as a list that can be sent.
 *
 * @param letter of the battery; empty where it is the machine’s maker who is asked
 */
public record Questions(String letter, String of, List<String> questions) {
  /** Copies the list. */
  public Questions {
    questions = List.copyOf(questions);
  }

  /** The seller or maker of each battery that is not said all of. */
  static List<Questions> ofSellers(Need need, List<Candidate> candidates, Display display) {
    return candidates.stream()
        .filter(each -> !each.isToday())
        .map(
            each ->
                new Questions(each.letter(), each.label().name(), of(need, each.label(), display)))
        .filter(each -> !each.questions().isEmpty())
        .toList();
  }

  private static List<String> of(Need need, Label label, Display display) {
    List<String> asked = new ArrayList<>();
    if (!label.sheet().kindStated()) {
      asked.add("Which chemistry is it exactly? “Lithium-ion” alone is several.");
    }
    for (Approval approval : need.permission().on(label.chemistry().isLead())) {
      for (Checklist.Item item : AllowedGate.checklist(approval, need, label).open()) {
        asked.add(question(item, approval, display));
      }
    }
    if (label.chemistry().protection().isPresent()) {
      if (!label.sheet().protection().isStated()) {
        asked.add(
            "Is a protection (management system) built in, and what wakes it once it has opened?");
      }
      unsaid(
          asked,
          label,
          need.engine().engineClass().traits().allowedBy(),
          "Does its maker allow it in such a machine: " + need.engine().engineClass().name() + "?");
      unsaid(
          asked, label, Property.LOWEST_DISCHARGE_C, "How cold may it be used to start an engine?");
      if (!label.sheet().heated()) {
        unsaid(
            asked,
            label,
            Property.LOWEST_CHARGE_C,
            "Below which temperature may it not be charged, and what stops it?");
      }
      unsaid(
          asked,
          label,
          Property.ALTERNATOR_ALLOWED,
          "May it be charged straight by an engine’s alternator or regulator?");
    }
    CredibleRating believed = CredibleRating.of(label);
    if (!believed.asPrinted()) {
      asked.add(
          BelievedRatio.appliesTo(label.chemistry())
              ? display.words(
                  "By which test is the cranking figure measured: −18 °C, 30 s, down to 7.2 V? A copy of"
                      + " the report?")
              : "By which standard is the cranking figure measured, and is there a report?");
    }
    if (label.reserveMinutes().isEmpty() && need.minimum().reserveMinutes().isPresent()) {
      asked.add(
          display.words("What is its reserve capacity: minutes at 25 A and 25 °C down to 10.5 V?"));
    }
    if (label.capacityAh().isEmpty()) {
      asked.add("How many ampere-hours at the 20-hour rate?");
    }
    if (label.massKg().isEmpty()) {
      asked.add("What does it weigh?");
    }
    return asked;
  }

  private static void unsaid(List<String> asked, Label label, Property property, String question) {
    if (label.dataSheet().on(property).isEmpty()) {
      asked.add(question);
    }
  }

  private static String question(Checklist.Item item, Approval approval, Display display) {
    String from = " (" + approval.document() + " asks “" + item.requirement().words() + "”)";
    if (item.believed().isPresent()) {
      return "Is there a report of the printed figure for "
          + RequirementWords.of(item.requirement(), display)
          + "?"
          + from;
    }
    return (item.answer() == Checklist.Answer.UNCLEAR
            ? "Plainly, yes or no, or the figure: "
            : "Not stated: ")
        + RequirementWords.of(item.requirement(), display)
            .replace("in its own words: to be answered by hand", item.requirement().words())
        + "?"
        + from;
  }

  /** What whoever issued the documents has to be asked; empty where nothing is open. */
  static List<String> ofIssuers(Need need) {
    List<String> asked = new ArrayList<>();
    for (Approval approval : need.permission().approvals()) {
      if (approval.isStale(need.permission().asOf())) {
        asked.add(
            "Is "
                + PermissionPage.name(approval)
                + " still in force, and which revision is current?");
      }
      if (approval.serials().isEmpty()) {
        asked.add("Does " + PermissionPage.name(approval) + " cover my serial number?");
      }
      if (!approval.exclusive()) {
        asked.add(
            "Is what "
                + PermissionPage.name(approval)
                + " lists all that is allowed, or what was evaluated?");
      }
    }
    return asked;
  }
}
