package org.fermix.web.chart;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.junit.jupiter.api.Test;

/** Scale, ticks, path and labels. */
class ChartTest {
  @Test
  void scalesPlaceAndStopAtTheirEnds() {
    Scale scale = Scale.across(20, -45);
    assertThat(scale.at(20)).isEqualTo("0.00%");
    assertThat(scale.at(-45)).isEqualTo("100.00%");
    assertThat(scale.at(-60)).isEqualTo("100.00%");
    assertThat(scale.holds(-60)).isFalse();
    assertThat(Scale.acrossLog(1, 100).at(10)).isEqualTo("50.00%");
    Scale up = Scale.pixels(0, 10, 200, 0);
    assertThat(up.at(2.5)).isEqualTo("150.0");
  }

  @Test
  void stepsAreOnesTwosAndFives() {
    assertThat(Ticks.step(1, 8)).isCloseTo(0.2, within(1e-12));
    assertThat(Ticks.step(8, 8)).isEqualTo(1);
    assertThat(Ticks.step(9, 8)).isEqualTo(2);
    assertThat(Ticks.step(95, 5)).isEqualTo(20);
    assertThat(Ticks.step(3000, 5)).isEqualTo(1000);
    for (double span = 0.01; span < 1e4; span *= 1.37) {
      assertThat(span / Ticks.step(span, 6)).isBetween(2.0, 6.0001);
    }
  }

  @Test
  void ticksReachBothEndsWhicheverWayTheyRun() {
    assertThat(Ticks.every(Scale.across(20, -45), 20, -40, 10, Double::toString))
        .extracting(Ticks.Tick::label)
        .containsExactly("20.0", "10.0", "0.0", "-10.0", "-20.0", "-30.0", "-40.0");
    assertThat(Ticks.every(Scale.across(0, 1), 0, 0.6, 0.2, Double::toString)).hasSize(4);
  }

  @Test
  void pathsAreWrittenPlainly() {
    assertThat(new Path().to(1, 2).to(3.25, 4).step(5, 6)).hasToString("M1.0 2.0L3.3 4.0H5.0V6.0");
    assertThat(new Path().to(0, 10).level(5, 15, 20, 10, 30))
        .hasToString("M0.0 10.0C5.0 10.0 15.0 30.0 20.0 30.0");
  }

  /** However they fall, no two labels of a row overlap, and none is moved without need. */
  @Test
  void labelsNeverStandOnEachOther() {
    RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(5);
    for (int run = 0; run < 200; run++) {
      double[] wished = random.doubles(random.nextInt(1, 12), 0, 100).map(Math::rint).toArray();
      double width = random.nextDouble(1, 12);
      int[] rows = Labels.rows(wished, width);
      double[] apart = Labels.apart(wished, width);
      for (int i = 0; i < wished.length; i++) {
        assertThat(apart[i]).isGreaterThanOrEqualTo(wished[i]);
        for (int k = 0; k < i; k++) {
          assertThat(Math.abs(apart[i] - apart[k])).isGreaterThanOrEqualTo(width - 1e-9);
          assertThat(rows[i] == rows[k] && Math.abs(wished[i] - wished[k]) < width).isFalse();
        }
      }
    }
    assertThat(Labels.rows(new double[] {50, 10, 90}, 5)).containsOnly(0);
    assertThat(Arrays.stream(Labels.apart(new double[] {50, 10, 90}, 5)).boxed())
        .containsExactly(50.0, 10.0, 90.0);
  }

  @Test
  void aFileCarriesItsColours() {
    assertThat(
            Drawings.standAlone(
                ":root { --ink: #123; --on-ink: #fff; } @media x { :root { --ink: #eee; } }",
                "svg { fill: var(--ink); stroke: var(--on-ink); font: var(--font-sans) }"))
        .isEqualTo("svg { fill: #123; stroke: #fff; font: Overpass, sans-serif }");
  }
}
