package org.fermix.core.label;

import org.fermix.core.quantity.Limits;
import org.fermix.core.quantity.Unit;
import org.fermix.core.rating.CrankingTest;

/**
 * A printed cranking figure with the test it belongs to.
 *
 * @param amps 1 to 3,000 A
 */
public record CrankingRating(double amps, CrankingTest test) {
  /** What labels print. */
  public static final Limits AMPS = new Limits("cranking rating", 1, 3000, Unit.AMPERE);

  /** Refuses figures no battery has. */
  public CrankingRating {
    AMPS.check(amps);
  }

  /** A rating by SAE J537. */
  public static CrankingRating cca(double amps) {
    return new CrankingRating(amps, CrankingTest.COLD_CRANKING);
  }
}
