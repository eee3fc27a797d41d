package org.fermix.core.diagnosis;

import java.util.Optional;

/**
 * What a lead battery shows the morning after it was charged fully, off the machine, and, where it
 * was charged once more, after that. One low reading may be a charge that was not full; two are a
 * finding. Limits by common practice, no source.
 *
 * @param volts the morning after (V)
 * @param again the morning after a second charge (V)
 */
public record HeldCharge(double volts, Optional<Double> again) {
  /** At this or below (12 V) it has fallen (V). */
  public static final double FALLEN_VOLTS = 12.0;

  /** From this up (12 V) it holds (V). */
  public static final double HOLDS_VOLTS = 12.4;

  /** Refuses what no battery shows. */
  public HeldCharge {
    ReadingLimits.VOLTS.check(volts);
    again.ifPresent(ReadingLimits.VOLTS::check);
  }

  /**
   * As evidence; empty between the limits, where nobody can tell a charge that was not full from a
   * battery that does not hold it.
   *
   * @param series 0.5, 1 or 2 for 6, 12 or 24 V
   */
  public Optional<Evidence> evidence(double series) {
    double last = again.orElse(volts) / series;
    if (last >= HOLDS_VOLTS) {
      return held("holds");
    }
    if (last > FALLEN_VOLTS) {
      return Optional.empty();
    }
    return held(again.isPresent() && volts / series <= FALLEN_VOLTS ? "falls_twice" : "falls");
  }

  private static Optional<Evidence> held(String outcome) {
    return Optional.of(new Evidence(ReadingKind.AFTER_CHARGE, outcome));
  }
}
