package org.fermix.core.machine;

import org.fermix.core.quantity.Check;

/** Resistance of copper leads. */
public final class Cable {
  /** Resistivity of annealed copper at 20 °C (Ω·mm²/m); IEC 60028, widely printed. */
  public static final double COPPER_OHM_MM2_PER_M = 0.017241;

  private static final double COPPER_PER_KELVIN = 0.00393;

  private Cable() {}

  /**
   * Resistance of a lead (mΩ), without its joints.
   *
   * @param lengthM out and back together, 0.05 to 50 m
   * @param areaMm2 of copper, 1 to 300 mm²
   * @param temperatureC −50 to 120 °C
   */
  public static double milliohm(double lengthM, double areaMm2, double temperatureC) {
    Check.within("lead length", lengthM, 0.05, 50, "m");
    Check.within("copper area", areaMm2, 1, 300, "mm²");
    Check.within("lead temperature", temperatureC, -50, 120, "°C");
    return 1000
        * COPPER_OHM_MM2_PER_M
        * (1 + COPPER_PER_KELVIN * (temperatureC - 20))
        * lengthM
        / areaMm2;
  }

  /**
   * Resistance behind a drop measured while a current flows (mΩ).
   *
   * @param dropVolts 0 to 30 V
   * @param currentA 1 to 5,000 A
   */
  public static double milliohmFromDrop(double dropVolts, double currentA) {
    Check.within("voltage drop", dropVolts, 0, 30, "V");
    Check.within("current", currentA, 1, 5000, "A");
    return 1000 * dropVolts / currentA;
  }
}
