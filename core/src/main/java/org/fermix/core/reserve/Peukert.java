package org.fermix.core.reserve;

import org.fermix.core.quantity.Check;

/**
 * Peukert's law between two points of one battery's discharge: t = t₁ (I₁ / I)ⁿ (W. Peukert, 1897).
 * Trusted between the two points only, and not for lithium.
 *
 * @param exponent n (1); 1 means capacity does not depend on current
 * @param amps I₁, the current of the first point (A)
 * @param hours t₁, its duration (h)
 */
public record Peukert(double exponent, double amps, double hours) {
  /**
   * The law through two rated discharges.
   *
   * @throws IllegalArgumentException when the currents are equal or anything is not positive
   */
  public static Peukert through(double amps1, double hours1, double amps2, double hours2) {
    Check.within("first current", amps1, 1e-6, 1e5, "A");
    Check.within("second current", amps2, 1e-6, 1e5, "A");
    Check.within("first duration", hours1, 1e-6, 1e5, "h");
    Check.within("second duration", hours2, 1e-6, 1e5, "h");
    if (amps1 == amps2) {
      throw new IllegalArgumentException("two different currents are needed, both were " + amps1);
    }
    return new Peukert(Math.log(hours2 / hours1) / Math.log(amps1 / amps2), amps1, hours1);
  }

  /** The law through the 20-hour capacity (Ah) and the reserve capacity at 25 A (min). */
  public static Peukert fromLabel(double twentyHourAmpHours, double reserveMinutes) {
    return through(twentyHourAmpHours / 20, 20, 25, reserveMinutes / 60);
  }

  /** The law of a given exponent through the 20-hour capacity (Ah). */
  public static Peukert assumed(double twentyHourAmpHours, double exponent) {
    return new Peukert(exponent, twentyHourAmpHours / 20, 20);
  }

  /** Hours from full to empty at a current (h). */
  public double hoursAt(double currentA) {
    return hours * Math.pow(amps / Check.within("current", currentA, 1e-6, 1e5, "A"), exponent);
  }

  /** Charge given until empty at a current (Ah). */
  public double ampHoursAt(double currentA) {
    return currentA * hoursAt(currentA);
  }
}
