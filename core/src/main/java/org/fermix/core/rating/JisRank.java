package org.fermix.core.rating;

import java.util.Locale;
import java.util.Optional;
import org.fermix.core.quantity.Check;
import org.fermix.core.quantity.ShortPattern;

/**
 * A size code of JIS D 5301 such as 75D23L: performance rank, width-and-height class, length, side.
 * The rank is a class, not amperes: rank = √(CCA × RC) / 2.8, rounded down to steps of 2 below 50
 * and of 5 from there (formula from memory, fairly sure; edition not known).
 *
 * @param rank 1 to 400
 * @param sizeClass width and height, A to H
 * @param lengthCm case length (cm)
 * @param positiveLeft true for R codes: positive on the left seen from the long side nearest the
 *     terminals
 */
public record JisRank(int rank, char sizeClass, int lengthCm, boolean positiveLeft) {
  private static final ShortPattern CODE = ShortPattern.of("(\\d{2,3})([A-H])(\\d{2})([LR])", 7);

  /** Reads a code; empty when the text is none. */
  public static Optional<JisRank> parse(String code) {
    return CODE.match(code.strip().toUpperCase(Locale.ROOT))
        .map(
            match ->
                new JisRank(
                    Integer.parseInt(match.group(1)),
                    match.group(2).charAt(0),
                    Integer.parseInt(match.group(3)),
                    match.group(4).equals("R")));
  }

  /** The exact rank of two ratings, before rounding to a class (1). */
  public static double exact(double coldCrankingAmps, double reserveMinutes) {
    Check.within("cold cranking amps", coldCrankingAmps, 1, 3000, "A");
    Check.within("reserve capacity", reserveMinutes, 1, 2000, "min");
    return Math.sqrt(coldCrankingAmps * reserveMinutes) / 2.8;
  }

  /** The class printed for two ratings. */
  public static int printed(double coldCrankingAmps, double reserveMinutes) {
    double exact = exact(coldCrankingAmps, reserveMinutes);
    int step = exact < 50 ? 2 : 5;
    return (int) (Math.floor(exact / step) * step);
  }

  /** Cold cranking amps that belong to this rank when the reserve capacity is known (A). */
  public double coldCrankingAmps(double reserveMinutes) {
    Check.within("reserve capacity", reserveMinutes, 1, 2000, "min");
    return Math.pow(2.8 * rank, 2) / reserveMinutes;
  }
}
