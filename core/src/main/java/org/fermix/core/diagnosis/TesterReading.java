package org.fermix.core.diagnosis;

import java.util.Optional;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.label.CrankingRating;
import org.fermix.core.quantity.Check;
import org.fermix.core.rating.CrankingTest;

/**
 * Cranking amps shown by an electronic tester, which was told a rating and its test: the figure set
 * on it is part of the result. A healthy new battery shows its rating or more.
 *
 * @param shownAmps 0 to 5,000 A
 * @param setAmps rating set on the tester, 1 to 3,000 A
 * @param setTest test of that rating
 * @param charge of the battery then, 0 to 1
 */
public record TesterReading(double shownAmps, double setAmps, CrankingTest setTest, double charge) {
  /**
   * How much more than its true share of the rating a tester shows (1): it takes about 3 V for the
   * product of resistance and cranking amps, lead batteries have 2.3 to 2.8. Engineering estimate.
   */
  public static final double SHOWS_MORE = 1.16;

  /** From this share of the rating up it is good (1); testers' usual limits, from memory. */
  public static final double GOOD = 0.85;

  /** Below this share it is to be replaced (1): handbook 0.70 to 0.75. */
  public static final double BAD = 0.70;

  /** Refuses what cannot be. */
  public TesterReading {
    ReadingLimits.SHOWN.check(shownAmps);
    CrankingRating.AMPS.check(setAmps);
    Check.within("charge", charge, 0, 1, "");
  }

  /** Share of the rating it shows (1). */
  public double share() {
    return shownAmps / setAmps;
  }

  /**
   * Share of the label's own rating that is left, the tester's bias taken off (1): of what it was
   * set to where no label is known.
   *
   * @param whenNew the circuit its label stands for
   */
  public double trueShare(Optional<BatteryCircuit> whenNew) {
    double rated = whenNew.map(circuit -> circuit.ratedAmps(setTest)).orElse(setAmps);
    return shownAmps / SHOWS_MORE / rated;
  }

  /** As evidence; empty below three quarters charge, which must be made good first. */
  public Optional<Evidence> evidence() {
    if (charge < LoadTest.LEAST_CHARGE) {
      return Optional.empty();
    }
    String outcome = share() >= GOOD ? "good" : share() >= BAD ? "weak" : "bad";
    return Optional.of(new Evidence(ReadingKind.TESTER, outcome));
  }
}
