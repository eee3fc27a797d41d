package org.fermix.core.quantity;

import org.apache.commons.numbers.gamma.Erfc;
import org.apache.commons.numbers.gamma.InverseErfc;

/** The normal law, of one and of two variables. */
public final class Normal {
  private static final double ROOT_TWO = Math.sqrt(2);

  /** Gauss–Legendre nodes and weights on (−1, 1), six points; positive half. */
  private static final double[] NODES = {0.932469514203152, 0.661209386466265, 0.238619186083197};

  private static final double[] WEIGHTS = {0.171324492379170, 0.360761573048139, 0.467913934572691};

  private static final double[] ARCSINE = {
    1.5707963050, -0.2145988016, 0.0889789874, -0.0501743046,
    0.0308918810, -0.0170881256, 0.0066700901, -0.0012624911
  };

  /** Read off from here on; below, the chance is too small to be read off. */
  private static final double TABLE_FROM = -4;

  /** From here on it is certain to sixteen digits. */
  private static final double TABLE_TO = 8.5;

  private static final int PER_UNIT = 64;
  private static final int CELLS = (int) ((TABLE_TO - TABLE_FROM) * PER_UNIT);

  /** Cubic polynomials that meet the law and its density at every node. */
  private static final double[] CUBICS = cubics();

  private Normal() {}

  /**
   * Chance that a standard normal number is below x (1). Read off a table of cubics between the
   * exact values, which is off by 1e-10 at most: it is asked for millions of times.
   */
  public static double cumulative(double x) {
    double place = (x - TABLE_FROM) * PER_UNIT;
    int cell = (int) place;
    if (cell >= CELLS) {
      return 1;
    }
    if (!(place >= 0)) {
      return exact(x);
    }
    double t = place - cell;
    int at = 4 * cell;
    return CUBICS[at] + t * (CUBICS[at + 1] + t * (CUBICS[at + 2] + t * CUBICS[at + 3]));
  }

  private static double exact(double x) {
    return 0.5 * Erfc.value(-x / ROOT_TWO);
  }

  /** Hermite's cubics over each cell. */
  private static double[] cubics() {
    double[] all = new double[4 * CELLS];
    for (int cell = 0; cell < CELLS; cell++) {
      double x = cell / (double) PER_UNIT + TABLE_FROM;
      double next = (cell + 1) / (double) PER_UNIT + TABLE_FROM;
      double rise = exact(next) - exact(x);
      double slope = Math.exp(-0.5 * x * x) / Math.sqrt(2 * Math.PI) / PER_UNIT;
      double nextSlope = Math.exp(-0.5 * next * next) / Math.sqrt(2 * Math.PI) / PER_UNIT;
      all[4 * cell] = exact(x);
      all[4 * cell + 1] = slope;
      all[4 * cell + 2] = 3 * rise - 2 * slope - nextSlope;
      all[4 * cell + 3] = slope + nextSlope - 2 * rise;
    }
    return all;
  }

  /**
   * The standard normal number below which it is with a chance; the inverse of {@link #cumulative}.
   *
   * @param chance 0 to 1; infinite at the ends
   */
  public static double inverse(double chance) {
    return -ROOT_TWO * InverseErfc.value(2 * chance);
  }

  /**
   * Chance that two standard normal numbers are below x and y (1), by Gauss–Legendre quadrature of
   * Plackett's formula over the angle whose sine is the correlation (Z. Drezner, G. O. Wesolowsky,
   * J. Statist. Comput. Simul. 35, 1990).
   *
   * @param correlation −0.99 to 0.99; beyond, the ends hold
   */
  public static double cumulative(double x, double y, double correlation) {
    double half = 0.5 * arcsine(Math.max(-0.99, Math.min(0.99, correlation)));
    double squares = x * x + y * y;
    double sum = 0;
    for (int i = 0; i < NODES.length; i++) {
      sum +=
          WEIGHTS[i]
              * (density(half * (1 - NODES[i]), x * y, squares)
                  + density(half * (1 + NODES[i]), x * y, squares));
    }
    double both = cumulative(x) * cumulative(y) + half * sum / (2 * Math.PI);
    return Math.max(0, Math.min(1, both));
  }

  private static double density(double angle, double product, double squares) {
    double sine = Math.sin(angle);
    return Math.exp((sine * product - 0.5 * squares) / (1 - sine * sine));
  }

  /**
   * The angle of a sine, off by 2e-8 at most (Abramowitz and Stegun, 4.4.46): the library's takes
   * ten times as long as all the rest.
   */
  private static double arcsine(double sine) {
    double x = Math.abs(sine);
    double sum = 0;
    for (int i = ARCSINE.length - 1; i >= 0; i--) {
      sum = ARCSINE[i] + x * sum;
    }
    return Math.copySign(0.5 * Math.PI - Math.sqrt(1 - x) * sum, sine);
  }
}
