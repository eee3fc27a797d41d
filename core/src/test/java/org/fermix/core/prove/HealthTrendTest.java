package org.fermix.core.prove;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.fermix.core.quantity.Band;
import org.hipparchus.stat.regression.SimpleRegression;
import org.junit.jupiter.api.Test;

class HealthTrendTest {
  private static final LocalDate FITTED = LocalDate.of(2030, 4, 1);

  private static List<HealthTrend.Test> tests(
      double atFirst, double perYear, double sigma, int count, RandomGenerator random) {
    List<HealthTrend.Test> tests = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      LocalDate day = FITTED.plusDays(120L * i);
      tests.add(
          new HealthTrend.Test(
              day,
              atFirst + perYear * 120 * i / 365.25 + sigma * random.nextGaussian(),
              Math.max(0.005, sigma)));
    }
    return tests;
  }

  /** With many accurate tests the line is that of plain regression, whatever was expected. */
  @Test
  void manyTestsAreAPlainRegression() {
    RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(2);
    List<HealthTrend.Test> tests = tests(1.15, -0.08, 0.01, 15, random);
    HealthTrend trend = HealthTrend.of(FITTED, 3, tests);
    SimpleRegression plain = new SimpleRegression();
    for (HealthTrend.Test test : tests) {
      plain.addData(
          java.time.temporal.ChronoUnit.DAYS.between(FITTED, test.day()) / 365.25, test.share());
    }
    assertThat(trend.changePerYear()).isCloseTo(plain.getSlope(), within(0.003));
    assertThat(trend.expectedOn(FITTED.plusYears(3))).isCloseTo(plain.predict(3.0), within(0.006));
  }

  /** With none it is the life estimate: 0.70 of the rating when the expected years are over. */
  @Test
  void withoutTestsItIsTheLifeEstimate() {
    HealthTrend trend = HealthTrend.of(FITTED, 6, List.of());
    LocalDate end = trend.reaches(HealthTrend.END_SHARE).orElseThrow();
    assertThat(end).isBetween(FITTED.plusMonths(71), FITTED.plusMonths(73));
    assertThat(trend.mayReach(HealthTrend.END_SHARE).orElseThrow()).isBefore(end);
  }

  /** The band holds the truth about eight times in ten: 400 invented batteries, one seed. */
  @Test
  void theBandHoldsWhatItSays() {
    RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(8);
    int inside = 0;
    int count = 400;
    for (int i = 0; i < count; i++) {
      double atFirst = 1.1 + 0.12 * random.nextGaussian();
      double perYear = -0.4 / 6 * (1 + 0.8 * random.nextGaussian());
      HealthTrend trend = HealthTrend.of(FITTED, 6, tests(atFirst, perYear, 0.08, 4, random));
      Band band = trend.on(FITTED.plusYears(4));
      double truth = atFirst + perYear * 4;
      inside += truth >= band.low() && truth <= band.high() ? 1 : 0;
    }
    assertThat(inside / (double) count).isBetween(0.74, 0.86);
  }

  /** More tests never widen the band, and a worse one never lengthens the life. */
  @Test
  void testsNarrowAndBadNewsShortens() {
    HealthTrend.Test good = new HealthTrend.Test(FITTED.plusYears(1), 1.05, 0.08);
    HealthTrend.Test bad = new HealthTrend.Test(FITTED.plusYears(1), 0.85, 0.08);
    HealthTrend none = HealthTrend.of(FITTED, 6, List.of());
    HealthTrend one = HealthTrend.of(FITTED, 6, List.of(good));
    LocalDate later = FITTED.plusYears(3);
    assertThat(one.on(later).high() - one.on(later).low())
        .isLessThan(none.on(later).high() - none.on(later).low());
    assertThat(HealthTrend.of(FITTED, 6, List.of(bad)).reaches(0.7).orElseThrow())
        .isBefore(one.reaches(0.7).orElseThrow());
  }

  @Test
  void testsBeforeFittingAreRefused() {
    assertThatIllegalArgumentException()
        .isThrownBy(
            () ->
                HealthTrend.of(
                    FITTED, 6, List.of(new HealthTrend.Test(FITTED.minusDays(1), 1, 0.08))))
        .withMessageContaining("before the battery was fitted");
  }
}
