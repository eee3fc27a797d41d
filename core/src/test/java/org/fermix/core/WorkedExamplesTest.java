package org.fermix.core;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.cost.YearlyCost;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.electrical.ChargeState;
import org.fermix.core.label.CrankingRating;
import org.fermix.core.life.LifeEstimate;
import org.fermix.core.reserve.Peukert;
import org.fermix.core.storage.Parking;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Hand-worked examples in textbook arithmetic, numbered as in the colleagues' list. */
class WorkedExamplesTest {
  /** 8: RC 90 min and k = 1.20 give I₂₀ = 2.8873 A, C₂₀ = 57.75 Ah; k 1.10 47.46; k 1.30 68.18. */
  @ParameterizedTest
  @CsvSource({"1.20, 57.75", "1.10, 47.46", "1.30, 68.18"})
  void twentyHourCapacityFromReserve(double exponent, double ampHours) {
    Peukert law = new Peukert(exponent, 25, 1.5);
    double twentyHourAmps = 25 * Math.pow(1.5 / 20, 1 / exponent);
    assertThat(law.hoursAt(twentyHourAmps)).isCloseTo(20, within(1e-9));
    assertThat(law.ampHoursAt(twentyHourAmps)).isCloseTo(ampHours, within(0.005));
  }

  /** 9: 100 Ah, k = 1.15, 96 W at 12 V is 8 A: 11.6491 h in full, 5.8245 h to half. */
  @Test
  void engineOffRuntime() {
    Peukert law = Peukert.assumed(100, 1.15);
    assertThat(law.hoursAt(96 / 12.0)).isCloseTo(11.6491, within(1e-4));
    assertThat(0.5 * law.hoursAt(8)).isCloseTo(5.8245, within(1e-4));
    assertThat(Peukert.assumed(100, 1).hoursAt(8) / 2).isCloseTo(6.25, within(1e-9));
  }

  /** 11, linear part: 30 Ah at 1.28 Ah a day is 23.4375 d. */
  @Test
  void carToHalfChargeLinearly() {
    assertThat(new Parking(0, (0.05 * 24 + 60 * 0.04 / 30) / 60).days(1, 0.5))
        .isCloseTo(23.4375, within(1e-4));
  }

  /** 12: 8 Ah, 100 to 40 %, 3 mA and 3 % a month: 60.0 d. */
  @Test
  void motorcycleToFortyPerCent() {
    assertThat(new Parking(0, (0.003 * 24 + 8 * 0.03 / 30) / 8).days(1, 0.4))
        .isCloseTo(60, within(1e-6));
  }

  /** 19: 180 for 100 Ah at 50 % and 400 cycles is 0.0090 an Ah; 600, 80 %, 3000 is 0.0025. */
  @Test
  void costOfAnAmpHour() {
    double lead = YearlyCost.perAmpHourCycled(180, 100, 0.5, 400);
    double lithium = YearlyCost.perAmpHourCycled(600, 100, 0.8, 3000);
    assertThat(lead).isCloseTo(0.0090, within(1e-9));
    assertThat(lithium).isCloseTo(0.0025, within(1e-9));
    assertThat(lead / lithium).isCloseTo(3.6, within(1e-9));
  }

  /** Arithmetic: 1 mA for 30 days is 0.72 Ah; 32 Ah at the 20-hour rate is 1.6 A. */
  @Test
  void milliampsOverAMonthAndTheTwentyHourRate() {
    Parking parking = new Parking(0, 0.001 * 24 / 72);
    assertThat(72 * (1 - parking.chargeAfter(1, 30))).isCloseTo(0.72, within(1e-9));
    assertThat(Peukert.assumed(32, 1.1).amps()).isCloseTo(1.6, within(1e-12));
  }

  /**
   * Custom, no source: charge multiplies lead's crank at −18 °C; 75 % leaves 0.85 (estimate, 0.1
   * allowed), by the rating test itself. At half charge the estimate says 0.65, our circuit 0.48: a
   * known disagreement, ours the more cautious, written down in docs/model.md.
   */
  @Test
  void emptierLeadCranksLess() {
    BatteryCircuit battery = Examples.circuit("flooded", 60, 15, 540);
    assertThat(ampsTo(battery, 0.75) / 540).isCloseTo(0.85, within(0.1));
    assertThat(ampsTo(battery, 0.5) / 540).isBetween(0.45, 0.65);
  }

  private static double ampsTo(BatteryCircuit battery, double charge) {
    double amps = 540;
    while (lowestVolts(battery, charge, amps) < 7.2) {
      amps -= 2;
    }
    return amps;
  }

  private static double lowestVolts(BatteryCircuit battery, double charge, double amps) {
    ChargeState state = ChargeState.rested(charge, -18);
    double lowest = battery.volts(state, amps);
    for (int halfSecond = 0; halfSecond < 60; halfSecond++) {
      state = battery.afterWarming(state, amps, 0.5);
      lowest = Math.min(lowest, battery.volts(state, amps));
    }
    return lowest;
  }

  /**
   * Slow-rate capacity of lead in the cold: 80 to 85 % at 0 °C, 60 to 75 % at −18 °C (common
   * practice, no source; the band is widened by 5 points for AGM).
   */
  @ParameterizedTest
  @CsvSource({"flooded, 0, 0.78, 0.88", "agm, 0, 0.78, 0.90", "flooded, -18, 0.58, 0.75"})
  void coldLeadHoldsLess(String chemistry, double temperatureC, double low, double high) {
    BatteryCircuit battery = Examples.circuit(chemistry, 60, 16, 540);
    double hours =
        org.fermix.core.reserve.EngineOff.hours(
            battery, ChargeState.rested(1, temperatureC), 3, 0, 10.5);
    assertThat(hours / 20).isBetween(low, high);
  }

  /** Warmer is never longer-lived, deeper never either; textbook shapes, all chemistries. */
  @Test
  void heatAndDepthNeverLengthenLife() {
    for (Chemistry chemistry : Chemistry.all()) {
      double before = Double.MAX_VALUE;
      for (double temperatureC = 10; temperatureC <= 50; temperatureC += 5) {
        double years = LifeEstimate.of(chemistry, temperatureC, 2, 20, 0.2).years();
        assertThat(years).isPositive().isLessThanOrEqualTo(before);
        before = years;
      }
      assertThat(LifeEstimate.of(chemistry, 25, 2, 50, 0.8).years())
          .isLessThan(LifeEstimate.of(chemistry, 25, 2, 50, 0.2).years());
    }
  }

  @Test
  void circuitsThatCannotBeAreRefusedByName() {
    assertThatIllegalArgumentException()
        .isThrownBy(
            () ->
                BatteryCircuit.calibrated(Chemistry.of("agm"), 1, -1, 10, CrankingRating.cca(500)))
        .withMessageContaining("capacity must be from 0.5 to 1000 Ah");
    assertThatIllegalArgumentException()
        .isThrownBy(() -> Examples.circuit("agm", 70, 20, 700).worn(1.2))
        .withMessageContaining("health must be from 0.3 to 1");
  }
}
