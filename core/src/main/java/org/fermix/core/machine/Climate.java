package org.fermix.core.machine;

import org.fermix.core.quantity.Check;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Limits;
import org.fermix.core.quantity.Unit;

/**
 * The air where it lives: a sine over the year between the means of the coldest and the warmest
 * month, and the coldest start its owner wants to make.
 *
 * @param coldestMorningC battery and engine at the coldest start (°C)
 * @param winterMeanC mean of the coldest month (°C)
 * @param summerMeanC mean of the warmest month (°C)
 * @param coldestMonth 1 to 12
 */
public record Climate(
    Given coldestMorningC, Given winterMeanC, Given summerMeanC, Given coldestMonth) {
  /** The coldest start. */
  public static final Limits COLDEST_MORNING = new Limits("coldest morning", -40, 40, Unit.CELSIUS);

  /** Day and night together. */
  public static final Limits WINTER_MEAN =
      new Limits("mean of the coldest month", -40, 40, Unit.CELSIUS);

  /** Day and night together. */
  public static final Limits SUMMER_MEAN =
      new Limits("mean of the warmest month", -30, 50, Unit.CELSIUS);

  /** How much colder than its month's mean the coldest morning is (K); engineering estimate. */
  public static final double MORNING_K = 10;

  private static final double WARMEST_GUESS_C = 20;
  private static final double WARMEST_SLOPE = 0.2;

  /** Refuses climates outside what the models cover. */
  public Climate {
    COLDEST_MORNING.check(coldestMorningC.value());
    WINTER_MEAN.check(winterMeanC.value());
    SUMMER_MEAN.check(summerMeanC.value());
    Check.within("coldest month", coldestMonth.value(), 1, 12, "");
  }

  /** What the warmest month's mean usually is, from that of the coldest (°C); estimate. */
  public static double usualSummerMeanC(double winterMeanC) {
    return Math.max(winterMeanC, WARMEST_GUESS_C + WARMEST_SLOPE * winterMeanC);
  }

  /** The air month by month. */
  public Seasons seasons() {
    return Seasons.between(
        winterMeanC.value(), summerMeanC.value(), (int) Math.rint(coldestMonth.value()));
  }

  /** The air in one month, 1 to 12 (°C). */
  public double inMonth(int month) {
    return Seasons.between(
        winterMeanC.value(), summerMeanC.value(), (int) Math.rint(coldestMonth.value()), month);
  }

  /** Mean over the year (°C). */
  public double yearMeanC() {
    return 0.5 * (winterMeanC.value() + summerMeanC.value());
  }
}
