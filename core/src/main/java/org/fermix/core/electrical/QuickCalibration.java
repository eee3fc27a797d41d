package org.fermix.core.electrical;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.label.BelievedRatio;
import org.fermix.core.label.CrankingRating;
import org.fermix.core.label.Label;
import org.fermix.core.rating.CrankingTest;
import org.hipparchus.analysis.interpolation.BilinearInterpolatingFunction;

/**
 * Circuits for a whole catalogue. Two batteries of one chemistry with the same rated amps and mass
 * for each ampere-hour behave alike but for their size, so resistance times rated current is a
 * function of those two alone; it is worked out exactly on a grid and read off between. Resistance
 * is within half a per cent of {@link BatteryCircuit#of(Label)} (two for the old one-minute test),
 * a hundred times as fast. Keeps what it has worked out; may be shared.
 */
public final class QuickCalibration {
  /** Any size does, since only proportions matter (Ah). */
  private static final double AMP_HOURS = 40;

  /** Share of the most credible rating by another test above which the slow way is taken. */
  private static final double NEAR = 0.8;

  private static final double[] AMPS_PER_AMP_HOUR = grid(1, 10, 12, 60, 24);
  private static final double[] KG_PER_AMP_HOUR = grid(0.04, 0.25, 3, 1.2, 3);

  private final Map<Kind, BilinearInterpolatingFunction> known = new ConcurrentHashMap<>();

  private record Kind(Chemistry chemistry, CrankingTest test) {}

  /** The circuit of a battery, calibrated from its label. */
  public BatteryCircuit of(Label label) {
    CrankingRating printed = label.cranking();
    if (!label.sheet().otherRatings().isEmpty()) {
      return BatteryCircuit.of(label);
    }
    if (!BelievedRatio.appliesTo(label.chemistry())) {
      return of(label, printed);
    }
    if (!printed.test().equals(CrankingTest.COLD_CRANKING)) {
      return BatteryCircuit.of(label);
    }
    CredibleRating believed = CredibleRating.believed(label, printed.amps());
    return of(label, believed.rating()).knownWithin(believed.sigma());
  }

  private BatteryCircuit of(Label label, CrankingRating rating) {
    double ampHours = label.capacity().value();
    double massKg = label.mass().value();
    double series = label.build().series();
    double amps = Math.log(rating.amps() / ampHours);
    double mass = Math.log(massKg / ampHours / series);
    // A rating that may not be credible is left to the slow way, which knows what to do with it.
    double most = CredibleRating.mostColdAmps(label) * rating.test().trade().low();
    if (rating.amps() > (rating.test().equals(CrankingTest.COLD_CRANKING) ? 1 : NEAR) * most
        || outside(AMPS_PER_AMP_HOUR, amps)
        || outside(KG_PER_AMP_HOUR, mass)) {
      return BatteryCircuit.of(label);
    }
    double logOhmAmps =
        known
            .computeIfAbsent(new Kind(label.chemistry(), rating.test()), QuickCalibration::table)
            .value(amps, mass);
    if (Double.isNaN(logOhmAmps)) {
      return BatteryCircuit.of(label);
    }
    return BatteryCircuit.withKnownResistance(
        label.chemistry(),
        series,
        ampHours,
        massKg,
        rating,
        Math.exp(logOhmAmps) * series / rating.amps());
  }

  private static boolean outside(double[] axis, double value) {
    return value < axis[0] || value > axis[axis.length - 1];
  }

  /** Not a number where no battery can hold the rating. */
  private static BilinearInterpolatingFunction table(Kind kind) {
    double[][] logOhmAmps = new double[AMPS_PER_AMP_HOUR.length][KG_PER_AMP_HOUR.length];
    for (int i = 0; i < logOhmAmps.length; i++) {
      CrankingRating rating =
          new CrankingRating(Math.exp(AMPS_PER_AMP_HOUR[i]) * AMP_HOURS, kind.test());
      for (int j = 0; j < logOhmAmps[i].length; j++) {
        logOhmAmps[i][j] =
            BatteryCircuit.calibratedIfPossible(
                    kind.chemistry(),
                    1,
                    AMP_HOURS,
                    Math.exp(KG_PER_AMP_HOUR[j]) * AMP_HOURS,
                    rating)
                .map(circuit -> Math.log(circuit.resistanceOhm() * rating.amps()))
                .orElse(Double.NaN);
      }
    }
    return new BilinearInterpolatingFunction(AMPS_PER_AMP_HOUR, KG_PER_AMP_HOUR, logOhmAmps);
  }

  /** Logarithms of low to middle and middle to high in even steps; the middle is met exactly. */
  private static double[] grid(double low, double middle, int below, double high, int above) {
    double[] axis = new double[below + above + 1];
    for (int i = 0; i <= below; i++) {
      axis[i] = Math.log(low) + Math.log(middle / low) * i / below;
    }
    for (int i = 1; i <= above; i++) {
      axis[below + i] = Math.log(middle) + Math.log(high / middle) * i / above;
    }
    return axis;
  }
}
