package org.fermix.core.prove;

/** A device that measures a battery, real or simulated, clamped to its posts. */
public interface BatteryTester {
  /** What it is called in the log. */
  String name();

  /** Voltage across the posts with nothing drawn by the tester (V). */
  double volts();

  /** Temperature of the case (°C). */
  double temperatureC();

  /**
   * Draws a current and reads at its end; it costs the battery that charge.
   *
   * @param amps 1 to 2,000 A
   * @param seconds 1 to 60 s
   * @return voltage across the posts (V); near 0 where a protection opens
   */
  double loadedVolts(double amps, double seconds);

  /**
   * Estimates cold cranking amps by small pulses (A).
   *
   * @param ratedAmps set on it, by SAE J537, 1 to 3,000 A
   */
  double crankingAmps(double ratedAmps);
}
