package org.fermix.core.charging;

import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.quantity.Check;

/**
 * Charging voltages at the battery's temperature; maker practice, IEC 60896 in general (memory).
 */
public final class Compensation {
  /** Colder than this no further compensation is applied in practice (°C). */
  public static final double COLDEST_C = -10;

  private Compensation() {}

  /**
   * A charging voltage at a temperature, as the law has it (V): V(T) = V₂₅ + k (T − 25).
   *
   * @param voltsAt25C of a 12 V battery
   * @param temperatureC −40 to 80 °C
   */
  public static double volts(Chemistry chemistry, double voltsAt25C, double temperatureC) {
    Check.within("battery temperature", temperatureC, -40, 80, "°C");
    return voltsAt25C
        + chemistry.acceptance().compensationVoltsPerKelvin()
            * (Math.max(COLDEST_C, temperatureC) - 25);
  }

  /** The voltage to be set: as {@link #volts}, but never above what the chemistry stands (V). */
  public static double setting(Chemistry chemistry, double voltsAt25C, double temperatureC) {
    return Math.min(
        chemistry.charging().neverExceedVolts(), volts(chemistry, voltsAt25C, temperatureC));
  }

  /** The 25 °C voltage that a regulated voltage is worth at a temperature (V). */
  public static double worthAt25C(Chemistry chemistry, double regulatedVolts, double temperatureC) {
    return regulatedVolts - volts(chemistry, 0, temperatureC);
  }
}
