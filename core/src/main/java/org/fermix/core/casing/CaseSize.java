package org.fermix.core.casing;

import org.fermix.core.quantity.Limits;
import org.fermix.core.quantity.Unit;

/**
 * Length, width and height of a case or of the space for one (mm); height includes terminals. Each
 * from 20 to 1,000 mm.
 */
public record CaseSize(double lengthMm, double widthMm, double heightMm) {
  /** Of any side. */
  public static final Limits SIDE =
      new Limits("length, width or height", 20, 1000, Unit.MILLIMETRE);

  /** Refuses sizes no battery has. */
  public CaseSize {
    SIDE.check(lengthMm);
    SIDE.check(widthMm);
    SIDE.check(heightMm);
  }

  /** Outer volume (l). */
  public double litres() {
    return lengthMm * widthMm * heightMm / 1e6;
  }
}
