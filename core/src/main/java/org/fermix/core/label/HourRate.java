package org.fermix.core.label;

import org.fermix.core.quantity.Band;
import org.fermix.core.quantity.Check;

/**
 * Ampere-hours restated from one hour rate to another by Peukert's law (textbook): C ∝ t^(1 − 1/n).
 * A single exponent holds over a narrow span of rates only; the band comes from the exponents usual
 * for the kind of battery.
 */
public final class HourRate {
  private HourRate() {}

  /**
   * Capacity at another rate (Ah).
   *
   * @param ampHours as printed (Ah)
   * @param printedHours its rate, 0.05 to 200 h
   * @param wantedHours the rate wanted, 0.05 to 200 h
   * @param exponent Peukert's, 1 to 2
   */
  public static double restate(
      double ampHours, double printedHours, double wantedHours, double exponent) {
    Check.within("capacity", ampHours, 0.1, 5000, "Ah");
    Check.within("hour rate", printedHours, 0.05, 200, "h");
    Check.within("hour rate", wantedHours, 0.05, 200, "h");
    Check.within("Peukert exponent", exponent, 1, 2, "");
    return ampHours * Math.pow(wantedHours / printedHours, 1 - 1 / exponent);
  }

  /** The range of the same over a range of exponents (Ah). */
  public static Band restate(
      double ampHours, double printedHours, double wantedHours, Band exponents) {
    return new Band(
        restate(ampHours, printedHours, wantedHours, exponents.low()),
        restate(ampHours, printedHours, wantedHours, exponents.high()));
  }

  /** Peukert's exponent between two printed capacities (1). */
  public static double exponent(double ampHours1, double hours1, double ampHours2, double hours2) {
    Check.within("first capacity", ampHours1, 0.1, 5000, "Ah");
    Check.within("second capacity", ampHours2, 0.1, 5000, "Ah");
    if (hours1 == hours2) {
      throw new IllegalArgumentException(
          "two different hour rates are needed, both were " + hours1);
    }
    return Math.log(hours1 / hours2) / Math.log((ampHours2 / hours2) / (ampHours1 / hours1));
  }
}
