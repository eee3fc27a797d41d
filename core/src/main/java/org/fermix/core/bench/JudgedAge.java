package org.fermix.core.bench;

import java.util.Optional;
import org.fermix.core.quantity.Limits;
import org.fermix.core.quantity.Unit;

/**
 * How old the candidates are when they are judged.
 *
 * @param yearsOn years after fitting, 0 to 20 y; empty for the age every page judges at: two years,
 *     half of a battery's own life or the years kept, whichever comes first
 */
public record JudgedAge(Optional<Double> yearsOn) {
  /** Years a battery is judged at. */
  public static final Limits YEARS_ON = new Limits("years on", 0, 20, Unit.YEAR);

  /** Old enough that a battery's early years are behind it, young enough to speak of it (y). */
  public static final double USUAL_YEARS = 2;

  private static final double USUAL_SHARE_OF_LIFE = 0.5;

  /** The age every page judges at. */
  public static final JudgedAge USUAL = new JudgedAge(Optional.empty());

  /** As they are bought. */
  public static final JudgedAge NEW = after(0);

  /** Refuses ages that are not asked about. */
  public JudgedAge {
    yearsOn.ifPresent(years -> YEARS_ON.check(years));
  }

  /** Some years after fitting. */
  public static JudgedAge after(double years) {
    return new JudgedAge(Optional.of(years));
  }

  /** True when each is judged at the age every page judges at. */
  public boolean isUsual() {
    return yearsOn.isEmpty();
  }

  /** Years a new battery is in service when it is judged (y). */
  double years(double lifeYears, double yearsKept) {
    return yearsOn.orElse(
        Math.min(USUAL_YEARS, Math.min(USUAL_SHARE_OF_LIFE * lifeYears, yearsKept)));
  }
}
