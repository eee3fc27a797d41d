package org.fermix.core.reserve;

import java.util.Comparator;
import java.util.List;
import org.fermix.core.label.RatedCharge;
import org.fermix.core.quantity.Check;
import org.hipparchus.stat.regression.SimpleRegression;

/**
 * A data sheet's discharge table: current against duration, all to one end voltage. Peukert's law
 * is fitted through it by least squares of ln t on ln I, with how badly it fits, since a single
 * exponent often does not. Between rows the law of the two neighbours is used; outside the rows the
 * nearest neighbours' law, and the answer says so.
 *
 * @param rows two or more, of different currents
 * @param endVoltsPerCell the end voltage all rows share (V)
 */
public record DischargeTable(List<RatedCharge> rows, double endVoltsPerCell) {
  /** How far to trust an answer. */
  public enum Trust {
    /** Between two rows. */
    BETWEEN_ROWS,
    /** Beyond the slowest or fastest row. */
    OUTSIDE_ROWS
  }

  /** An answer from the table. */
  public record Answer(double hours, double ampHours, double localExponent, Trust trust) {}

  /**
   * Sorts by current.
   *
   * @throws IllegalArgumentException with fewer than two rows, equal currents, or a slower row that
   *     lasts shorter
   */
  public DischargeTable {
    Check.within("end voltage per cell", endVoltsPerCell, 0.5, 4, "V");
    rows = rows.stream().sorted(Comparator.comparingDouble(RatedCharge::currentA)).toList();
    if (rows.size() < 2) {
      throw new IllegalArgumentException(
          "a discharge table needs at least 2 rows, had " + rows.size());
    }
    for (int i = 1; i < rows.size(); i++) {
      RatedCharge slow = rows.get(i - 1);
      RatedCharge fast = rows.get(i);
      if (fast.currentA() == slow.currentA() || fast.hours() >= slow.hours()) {
        throw new IllegalArgumentException(
            "each row must have more current and last shorter than the one before, but "
                + fast.currentA()
                + " A lasts "
                + fast.hours()
                + " h and "
                + slow.currentA()
                + " A "
                + slow.hours()
                + " h");
      }
    }
  }

  /** The one exponent that fits all rows best (1). */
  public double exponent() {
    return -regression().getSlope();
  }

  /** How far a row departs from the single law at worst, as a share of its hours (1). */
  public double worstMisfit() {
    SimpleRegression law = regression();
    return rows.stream()
        .mapToDouble(
            row ->
                Math.abs(Math.expm1(Math.log(row.hours()) - law.predict(Math.log(row.currentA())))))
        .max()
        .orElseThrow();
  }

  /** The exponents between neighbouring rows, slow to fast. */
  public List<Double> localExponents() {
    return java.util.stream.IntStream.range(1, rows.size())
        .mapToObj(i -> law(i).exponent())
        .toList();
  }

  /** Duration and charge at a current, by the law of the neighbouring rows. */
  public Answer at(double currentA) {
    Check.within("discharge current", currentA, 0.001, 10000, "A");
    int upper = 1;
    while (upper < rows.size() - 1 && rows.get(upper).currentA() < currentA) {
      upper++;
    }
    Peukert law = law(upper);
    double hours = law.hoursAt(currentA);
    boolean inside =
        currentA >= rows.get(0).currentA() && currentA <= rows.get(rows.size() - 1).currentA();
    return new Answer(
        hours, currentA * hours, law.exponent(), inside ? Trust.BETWEEN_ROWS : Trust.OUTSIDE_ROWS);
  }

  /** Capacity restated at another hour rate (Ah). */
  public double ampHoursAtRate(double hours) {
    Check.within("hour rate", hours, 0.05, 200, "h");
    int upper = rows.size() - 1;
    while (upper > 1 && rows.get(upper - 1).hours() < hours) {
      upper--;
    }
    Peukert law = law(upper);
    double currentA = law.amps() * Math.pow(law.hours() / hours, 1 / law.exponent());
    return currentA * hours;
  }

  private Peukert law(int upper) {
    RatedCharge slow = rows.get(upper - 1);
    RatedCharge fast = rows.get(upper);
    return Peukert.through(slow.currentA(), slow.hours(), fast.currentA(), fast.hours());
  }

  private SimpleRegression regression() {
    SimpleRegression regression = new SimpleRegression();
    rows.forEach(row -> regression.addData(Math.log(row.currentA()), Math.log(row.hours())));
    return regression;
  }
}
