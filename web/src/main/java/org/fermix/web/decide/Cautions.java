package org.fermix.web.decide;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.fermix.core.bench.CandidateAnswer;
import org.fermix.core.decision.Decision;
import org.fermix.core.label.Label;
import org.fermix.core.machine.BatteryPlace;
import org.fermix.core.machine.Need;
import org.fermix.core.quantity.Unit;
import org.fermix.web.shared.Display;

/** The usual cautions for a machine, its place and the battery that is taken. */
final class Cautions {
  private static final double HEAVY_KG = 20;

  /** Colder than this the fuel and the oil decide as well as the battery; common practice. */
  private static final double BITTER_C = -20;

  /** From so much above the air a place is hot on a long drive (K); the engine bay's is 20. */
  private static final double HOT_PLACE_K = 15;

  private Cautions() {}

  /** What its place adds where what sits there is not lead; common practice, no source. */
  private static String place(BatteryPlace place) {
    if (place.enclosed()) {
      return " Among people, its fumes harm: leave and air it; keep the room round it its maker asks.";
    }
    return place.driveK() >= HOT_PLACE_K
        ? " Keep it from the exhaust, with the room round it its maker asks."
        : "";
  }

  static List<String> of(Decision decision, Optional<CandidateAnswer> taken, Display display) {
    List<String> cautions = new ArrayList<>();
    if (taken.isEmpty()) {
      return cautions;
    }
    Need need = decision.answer().need();
    List<Label> labels = taken.get().candidate().labels();
    if (need.engine().engineClass().traits().needsApproval()) {
      cautions.add(
          "In a certified aircraft only a battery approved for that aircraft may be fitted, by those"
              + " permitted to, with the entry in its records. Ask a licensed mechanic first.");
    }
    if (labels.stream().anyMatch(each -> each.chemistry().isLead())) {
      cautions.add(
          "Lead batteries hold sulphuric acid and give off hydrogen when charged: goggles and gloves,"
              + " fresh air, no sparks or flames. Never charge one that is frozen or split.");
    }
    OptionalDouble coldest =
        labels.stream()
            .map(Label::chemistry)
            .filter(each -> !each.isLead())
            .mapToDouble(each -> each.acceptance().coldestC())
            .max();
    if (coldest.isPresent()) {
      cautions.add(
          "Never use a desulfating or equalising charger mode on "
              + (labels.size() > 1 ? "what is not lead" : "it")
              + ", and do not charge it below "
              + display.show(coldest.getAsDouble(), Unit.CELSIUS).text()
              + " or what its maker allows. If it is dropped, swollen or hot, leave it outdoors and"
              + " call for advice."
              + place(need.place()));
    }
    cautions.add(
        "A tool across the terminals melts at once: take off rings and watch, cover the posts;"
            + " negative off first and on last.");
    if (labels.size() > 1) {
      cautions.add(
          "Fuse each positive lead close to its battery, as local rules say; join nothing before all"
              + " stand fast.");
    }
    double heaviest = labels.stream().mapToDouble(each -> each.mass().value()).max().orElse(0);
    if (heaviest >= HEAVY_KG) {
      cautions.add(
          "It weighs "
              + display.show(heaviest, Unit.KILOGRAM).text()
              + ": use the carrying strap or a second person, and keep it upright.");
    }
    if (need.engine().turns() && need.climate().coldestMorningC().value() < BITTER_C) {
      cautions.add(
          "Below about "
              + display.show(BITTER_C, Unit.CELSIUS).text()
              + " fuel, oil and preheating decide as much as the battery: no figure here says that"
              + " the engine will run.");
    }
    cautions.add(
        "The maker’s manual for machine and battery, local rules and licensed practice come before"
            + " anything said here.");
    return cautions;
  }
}
