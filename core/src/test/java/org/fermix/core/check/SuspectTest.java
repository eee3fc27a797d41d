package org.fermix.core.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.fermix.core.Examples;
import org.fermix.core.bench.AsItIs;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Outcome;
import org.fermix.core.bench.Policy;
import org.fermix.core.diagnosis.Evidence;
import org.fermix.core.diagnosis.ReadingKind;
import org.fermix.core.electrical.ChargeState;
import org.fermix.core.electrical.Cranking;
import org.fermix.core.electrical.UsualBattery;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.Tested;
import org.fermix.core.machine.Driving;
import org.fermix.core.machine.Engine;
import org.fermix.core.machine.EngineClass;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.Oil;
import org.fermix.core.machine.UsualNeed;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The battery under suspicion, described or not. */
class SuspectTest {
  private static final Need NEED =
      Examples.need(Examples.engine("petrol-car", 1.6, 4, "5W-30"), -10, 14, 14.2);

  private static Engine usual(EngineClass kind, int volts) {
    return Engine.usual(
        kind,
        Given.typed(kind.size().defaultLitres(), Unit.LITRE),
        kind.size().defaultCylinders(),
        Oil.find(kind.size().defaultOil()).orElseThrow(),
        volts);
  }

  /** What is assumed starts the machine it is assumed for, and is no larger than such are sold. */
  @ParameterizedTest
  @ValueSource(ints = {12, 24})
  void theUsualBatterySuitsItsMachine(int volts) {
    for (EngineClass kind : EngineClass.all()) {
      Engine engine = usual(kind, volts);
      UsualBattery battery = UsualBattery.of(engine);
      assertThat(battery.circuit().series()).isEqualTo(engine.series());
      assertThat(
              Cranking.chance(
                  new Cranking(battery.circuit(), engine)
                      .sureness(
                          ChargeState.rested(0.9, UsualNeed.of(engine).coldestMorningC().value()))))
          .as(kind.id() + " at " + volts + " V")
          .isGreaterThan(0.8);
      assertThat(battery.ampHours()).as(kind.id()).isBetween(5.0, 100.0);
    }
  }

  @Test
  void anUndescribedBatteryIsOfTheSizeOfItsEngine() {
    Suspect suspect = Suspect.of(NEED, Optional.empty());
    assertThat(suspect.chemistry().id()).isEqualTo("flooded");
    assertThat(suspect.ampHours()).isBetween(30.0, 80.0);
    assertThat(suspect.whenNew()).isEmpty();
    assertThat(suspect.workedOut(Optional.of(-10.0))).isEmpty();
    assertThat(suspect.expectedYears()).isBetween(3.0, 9.0);
    assertThat(suspect.winterChance(Tested.cranking(0.5))).isEmpty();
  }

  @Test
  void aDescribedOneIsJudgedByItsLabel() {
    Candidate today = new Candidate("0", Examples.label("agm", 760, 70, 125, 20.5, 100), 5);
    Suspect suspect = Suspect.of(NEED, Optional.of(today));
    assertThat(suspect.ampHours()).isEqualTo(70);
    assertThat(suspect.ratedAmps().orElseThrow()).isCloseTo(760, within(1.0));
    assertThat(suspect.workedOut(Optional.empty())).hasSize(1);
    assertThat(suspect.workedOut(Optional.of(5.0)))
        .contains(new Evidence(ReadingKind.NEED, "enough"));
    assertThat(suspect.winterChance(Tested.cranking(1.0)).orElseThrow())
        .isGreaterThan(suspect.winterChance(Tested.cranking(0.3)).orElseThrow());
  }

  /**
   * Check and Bench asked the same thing of the same battery in the same conditions say the same,
   * whatever was tested.
   */
  @Test
  void checkAndBenchAgree() {
    Candidate today = new Candidate("0", Examples.label("flooded", 480, 55, 80, 14, 100), 6);
    Suspect suspect = Suspect.of(NEED, Optional.of(today));
    for (Tested tested :
        List.of(
            Tested.cranking(0.55),
            Tested.cranking(0.9),
            new Tested(Optional.of(0.7), Optional.of(0.5)))) {
      double bench =
          Bench.of(NEED, Policy.USUAL, List.of(today.with(tested)))
              .answer(Conditions.of(NEED).afterDays(NEED.ordinaryDays()))
              .candidates()
              .get(0)
              .figure(Outcome.START_CHANCE)
              .value();
      assertThat(100 * suspect.winterChance(tested).orElseThrow()).isCloseTo(bench, within(1e-9));
    }
    AsItIs tested = AsItIs.today(NEED, today.with(new Tested(Optional.empty(), Optional.of(0.4))));
    assertThat(tested.health()).isCloseTo(0.4, within(1e-9));
    assertThat(AsItIs.today(NEED, today).health()).isGreaterThan(0.4);
  }

  /**
   * A town car on two trips of six minutes at 5 °C never fills: flooded settles lowest, then EFB,
   * AGM best; the engineering table for 10 min a day has .75, .80 and .87 at a 60 Ah class.
   */
  @Test
  void shortTripsNeverFillIt() {
    double before = 0;
    for (String kind : List.of("flooded", "efb", "agm")) {
      Suspect suspect =
          Suspect.of(
              NEED, Optional.of(new Candidate("0", Examples.label(kind, 540, 60, 95, 15, 1), 1)));
      Trips shortTrips = Trips.of(suspect, driving(2, 6), 5);
      assertThat(shortTrips.settles()).as(kind).isBetween(0.55, 0.92).isGreaterThan(before);
      before = shortTrips.settles();
      assertThat(Trips.of(suspect, driving(2, 40), 5).evidence().outcome()).isEqualTo("long");
      assertThat(Trips.of(suspect, driving(2, 6), 20).settles())
          .isGreaterThan(shortTrips.settles());
    }
    Suspect flooded =
        Suspect.of(
            NEED,
            Optional.of(new Candidate("0", Examples.label("flooded", 540, 60, 95, 15, 1), 1)));
    Trips trips = Trips.of(flooded, driving(2, 6), 0);
    assertThat(trips.evidence()).isEqualTo(new Evidence(ReadingKind.TRIPS, "short"));
    assertThat(Trips.of(flooded, driving(2, trips.enoughMinutes(flooded)), 0).settles())
        .isGreaterThanOrEqualTo(Trips.ENOUGH);
    assertThat(Trips.of(Suspect.of(NEED, Optional.empty()), driving(0, 0), 5).settles()).isZero();
  }

  private static Driving driving(double starts, double minutes) {
    return new Driving(Given.typed(starts, Unit.COUNT), Given.typed(minutes, Unit.MINUTE));
  }
}
