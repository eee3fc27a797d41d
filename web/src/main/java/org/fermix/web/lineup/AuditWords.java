package org.fermix.web.lineup;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.fermix.core.electrical.CredibleRating;
import org.fermix.core.label.Label;
import org.fermix.core.label.LabelAudit;
import org.fermix.core.label.Purpose;
import org.fermix.core.quantity.Band;
import org.fermix.core.quantity.Unit;
import org.fermix.web.shared.Display;

/** What the core found of a label, in words with its size. */
final class AuditWords {
  private AuditWords() {}

  /** True for what is said of the cranking rating, once it is said that it is not believed. */
  static boolean ofRating(LabelAudit.Code code) {
    return switch (code) {
      case CRANKING_FOR_CAPACITY, CRANKING_FOR_MASS, WARM_PULSE -> true;
      default -> false;
    };
  }

  static String unstandardised(Label label, CredibleRating believed, Display display) {
    return "Such labels follow no standard: from "
        + ampHours(label.capacity().value(), display)
        + " this rating is read as about "
        + display.show(believed.rating().amps(), Unit.AMPERE).text()
        + " (SAE), give or take "
        + display.show(100 * believed.sigma(), Unit.PER_CENT, 0).text()
        + (label.sheet().coldTestStated()
            ? "."
            : display.words(". A sheet that states −18 °C, 30 s and 7.2 V would settle it."));
  }

  /** Printed ratings that do not mean one battery, with what each would mean. */
  static Optional<String> disagreeing(Label label, Display display) {
    List<String> meant =
        CredibleRating.disagreeing(label).stream()
            .map(
                each ->
                    display.show(each.printed().amps(), Unit.AMPERE).text()
                        + " "
                        + each.printed().test().label()
                        + " would mean "
                        + display.show(each.coldCrankingAmps(), Unit.AMPERE).text()
                        + " (SAE)")
            .toList();
    return meant.isEmpty()
        ? Optional.empty()
        : Optional.of(
            "Its ratings disagree: " + String.join(", ", meant) + ". Please check which is which.");
  }

  static String flatters(Label label, CredibleRating believed, Display display) {
    return "This label flatters: that many cranking amps are not credible from "
        + ampHours(label.capacity().value(), display)
        + ". Computed with "
        + display.show(believed.rating().amps(), Unit.AMPERE).text()
        + " (SAE).";
  }

  static String of(LabelAudit.Flaw flaw, LabelAudit audit, Label label, Display display) {
    String kind = label.chemistry().shortName();
    return switch (flaw.code()) {
      case CAPACITY_FOR_MASS ->
          !label.chemistry().isLead() && flaw.found() > flaw.likely().high()
              ? comparedWithLead(label, display)
              : ratio(
                  flaw,
                  audit,
                  kind,
                  flaw.found() > flaw.likely().high()
                      ? "more ampere-hours than its mass carries"
                      : "few ampere-hours for its mass",
                  "Ah/kg",
                  display);
      case CRANKING_FOR_MASS ->
          ratio(flaw, audit, kind, amps(flaw) + " cranking amps for its mass", "A/kg", display);
      case CRANKING_FOR_CAPACITY ->
          ratio(flaw, audit, kind, amps(flaw) + " cranking amps for its capacity", "A/Ah", display);
      case RESERVE_FOR_CAPACITY ->
          ratio(
              flaw,
              audit,
              kind,
              (flaw.found() > flaw.likely().high() ? "long" : "short")
                  + " reserve capacity for its ampere-hours",
              "min/Ah",
              display);
      case LEAD_EQUIVALENT ->
          ampHours(flaw.found(), display)
              + " is more than its mass can hold: probably compared with lead. True "
              + band(flaw.likely(), display)
              + " Ah; ask for its watt-hours.";
      case WARM_PULSE ->
          "Reads as "
              + display.number(flaw.found(), 0)
              + " A an ampere-hour: a warm pulse, not a cold rating. At most "
              + display.number(flaw.likely().high(), 0)
              + " is held cold.";
      case OTHER_HOUR_RATE ->
          ampHours(flaw.found(), display)
              + " is a "
              + display.number(label.sheet().capacityHours(), 0)
              + "-hour figure: about "
              + band(flaw.likely(), display)
              + " Ah at 20 h.";
      case CELL_ENERGY_FOR_MASS ->
          display.number(flaw.found(), 0)
              + " Wh a kilogram is said of its cells: the pack itself has about "
              + band(flaw.likely(), display)
              + ".";
      case CELL_ENERGY_FOR_SIZE ->
          display.number(flaw.found(), 0)
              + " Wh a litre is said of its cells: the pack itself has about "
              + band(flaw.likely(), display)
              + ".";
      case CANNOT_BE_TOPPED_UP ->
          "“Maintenance-free” on sealed flooded lead means that it cannot be topped up: overcharge is"
              + " for good.";
      case CRANKING_ON_DEEP_CYCLE ->
          (label.build().purpose().filter(Purpose::isForCycles).isPresent()
                  ? "Made for cycles"
                  : "Reads like a deep-cycle battery")
              + ": its cranking rating is not what it is made for.";
    };
  }

  private static String comparedWithLead(Label label, Display display) {
    return label.capacityAh().map(printed -> ampHours(printed.value(), display)).orElse("That")
        + " is more than its mass holds: probably compared with lead. Computed with "
        + ampHours(label.capacity().value(), display)
        + "; ask for its watt-hours.";
  }

  private static String amps(LabelAudit.Flaw flaw) {
    return flaw.found() > flaw.likely().high() ? "many" : "few";
  }

  private static String ratio(
      LabelAudit.Flaw flaw,
      LabelAudit audit,
      String kind,
      String what,
      String unit,
      Display display) {
    return (flaw.weight() == LabelAudit.Weight.IMPOSSIBLE
            ? "More than any such battery has: "
            : "Unusual for " + kind + ": ")
        + what
        + ", "
        + display.number(flaw.found(), 1)
        + " "
        + unit
        + "; most have "
        + band(flaw.likely(), display)
        + ". Please check "
        + audit
            .suspect()
            .filter(flaw.code().figures()::contains)
            .map(AuditWords::figure)
            .orElseGet(
                () ->
                    flaw.code().figures().stream()
                        .map(AuditWords::figure)
                        .collect(Collectors.joining(" and ")))
        + ".";
  }

  private static String figure(LabelAudit.Printed figure) {
    return switch (figure) {
      case CRANKING -> "the cranking amps";
      case CAPACITY -> "the ampere-hours";
      case RESERVE -> "the reserve";
      case MASS -> "the mass";
    };
  }

  private static String band(Band band, Display display) {
    return display.number(band.low(), 1) + " to " + display.number(band.high(), 1);
  }

  private static String ampHours(double value, Display display) {
    return display.show(value, Unit.AMPERE_HOUR).text();
  }
}
