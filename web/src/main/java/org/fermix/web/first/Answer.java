package org.fermix.web.first;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Policy;
import org.fermix.core.bench.Schools;
import org.fermix.core.bench.TypicalBattery;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.chemistry.Traits.StopsAtLights;
import org.fermix.core.decision.Decision;
import org.fermix.core.decision.Ranked;
import org.fermix.core.decision.Weights;
import org.fermix.core.diagnosis.Diagnosis;
import org.fermix.core.diagnosis.Evidence;
import org.fermix.core.diagnosis.ReadingKind;
import org.fermix.core.diagnosis.RestVoltage;
import org.fermix.core.diagnosis.Symptom;
import org.fermix.core.diagnosis.Verdict;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.UsualNeed;
import org.fermix.core.quantity.Unit;
import org.fermix.web.bench.Assumptions;
import org.fermix.web.bench.Benches;
import org.fermix.web.bench.Recommendation;
import org.fermix.web.bench.Ruler;
import org.fermix.web.check.CheckFinding;
import org.fermix.web.check.VerdictWords;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Form;

/**
 * What typical batteries would do in the machine that is described, and whether it is the battery
 * at all.
 *
 * @param headline the kind and size to look for
 * @param batteries with their letters
 * @param check what the two questions say; empty while neither is answered
 */
public record Answer(
    String headline,
    List<String> reasons,
    List<Ruler> rulers,
    List<Battery> batteries,
    List<String> assumed,
    List<String> check) {
  private static final double RESTED_HOURS = 8;
  private static final double WARM_C = 20;

  /** Copies the lists. */
  public Answer {
    reasons = List.copyOf(reasons);
    rulers = List.copyOf(rulers);
    batteries = List.copyOf(batteries);
    assumed = List.copyOf(assumed);
    check = List.copyOf(check);
  }

  /** One of those compared. */
  public record Battery(
      String letter, String chemistryId, String name, String mass, boolean leads, boolean own) {}

  static Answer of(MachineKind kind, Form form, Display display) {
    Need need = FirstForm.need(kind, form);
    List<Candidate> candidates = new ArrayList<>();
    FirstForm.inHand(form, need).ifPresent(label -> candidates.add(new Candidate("A", label, 0)));
    for (Label label : TypicalBattery.of(need)) {
      String letter = String.valueOf((char) ('A' + candidates.size()));
      candidates.add(new Candidate(letter, label, 0));
    }
    Bench bench = Bench.of(need, Policy.USUAL, candidates);
    Weights weights =
        Weights.start(
            Schools.USUAL.first(),
            need.climate().coldestMorningC().value(),
            need.engine().engineClass());
    Decision decision = Decision.of(bench, Conditions.of(need), weights);
    Recommendation advice = Recommendation.of(bench, decision, CheckFinding.NONE, display);
    Optional<String> leader = decision.leader().map(Ranked::letter);
    return new Answer(
        headline(decision, display),
        advice.reasons().stream().limit(3).toList(),
        Benches.rulers(decision, display),
        candidates.stream()
            .map(
                each ->
                    new Battery(
                        each.letter(),
                        each.label().chemistry().id(),
                        name(each.label(), display),
                        display.show(each.label().mass().value(), Unit.KILOGRAM).text(),
                        leader.filter(each.letter()::equals).isPresent(),
                        each.label().name().equals("Yours")))
            .toList(),
        Assumptions.of(need, display),
        check(form, UsualNeed.of(need.engine()).chemistry(), need));
  }

  private static String name(Label label, Display display) {
    return (label.name().equals("Yours") ? "yours: " : "")
        + label
            .capacityAh()
            .map(capacity -> display.show(capacity.value(), Unit.AMPERE_HOUR, 0).text() + " ")
            .orElse("")
        + label.chemistry().shortName();
  }

  /** A kind and a size to look for; never held, since nobody buys a typical battery. */
  private static String headline(Decision decision, Display display) {
    Optional<Ranked> leader = decision.leader();
    if (leader.isEmpty()) {
      return decision
          .first()
          .map(
              nearest ->
                  "Nothing typical does all of that; "
                      + named(nearest, display)
                      + " comes nearest.")
          .orElse("No typical battery passes what such a machine asks first.");
    }
    return "Look for "
        + named(leader.get(), display)
        + (decision.answer().need().engine().engineClass().traits().needsApproval()
            ? ", one its papers allow."
            : ".")
        + ifItStops(decision.answer().need(), leader.get().answer().candidate().label());
  }

  /** Nobody is asked here whether the engine stops by itself, so it is said what follows if so. */
  private static String ifItStops(Need need, Label label) {
    return need.mayStopAtLights()
            && label.chemistry().traits().stopsAtLights() == StopsAtLights.NOT_LONG
        ? " If its engine stops at lights: an EFB or an AGM, as its maker fitted."
        : "";
  }

  /** “a flooded 54 Ah”. */
  private static String named(Ranked ranked, Display display) {
    Label label = ranked.answer().candidate().label();
    if (label.name().equals("Yours")) {
      return "the one in your hand";
    }
    String kind = label.chemistry().shortName();
    return ("AEFL".indexOf(kind.charAt(0)) >= 0 ? "an " : "a ")
        + kind
        + " "
        + display.show(label.capacity().value(), Unit.AMPERE_HOUR, 0).text();
  }

  /** Two readings weighed as the check weighs them; a start, not a verdict. */
  private static List<String> check(Form form, Chemistry chemistry, Need need) {
    List<Evidence> evidence = new ArrayList<>();
    Optional<Symptom> does = form.text("does").map(Symptom::valueOf);
    does.map(Symptom::evidence).ifPresent(evidence::add);
    if (form.number("volts").isPresent()) {
      new RestVoltage(form.number("volts").getAsDouble(), RESTED_HOURS, false, WARM_C)
          .judge(chemistry, need.engine().series())
          .evidence()
          .ifPresent(evidence::add);
    }
    if (evidence.isEmpty()) {
      return List.of();
    }
    Diagnosis diagnosis = Diagnosis.of(chemistry, evidence, EnumSet.noneOf(ReadingKind.class));
    boolean starts = does.filter(Symptom.STARTS_WELL::equals).isPresent();
    Verdict verdict = Verdict.of(diagnosis, starts, OptionalDouble.empty());
    List<String> words = new ArrayList<>();
    words.add(
        "So far: "
            + VerdictWords.cause(verdict.cause())
            + ", "
            + Display.USUAL.chance(100 * verdict.sureness()).text()
            + " likely"
            + (diagnosis.isSettled() ? "." : "; not settled by this."));
    words.add("First: " + VerdictWords.first(verdict.action()) + ".");
    return words;
  }
}
