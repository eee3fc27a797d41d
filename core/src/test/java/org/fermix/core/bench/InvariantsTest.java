package org.fermix.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.fermix.core.Examples;
import org.fermix.core.Machines;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.Label;
import org.fermix.core.machine.History;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.Stand;
import org.fermix.core.machine.Use;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;
import org.fermix.core.storage.Freezing;
import org.junit.jupiter.api.Test;

/** What must hold whatever the machine: colder, older, longer and smaller are never easier. */
class InvariantsTest {
  private static CandidateAnswer answer(Need need, Label label, Conditions conditions) {
    return Bench.of(need, Policy.USUAL, List.of(new Candidate("A", label, 0)))
        .answer(conditions)
        .candidates()
        .get(0);
  }

  private static double chance(Need need, Label label, Conditions conditions) {
    return answer(need, label, conditions).figure(Outcome.START_CHANCE).value();
  }

  /** Lead of every machine: 38 machines, several conditions each, one seed. */
  @Test
  void nothingBadHelps() {
    RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(5);
    for (Machines.Machine machine : Machines.all()) {
      String chemistry = machine.row().text("chemistry");
      Label label = machine.label(chemistry, machine.number("ah"), machine.number("cca"));
      Label smaller =
          machine.label(chemistry, 0.8 * machine.number("ah"), 0.8 * machine.number("cca"));
      double celsius = machine.number("coldest") + random.nextDouble(-12, 8);
      Need need = Examples.needOf(machine.engine(), celsius, 90, 8);
      Conditions here =
          new Conditions(celsius, random.nextDouble(1, 60), 0, 0, random.nextDouble(0, 6));
      double now = chance(need, label, here);
      assertThat(chance(need, label, here.atTemperature(celsius - 3)))
          .as("colder, " + machine)
          .isLessThanOrEqualTo(now + 0.1);
      assertThat(chance(need, label, here.afterDays(here.daysParked() + 25)))
          .as("longer, " + machine)
          .isLessThanOrEqualTo(now + 0.1);
      double older = here.age().yearsOn().orElseThrow() + 2;
      assertThat(chance(need, label, here.aged(JudgedAge.after(older))))
          .as("older, " + machine)
          .isLessThanOrEqualTo(now + 0.1);
      assertThat(chance(need, smaller, here))
          .as("smaller, " + machine)
          .isLessThanOrEqualTo(now + 0.1);
      assertThat(
              answer(need, label, here.left(new Stand(Stand.Way.NEGATIVE_OFF, 4)))
                  .figure(Outcome.PARKED_DAYS)
                  .value())
          .as("negative off, " + machine)
          .isGreaterThanOrEqualTo(
              answer(need, label, here).figure(Outcome.PARKED_DAYS).value() - 0.5);
    }
  }

  /** The days of parking and the chance after them are one statement. */
  @Test
  void theChanceAfterTheDaysIsWhatTheDaysSay() {
    for (Machines.Machine machine : Machines.all()) {
      Label label =
          machine.label(
              machine.row().text("chemistry"), machine.number("ah"), machine.number("cca"));
      double celsius = machine.number("coldest");
      Need need = Examples.needOf(machine.engine(), celsius, 20, 15);
      Conditions here = new Conditions(celsius, 5, 0, 0, 0);
      double days = answer(need, label, here).figure(Outcome.PARKED_DAYS).value();
      if (days > 1 && days < 900) {
        // Where the model's lowest trusted charge ends it, what is drawn goes in small steps.
        double trusted = 100 * label.chemistry().circuit().lowestTrustedCharge();
        boolean ends =
            answer(need, label, here).figure(Outcome.START_CHARGE).band().low() <= trusted + 0.1;
        double step = ends ? 4 : 1;
        assertThat(chance(need, label, here.afterDays(days)))
            .as(machine.id())
            .isBetween(80 - step, 80 + step);
        if (step == 1) {
          double floor =
              answer(need, label, here.afterDays(days)).figure(Outcome.START_FLOOR).value();
          assertThat(floor).as(machine.id()).isBetween(celsius - 1, celsius + 1);
        }
      }
    }
  }

  /** A battery that may have frozen does not count as starting. */
  @Test
  void freezingIsNeverIgnored() {
    Need loaded = Examples.needOf(Examples.engine("outboard", 0.4, 2, "10W-30"), -24, 300, 3);
    Need need =
        loaded.used(loaded.use().running(Given.typed(0, Unit.AMPERE), Given.typed(0, Unit.HOUR)));
    Label label = Examples.label("flooded", 400, 50, 80, 14, 100);
    CandidateAnswer answer = answer(need, label, new Conditions(5, 10, 0, 0, 0));
    double days = answer.figure(Outcome.PARKED_DAYS).value();
    assertThat(days).isLessThan(answer.figure(Outcome.LOST_DAYS).value());
    double left =
        new BenchCandidate(need, Policy.USUAL, new Candidate("A", label, 0))
            .in(new Conditions(5, 10, 0, 0, 0))
            .layUp()
            .charge(days);
    assertThat(left).isGreaterThan(Freezing.chargeNeeded(label.chemistry(), -24 + 3) - 0.13);
    assertThat(chance(need, label, new Conditions(5, 900, 0, 0, 0))).isLessThan(1);
  }

  /** A load that nobody has said how long to run has hours all the same; near frost is no frost. */
  @Test
  void whatIsOnlyPartlyAskedIsAnswered() {
    Need need = Examples.dieselNeed();
    Label label = Examples.label("agm", 760, 70, 124, 20, 170);
    assertThat(
            answer(need, label, new Conditions(5, 1, 2, 0, 0))
                .figure(Outcome.ENGINE_OFF_HOURS)
                .value())
        .isGreaterThan(1);
    // Flat lead freezes a few degrees below zero; full it stands far colder than this.
    Need mild = Examples.needOf(Examples.engine("petrol-car", 1.6, 4, "5W-30"), -12, 60, 5);
    assertThat(answer(mild, label, Conditions.of(mild)).figure(Outcome.LIFE).value())
        .isGreaterThan(3);
  }

  /** No step over temperature, days, volts or age: neighbours are close. */
  @Test
  void nothingJumps() {
    for (String id : List.of("flooded", "agm", "lfp")) {
      Label label =
          id.equals("lfp")
              ? Examples.heated(Examples.label("lfp", 560, 40, 90, 6.2, 400))
              : Examples.label(id, 700, 70, 120, 19, 150);
      Need need = Examples.dieselNeed();
      double before = -1;
      for (double celsius = -30; celsius <= 10; celsius += 0.5) {
        double now = chance(need, label, new Conditions(celsius, 20, 0, 0, 1));
        if (before >= 0) {
          assertThat(Math.abs(now - before)).as(id + " " + celsius).isLessThan(6);
        }
        before = now;
      }
      before = -1;
      for (double days = 0; days <= 120; days += 1) {
        double now = chance(need, label, new Conditions(-8, days, 0, 0, 1));
        if (before >= 0) {
          assertThat(Math.abs(now - before)).as(id + " " + days + " d").isLessThan(6);
        }
        before = now;
      }
      before = -1;
      for (double years = 0; years <= 14; years += 0.25) {
        double now = chance(need, label, new Conditions(-12, 10, 0, 0, years));
        if (before >= 0) {
          assertThat(Math.abs(now - before)).as(id + " " + years + " y").isLessThan(9);
        }
        before = now;
      }
    }
  }

  /** Wear goes on beyond ten years, and standing uses a life up. */
  @Test
  void wearAndStandingUseALifeUp() {
    var kept = new org.fermix.core.life.LifeEstimate(5, 0, 0, 1, 0.35);
    assertThat(kept.healthAt(5)).isCloseTo(0.8, org.assertj.core.api.Assertions.within(1e-9));
    assertThat(kept.healthAt(14)).isLessThan(kept.healthAt(10) - 0.05);
    Need usual =
        Examples.needOf(Examples.engine("motorcycle-single", 0.65, 1, "10W-40"), 0, 150, 5);
    Candidate bike = new Candidate("A", Examples.label("agm", 180, 10, 14, 3.8, 60), 0);
    double left = Bench.life(usual, bike).years();
    double maintained =
        new BenchCandidate(usual, Policy.USUAL, bike)
            .in(new Conditions(0, 10, 0, 0, JudgedAge.NEW, new Stand(Stand.Way.MAINTAINED, 4)))
            .life()
            .years();
    assertThat(maintained).isGreaterThan(1.2 * left);
  }

  /** Two batteries in five years shorten what is expected, six in fifty lengthen it. */
  @Test
  void theOwnersHistoryCounts() {
    Need need = Examples.dieselNeed();
    Candidate battery = new Candidate("A", Examples.label("agm", 760, 70, 125, 20.5, 172), 0);
    double plain = years(need, battery);
    assertThat(years(with(need, new History(3, 6)), battery)).isLessThan(0.75 * plain);
    assertThat(years(with(need, new History(2, 24)), battery)).isGreaterThan(1.2 * plain);
  }

  private static double years(Need need, Candidate battery) {
    return Bench.of(need, Policy.USUAL, List.of(battery))
        .answer(Conditions.of(need))
        .candidates()
        .get(0)
        .figure(Outcome.LIFE)
        .value();
  }

  private static Need with(Need need, History history) {
    Use use = need.use();
    return new Need(
        need.engine(),
        need.minimum(),
        need.tray(),
        need.place(),
        need.climate(),
        new Use(
            use.layUp(),
            use.drainMilliamps(),
            use.engineOffAmps(),
            use.engineOffHours(),
            use.driving(),
            use.yearsKept(),
            Optional.of(history)),
        need.charging());
  }
}
