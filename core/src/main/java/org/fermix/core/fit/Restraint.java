package org.fermix.core.fit;

import org.fermix.core.quantity.Check;

/**
 * The pull a battery's restraint must stand in a petrol inboard boat: 33 CFR 183.420 (from memory),
 * 90 lb or twice the mass, whichever is less, moving no more than one inch.
 */
public final class Restraint {
  private static final double KG_PER_LB = 0.45359237;
  private static final double STANDARD_GRAVITY = 9.80665;

  private Restraint() {}

  /**
   * The pull (N).
   *
   * @param massKg of the battery, 0.1 to 500 kg
   */
  public static double pullNewtons(double massKg) {
    Check.within("mass", massKg, 0.1, 500, "kg");
    return Math.min(90 * KG_PER_LB, 2 * massKg) * STANDARD_GRAVITY;
  }
}
