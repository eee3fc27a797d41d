package org.fermix.core.quantity;

import org.apache.commons.numbers.gamma.Erfc;
import org.apache.commons.numbers.gamma.InverseErfc;

/** The normal law, of one and of two variables. */
public final class Normal {
  private static final double ROOT_TWO = Math.sqrt(2);

  /** Gauss–Legendre nodes and weights on (−1, 1), six points; positive half. */
  private static final double[] NODES = {0.932469514203152, 0.661209386466265, 0.238619186083197};

  private static final double[] WEIGHTS = {0.171324492379170, 0.360761573048139, 0.467913934572691};

  private Normal() {}

  /** Chance that a standard normal number is below x (1). */
  public static double cumulative(double x) {
    return 0.5 * Erfc.value(-x / ROOT_TWO);
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
    double half = 0.5 * Math.asin(Math.max(-0.99, Math.min(0.99, correlation)));
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
}
