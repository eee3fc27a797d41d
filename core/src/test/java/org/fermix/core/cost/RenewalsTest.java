package org.fermix.core.cost;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.apache.commons.numbers.gamma.LogGamma;
import org.junit.jupiter.api.Test;

/** Batteries bought over the years, against drawn lives. */
class RenewalsTest {
  private static final int OWNERS = 40_000;

  /** Weibull lives drawn one after the other, the mean life itself uncertain: within 2 %. */
  @Test
  void drawnLivesAreBoughtAsOften() {
    RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(12);
    for (double life : new double[] {2.5, 4.5, 7, 12}) {
      for (double shape : new double[] {3.2, 2.2}) {
        for (double years : new double[] {3, 6, 12}) {
          for (double sigma : new double[] {0, 0.35}) {
            double gamma = Math.exp(LogGamma.value(1 + 1 / shape));
            long bought = 0;
            for (int i = 0; i < OWNERS; i++) {
              double scale = life * Math.exp(sigma * random.nextGaussian()) / gamma;
              double at = 0;
              while (at < years) {
                bought++;
                at += scale * Math.pow(-Math.log(1 - random.nextDouble()), 1 / shape);
              }
            }
            double counted = bought / (double) OWNERS;
            assertThat(new Renewals(life, shape, sigma).boughtBy(years))
                .as(life + " y, " + shape + ", " + years + " y, " + sigma)
                .isCloseTo(counted, within(0.02 * counted));
          }
        }
      }
    }
  }

  /** Who keeps the battery pays for the life used alone: price over life (Wald's identity). */
  @Test
  void aKeptBatteryCostsItsLifeUsed() {
    Ownership kept =
        new Ownership(100, List.of(), new Renewals(5, 3.2, 0), 8, 0, Ownership.Rest.IS_KEPT);
    assertThat(kept.perYear()).isCloseTo(20, within(1e-9));
    Ownership lost = Ownership.plain(100, new Renewals(5, 3.2, 0), 8);
    assertThat(lost.perYear()).isGreaterThan(kept.perYear());
  }

  /** Neither long- nor short-lived batteries are credited what the other is not. */
  @Test
  void longAndShortLivedAreTreatedAlike() {
    for (double life = 1; life < 20; life += 0.7) {
      double neither = Ownership.plain(100, new Renewals(life, 3.2, 0), 6).perYear();
      assertThat(neither).isGreaterThanOrEqualTo(100 / Math.max(6, life) - 1e-6);
      assertThat(neither).isGreaterThanOrEqualTo(100 / life - 1e-6);
    }
  }
}
