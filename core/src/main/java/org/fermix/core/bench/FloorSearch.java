package org.fermix.core.bench;

import java.util.NavigableMap;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.function.DoubleUnaryOperator;
import org.fermix.core.electrical.StartLimits;
import org.fermix.core.quantity.Normal;

/**
 * Temperatures at which the chance of a start passes given values; what was worked out for one
 * value narrows the search for the next.
 */
final class FloorSearch {
  private static final double HOPELESS = -8;

  /** A step of the secant so short is off by a tenth of itself at most. */
  private static final double TOLERANCE_K = 0.3;

  private static final double USUAL_SLOPE = 0.12;
  private static final double LEAST_SLOPE = 0.02;
  private static final int MOST_STEPS = 60;
  private static final double REACH_GROWTH = 1.4;

  private final DoubleUnaryOperator chance;
  private final double start;
  private final NavigableMap<Double, Double> known = new TreeMap<>();

  /** Over the chance at a temperature, which falls with cold, looked for from a temperature on. */
  FloorSearch(DoubleUnaryOperator chance, double startC) {
    this.chance = chance;
    this.start = startC;
  }

  private double sureness(double temperatureC) {
    return known.computeIfAbsent(
        temperatureC,
        each ->
            Math.max(HOPELESS, Math.min(-HOPELESS, Normal.inverse(chance.applyAsDouble(each)))));
  }

  /**
   * The lowest temperature with at least a chance (°C): {@link StartLimits#COLDEST_C} where it is
   * still as likely there, empty where it is not even at {@link StartLimits#WARMEST_C}. By the
   * secant, kept between what is known to be too cold and known to be warm enough.
   */
  OptionalDouble floorC(double asked) {
    double target = Normal.inverse(asked);
    double tooCold = Double.NEGATIVE_INFINITY;
    double enough = Double.POSITIVE_INFINITY;
    for (var each : known.entrySet()) {
      if (each.getValue() < target) {
        tooCold = Math.max(tooCold, each.getKey());
      }
    }
    for (var each : known.entrySet()) {
      if (each.getValue() >= target && each.getKey() > tooCold) {
        enough = Math.min(enough, each.getKey());
      }
    }
    double at = known.isEmpty() ? start : Double.isInfinite(enough) ? tooCold : enough;
    for (int i = 0; i < MOST_STEPS; i++) {
      double surplus = sureness(at) - target;
      if (surplus >= 0) {
        enough = at;
      } else {
        tooCold = at;
      }
      if (enough == StartLimits.COLDEST_C) {
        return OptionalDouble.of(enough);
      }
      if (tooCold == StartLimits.WARMEST_C) {
        return OptionalDouble.empty();
      }
      double next = next(at, surplus, tooCold, enough, Math.pow(REACH_GROWTH, i));
      boolean between = enough - tooCold < Double.POSITIVE_INFINITY;
      if (between && (Math.abs(next - at) < TOLERANCE_K || enough - tooCold < TOLERANCE_K)) {
        return OptionalDouble.of(next);
      }
      at = next;
    }
    return OptionalDouble.of(0.5 * (tooCold + enough));
  }

  private double next(double at, double surplus, double tooCold, double enough, double reach) {
    if (!Double.isFinite(tooCold) || !Double.isFinite(enough)) {
      // On a plateau steps by the usual slope are too short, so they grow.
      return Math.max(
          StartLimits.COLDEST_C,
          Math.min(StartLimits.WARMEST_C, at - reach * surplus / USUAL_SLOPE));
    }
    double slope = (sureness(enough) - sureness(tooCold)) / (enough - tooCold);
    double next = at - surplus / Math.max(LEAST_SLOPE, slope);
    return next <= tooCold || next >= enough ? 0.5 * (tooCold + enough) : next;
  }
}
