package org.fermix.core.reserve;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.electrical.ChargeState;
import org.fermix.core.label.Label;
import org.fermix.core.label.RatedCharge;
import org.fermix.core.quantity.Given;

/**
 * How long a battery really runs at a current, by all its label says: reserve capacity, hour rates
 * and rows of a discharge table each say how much longer or shorter than the two-well circuit it
 * lasts at one current; between two such currents the share goes in a straight line over the
 * logarithm of the current (Peukert's law piece by piece, relative to the circuit), beyond them the
 * nearest holds. docs/model.md, section 3.
 *
 * @param points by rising current; the circuit itself holds where there is none
 */
public record DischargeLaw(List<Point> points) {
  private static final double TEST_C = 25;

  /** No rating says more than that a battery lasts so many times as long as its circuit (ln). */
  private static final double MOST_DEPARTURE = Math.log(3);

  /** Ratings at more than any load with the engine off say nothing here (A). */
  private static final double MOST_LOAD_A = 1000;

  /** Two currents closer than this are the same rating said twice. */
  private static final double SAME = 1.02;

  /** Copies the list. */
  public DischargeLaw {
    points = List.copyOf(points);
  }

  /**
   * One rating against the circuit.
   *
   * @param rated current and hours as printed
   * @param departure ln(printed hours / hours of the circuit) (1)
   * @param what which rating it is
   */
  public record Point(RatedCharge rated, double departure, What what) {}

  /** Which rating a point comes from. */
  public enum What {
    CAPACITY,
    RESERVE,
    FURTHER
  }

  /** The law of a new battery by its label. */
  public static DischargeLaw of(Label label, BatteryCircuit whenNew) {
    List<Point> points = new ArrayList<>();
    double hours = label.sheet().capacityHours();
    label
        .capacityAh()
        .map(Given::value)
        .ifPresent(
            ampHours ->
                add(points, whenNew, RatedCharge.atRate(ampHours, hours), TEST_C, What.CAPACITY));
    label
        .reserveMinutes()
        .ifPresent(
            minutes ->
                add(
                    points,
                    whenNew,
                    new RatedCharge(RatedCapacity.RESERVE_AMPS, minutes.value() / 60),
                    RatedCapacity.RESERVE_C,
                    What.RESERVE));
    label.sheet().discharges().forEach(rated -> add(points, whenNew, rated, TEST_C, What.FURTHER));
    points.sort(Comparator.comparingDouble(point -> point.rated().currentA()));
    return new DischargeLaw(points);
  }

  private static void add(
      List<Point> points,
      BatteryCircuit whenNew,
      RatedCharge rated,
      double temperatureC,
      What what) {
    boolean known =
        points.stream()
            .anyMatch(
                point -> {
                  double ratio = point.rated().currentA() / rated.currentA();
                  return ratio < SAME && ratio > 1 / SAME;
                });
    if (known || rated.currentA() > MOST_LOAD_A) {
      return;
    }
    double own =
        EngineOff.hours(
            whenNew,
            ChargeState.rested(1, temperatureC),
            rated.currentA(),
            0,
            RatedCapacity.END_VOLTS * whenNew.series());
    if (own > 0 && own < EngineOff.LONGEST_HOURS) {
      double departure = Math.log(rated.hours() / own);
      points.add(
          new Point(rated, Math.max(-MOST_DEPARTURE, Math.min(MOST_DEPARTURE, departure)), what));
    }
  }

  /** How many times as long as its circuit the battery lasts at a current (1). */
  public double factor(double currentA) {
    if (points.isEmpty()) {
      return 1;
    }
    Point below = points.get(0);
    for (Point above : points) {
      if (above.rated().currentA() >= currentA) {
        double span = Math.log(above.rated().currentA() / below.rated().currentA());
        double share =
            span <= 0 ? 1 : Math.max(0, Math.log(currentA / below.rated().currentA()) / span);
        return Math.exp(below.departure() + share * (above.departure() - below.departure()));
      }
      below = above;
    }
    return Math.exp(below.departure());
  }

  /** True when a current lies between two of the ratings, where the law is trusted. */
  public boolean isBetween(double currentA) {
    return points.size() > 1
        && currentA >= points.get(0).rated().currentA()
        && currentA <= points.get(points.size() - 1).rated().currentA();
  }
}
