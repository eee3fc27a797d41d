package org.fermix.core.cost;

import org.apache.commons.numbers.gamma.LogGamma;
import org.fermix.core.quantity.Check;
import org.fermix.core.quantity.Normal;

/**
 * How many batteries are bought over some years, when each is replaced as it wears out: one at once
 * and the expected number of renewals. The first life follows Weibull's law, the sum of several is
 * taken as normal (renewal theory, textbook); what is uncertain of the mean life itself is averaged
 * over three values. docs/model.md, section 6, holds it against drawn lives.
 *
 * @param lifeYears mean life (y), 0.05 to 100
 * @param shape Weibull's β: how closely lives of one kind lie together, 1 to 200
 * @param sigma standard deviation of ln(mean life) as it is known, 0 to 1
 */
public record Renewals(double lifeYears, double shape, double sigma) {
  private static final double[] SCORES = {-Math.sqrt(3), 0, Math.sqrt(3)};
  private static final double[] SHARES = {1.0 / 6, 2.0 / 3, 1.0 / 6};
  private static final double FARTHEST = 6;

  /** Refuses impossible lives. */
  public Renewals {
    Check.within("life", lifeYears, 0.05, 100, "y");
    Check.within("shape of lives", shape, 1, 200, "");
    Check.within("spread of the life", sigma, 0, 1, "");
  }

  /** Batteries bought within some years, the first included (1). */
  public double boughtBy(double years) {
    return weighed(years, 0);
  }

  /**
   * The same, each weighed by what it costs today.
   *
   * @param discountPerYear interest, 0 to 0.5
   */
  public double discountedBy(double years, double discountPerYear) {
    return weighed(years, discountPerYear);
  }

  private double weighed(double years, double discount) {
    double gamma = Math.exp(LogGamma.value(1 + 1 / shape));
    double variation =
        Math.sqrt(Math.max(0, Math.exp(LogGamma.value(1 + 2 / shape)) / (gamma * gamma) - 1));
    double sum = 1;
    for (int i = 0; i < SCORES.length; i++) {
      double life = lifeYears * Math.exp(sigma * SCORES[i]);
      double first =
          -Math.expm1(-Math.pow(gamma * years / life, shape)) * Math.pow(1 + discount, -life);
      sum += SHARES[i] * (first + later(years, life, variation, discount));
    }
    return sum;
  }

  private static double later(double years, double life, double variation, double discount) {
    double sum = 0;
    for (int k = 2; ; k++) {
      double score = (years - k * life) / (variation * life * Math.sqrt(k));
      if (score < -FARTHEST) {
        return sum;
      }
      sum += Normal.cumulative(score) * Math.pow(1 + discount, -k * life);
    }
  }
}
