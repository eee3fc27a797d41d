package org.fermix.core.diagnosis;

import java.util.Optional;
import org.fermix.core.charging.ChargeTime;
import org.fermix.core.chemistry.Chemistry;

/**
 * The charge that may bring a lead battery back that was found low or flat, before it is tested
 * again. Never for lithium or sodium: what a protection has cut off below its limit is a matter for
 * the maker. Current, rest and what comes back are common practice, no source; the hours are the
 * model's.
 *
 * @param amps at most (A)
 * @param volts at most, at 25 °C (V)
 * @param hours it is likely to take (h)
 * @param longestHours after which it has had all it will take (h)
 * @param restHours before the test (h)
 * @param comesBack share of batteries found so that are sound afterwards (1), rough
 */
public record Recovery(
    double amps,
    double volts,
    double hours,
    double longestHours,
    double restHours,
    double comesBack) {
  /** Share of the ampere-hours a recovery charge gives (1/h): gentle, it warms nothing. */
  private static final double RATE = 0.1;

  private static final double FROM_LOW = 0.4;
  private static final double FROM_FLAT = 0.05;
  private static final double ROOM_C = 20;
  private static final double LONGEST_HOURS = 24;
  private static final double REST_HOURS = 12;

  /** Found low most come back, found flat about half do; common practice, no source. */
  private static final double LOW_COMES_BACK = 0.8;

  private static final double FLAT_COMES_BACK = 0.5;

  /**
   * What to do with a battery found low or flat; empty for what is not lead.
   *
   * @param ampHours its capacity (Ah)
   * @param series 0.5, 1 or 2 for 6, 12 or 24 V
   * @param flat true when it was found flat
   */
  public static Optional<Recovery> of(
      Chemistry chemistry, double ampHours, double series, boolean flat) {
    if (!chemistry.isLead()) {
      return Optional.empty();
    }
    double volts =
        0.5
            * (chemistry.charging().absorptionLowVolts()
                + chemistry.charging().absorptionHighVolts());
    double amps = RATE * ampHours;
    double hours =
        ChargeTime.of(chemistry, ampHours, flat ? FROM_FLAT : FROM_LOW, 0.98, amps, volts, ROOM_C)
            .hours();
    return Optional.of(
        new Recovery(
            amps,
            series * volts,
            hours,
            Math.max(LONGEST_HOURS, 1.5 * hours),
            REST_HOURS,
            flat ? FLAT_COMES_BACK : LOW_COMES_BACK));
  }
}
