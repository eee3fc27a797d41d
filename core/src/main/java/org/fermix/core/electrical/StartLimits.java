package org.fermix.core.electrical;

import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;
import org.fermix.core.quantity.Roots;

/**
 * Where starting ends for one battery and one engine: the coldest start at a charge, and the lowest
 * charge at a temperature.
 */
public record StartLimits(BatteryCircuit battery, Cranking cranking) {
  /** Coldest temperature searched (°C). */
  public static final double COLDEST_C = -45;

  /** Warmest temperature searched (°C). */
  public static final double WARMEST_C = 40;

  /** How far below matters to nobody, and would only lead the search astray (σ). */
  private static final double HOPELESS = -2;

  private static final double TEMPERATURE_TOLERANCE_K = 0.05;
  private static final double CHARGE_TOLERANCE = 5e-4;

  /**
   * The start floor: lowest temperature at which the start is at least as sure as asked (°C). It is
   * {@link #COLDEST_C} when the battery still starts there, and empty when it does not start even
   * at {@link #WARMEST_C}.
   *
   * @param charge rested state of charge, 0 to 1
   * @param sureness asked for, in standard deviations; see {@link Cranking#sureness}
   */
  public OptionalDouble startFloorC(double charge, double sureness) {
    DoubleUnaryOperator surplus =
        temperatureC ->
            Math.max(
                HOPELESS, cranking.sureness(ChargeState.rested(charge, temperatureC)) - sureness);
    double warm = surplus.applyAsDouble(WARMEST_C);
    if (warm < 0) {
      return OptionalDouble.empty();
    }
    double cold = surplus.applyAsDouble(COLDEST_C);
    if (cold >= 0) {
      return OptionalDouble.of(COLDEST_C);
    }
    return OptionalDouble.of(
        Roots.nearlyStraight(surplus, COLDEST_C, cold, WARMEST_C, warm, TEMPERATURE_TOLERANCE_K));
  }

  /**
   * Lowest rested charge that still starts (1). It is the battery's lowest trusted charge when it
   * still starts there, and empty when it does not start even when full.
   */
  public OptionalDouble lowestCharge(double temperatureC, double sureness) {
    Cranking.Soaked soaked = cranking.soakedAt(temperatureC);
    DoubleUnaryOperator surplus = charge -> Math.max(HOPELESS, soaked.sureness(charge) - sureness);
    double full = surplus.applyAsDouble(1);
    if (full < 0) {
      return OptionalDouble.empty();
    }
    double lowest = battery.lowestTrustedCharge();
    double least = surplus.applyAsDouble(lowest);
    if (least >= 0) {
      return OptionalDouble.of(lowest);
    }
    return OptionalDouble.of(
        Roots.nearlyStraight(surplus, lowest, least, 1, full, CHARGE_TOLERANCE));
  }
}
