package org.fermix.core.diagnosis;

import org.fermix.core.quantity.Check;

/**
 * Age against the life expected in this use.
 *
 * @param years in service, 0 to 40 y
 * @param expectedYears from the life estimate, 0.1 to 60 y
 */
public record ServiceAge(double years, double expectedYears) {
  /** Shortest expected life that is told apart (y): of a battery a lay-up kills, one winter's. */
  public static final double LEAST_EXPECTED = 0.1;

  private static final double MIDDLE_FROM = 0.5;

  /** Refuses what cannot be. */
  public ServiceAge {
    Check.within("age", years, 0, 40, "y");
    Check.within("expected life", expectedYears, LEAST_EXPECTED, 60, "y");
  }

  /** As evidence. */
  public Evidence evidence() {
    double share = years / expectedYears;
    return new Evidence(
        ReadingKind.AGE, share < MIDDLE_FROM ? "young" : share < 1 ? "middle" : "old");
  }
}
