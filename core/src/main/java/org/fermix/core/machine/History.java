package org.fermix.core.machine;

import org.fermix.core.quantity.Check;

/**
 * What its owner has seen: so many batteries used up in so many years.
 *
 * @param batteries used up, 1 to 50
 * @param years they lasted together, 0.1 to 60 y
 */
public record History(double batteries, double years) {
  /** Refuses what nobody has seen. */
  public History {
    Check.within("batteries used up", batteries, 1, 50, "");
    Check.within("years they lasted", years, 0.1, 60, "y");
  }

  /** How long one lasted on average (y). */
  public double yearsEach() {
    return years / batteries;
  }
}
