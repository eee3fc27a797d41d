package org.fermix.core.life;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.chemistry.Plates;
import org.fermix.core.cost.Ownership;
import org.junit.jupiter.api.Test;

class LifeAndCostReferenceTest {
  /** Handbook rule: life halves every 8 to 10 K above 25 °C; 6 years become 2.8 and 1.3. */
  @Test
  void lifeHalvesWithHeat() {
    assertThat(calendar(25)).isCloseTo(6.0, within(0.01));
    assertThat(calendar(35)).isCloseTo(2.8, within(0.05));
    assertThat(calendar(45)).isCloseTo(1.3, within(0.05));
  }

  private static double calendar(double temperatureC) {
    return life("flooded", temperatureC, 0, 0).calendarYears();
  }

  /** Common practice, no source: flooded 3–6, EFB 4–7, AGM 4–8, LFP 5–12 years in starting use. */
  @Test
  void livesLieWhereTheTradeSeesThem() {
    assertThat(inUse("flooded")).isBetween(3.0, 6.0);
    assertThat(inUse("efb")).isBetween(4.0, 7.0);
    assertThat(inUse("agm")).isBetween(4.0, 8.0);
    assertThat(inUse("lfp")).isBetween(5.0, 12.0);
  }

  private static double inUse(String chemistry) {
    return life(chemistry, 25, 20, 0.15).years();
  }

  @Test
  void olderIsNeverHealthier() {
    LifeEstimate life = life("agm", 25, 0, 0);
    assertThat(life.healthAt(0)).isEqualTo(1);
    assertThat(life.healthAt(life.years())).isCloseTo(0.8, within(1e-9));
    for (double age = 0; age < 20; age += 0.5) {
      assertThat(life.healthAt(age + 0.5)).isLessThanOrEqualTo(life.healthAt(age));
    }
  }

  /**
   * Common practice, no source: 400 for 105 Ah and 476 cycles is 0.80 cents an ampere-hour, 1400
   * for 100 Ah and 2500 cycles 0.56; with 50 and 80 % usable 1.6 against 0.7.
   */
  @Test
  void costOfAnAmpHourCycled() {
    assertThat(100 * Ownership.perAmpHourCycled(400, 105, 1, 476)).isCloseTo(0.80, within(0.005));
    assertThat(100 * Ownership.perAmpHourCycled(1400, 100, 1, 2500)).isCloseTo(0.56, within(0.005));
    assertThat(100 * Ownership.perAmpHourCycled(400, 105, 0.5, 476)).isCloseTo(1.6, within(0.01));
    assertThat(100 * Ownership.perAmpHourCycled(1400, 100, 0.8, 2500))
        .isCloseTo(0.7, within(0.005));
  }

  private static LifeEstimate life(
      String chemistry, double meanC, double sessionsPerYear, double depth) {
    return LifeEstimate.of(
        Chemistry.of(chemistry).life(Plates.STANDARD),
        new LifeEstimate.Year(meanC, 2, 0.005, 0.007, sessionsPerYear, depth, 0, 0));
  }
}
