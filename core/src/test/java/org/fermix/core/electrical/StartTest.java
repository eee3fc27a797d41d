package org.fermix.core.electrical;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.fermix.core.Examples;
import org.fermix.core.machine.Cable;
import org.fermix.core.machine.Engine;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The start in time, repeated tries, and warming a cold battery. */
class StartTest {
  private static final BatteryCircuit SMALL_LITHIUM = Examples.circuit("lfp", 6, 1.25, 130);
  private static final Engine TWIN = Examples.engine("motorcycle-multi", 1.2, 2, "10W-40");

  /** The steady balance is the mean of the whole start, so the quick answer stands for it. */
  @Test
  void theBalanceIsTheMeanOfTheStart() {
    Cranking cranking =
        new Cranking(
            Examples.circuit("agm", 70, 20.5, 760), Examples.engine("petrol-car", 2, 4, "5W-30"));
    StartTransient start = StartTransient.of(cranking, ChargeState.rested(1, 0), 2);
    CrankPoint quick = cranking.crank(ChargeState.rested(1, 0));
    assertThat(start.steady().currentA())
        .isCloseTo(quick.currentA(), within(0.05 * quick.currentA()));
    assertThat(start.steady().volts()).isCloseTo(quick.volts(), within(0.1));
    assertThat(start.steady().rpm()).isCloseTo(quick.rpm(), within(0.05 * quick.rpm()));
    assertThat(start.peakA()).isGreaterThan(1.7 * quick.currentA());
    assertThat(start.lowestVolts()).isLessThan(quick.volts() - 0.5);
    assertThat(start.passesFirstCompression()).isTrue();
  }

  /** Each compression shows once in the speed: counting them gives the speed back. */
  @Test
  void rippleCountsTheCompressions() {
    Cranking cranking =
        new Cranking(
            Examples.circuit("agm", 70, 20.5, 760), Examples.engine("petrol-car", 2, 4, "5W-30"));
    StartTransient start = StartTransient.of(cranking, ChargeState.rested(1, 25), 2);
    int valleys = 0;
    var trace = start.trace();
    int from = trace.size() / 2;
    for (int i = from; i < trace.size() - 1; i++) {
      if (trace.get(i).rpm() < trace.get(i - 1).rpm()
          && trace.get(i).rpm() <= trace.get(i + 1).rpm()) {
        valleys++;
      }
    }
    double turns = trace.get(trace.size() - 1).turns() - trace.get(from).turns();
    assertThat(valleys / turns).isCloseTo(2, within(0.3));
  }

  /** A single's first compression stops a starter whose battery is nearly empty and cold. */
  @Test
  void aWeakBatterySticksAtTheFirstCompression() {
    Engine single = Examples.engine("motorcycle-single", 0.45, 1, "10W-40");
    Cranking strong = new Cranking(Examples.circuit("agm", 8, 3, 120), single);
    assertThat(StartTransient.of(strong, ChargeState.rested(1, 25), 1).passesFirstCompression())
        .isTrue();
    Cranking weak = new Cranking(Examples.circuit("agm", 8, 3, 40), single);
    assertThat(StartTransient.of(weak, ChargeState.rested(0.4, -15), 1).passesFirstCompression())
        .isFalse();
  }

  /**
   * Pressure of the first compression while cranking with the throttle closed: a petrol engine of
   * 10:1 shows 7 to 11 bar on a gauge, where several strokes at full throttle show 10 to 13; a
   * diesel 15 to 28 (workshop practice, no source).
   */
  @Test
  void compressionPressureIsWhatAGaugeShows() {
    double petrol =
        Examples.engine("petrol-car", 2, 4, "5W-30").compression().peakPressurePa() / 1e5 - 1;
    double diesel =
        Examples.engine("diesel-car", 2, 4, "5W-30").compression().peakPressurePa() / 1e5 - 1;
    assertThat(petrol).isBetween(7.0, 11.0);
    assertThat(diesel).isBetween(15.0, 28.0);
  }

  /** What goes into a compression comes back: the gas takes no energy over a cycle. */
  @ParameterizedTest
  @CsvSource({
    "petrol-car, 2, 4",
    "motorcycle-single, 0.4, 1",
    "petrol-car, 3, 6",
    "petrol-car, 5, 8",
    "snowmobile, 0.6, 2",
    "petrol-car, 1.0, 3",
    "diesel-car, 2.4, 5"
  })
  void theGasTakesNoEnergyOverACycle(String type, double litres, int cylinders) {
    var gas = Examples.engine(type, litres, cylinders, "5W-30").compression();
    double work = 0;
    double most = 0;
    int steps = 7200;
    for (int i = 0; i < steps; i++) {
      double torque = gas.torque(4 * Math.PI * i / steps);
      work += torque * 4 * Math.PI / steps;
      most = Math.max(most, torque);
    }
    assertThat(Math.abs(work)).isLessThan(0.01 * most);
    assertThat(gas.torque(-1)).isCloseTo(gas.torque(4 * Math.PI - 1), within(1e-6));
  }

  /**
   * The trade's advice to try a cold lithium battery again: every try is faster than the one
   * before, and one that is too weak at first starts within a few (common practice, no source).
   */
  @Test
  void triesWarmASmallLithiumBattery() {
    Cranking cranking = new Cranking(SMALL_LITHIUM, TWIN);
    double before = 0;
    for (var each : Tries.of(cranking, ChargeState.rested(1, -15), Optional.empty(), 4).tries()) {
      assertThat(each.point().rpm()).isGreaterThan(before);
      before = each.point().rpm();
    }
    Tries until = Tries.untilItStarts(cranking, ChargeState.rested(1, -13), Optional.empty(), 6);
    assertThat(until.firstThatStarts().orElseThrow()).isBetween(2, 5);
    assertThat(until.minutesToStart()).isBetween(0.5, 3.0);
  }

  @Test
  void aLeadBatteryOnlyGetsWeaker() {
    Cranking cranking =
        new Cranking(
            Examples.circuit("flooded", 60, 15, 540), Examples.engine("petrol-car", 2, 4, "5W-30"));
    var tries = Tries.of(cranking, ChargeState.rested(1, -10), Optional.empty(), 6).tries();
    assertThat(tries.get(5).point().rpm()).isLessThan(tries.get(0).point().rpm());
    assertThat(Tries.left(cranking, ChargeState.rested(1, -10), Optional.empty()))
        .isBetween(10, 120);
    assertThat(Tries.left(cranking, ChargeState.rested(1, 20), Optional.empty()))
        .isGreaterThan(Tries.left(cranking, ChargeState.rested(0.5, -10), Optional.empty()));
  }

  /** With an 8 V cut-off the −18 °C sequence of the small pack never begins: both are reported. */
  @Test
  void protectionEndsTheTries() {
    Cranking cranking = new Cranking(SMALL_LITHIUM, TWIN);
    ChargeState cold = ChargeState.rested(1, -18);
    Protection usual = Protection.usual(SMALL_LITHIUM.chemistry(), 6, 1).orElseThrow();
    Tries guarded = Tries.of(cranking, cold, Optional.of(usual), 5);
    assertThat(guarded.tries()).hasSize(1);
    assertThat(guarded.tries().get(0).opens()).isEqualTo(Protection.Cause.LOW_VOLTS);
    assertThat(guarded.firstThatStarts()).isEmpty();
    assertThat(Tries.of(cranking, cold, Optional.empty(), 5).tries()).hasSize(5);
    assertThat(usual.opensAt(12, 0.5, 10000, 3)).isEqualTo(Protection.Cause.HIGH_CURRENT);
    assertThat(usual.opensAt(12, 0.03, 10, 0)).isEqualTo(Protection.Cause.LOW_CHARGE);
    assertThat(usual.opensAt(12, 0.5, 10, 30)).isEqualTo(Protection.Cause.NONE);
    assertThat(Protection.usual(org.fermix.core.chemistry.Chemistry.of("agm"), 60, 1)).isEmpty();
  }

  /**
   * Separate arithmetic for lights on a 6 Ah pack at −18 °C: 10 A for 5 min warms it 2.1 K for 14 %
   * of its charge; 5 s at 150 A takes it from 125 to 148 A (regression, 10 % allowed).
   */
  @Test
  void lightsWarmItLittleAndCrankingMore() {
    WarmUp lights = WarmUp.of(SMALL_LITHIUM, ChargeState.rested(1, -18), 10, 300);
    assertThat(lights.gainedK()).isCloseTo(2.1, within(0.3));
    assertThat(lights.chargeCost()).isCloseTo(0.14, within(0.005));
    assertThat(lights.currentGain()).isBetween(1.03, 1.15);
    WarmUp crank = WarmUp.of(SMALL_LITHIUM, ChargeState.rested(0.95, -18), 150, 5);
    assertThat(crank.ampsBefore()).isCloseTo(125, within(6.0));
    assertThat(crank.ampsAfter()).isCloseTo(148, within(8.0));
  }

  /**
   * Handbook 24: 0.35 V at 140 A is 2.5 mΩ. Copper 1 m of 25 mm² at 20 °C is 0.69 mΩ (IEC 60028).
   */
  @Test
  void leads() {
    assertThat(Cable.milliohmFromDrop(0.35, 140)).isCloseTo(2.5, within(1e-9));
    assertThat(Cable.milliohm(1, 25, 20)).isCloseTo(0.6896, within(1e-3));
    assertThatIllegalArgumentException()
        .isThrownBy(() -> Cable.milliohm(1, 0, 20))
        .withMessage("copper area must be from 1 to 300 mm², was 0 mm²");
  }

  /** A start of a warm 2 l petrol car takes 0.02 to 0.1 Ah (common practice, no source). */
  @Test
  void aStartTakesLittleCharge() {
    Cranking cranking =
        new Cranking(
            Examples.circuit("agm", 70, 20.5, 760), Examples.engine("petrol-car", 2, 4, "5W-30"));
    ChargeState warm = ChargeState.rested(1, 25);
    assertThat(cranking.ampHoursPerStart(cranking.crank(warm), 25)).isBetween(0.02, 0.1);
    Cranking diesel =
        new Cranking(
            Examples.circuit("agm", 70, 20.5, 760), Examples.engine("diesel-car", 2, 4, "5W-30"));
    ChargeState cold = ChargeState.rested(1, -18);
    assertThat(diesel.ampHoursPerStart(diesel.crank(cold), -18)).isBetween(0.3, 1.2);
  }
}
