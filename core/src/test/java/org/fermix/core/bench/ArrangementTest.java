package org.fermix.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.fermix.core.Examples;
import org.fermix.core.decision.Decision;
import org.fermix.core.decision.Futures;
import org.fermix.core.decision.Weights;
import org.fermix.core.label.Beside;
import org.fermix.core.label.Build;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.Label;
import org.fermix.core.machine.MakersMinimum;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.Wishes;
import org.fermix.core.permission.DataSheet;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;
import org.junit.jupiter.api.Test;

/** Several batteries as one candidate; rules are common practice, no source. */
class ArrangementTest {
  private static final Need NEED =
      Examples.need(Examples.engine("petrol-car", 2.2, 4, "15W-40"), 0, 30, 14.3);
  private static final Label STARTER = Examples.label("flooded", 640, 70, 112, 17, 96);
  private static final Label HOUSE = Examples.label("agm", 760, 95, 180, 27, 210);
  private static final Beside BESIDE =
      Beside.house(HOUSE, List.of(new Beside.Part("Isolator and cables", 6, 120)));
  private static final Candidate ALONE = new Candidate("A", STARTER, 0);
  private static final Candidate BOTH = new Candidate("B", STARTER, 0).beside(BESIDE);

  private static CandidateAnswer figures(Candidate candidate) {
    return Bench.of(NEED, Policy.USUAL, List.of(candidate))
        .answer(Conditions.of(NEED))
        .candidates()
        .get(0);
  }

  @Test
  void theHouseCarriesTheLoadAndTheStarterStarts() {
    var alone = figures(ALONE);
    var both = figures(BOTH);
    assertThat(both.figure(Outcome.START_CHANCE).value())
        .isCloseTo(alone.figure(Outcome.START_CHANCE).value(), within(0.1));
    assertThat(both.figure(Outcome.ENGINE_OFF_HOURS).value())
        .isGreaterThan(alone.figure(Outcome.ENGINE_OFF_HOURS).value());
    // Half of 95 Ah at 6 A is about eight hours, less in the cold.
    assertThat(both.figure(Outcome.ENGINE_OFF_HOURS).value()).isBetween(4.5, 9.0);
    assertThat(both.figure(Outcome.MASS).value()).isCloseTo(17 + 27 + 6, within(1e-9));
    assertThat(both.figure(Outcome.COST_PER_YEAR).value())
        .isGreaterThan(alone.figure(Outcome.COST_PER_YEAR).value() + 120.0 / 8);
    assertThat(both.figure(Outcome.SPARE_START).value()).isBetween(80.0, 100.0);
    assertThat(alone.find(Outcome.SPARE_START)).isEmpty();
    // What is no longer run down with the engine off lasts longer.
    assertThat(both.figure(Outcome.LIFE).value())
        .isGreaterThanOrEqualTo(alone.figure(Outcome.LIFE).value());
  }

  @Test
  void everyWayOfJudgingSeesTheSameArrangement() {
    Bench bench = Bench.of(NEED, Policy.USUAL, List.of(ALONE, BOTH));
    Conditions conditions = Conditions.of(NEED);
    CandidateSurface surface = bench.surfaces(conditions).get(1);
    Screening.Headline headline =
        surface.headline(conditions.temperatureC(), conditions.daysParked());
    var figures = figures(BOTH);
    assertThat(headline.massKg()).isEqualTo(figures.figure(Outcome.MASS).value());
    assertThat(headline.costPerYear())
        .isCloseTo(figures.figure(Outcome.COST_PER_YEAR).value(), within(1e-9));
    assertThat(headline.shown().engineOffHours())
        .isCloseTo(figures.figure(Outcome.ENGINE_OFF_HOURS).value(), within(0.1));
    assertThat(Futures.of(bench, conditions, Weights.USUAL, 400, 3).shares()).hasSize(2);
    assertThat(Decision.of(bench, conditions, Weights.USUAL).ranked()).hasSize(2);
  }

  @Test
  void aHouseBatteryThatIsNotChargedFailsTheGate() {
    Need low = Examples.need(NEED.engine(), 0, 30, 15.2);
    Label pack = Examples.label("lfp", 600, 60, 100, 8, 500);
    GateResult gate =
        Bench.of(
                low,
                Policy.USUAL,
                List.of(new Candidate("A", STARTER, 0).beside(Beside.house(pack, List.of()))))
            .answer(Conditions.of(low))
            .candidates()
            .get(0)
            .gates()
            .stream()
            .filter(each -> each.gate() == Gate.CHARGED)
            .findFirst()
            .orElseThrow();
    assertThat(gate.mark()).isNotEqualTo(Mark.CLEARS);
  }

  @Test
  void theBudgetIsForAllOfIt() {
    Need must =
        NEED.wishing(
            new Wishes(
                Optional.of(Given.typed(300, Unit.MONEY)),
                Map.of(
                    Wishes.Wish.BUDGET, Wishes.Level.MUST,
                    Wishes.Wish.NO_CHANGES, Wishes.Level.LIKED),
                2026));
    var gates =
        Bench.of(must, Policy.USUAL, List.of(BOTH))
            .answer(Conditions.of(must))
            .candidates()
            .get(0)
            .gates();
    assertThat(gates)
        .filteredOn(gate -> gate.gate() == Gate.BUDGET)
        .singleElement()
        .satisfies(
            gate -> {
              assertThat(gate.mark()).isEqualTo(Mark.FAILS);
              assertThat(gate.findings().get(0).found()).isEqualTo(96 + 210 + 120);
            });
    assertThat(gates)
        .filteredOn(gate -> gate.gate() == Gate.NO_CHANGES)
        .singleElement()
        .satisfies(gate -> assertThat(gate.mark()).isEqualTo(Mark.CLOSE));
  }

  /** Two of 6 V in series are one of 12 V with the amps and ampere-hours of each. */
  @Test
  void twoOfSixVoltsAreOneOfTwelve() {
    Label six =
        new Label(
            "Six",
            STARTER.chemistry(),
            STARTER.cranking(),
            STARTER.capacityAh(),
            STARTER.reserveMinutes(),
            STARTER.massKg(),
            STARTER.size(),
            STARTER.positiveSide(),
            STARTER.price(),
            new Build(6, Optional.empty()));
    Label pair = six.joined(2, 12);
    assertThat(pair.build().nominalVolts()).isEqualTo(12);
    assertThat(pair.cranking().amps()).isEqualTo(640);
    assertThat(pair.capacityAh().orElseThrow().value()).isEqualTo(70);
    assertThat(pair.massKg().orElseThrow().value()).isEqualTo(34);
    assertThat(pair.price().value()).isEqualTo(192);
    Label parallel = STARTER.joined(2, 12);
    assertThat(parallel.cranking().amps()).isEqualTo(1280);
    assertThat(parallel.capacityAh().orElseThrow().value()).isEqualTo(140);
    // Each carries half the 25 A: by Peukert's law more than twice the minutes.
    assertThat(parallel.reserveMinutes().orElseThrow().value()).isBetween(224.0, 300.0);
  }

  @Test
  void aSelfBuiltPackStartsNothingAndMayBeTheHouse() {
    Label own = Examples.label("lfp", 600, 60, 100, 8, 500);
    Label built =
        own.with(
            own.sheet().stating(new DataSheet(List.of(new DataSheet.Line("self-built", "yes")))));
    assertThat(Bench.gates(NEED, built))
        .anySatisfy(
            gate -> {
              assertThat(gate.mark()).isEqualTo(Mark.FAILS);
              assertThat(gate.findings().get(0).code()).isEqualTo(Finding.Code.SELF_BUILT);
            });
    Candidate house = new Candidate("A", STARTER, 0).beside(Beside.house(built, List.of()));
    assertThat(
            Bench.of(NEED, Policy.USUAL, List.of(house))
                .answer(Conditions.of(NEED))
                .candidates()
                .get(0)
                .isEligible())
        .isTrue();
  }

  private static Beside.Second second(Beside.Role role, Label label) {
    return new Beside.Second(
        role,
        label,
        role == Beside.Role.MOTOR ? Optional.of(new Beside.Run(30, 2)) : Optional.empty());
  }

  private static Candidate with(Beside.Second... others) {
    return new Candidate("C", STARTER, 0).beside(new Beside(List.of(others), List.of()));
  }

  /** One kept for need carries nothing: what runs with the engine off stays with the starter. */
  @Test
  void aReserveCarriesNothingAndStartsInNeed() {
    CandidateAnswer alone = figures(ALONE);
    CandidateAnswer reserve = figures(with(second(Beside.Role.RESERVE, HOUSE)));
    assertThat(reserve.figure(Outcome.ENGINE_OFF_HOURS).value())
        .isEqualTo(alone.figure(Outcome.ENGINE_OFF_HOURS).value());
    assertThat(reserve.figure(Outcome.SPARE_START).value()).isGreaterThan(90);
    assertThat(reserve.figure(Outcome.MASS).value()).isEqualTo(17 + 27);
    // With nothing to drain it, it stands longer than the battery that feeds the machine.
    assertThat(reserve.figure(Outcome.SPARE_START).value())
        .isGreaterThanOrEqualTo(alone.figure(Outcome.START_CHANCE).value());
  }

  /** 30 A from 95 Ah of AGM, half of it used, new and warm: 47.5 Ah / 30 A less Peukert's share. */
  @Test
  void aMotorRunsFromItsOwnBatteryAndStartsNothing() {
    CandidateAnswer motor = figures(with(second(Beside.Role.MOTOR, HOUSE)));
    double hours =
        Bench.of(NEED, Policy.USUAL, List.of(with(second(Beside.Role.MOTOR, HOUSE))))
            .answer(Conditions.of(NEED).atTemperature(20).aged(JudgedAge.NEW))
            .candidates()
            .get(0)
            .figure(Outcome.MOTOR_HOURS)
            .value();
    assertThat(hours).isBetween(0.9, 1.6);
    // Cold, and two years on, it is less.
    assertThat(motor.figure(Outcome.MOTOR_HOURS).value()).isBetween(0.3 * hours, 0.95 * hours);
    assertThat(motor.find(Outcome.SPARE_START)).isEmpty();
    assertThat(motor.figure(Outcome.ENGINE_OFF_HOURS).value())
        .isEqualTo(figures(ALONE).figure(Outcome.ENGINE_OFF_HOURS).value());
  }

  @Test
  void aSecondEngineWantsItsOwnMinimumMet() {
    Need asking =
        NEED.asking(
            new MakersMinimum(
                Given.maker(600, Unit.AMPERE),
                NEED.minimum().test(),
                NEED.minimum().reserveMinutes(),
                NEED.minimum().ampHours()));
    Label small = Examples.label("agm", 300, 20, 30, 7, 80);
    for (Beside.Role role : List.of(Beside.Role.SECOND_ENGINE, Beside.Role.HOUSE)) {
      CandidateAnswer answer =
          Bench.of(asking, Policy.USUAL, List.of(with(second(role, small))))
              .answer(Conditions.of(asking))
              .candidates()
              .get(0);
      assertThat(answer.gates())
          .as(role.name())
          .filteredOn(gate -> gate.gate() == Gate.MINIMUM_CRANKING)
          .singleElement()
          .extracting(gate -> gate.mark() == Mark.FAILS)
          .isEqualTo(role == Beside.Role.SECOND_ENGINE);
    }
  }

  /** What its maker bars from cranking is no help in need, whatever its circuit could do. */
  @Test
  void aBarredHouseBatteryStartsNothingInNeed() {
    Label barred =
        HOUSE.with(
            HOUSE
                .sheet()
                .stating(new DataSheet(List.of(new DataSheet.Line("for starting engines", "no")))));
    CandidateAnswer answer = figures(with(second(Beside.Role.HOUSE, barred)));
    assertThat(answer.find(Outcome.SPARE_START)).isEmpty();
    assertThat(figures(BOTH).find(Outcome.SPARE_START)).isPresent();
  }

  @Test
  void allPartsToPlayAreAddedUp() {
    CandidateAnswer all =
        figures(
            with(
                second(Beside.Role.SECOND_ENGINE, STARTER),
                second(Beside.Role.HOUSE, HOUSE),
                second(Beside.Role.RESERVE, STARTER),
                second(Beside.Role.MOTOR, HOUSE)));
    assertThat(all.figure(Outcome.MASS).value()).isEqualTo(3 * 17 + 2 * 27);
    assertThat(all.figure(Outcome.COST_PER_YEAR).value())
        .isGreaterThan(3 * figures(ALONE).figure(Outcome.COST_PER_YEAR).value());
  }

  /** The one gate that is drawn beside its window: both say the same at every voltage. */
  @Test
  void theChargingGateFollowsTheWindowItIsDrawnBeside() {
    for (String chemistry : List.of("lfp", "sodium")) {
      Label label = Examples.label(chemistry, 300, 20, 45, 4, 250);
      var window = label.chemistry().charging();
      for (double volts = 12.6; volts < 16; volts += 0.1) {
        Mark mark =
            Bench.gates(Examples.need(NEED.engine(), 0, 30, volts), label).stream()
                .filter(gate -> gate.gate() == Gate.CHARGED)
                .findFirst()
                .orElseThrow()
                .mark();
        if (volts < window.chargesFromVolts() || volts > window.neverExceedVolts()) {
          assertThat(mark).as(chemistry + " " + volts).isEqualTo(Mark.FAILS);
        } else if (volts < window.fullFromVolts()) {
          assertThat(mark).as(chemistry + " " + volts).isIn(Mark.CLOSE, Mark.FAILS);
        }
      }
    }
  }
}
