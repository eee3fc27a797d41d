package org.fermix.core.label;

import org.fermix.core.quantity.Check;

/**
 * A battery in the line-up.
 *
 * @param letter its identity everywhere: "0" for today's battery, then A, B, C …
 * @param ageYears years in service when the comparison starts, 0 to 30
 */
public record Candidate(String letter, Label label, double ageYears) {
  /** The letter of the battery that is fitted now. */
  public static final String TODAY = "0";

  /** Refuses ages no battery reaches. */
  public Candidate {
    Check.filled("letter", letter);
    Check.within("age", ageYears, 0, 30, "years");
  }

  /** True for the battery that is fitted now: the baseline, not for sale. */
  public boolean isToday() {
    return letter.equals(TODAY);
  }
}
