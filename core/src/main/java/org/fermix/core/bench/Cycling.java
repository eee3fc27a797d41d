package org.fermix.core.bench;

import java.util.Optional;
import org.fermix.core.chemistry.LifeParameters;
import org.fermix.core.chemistry.Plates;
import org.fermix.core.label.Label;
import org.fermix.core.label.Purpose;
import org.fermix.core.permission.CycleClaim;
import org.fermix.core.permission.Property;

/**
 * The cycles a battery is good for follow what it is made for, more than its chemistry: lead made
 * for starting gives few, thick plates many. A stated figure is believed within the range of its
 * kind. Cycles to half; common practice, no source.
 */
final class Cycling {
  private static final double HALF = 0.5;

  /** Beyond lead a stated figure is believed within this factor of its chemistry's (1). */
  private static final double WITHIN = 2;

  private Cycling() {}

  /** How long one lasts that is made as its label says. */
  static LifeParameters of(Label label, Plates plates) {
    LifeParameters usual = label.chemistry().life(plates);
    double made = usual.cyclesAt(HALF);
    double least = made / WITHIN;
    double most = made * WITHIN;
    if (label.chemistry().isLead()) {
      Purpose purpose = label.build().purpose().orElse(Purpose.STARTING);
      least = least(purpose);
      most = Math.max(made, most(purpose));
      made = Math.max(made, 0.5 * (least + most(purpose)));
      if (purpose == Purpose.STARTING || purpose == Purpose.THIN_PLATE) {
        made = usual.cyclesAt(HALF);
      }
    }
    double low = least;
    double high = most;
    return usual.givingAtHalf(
        stated(label, usual).map(claimed -> Math.max(low, Math.min(high, claimed))).orElse(made));
  }

  /** What its sheet states, brought to cycles to half; only a figure that says how deep. */
  private static Optional<Double> stated(Label label, LifeParameters usual) {
    return label.sheet().lines().on(Property.CYCLES_CLAIMED).stream()
        .flatMap(line -> CycleClaim.read(line.value()).stream())
        .filter(claim -> claim.depth().isPresent())
        .findFirst()
        .map(
            claim ->
                claim.cycles()
                    * Math.pow(claim.depth().orElse(HALF) / HALF, usual.cycleExponent()));
  }

  private static double least(Purpose purpose) {
    return switch (purpose) {
      case STARTING, THIN_PLATE -> 60;
      case DUAL -> 100;
      case DEEP_CYCLE, GENERAL -> 200;
      case TRACTION -> 600;
    };
  }

  private static double most(Purpose purpose) {
    return switch (purpose) {
      case STARTING, THIN_PLATE -> 120;
      case DUAL -> 150;
      case DEEP_CYCLE, GENERAL -> 400;
      case TRACTION -> 1200;
    };
  }
}
