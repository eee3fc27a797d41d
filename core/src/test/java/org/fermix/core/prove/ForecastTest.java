package org.fermix.core.prove;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.fermix.core.Examples;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.diagnosis.PulseTest;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Engine;
import org.fermix.core.machine.EngineClass;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.UsualNeed;
import org.fermix.core.rating.CrankingTest;
import org.junit.jupiter.api.Test;

/** What is foretold of a test before it is taken: its direction, its width, and its ends. */
class ForecastTest {
  private static final Need NEED = Examples.dieselNeed();
  private static final Label FLOODED = Examples.label("flooded", 640, 70, 112, 17, 96);
  private static final Label AGM = Examples.label("agm", 760, 70, 125, 20.5, 172);
  private static final Label LITHIUM = Examples.label("lfp", 650, 40, 95, 6.4, 420);

  private static Forecast of(ProofMeasure measure, Label label, ProofResult taken) {
    return Forecast.of(measure, NEED, label, taken).orElseThrow();
  }

  private static ProofResult at(double temperatureC) {
    return ProofResult.of(10).at(temperatureC);
  }

  @Test
  void colderIsSlowerAndLowerForEveryChemistry() {
    for (Label label : new Label[] {FLOODED, AGM, LITHIUM}) {
      double volts = Double.MAX_VALUE;
      double rpm = Double.MAX_VALUE;
      for (double temperatureC : new double[] {25, 10, 0, -10, -20}) {
        double nextVolts = of(ProofMeasure.CRANKING, label, at(temperatureC)).value();
        double nextRpm = of(ProofMeasure.SPEED, label, at(temperatureC)).value();
        assertThat(nextVolts).as(label.name() + " " + temperatureC).isLessThan(volts);
        assertThat(nextRpm).as(label.name() + " " + temperatureC).isLessThan(rpm);
        volts = nextVolts;
        rpm = nextRpm;
      }
    }
  }

  /**
   * SAE J537: at −18 °C, 30 s into its rated amps, 7.2 V; so more after the 15 s of a load. What is
   * rated is what the label is believed to be, which is less than it prints.
   */
  @Test
  void aLoadOfItsRatingInTheColdComesDownToItsTest() {
    double amps = BatteryCircuit.of(FLOODED).ratedAmps(CrankingTest.COLD_CRANKING);
    ProofResult rated = ProofResult.of(7.2).at(-18).set(amps, 1);
    Forecast forecast = of(ProofMeasure.PULSES, FLOODED, rated);
    assertThat(forecast.value()).isBetween(7.2, 8.2);
    ProofResult warm = ProofResult.of(7.2).at(20).set(amps, 1);
    assertThat(of(ProofMeasure.PULSES, FLOODED, warm).value()).isGreaterThan(forecast.value() + 1);
  }

  /** The same standard, by its own seconds and full charge: a pulse of it ends where it does. */
  @Test
  void aPulseAsLongAsTheRatingEndsAtItsVolts() {
    for (Label label : List.of(FLOODED, AGM)) {
      BatteryCircuit circuit = BatteryCircuit.of(label);
      PulseTest rating =
          new PulseTest(
              circuit.ratedAmps(CrankingTest.COLD_CRANKING),
              30,
              0,
              List.of(7.2),
              12.7,
              12.5,
              1,
              -18);
      assertThat(rating.expectedVolts(circuit)).as(label.name()).isCloseTo(7.2, within(0.05));
      assertThat(rating.crankingShare(circuit)).as(label.name()).isCloseTo(1, within(0.02));
    }
  }

  @Test
  void aHeavierLoadBringsItLowerAndNoneForetellsNothing() {
    double light = of(ProofMeasure.PULSES, AGM, ProofResult.of(10).at(15).set(150, 1)).value();
    double heavy = of(ProofMeasure.PULSES, AGM, ProofResult.of(10).at(15).set(400, 1)).value();
    assertThat(heavy).isLessThan(light - 0.3);
    assertThat(Forecast.of(ProofMeasure.PULSES, NEED, AGM, ProofResult.of(10).at(15))).isEmpty();
  }

  /** A tester shows about a sixth more than the rating: common practice, no source. */
  @Test
  void aTesterIsForetoldAboveTheRatingWithinItsOwnDoubt() {
    Forecast forecast = of(ProofMeasure.TESTER, AGM, ProofResult.of(1).set(760, 1));
    double rated = BatteryCircuit.of(AGM).ratedAmps(CrankingTest.COLD_CRANKING);
    assertThat(forecast.value() / rated).isCloseTo(1.16, within(0.01));
    assertThat(forecast.sigma() / forecast.value()).isBetween(0.07, 0.2);
    assertThat(Forecast.of(ProofMeasure.TESTER, NEED, LITHIUM, ProofResult.of(1))).isEmpty();
  }

  @Test
  void theLongerItStandsTheLowerAndTheMoreDrainTheLower() {
    double week = of(ProofMeasure.PARKED, FLOODED, ProofResult.of(12).rested(168)).value();
    double month = of(ProofMeasure.PARKED, FLOODED, ProofResult.of(12).rested(720)).value();
    assertThat(month).isLessThan(week);
    Need thirsty = Examples.needOf(NEED.engine(), -10, 30, 120);
    Need frugal = Examples.needOf(NEED.engine(), -10, 30, 2);
    ProofResult fortnight = ProofResult.of(12).rested(336);
    assertThat(Forecast.of(ProofMeasure.PARKED, thirsty, FLOODED, fortnight).orElseThrow().value())
        .isLessThan(
            Forecast.of(ProofMeasure.PARKED, frugal, FLOODED, fortnight).orElseThrow().value());
  }

  /** Of lithium the volts hardly move over a fortnight: its curve is flat. */
  @Test
  void lithiumStandsAFortnightAlmostUnseen() {
    ProofResult fortnight = ProofResult.of(13).rested(336);
    double stood = of(ProofMeasure.PARKED, LITHIUM, fortnight).value();
    double full = of(ProofMeasure.REST, LITHIUM, ProofResult.of(13)).value();
    assertThat(full - stood).isBetween(0.0, 0.2);
  }

  @Test
  void whatIsNotReadIsForetoldWiderAndInTheMiddleOfARoom() {
    Forecast unread = of(ProofMeasure.CRANKING, AGM, ProofResult.of(10));
    Forecast room = of(ProofMeasure.CRANKING, AGM, at(Forecast.ROOM_C));
    assertThat(unread.value()).isCloseTo(room.value(), within(1e-9));
    assertThat(unread.sigma()).isGreaterThan(room.sigma());
    assertThat(unread.band().low()).isLessThan(room.band().low());
  }

  @Test
  void aCapacityRunIsForetoldByTheShareItSpeaksOf() {
    ProofResult run = ProofResult.of(56).set(3.5, 0.8);
    assertThat(of(ProofMeasure.CAPACITY, AGM, run).value()).isCloseTo(70, within(0.1));
    assertThat(Forecast.of(ProofMeasure.CAPACITY, NEED, AGM, ProofResult.of(56))).isEmpty();
  }

  /** Six and twenty-four volts are half and twice of twelve throughout. */
  @Test
  void restVoltsFollowTheSystem() {
    double twelve = of(ProofMeasure.REST, FLOODED, ProofResult.of(12)).value();
    assertThat(twelve).isBetween(12.6, 12.75);
    assertThat(twelve)
        .isCloseTo(
            Chemistry.of("flooded").openCircuitVolts(Forecast.FULL)
                + Chemistry.of("flooded").circuit().restVoltsPerKelvin() * (Forecast.ROOM_C - 25),
            within(0.02));
  }

  @Test
  void whatCranksNothingHasNoStartToForetell() {
    for (EngineClass type : EngineClass.all()) {
      Need need = UsualNeed.of(Engine.usual(type)).need();
      Optional<Forecast> start = Forecast.of(ProofMeasure.CRANKING, need, AGM, at(5));
      assertThat(start.isPresent()).as(type.id()).isEqualTo(need.engine().turns());
      start.ifPresent(each -> assertThat(each.least()).as(type.id()).isPositive());
    }
  }
}
