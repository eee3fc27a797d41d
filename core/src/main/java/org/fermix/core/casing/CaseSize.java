package org.fermix.core.casing;

import org.fermix.core.quantity.Check;

/**
 * Length, width and height of a case or of the space for one (mm); height includes terminals. Each
 * from 20 to 1,000 mm.
 */
public record CaseSize(double lengthMm, double widthMm, double heightMm) {
  /** Refuses sizes no battery has. */
  public CaseSize {
    Check.within("length", lengthMm, 20, 1000, "mm");
    Check.within("width", widthMm, 20, 1000, "mm");
    Check.within("height", heightMm, 20, 1000, "mm");
  }

  /** Outer volume (l). */
  public double litres() {
    return lengthMm * widthMm * heightMm / 1e6;
  }
}
