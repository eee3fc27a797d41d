package org.fermix.core.machine;

import org.fermix.core.quantity.Roots;

/**
 * A geared direct-current starter, referred to the crankshaft; textbook equations with constants
 * estimated from its rated power (docs/model.md, section 2). Its field is of permanent magnets, or
 * in series with the armature: then counter-voltage and torque per ampere grow with the current, kE
 * (I) = kE · 1.8 x/(x + 0.8) with x = I/{@code fieldA}, and both kinds agree at that current.
 *
 * @param windingOhm25 winding and brushes' leads at 25 °C (Ω)
 * @param idleA current that overcomes its own friction (A)
 * @param voltSecondsPerRadian counter-voltage per crankshaft speed (V·s/rad); at {@code fieldA} for
 *     a series field
 * @param inductanceH (H)
 * @param inertiaKgM2 of starter and engine together at the crankshaft (kg·m²)
 * @param brushVolts lost in the brushes (V)
 * @param fieldA current that sets a series field's scale (A); 0 for permanent magnets
 */
public record Starter(
    double windingOhm25,
    double idleA,
    double voltSecondsPerRadian,
    double inductanceH,
    double inertiaKgM2,
    double brushVolts,
    double fieldA) {
  /** Voltage lost in carbon brushes (V); at 6 V copper–graphite ones lose less. */
  private static final double CARBON_BRUSH_VOLTS = 1.4;

  private static final double SIX_VOLT_BRUSHES = 0.6;

  /** Voltage a starter running free loses in its winding, 12 V (V); estimate. */
  private static final double IDLE_VOLTS = 0.4;

  /** Half the stall current of a permanent-magnet starter of 1 kW at 12 V (A). */
  private static final double FIELD_A_KW = 204;

  private static final double FIELD_MOST = 1.8;
  private static final double FIELD_BEND = 0.8;

  /** Share of the torque that passes the gears (1). */
  public static final double GEAR_EFFICIENCY = 0.85;

  private static final double COPPER_PER_KELVIN = 0.0039;

  static Starter of(Engine engine) {
    double series = engine.series();
    double kilowatts = engine.starterKw();
    EngineClass.Start start = engine.engineClass().start();
    double freeRpm =
        Math.max(
            start.freeRpmLeast(),
            start.freeRpmBase() + start.freeRpmPerLitre() * engine.displacementLitres());
    double brushVolts = CARBON_BRUSH_VOLTS * (series < 1 ? SIX_VOLT_BRUSHES : 1);
    return new Starter(
        engine.departure().winding() * 0.018 / kilowatts * series * series,
        30 * kilowatts / series,
        engine.departure().counterVolts()
            * (12 * series - brushVolts - IDLE_VOLTS * series)
            / (freeRpm * 2 * Math.PI / 60),
        60e-6 * 1.24 / kilowatts * series * series,
        engine.engineClass().drag().inertiaPerLitre() * engine.displacementLitres()
            + 0.25 * (kilowatts / 1.4) * Math.pow(300 / freeRpm, 2),
        brushVolts,
        start.seriesWound() ? FIELD_A_KW * kilowatts / series : 0);
  }

  /** Winding resistance at a temperature (Ω); copper, 0.39 % a kelvin. */
  public double windingOhm(double temperatureC) {
    return windingOhm25 * (1 + COPPER_PER_KELVIN * (temperatureC - 25));
  }

  /** Counter-voltage per crankshaft speed at a current (V·s/rad). */
  public double voltSecondsPerRadian(double currentA) {
    if (fieldA == 0) {
      return voltSecondsPerRadian;
    }
    double x = Math.max(0, currentA) / fieldA;
    return voltSecondsPerRadian * FIELD_MOST * x / (x + FIELD_BEND);
  }

  /** Slope of {@link #voltSecondsPerRadian(double)} (V·s/(rad·A)). */
  public double voltSecondsSlope(double currentA) {
    if (fieldA == 0) {
      return 0;
    }
    double x = Math.max(0, currentA) / fieldA;
    return voltSecondsPerRadian
        * FIELD_MOST
        * FIELD_BEND
        / ((x + FIELD_BEND) * (x + FIELD_BEND) * fieldA);
  }

  /** Torque at the crankshaft for a current, 0 where friction takes it all (N·m). */
  public double torque(double currentA) {
    return GEAR_EFFICIENCY * voltSecondsPerRadian(currentA) * Math.max(0, currentA - idleA);
  }

  /** Slope of the torque over current, above the idle current (N·m/A). */
  public double torqueSlope(double currentA) {
    return GEAR_EFFICIENCY
        * (voltSecondsPerRadian(currentA) + voltSecondsSlope(currentA) * (currentA - idleA));
  }

  /** Current that gives a torque at the crankshaft (A); the inverse of {@link #torque}. */
  public double currentFor(double torqueNm) {
    double withMagnets = idleA + torqueNm / (GEAR_EFFICIENCY * voltSecondsPerRadian);
    if (fieldA == 0 || torqueNm <= 0) {
      return withMagnets;
    }
    double most = idleA + 10 * withMagnets + 4 * fieldA;
    return Roots.nearlyStraight(
        amps -> torque(amps) - torqueNm, idleA, -torqueNm, most, torque(most) - torqueNm, 0.01);
  }
}
