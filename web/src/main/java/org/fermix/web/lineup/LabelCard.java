package org.fermix.web.lineup;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.electrical.CredibleRating;
import org.fermix.core.label.BelievedRatio;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.Label;
import org.fermix.core.label.LabelAudit;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;
import org.fermix.core.rating.CrankingTest;
import org.fermix.web.shared.Display;

/**
 * A candidate drawn as a label: what is printed, what it becomes on the yardstick, and remarks
 * where the label flatters or is silent.
 */
public record LabelCard(
    UUID id,
    String letter,
    boolean today,
    boolean demo,
    String name,
    String chemistryId,
    String chemistry,
    List<Row> printed,
    List<Row> yardstick,
    List<String> remarks,
    String price) {

  /** One figure with its name. */
  public record Row(String name, String value, boolean assumed) {}

  static LabelCard of(Entry entry, Display display) {
    Candidate candidate = entry.candidate();
    Label label = candidate.label();
    return new LabelCard(
        entry.id(),
        candidate.letter(),
        candidate.isToday(),
        entry.label().isDemo(),
        label.name(),
        label.chemistry().id(),
        label.sheet().kindStated() ? label.chemistry().displayName() : "lithium, kind not stated",
        printed(candidate, display),
        yardstick(label, display),
        remarks(label, display),
        entry
            .offer()
            .map(offer -> display.show(offer.price().doubleValue(), Unit.MONEY, 2).text())
            .orElse(""));
  }

  private static List<Row> printed(Candidate candidate, Display display) {
    Label label = candidate.label();
    List<Row> rows = new ArrayList<>();
    rows.add(
        new Row(
            label.cranking().test().label(),
            display.show(label.cranking().amps(), Unit.AMPERE).text(),
            false));
    label
        .sheet()
        .otherRatings()
        .forEach(
            rating ->
                rows.add(
                    new Row(
                        rating.test().label(),
                        display.show(rating.amps(), Unit.AMPERE).text(),
                        false)));
    label.reserveMinutes().ifPresent(given -> rows.add(row("RC", given, display)));
    label
        .capacityAh()
        .ifPresent(
            given ->
                rows.add(
                    row(
                        "Capacity, " + display.number(label.sheet().capacityHours(), 0) + " h",
                        given,
                        display)));
    label.massKg().ifPresent(given -> rows.add(row("Mass", given, display)));
    rows.add(
        new Row(
            "Case",
            display.show(label.size().lengthMm(), Unit.MILLIMETRE).number()
                + " × "
                + display.show(label.size().widthMm(), Unit.MILLIMETRE).number()
                + " × "
                + display.show(label.size().heightMm(), Unit.MILLIMETRE).text(),
            false));
    rows.add(
        new Row(
            "Positive",
            switch (label.positiveSide()) {
              case LEFT -> "left";
              case RIGHT -> "right";
            },
            false));
    if (candidate.isToday()) {
      rows.add(new Row("In service", display.show(candidate.ageYears(), Unit.YEAR).text(), false));
    }
    return rows;
  }

  private static Row row(String name, Given given, Display display) {
    return new Row(name, display.show(given.value(), given.unit()).text(), given.isAssumed());
  }

  private static List<Row> yardstick(Label label, Display display) {
    List<Row> rows = new ArrayList<>();
    if (!label.cranking().test().equals(CrankingTest.COLD_CRANKING)
        || !label.sheet().otherRatings().isEmpty()) {
      double cca = BatteryCircuit.of(label).ratedAmps(CrankingTest.COLD_CRANKING);
      rows.add(new Row("CCA (SAE), about", display.show(cca, Unit.AMPERE).text(), true));
    }
    if (label.capacityAh().isEmpty() || label.sheet().capacityHours() != Label.CAPACITY_HOURS) {
      Given restated = label.capacity();
      rows.add(
          new Row(
              "Capacity, 20 h", display.show(restated.value(), restated.unit(), 1).text(), true));
    }
    if (label.massKg().isEmpty()) {
      rows.add(row("Mass", label.mass(), display));
    }
    double perAmpHour = label.cranking().amps() / label.capacity().value();
    rows.add(new Row("Rating per Ah", display.number(perAmpHour, 1) + " A/Ah", false));
    return rows;
  }

  private static List<String> remarks(Label label, Display display) {
    List<String> remarks = new ArrayList<>();
    CredibleRating believed = CredibleRating.of(label);
    boolean doubted = !believed.asPrinted();
    if (doubted) {
      remarks.add(
          BelievedRatio.appliesTo(label.chemistry())
              ? AuditWords.unstandardised(label, believed, display)
              : AuditWords.flatters(label, believed, display));
    }
    LabelAudit.of(label).findings().stream()
        .filter(flaw -> !(doubted && AuditWords.ofRating(flaw.code())))
        .map(flaw -> AuditWords.of(flaw, label, display))
        .forEach(remarks::add);
    if (!label.sheet().kindStated()) {
      remarks.add(
          "Which lithium is not stated: kinds differ in voltage and in how they burn. Ask the seller"
              + " before anything else.");
    } else if (label.chemistry().protection().isPresent()
        && !label.sheet().protection().isStated()) {
      remarks.add("No protection is stated: ask the seller whether one is built in.");
    }
    if (label.reserveMinutes().isEmpty()) {
      remarks.add("No reserve capacity is printed; ask for it.");
    }
    return remarks;
  }
}
