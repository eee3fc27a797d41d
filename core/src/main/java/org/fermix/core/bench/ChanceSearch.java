package org.fermix.core.bench;

import java.util.NavigableMap;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.function.DoubleUnaryOperator;
import org.fermix.core.quantity.Normal;

/**
 * Where a chance that rises over a quantity passes given values; what was worked out for one value
 * narrows the search for the next. By the secant through how sure it is, kept between what is known
 * to be too little and known to be enough.
 */
final class ChanceSearch {
  private static final double HOPELESS = -8;

  /** So near the chance asked for, the last step is as good as exact (σ). */
  private static final double SURE_ENOUGH = 0.02;

  private static final int MOST_STEPS = 60;
  private static final double REACH_GROWTH = 1.4;

  /**
   * What is searched over.
   *
   * @param low least value looked at
   * @param high greatest value looked at
   * @param usualSlope standard deviations for one unit
   * @param leastSlope steps are never longer than this slope makes them
   * @param tolerance a last step is no longer than this
   */
  record Over(double low, double high, double usualSlope, double leastSlope, double tolerance) {}

  private final DoubleUnaryOperator chance;
  private final Over over;
  private final NavigableMap<Double, Double> known = new TreeMap<>();

  ChanceSearch(DoubleUnaryOperator chance, Over over) {
    this.chance = chance;
    this.over = over;
  }

  private double sureness(double at) {
    Double found = known.get(at);
    if (found == null) {
      found = Math.max(HOPELESS, Math.min(-HOPELESS, Normal.inverse(chance.applyAsDouble(at))));
      known.put(at, found);
    }
    return found;
  }

  /**
   * The least value with at least a chance: the low end where it is still as likely there, empty
   * where it is not even at the high end.
   *
   * @param start to look from; left alone where more is known already
   */
  OptionalDouble least(double asked, double start) {
    double target = Normal.inverse(asked);
    double tooLittle = Double.NEGATIVE_INFINITY;
    double enough = Double.POSITIVE_INFINITY;
    for (var each : known.entrySet()) {
      if (each.getValue() < target) {
        tooLittle = each.getKey();
      }
    }
    for (var each : known.tailMap(tooLittle, false).entrySet()) {
      if (each.getValue() >= target) {
        enough = Math.min(enough, each.getKey());
      }
    }
    double at = start > tooLittle && start < enough ? start : nearest(tooLittle, enough);
    double before = Double.NaN;
    double reach = 1;
    for (int i = 0; i < MOST_STEPS; i++) {
      double surplus = sureness(at) - target;
      if (surplus >= 0) {
        enough = at;
      } else {
        tooLittle = at;
      }
      if (enough == over.low()) {
        return OptionalDouble.of(enough);
      }
      if (tooLittle == over.high()) {
        return OptionalDouble.empty();
      }
      double next = next(at, slope(at, before), surplus, tooLittle, enough, reach);
      reach *= REACH_GROWTH;
      boolean near = Math.abs(surplus) < SURE_ENOUGH && Math.abs(next - at) < over.tolerance();
      if (near || enough - tooLittle < over.tolerance()) {
        return OptionalDouble.of(next);
      }
      before = at;
      at = next;
    }
    return OptionalDouble.of(0.5 * (tooLittle + enough));
  }

  private static double nearest(double tooLittle, double enough) {
    return Double.isInfinite(enough) ? tooLittle : enough;
  }

  private double next(
      double at, double slope, double surplus, double tooLittle, double enough, double reach) {
    double usable = slope;
    if (!(usable > over.leastSlope())) {
      // On a plateau steps by the usual slope are too short, so they grow.
      usable =
          enough - tooLittle < Double.POSITIVE_INFINITY
              ? Math.max(over.leastSlope(), slope(enough, tooLittle))
              : over.usualSlope() / reach;
    }
    double next = Math.max(over.low(), Math.min(over.high(), at - surplus / usable));
    return next <= tooLittle || next >= enough ? 0.5 * (tooLittle + enough) : next;
  }

  /** Of the sureness between two places already known; not a number where there are not two. */
  private double slope(double at, double before) {
    return Double.isNaN(before) ? before : (sureness(at) - sureness(before)) / (at - before);
  }
}
