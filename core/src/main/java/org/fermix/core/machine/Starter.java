package org.fermix.core.machine;

/**
 * A geared permanent-magnet starter, referred to the crankshaft; textbook equations of a
 * direct-current motor with constants estimated from its rated power (docs/model.md, section 2).
 *
 * @param windingOhm25 winding and brushes' leads at 25 °C (Ω)
 * @param idleA current that overcomes its own friction (A)
 * @param voltSecondsPerRadian counter-voltage per crankshaft speed (V·s/rad)
 * @param inductanceH (H)
 * @param inertiaKgM2 of starter and engine together at the crankshaft (kg·m²)
 */
public record Starter(
    double windingOhm25,
    double idleA,
    double voltSecondsPerRadian,
    double inductanceH,
    double inertiaKgM2) {
  /** Voltage lost in the brushes (V). */
  public static final double BRUSH_VOLTS = 1.4;

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
    return new Starter(
        engine.departure().winding() * 0.018 / kilowatts * series * series,
        30 * kilowatts / series,
        engine.departure().counterVolts()
            * (12 * series - BRUSH_VOLTS - 0.4)
            / (freeRpm * 2 * Math.PI / 60),
        60e-6 * 1.24 / kilowatts * series * series,
        engine.engineClass().drag().inertiaPerLitre() * engine.displacementLitres()
            + 0.25 * (kilowatts / 1.4) * Math.pow(300 / freeRpm, 2));
  }

  /** Winding resistance at a temperature (Ω); copper, 0.39 % a kelvin. */
  public double windingOhm(double temperatureC) {
    return windingOhm25 * (1 + COPPER_PER_KELVIN * (temperatureC - 25));
  }

  /** Torque at the crankshaft for a current, 0 where friction takes it all (N·m). */
  public double torque(double currentA) {
    return GEAR_EFFICIENCY * voltSecondsPerRadian * Math.max(0, currentA - idleA);
  }

  /** Current that gives a torque at the crankshaft (A); the inverse of {@link #torque}. */
  public double currentFor(double torqueNm) {
    return idleA + torqueNm / (GEAR_EFFICIENCY * voltSecondsPerRadian);
  }
}
