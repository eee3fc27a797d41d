package org.fermix.core.bench;

import java.util.Optional;
import org.fermix.core.quantity.Limits;
import org.fermix.core.quantity.Unit;

/**
 * How old the candidates are when they are judged.
 *
 * @param yearsOn years after fitting, 0 to 20 y; empty for the end of the years kept, or of a
 *     battery's own life where that comes first
 */
public record JudgedAge(Optional<Double> yearsOn) {
  /** Years a battery is judged at. */
  public static final Limits YEARS_ON = new Limits("years on", 0, 20, Unit.YEAR);

  /** At the end of the years kept or of its life, whichever comes first. */
  public static final JudgedAge END = new JudgedAge(Optional.empty());

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

  /** True when each is judged at its own end. */
  public boolean isEnd() {
    return yearsOn.isEmpty();
  }

  /** Years a new battery is in service when it is judged (y). */
  double years(double lifeYears, double yearsKept) {
    return yearsOn.orElse(Math.min(lifeYears, yearsKept));
  }
}
