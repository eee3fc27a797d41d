package org.fermix.core.label;

import org.fermix.core.quantity.Check;
import org.fermix.core.rating.CrankingTest;

/**
 * A printed cranking figure with the test it belongs to.
 *
 * @param amps 1 to 3,000 A
 */
public record CrankingRating(double amps, CrankingTest test) {
  /** Refuses figures no battery has. */
  public CrankingRating {
    Check.within(test.label(), amps, 1, 3000, "A");
  }

  /** A rating by SAE J537. */
  public static CrankingRating cca(double amps) {
    return new CrankingRating(amps, CrankingTest.COLD_CRANKING);
  }
}
