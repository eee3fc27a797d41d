package org.fermix.core.diagnosis;

import org.fermix.core.chemistry.Chemistry;

/**
 * Voltage at the battery's own posts while the starter is tried. High with a slow or silent starter
 * points away from the battery. Limits: 9.6 V at 21 °C and less in the cold, as in the load test
 * (workshop practice, from memory); lithium holds about 1.5 V more (estimate).
 *
 * @param volts lowest steady reading, 0 to 40 V
 * @param temperatureC of the battery, −40 to 60 °C
 */
public record CrankingVolts(double volts, double temperatureC) {
  private static final double COLLAPSED = 5;
  private static final double PLENTY = 0.9;
  private static final double LITHIUM_MORE = 1.2;

  /** Refuses what cannot be. */
  public CrankingVolts {
    ReadingLimits.VOLTS.check(volts);
    ReadingLimits.TEMPERATURE.check(temperatureC);
  }

  /** The least that is usual at the temperature (V). */
  public double leastVolts(Chemistry chemistry, double series) {
    return series * (LoadTest.leastVolts(temperatureC) + (chemistry.isLead() ? 0 : LITHIUM_MORE));
  }

  /** As evidence. */
  public Evidence evidence(Chemistry chemistry, double series) {
    double least = leastVolts(chemistry, series);
    String outcome =
        volts < COLLAPSED * series
            ? "collapses"
            : volts < least ? "low" : volts < least + PLENTY * series ? "middle" : "high";
    return new Evidence(ReadingKind.CRANKING_VOLTS, outcome);
  }
}
