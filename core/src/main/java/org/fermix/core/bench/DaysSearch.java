package org.fermix.core.bench;

import java.util.HashMap;
import java.util.Map;
import org.fermix.core.quantity.Normal;
import org.fermix.core.quantity.Roots;
import org.fermix.core.storage.Parking;

/** Days parked after which the chance of a start passes given values. */
final class DaysSearch {
  private static final double SUREST = 8;
  private static final double LOG_DAY_TOLERANCE = 2e-4;

  private final Parked parked;
  private final SurenessTable starts;
  private final Map<Double, Double> known = new HashMap<>();

  DaysSearch(Parked parked, SurenessTable starts) {
    this.parked = parked;
    this.starts = starts;
  }

  /**
   * Days after which the chance of a start has fallen to one asked for (d), at most {@link
   * Parking#LONGEST_DAYS}; 0 when it is below from the beginning.
   */
  double daysTo(double chance) {
    double target = Normal.inverse(chance);
    double atOnce = sureness(0) - target;
    if (atOnce <= 0) {
      return 0;
    }
    double most = Math.log1p(parked.latest());
    double atMost = sureness(most) - target;
    if (atMost >= 0) {
      return Parking.LONGEST_DAYS;
    }
    return Math.expm1(
        Roots.nearlyStraight(
            logDays -> sureness(logDays) - target, 0, atOnce, most, atMost, LOG_DAY_TOLERANCE));
  }

  /** Nearly straight over the logarithm of the days (σ). */
  private double sureness(double logDays) {
    return known.computeIfAbsent(
        logDays,
        each ->
            Math.max(
                -SUREST,
                Math.min(SUREST, Normal.inverse(parked.chance(Math.expm1(each), starts)))));
  }
}
