package org.fermix.core.storage;

import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.machine.BatteryPlace;
import org.fermix.core.quantity.Check;

/**
 * How a battery follows the temperature round it: one lump of heat behind a film of air, τ = m c /
 * (h · 6.6 (m/ρ)^⅔) (textbook; film coefficients are estimates). docs/model.md, section 4.
 *
 * @param hours time constant τ (h)
 * @param driveK how much warmer than the air its place gets on a long drive (K)
 */
public record ThermalLag(double hours, double driveK) {
  /** Half the swing of the air over a day (K); estimate. */
  public static final double HALF_SWING_K = 5;

  private static final double SHAPE = 6.6;
  private static final double SECONDS_PER_HOUR = 3600;
  private static final double RADIANS_PER_HOUR = 2 * Math.PI / 24;

  /**
   * The lag of a battery in its place.
   *
   * @param massKg 0.01 to 2,000 kg
   */
  public static ThermalLag of(Chemistry chemistry, double massKg, BatteryPlace place) {
    Check.within("mass", massKg, 0.01, 2000, "kg");
    double areaM2 = SHAPE * Math.pow(massKg / chemistry.circuit().densityKgPerM3(), 2.0 / 3);
    return new ThermalLag(
        massKg
            * chemistry.circuit().heatCapacityJPerKgK()
            / (place.filmWPerM2K() * areaM2)
            / SECONDS_PER_HOUR,
        place.driveK());
  }

  /** How much warmer than the coldest air it stays when parked for days (K). */
  public double aboveColdestAirK() {
    double x = RADIANS_PER_HOUR * hours;
    return HALF_SWING_K * x * x / (1 + x * x);
  }

  /** Mean warmth above the air over a drive that begins soaked (K). */
  public double meanDriveK(double driveHours) {
    if (driveHours <= 0) {
      return 0;
    }
    double share = driveHours / hours;
    return driveK * (1 + Math.expm1(-share) / share);
  }
}
