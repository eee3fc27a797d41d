package org.fermix.core.diagnosis;

import java.util.List;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.quantity.Check;

/**
 * What a battery does after a try that failed. A protection that has opened leaves nearly nothing;
 * a worn or flat battery stays some volts low; one that comes back within the minute has charge in
 * it, and the trouble lies elsewhere or in its strength. Common practice, no source.
 *
 * @param tries in their order, none to six
 * @param voltsAtOnce when the key is let go, 0 to 40 V
 * @param voltsAfterMinute a minute later, 0 to 40 V
 */
public record AfterTry(List<Try> tries, double voltsAtOnce, double voltsAfterMinute) {
  /** Most tries that are noted. */
  public static final int MOST_TRIES = 6;

  /** A 12 V battery below this has cut itself off, or is dead (V). */
  private static final double NEAR_ZERO_VOLTS = 5;

  /** Charge it must come back to (1). */
  private static final double COMES_BACK_CHARGE = 0.5;

  /** So far below its rest a battery still is a minute after a try, by polarisation (V). */
  private static final double NOT_RESTED_VOLTS = 0.15;

  /**
   * One try.
   *
   * @param seconds cranked, 0.1 to 60 s
   * @param lowestVolts while cranking, 0 to 40 V
   */
  public record Try(double seconds, double lowestVolts) {
    /** Refuses what cannot be. */
    public Try {
      ReadingLimits.TRY.check(seconds);
      ReadingLimits.VOLTS.check(lowestVolts);
    }
  }

  /** Copies the list. */
  public AfterTry {
    Check.within("number of tries", tries.size(), 0, MOST_TRIES, "");
    tries = List.copyOf(tries);
    ReadingLimits.VOLTS.check(voltsAtOnce);
    ReadingLimits.VOLTS.check(voltsAfterMinute);
  }

  /** The volts a minute later that a battery at half charge shows (V). */
  public static double comesBackVolts(Chemistry chemistry, double series) {
    return series * (chemistry.openCircuitVolts(COMES_BACK_CHARGE) - NOT_RESTED_VOLTS);
  }

  /** Volts the last try fell below the first (V); 0 with fewer than two. */
  public double fallOverTries() {
    return tries.size() < 2
        ? 0
        : tries.get(0).lowestVolts() - tries.get(tries.size() - 1).lowestVolts();
  }

  /** As evidence. */
  public Evidence evidence(Chemistry chemistry, double series) {
    String outcome =
        Math.max(voltsAtOnce, voltsAfterMinute) < NEAR_ZERO_VOLTS * series
            ? "near_zero"
            : voltsAfterMinute < comesBackVolts(chemistry, series) ? "stays_low" : "comes_back";
    return new Evidence(ReadingKind.AFTER_TRY, outcome);
  }
}
