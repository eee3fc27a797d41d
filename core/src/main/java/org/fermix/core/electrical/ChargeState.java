package org.fermix.core.electrical;

/**
 * The momentary state of a battery, in the two-well (kinetic) picture of its charge.
 *
 * @param charge total state of charge, 0 to 1
 * @param imbalance how far the surface lags behind the depth (1); 0 when rested
 * @param temperatureC of the battery (°C)
 */
public record ChargeState(double charge, double imbalance, double temperatureC) {
  /** A rested battery. */
  public static ChargeState rested(double charge, double temperatureC) {
    return new ChargeState(charge, 0, temperatureC);
  }
}
