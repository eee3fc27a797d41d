package org.fermix.core.diagnosis;

import org.fermix.core.charging.Compensation;
import org.fermix.core.chemistry.Chemistry;

/**
 * Voltage at the battery with the engine running: healthy from about 13.8 to 14.6 V; under 13.6 V
 * nothing becomes full; above what the chemistry stands it is harmed (common practice, no source).
 * Cars that steer their alternator move more widely by design: their service data come first.
 *
 * @param idleVolts at idle, loads off, 0 to 40 V
 * @param fastVolts at fast idle, loads off
 * @param loadedVolts at fast idle with lamps and blower on
 * @param temperatureC of the battery, −40 to 60 °C
 */
public record ChargingVolts(
    double idleVolts, double fastVolts, double loadedVolts, double temperatureC) {
  /** Under this nothing becomes full (V, 12 V system). */
  public static final double LEAST_VOLTS = 13.6;

  /** With everything switched on (V, 12 V system); workshop manuals, from memory. */
  public static final double LEAST_LOADED_VOLTS = 13.2;

  /** Refuses what cannot be. */
  public ChargingVolts {
    ReadingLimits.VOLTS.check(idleVolts);
    ReadingLimits.VOLTS.check(fastVolts);
    ReadingLimits.VOLTS.check(loadedVolts);
    ReadingLimits.TEMPERATURE.check(temperatureC);
  }

  /** What the charging does. */
  public enum Level {
    LOW,
    RIGHT,
    HIGH
  }

  /** Most volts the chemistry stands at the temperature (V). */
  public double mostVolts(Chemistry chemistry, double series) {
    return series
        * Compensation.volts(chemistry, chemistry.charging().neverExceedVolts(), temperatureC);
  }

  /** Below this no computer holds an alternator: it does not charge (V, 12 V system). */
  private static final double LEAST_STEERED_VOLTS = 12.5;

  /**
   * True where a computer may be holding the alternator back, so that this settles nothing yet:
   * common practice, no source.
   *
   * @param steered true of machines that many of which reckon their battery’s charge
   * @param loadedTold true where it was read with lamps and blower on as well
   */
  public boolean mayBeHeldBack(
      Chemistry chemistry, double series, boolean steered, boolean loadedTold) {
    return steered
        && judge(chemistry, series) == Level.LOW
        && fastVolts >= LEAST_STEERED_VOLTS * series
        && (!loadedTold || loadedVolts >= LEAST_VOLTS * series);
  }

  /** Judges it; too much matters more than too little. */
  public Level judge(Chemistry chemistry, double series) {
    if (Math.max(idleVolts, fastVolts) > mostVolts(chemistry, series)) {
      return Level.HIGH;
    }
    return fastVolts < LEAST_VOLTS * series || loadedVolts < LEAST_LOADED_VOLTS * series
        ? Level.LOW
        : Level.RIGHT;
  }

  /** As evidence. */
  public Evidence evidence(Chemistry chemistry, double series) {
    String outcome =
        switch (judge(chemistry, series)) {
          case LOW -> "low";
          case RIGHT -> "right";
          case HIGH -> "high";
        };
    return new Evidence(ReadingKind.CHARGING_VOLTS, outcome);
  }
}
