package org.fermix.core;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.fermix.core.charging.ChargeTime;
import org.fermix.core.charging.Compensation;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.chemistry.Hydrometer;
import org.fermix.core.chemistry.Plates;
import org.fermix.core.cost.Ownership;
import org.fermix.core.cost.Renewals;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.electrical.ChargeState;
import org.fermix.core.fit.Restraint;
import org.fermix.core.fit.WeightAndBalance;
import org.fermix.core.label.CrankingRating;
import org.fermix.core.life.LifeEstimate;
import org.fermix.core.reserve.EssentialLoad;
import org.fermix.core.reserve.HouseBank;
import org.fermix.core.reserve.Peukert;
import org.fermix.core.reserve.RatedCapacity;
import org.fermix.core.storage.Drain;
import org.fermix.core.storage.Parking;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Hand-worked examples in textbook arithmetic, by numbers of their own. */
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
    double lead = Ownership.perAmpHourCycled(180, 100, 0.5, 400);
    double lithium = Ownership.perAmpHourCycled(600, 100, 0.8, 3000);
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

  private static double life(
      Chemistry chemistry, double meanC, double sessionsPerYear, double depth) {
    return LifeEstimate.of(
            chemistry.life(Plates.STANDARD),
            new LifeEstimate.Year(meanC, 2, 0.01, 0.005, sessionsPerYear, depth, 0, 0))
        .years();
  }

  /** Warmer is never longer-lived, deeper never either; textbook shapes, all chemistries. */
  @Test
  void heatAndDepthNeverLengthenLife() {
    for (Chemistry chemistry : Chemistry.all()) {
      double before = Double.MAX_VALUE;
      for (double temperatureC = 10; temperatureC <= 50; temperatureC += 5) {
        double years = life(chemistry, temperatureC, 20, 0.2);
        assertThat(years).isPositive().isLessThanOrEqualTo(before);
        before = years;
      }
      assertThat(life(chemistry, 25, 50, 0.8)).isLessThan(life(chemistry, 25, 50, 0.2));
    }
  }

  @Test
  void circuitsThatCannotBeAreRefusedByName() {
    assertThatIllegalArgumentException()
        .isThrownBy(
            () ->
                BatteryCircuit.calibrated(Chemistry.of("agm"), 1, -1, 10, CrankingRating.cca(500)))
        .withMessageContaining("capacity must be from 0.05 to 5000 Ah");
    assertThatIllegalArgumentException()
        .isThrownBy(() -> Examples.circuit("agm", 70, 20, 700).worn(1.2))
        .withMessageContaining("health must be from 0.2 to 1");
  }

  /**
   * 3: a 260 × 173 mm case in a 10.0 × 7.0 in tray is 6.0 mm too long with 4.8 mm of width spare.
   */
  @Test
  void aCaseAgainstATrayInInches() {
    var tray =
        new org.fermix.core.machine.Tray(
            new org.fermix.core.casing.CaseSize(10 * 25.4, 7 * 25.4, 300),
            org.fermix.core.casing.TerminalSide.RIGHT);
    var label = Examples.label("flooded", 600, 70, 100, 17, 90);
    var fit =
        org.fermix.core.fit.Fit.of(
            new org.fermix.core.label.Label(
                "x",
                label.chemistry(),
                label.cranking(),
                label.capacityAh(),
                label.reserveMinutes(),
                label.massKg(),
                new org.fermix.core.casing.CaseSize(260, 173, 225),
                org.fermix.core.casing.TerminalSide.RIGHT,
                label.price()),
            tray);
    assertThat(fit.spareLengthMm()).isCloseTo(-6.0, within(1e-9));
    assertThat(fit.spareWidthMm()).isCloseTo(4.8, within(1e-9));
    assertThat(fit.goesIn()).isFalse();
  }

  /** 6: RC 120 min is 50.0 Ah at 25 A, 95 min 39.5833 Ah; not the 20-hour capacity. */
  @Test
  void reserveAsChargeAtItsOwnCurrent() {
    assertThat(RatedCapacity.ampHoursAtReserve(120)).isCloseTo(50, within(1e-9));
    assertThat(RatedCapacity.ampHoursAtReserve(95)).isCloseTo(39.5833, within(1e-4));
  }

  /** 10: RC 120 limits the drain to 30 mA, RC 90 to 22.5 mA. */
  @Test
  void drainLimits() {
    assertThat(Drain.acceptedMilliamps(120)).isEqualTo(30);
    assertThat(Drain.acceptedMilliamps(90)).isEqualTo(22.5);
  }

  /** 11, exponential part: 23.7883 d; and 13: 20 Ah from 90 to 20 % in 33.2278 d, linear. */
  @Test
  void daysOfCarAndLithium() {
    double lossPerDay = -Math.log(0.96) / 30;
    assertThat(new Parking(lossPerDay, 0.05 * 24 / 60).days(1, 0.5))
        .isCloseTo(23.7883, within(1e-4));
    assertThat(new Parking(0, (0.017 * 24 + 20 * 0.02 / 30) / 20).days(0.9, 0.2))
        .isCloseTo(33.2278, within(1e-4));
  }

  /** 16: 1.240 at 20 °F is 1.216 at 80 °F and 68.57 % charged. */
  @Test
  void hydrometer() {
    double corrected = Hydrometer.corrected(1.240, (20 - 32) / 1.8);
    assertThat(corrected).isCloseTo(1.216, within(1e-9));
    assertThat(Hydrometer.charge(corrected)).isCloseTo(0.6857, within(1e-4));
    assertThat(Hydrometer.restVolts(1.265)).isCloseTo(12.66, within(1e-9));
    assertThat(Hydrometer.charge(1.3)).isEqualTo(1);
  }

  /** 17: flooded at rest, 12.35 V is 63.1 % and 12.55 V 87.5 % of a table that ends at 12.65 V. */
  @Test
  void chargeFromRestVoltage() {
    Chemistry flooded = Chemistry.of("flooded");
    assertThat(flooded.chargeAtRest(12.35)).isCloseTo(0.631, within(0.001));
    // Our table ends at 12.68 V, a common alternative; the point in between moves by 4 points.
    assertThat(flooded.chargeAtRest(12.55)).isCloseTo(0.875, within(0.04));
  }

  /**
   * 18: LFP 50 Ah, 20 to 100 % at 20 A takes 2.0202 h; ours stops at 99.5 % and has a short tail.
   */
  @Test
  void lithiumChargeTime() {
    ChargeTime time = ChargeTime.of(Chemistry.of("lfp"), 50, 0.2, 0.995, 20, 14.4, 25);
    assertThat(time.hours()).isCloseTo(2.02, within(0.25));
    assertThat(time.constantHours()).isCloseTo(0.76 * 50 / 0.995 / 20, within(0.05));
  }

  /**
   * 20: twelve years at 5 %: lead 374.93, AGM 401.63, lithium 450.00; annuity 8.863252. The example
   * buys by the calendar; ours draws lives, so they are made to differ hardly at all, and the last
   * purchase day is left out.
   */
  @Test
  void presentValues() {
    assertThat(presentValue(150, 4)).isCloseTo(374.93, within(0.6));
    assertThat(presentValue(230, 6)).isCloseTo(401.63, within(0.6));
    assertThat(presentValue(450, 12)).isCloseTo(450, within(4.0));
    assertThat(Ownership.annuity(0.05, 12)).isCloseTo(8.863252, within(1e-6));
    assertThat(374.93 / Ownership.annuity(0.05, 12)).isCloseTo(42.30, within(0.005));
  }

  private static double presentValue(double price, double lifeYears) {
    return new Ownership(
            price,
            List.of(),
            new Renewals(lifeYears, 150, 0),
            11.5,
            0.05,
            Ownership.Rest.GOES_WITH_IT)
        .presentValue();
  }

  /** 21 and 22: aft battery 11 lb lighter shifts the centre 0.4799 in forward; and two more. */
  @Test
  void weightAndBalance() {
    var aft = new WeightAndBalance(1650, 38.5).exchanging(27, 110, 16, 110);
    assertThat(aft.mass()).isEqualTo(1639);
    assertThat(aft.moment()).isCloseTo(62315, within(1e-6));
    assertThat(aft.arm()).isCloseTo(38.0201, within(1e-4));
    var forward = new WeightAndBalance(1500, 40).exchanging(24, -12, 13, -12);
    assertThat(forward.arm()).isCloseTo(40.3842, within(1e-4));
    assertThat(new WeightAndBalance(1500, 40).exchanging(24, -12, 13, 130).arm())
        .isCloseTo(41.6239, within(1e-4));
  }

  /** 23: 60 Ah a day wants 180 or 240 Ah; AGM at 0 °C asks 15.00 V and is held to 14.80 V. */
  @Test
  void houseBankAndCompensation() {
    assertThat(HouseBank.ampHours(60, false)).isEqualTo(180);
    assertThat(HouseBank.ampHours(60, true)).isEqualTo(240);
    // The example uses −24 mV/K and a limit of 14.8 V; our AGM row −20 and 14.9, both in print.
    Chemistry agm = Chemistry.of("agm");
    assertThat(Compensation.volts(agm, 14.4, 0)).isCloseTo(15.0, within(0.11));
    assertThat(Compensation.volts(Chemistry.of("flooded"), 14.4, 0)).isCloseTo(15, within(1e-9));
    assertThat(Compensation.setting(agm, 14.4, 0)).isEqualTo(14.9, within(1e-9));
    assertThat(HouseBank.inverterAmps(1000)).isCloseTo(95, within(0.5));
  }

  /** 24: a 38 lb battery must stand 76 lb, a 62 lb one 90 lb (33 CFR 183.420, from memory). */
  @Test
  void restraintPull() {
    double newtonsPerPound = 0.45359237 * 9.80665;
    assertThat(Restraint.pullNewtons(38 * 0.45359237) / newtonsPerPound)
        .isCloseTo(76, within(1e-9));
    assertThat(Restraint.pullNewtons(62 * 0.45359237) / newtonsPerPound)
        .isCloseTo(90, within(1e-9));
  }

  /** 25: 24 Ah at 80 %, 28 A for 5 min then 15 A: 72.47 min. */
  @Test
  void essentialLoadEndurance() {
    var load =
        new EssentialLoad(List.of(new EssentialLoad.Phase(28, 5), new EssentialLoad.Phase(15, 0)));
    assertThat(load.minutes(24, 0.8)).isCloseTo(72.47, within(0.005));
    assertThat(
            new EssentialLoad(
                    List.of(new EssentialLoad.Phase(60, 5), new EssentialLoad.Phase(1, 0)))
                .minutes(2, 1))
        .isCloseTo(2, within(1e-9));
  }
}
