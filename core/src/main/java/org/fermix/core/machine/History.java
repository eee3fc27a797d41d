package org.fermix.core.machine;

import org.fermix.core.quantity.Limits;
import org.fermix.core.quantity.Unit;

/**
 * What its owner has seen: so many batteries used up in so many years.
 *
 * @param batteries used up, 1 to 50
 * @param years they lasted together, 0.1 to 60 y
 */
public record History(double batteries, double years) {
  /** Batteries used up. */
  public static final Limits BATTERIES = new Limits("batteries used up", 1, 50, Unit.COUNT);

  /** Years they lasted together. */
  public static final Limits YEARS = new Limits("years they lasted", 0.1, 60, Unit.YEAR);

  /** Refuses what nobody has seen. */
  public History {
    BATTERIES.check(batteries);
    YEARS.check(years);
  }

  /** How long one lasted on average (y). */
  public double yearsEach() {
    return years / batteries;
  }
}
