package org.fermix.core.label;

import java.util.Optional;
import org.fermix.core.quantity.Check;
import org.fermix.core.quantity.Limits;
import org.fermix.core.quantity.Unit;

/**
 * A battery in the line-up.
 *
 * @param letter its identity everywhere: "0" for today's battery, then A, B, C …
 * @param ageYears years in service when the comparison starts, 0 to 30
 * @param measuredShare share of its rated cold cranking amps that a test found, 0.2 to 1.5; empty
 *     where only the age is known
 */
public record Candidate(
    String letter, Label label, double ageYears, Optional<Double> measuredShare) {
  /** Years in service. */
  public static final Limits AGE = new Limits("age", 0, 30, Unit.YEAR);

  /** The letter of the battery that is fitted now. */
  public static final String TODAY = "0";

  /** Refuses ages no battery reaches. */
  public Candidate {
    Check.filled("letter", letter);
    AGE.check(ageYears);
    measuredShare.ifPresent(
        share -> Check.within("measured share of cranking amps", share, 0.2, 1.5, ""));
  }

  /** A battery nobody has tested. */
  public Candidate(String letter, Label label, double ageYears) {
    this(letter, label, ageYears, Optional.empty());
  }

  /** True for the battery that is fitted now: the baseline, not for sale. */
  public boolean isToday() {
    return letter.equals(TODAY);
  }
}
