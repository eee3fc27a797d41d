package org.fermix.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.hipparchus.distribution.continuous.NormalDistribution;
import org.junit.jupiter.api.Test;

/** The normal laws against a general library and against plain integration. */
class NormalTest {
  @Test
  void oneVariable() {
    NormalDistribution library = new NormalDistribution();
    for (double x = -6; x <= 6; x += 0.37) {
      assertThat(Normal.cumulative(x)).isCloseTo(library.cumulativeProbability(x), within(1e-10));
      assertThat(Normal.inverse(Normal.cumulative(x))).isCloseTo(x, within(1e-6));
    }
  }

  /** Φ₂ by the trapezoid rule over one variable, the other in closed form. */
  @Test
  void twoVariables() {
    for (double x = -2; x <= 3; x += 1.25) {
      for (double y = -2; y <= 3; y += 1.25) {
        for (double correlation = -0.8; correlation < 0.95; correlation += 0.3) {
          double sum = 0;
          double step = 0.002;
          for (double u = -8; u < x; u += step) {
            double middle = u + 0.5 * Math.min(step, x - u);
            sum +=
                Math.min(step, x - u)
                    * Math.exp(-0.5 * middle * middle)
                    / Math.sqrt(2 * Math.PI)
                    * Normal.cumulative(
                        (y - correlation * middle) / Math.sqrt(1 - correlation * correlation));
          }
          assertThat(Normal.cumulative(x, y, correlation))
              .as(x + " " + y + " " + correlation)
              .isCloseTo(sum, within(2e-3));
        }
      }
    }
  }
}
