package org.fermix.core.machine;

import java.util.List;
import java.util.stream.IntStream;
import org.fermix.core.quantity.Check;

/**
 * Mean temperature where it is parked, month by month from January (°C), −40 to 60 °C.
 *
 * @param monthlyC twelve values
 */
public record Seasons(List<Double> monthlyC) {
  /** Days of a month as used here (d): a twelfth of a year. */
  public static final double DAYS_PER_MONTH = 365.25 / 12;

  /** Refuses anything but twelve temperatures. */
  public Seasons {
    if (monthlyC.size() != 12) {
      throw new IllegalArgumentException(
          "a year needs 12 monthly temperatures, had " + monthlyC.size());
    }
    monthlyC.forEach(each -> Check.within("monthly temperature", each, -40, 60, "°C"));
    monthlyC = List.copyOf(monthlyC);
  }

  /** The same temperature all year. */
  public static Seasons steady(double temperatureC) {
    return new Seasons(IntStream.range(0, 12).mapToObj(month -> temperatureC).toList());
  }

  /**
   * A sine between a winter and a summer mean.
   *
   * @param coldestMonth 1 to 12
   */
  public static Seasons between(double winterC, double summerC, int coldestMonth) {
    return new Seasons(
        IntStream.rangeClosed(1, 12)
            .mapToObj(month -> between(winterC, summerC, coldestMonth, month))
            .toList());
  }

  /** One month of {@link #between(double, double, int)} (°C). */
  static double between(double winterC, double summerC, int coldestMonth, int month) {
    double swing = (summerC - winterC) / 2;
    return (winterC + summerC) / 2 - swing * Math.cos(2 * Math.PI * (month - coldestMonth) / 12);
  }

  /** The same seasons where a machine is laid up. */
  public Seasons in(LayUpPlace place) {
    return new Seasons(monthlyC.stream().map(place::at).toList());
  }

  /** Month that holds a day counted from 1 January, any year, 1 to 12. */
  public static int monthOf(double day) {
    return 1 + Math.floorMod((int) Math.floor(day / DAYS_PER_MONTH + 1e-9), 12);
  }

  /** Temperature of the month that holds a day counted from 1 January, any year (°C). */
  public double atDay(double day) {
    return inMonth(monthOf(day));
  }

  /** Temperature of a month, 1 to 12 (°C). */
  public double inMonth(int month) {
    return monthlyC.get(month - 1);
  }

  /** The coldest month's mean (°C). */
  public double coldestC() {
    return monthlyC.stream().mapToDouble(Double::doubleValue).min().orElseThrow();
  }
}
