package org.fermix.core.label;

import org.fermix.core.quantity.Check;

/**
 * One point of a discharge as a label or a sheet prints it: a current and how long it lasts to the
 * usual end voltage, warm.
 *
 * @param currentA 0.001 to 10,000 A
 * @param hours 0.001 to 2,000 h
 */
public record RatedCharge(double currentA, double hours) {
  /** Refuses what no sheet prints. */
  public RatedCharge {
    Check.within("discharge current", currentA, 0.001, 10_000, "A");
    Check.within("discharge time", hours, 0.001, 2000, "h");
  }

  /** Ampere-hours at an hour rate. */
  public static RatedCharge atRate(double ampHours, double hours) {
    return new RatedCharge(ampHours / hours, hours);
  }

  /** Charge given (Ah). */
  public double ampHours() {
    return currentA * hours;
  }
}
