package org.fermix.core.label;

import org.fermix.core.quantity.Check;
import org.fermix.core.rating.CrankingTest;

/**
 * A printed cranking figure with the test it belongs to.
 *
 * @param amps 1 to 3,000 A
 */
public record CrankingRating(double amps, CrankingTest test) {
  /** No label prints less (A). */
  public static final double LEAST_A = 1;

  /** No label prints more (A). */
  public static final double MOST_A = 3000;

  /** Refuses figures no battery has. */
  public CrankingRating {
    Check.within(test.label(), amps, LEAST_A, MOST_A, "A");
  }

  /** A rating by SAE J537. */
  public static CrankingRating cca(double amps) {
    return new CrankingRating(amps, CrankingTest.COLD_CRANKING);
  }
}
