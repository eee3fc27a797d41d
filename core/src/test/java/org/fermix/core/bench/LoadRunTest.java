package org.fermix.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.fermix.core.Examples;
import org.fermix.core.label.Candidate;
import org.fermix.core.machine.Habit;
import org.fermix.core.machine.Ledger;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.Use;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;
import org.junit.jupiter.api.Test;

/** Batteries run down by a ledger; expectations are common practice, no source. */
class LoadRunTest {
  private static Need need(Ledger ledger, double alarmVolts) {
    Need need = Examples.need(Examples.engine("petrol-car", 1.6, 4, "5W-30"), 5, 14, 14.3);
    Use use = need.use();
    return need.used(
        new Use(
            use.layUp(),
            use.drainMilliamps(),
            ledger.amps(1).orElseThrow(),
            ledger.hours().orElseThrow(),
            use.driving(),
            use.yearsKept(),
            use.history(),
            new Habit(
                Habit.Intensity.WEEKENDS,
                Optional.of(Given.typed(alarmVolts, Unit.VOLT)),
                ledger)));
  }

  private static final Ledger LAMPS =
      new Ledger(
          List.of(
              new Ledger.Item("lamps", 110, Ledger.Feed.RESISTIVE, 12),
              new Ledger.Item("radio", 15, Ledger.Feed.WATTS, 12, Optional.of(11.5))));

  private static LoadRun run(String chemistry, double ah, double kg) {
    Candidate candidate = new Candidate("A", Examples.label(chemistry, 650, ah, 100, kg, 100), 0);
    return LoadRun.of(need(LAMPS, 11.8), Policy.USUAL, List.of(candidate)).get(0);
  }

  @Test
  void leadFadesAndLithiumFallsOffItsEdge() {
    LoadRun lead = run("flooded", 70, 17);
    LoadRun lithium = run("lfp", 40, 6.4);
    double leadDrop = lead.things().get(0).firstWatts() - lead.things().get(0).lastWatts();
    double lithiumDrop = lithium.things().get(0).firstWatts() - lithium.things().get(0).lastWatts();
    assertThat(leadDrop).isPositive();
    // What an owner notices: the share of its life in which a battery has warned.
    assertThat(1 - lead.warnsAt().orElseThrow() / end(lead))
        .isGreaterThan(1 - lithium.warnsAt().orElse(end(lithium)) / end(lithium));
    assertThat(lithiumDrop).isNotNegative();
  }

  private static double end(LoadRun run) {
    return run.points().get(run.points().size() - 1).x();
  }

  @Test
  void hoursToStartAreThoseOfTheBench() {
    Need need = need(LAMPS, 11.8);
    Candidate candidate = new Candidate("A", Examples.label("agm", 760, 70, 125, 20.5, 172), 0);
    double bench =
        Bench.of(need, Policy.USUAL, List.of(candidate))
            .answer(Conditions.of(need))
            .candidates()
            .get(0)
            .figure(Outcome.ENGINE_OFF_HOURS)
            .value();
    assertThat(LoadRun.of(need, Policy.USUAL, List.of(candidate)).get(0).startsUntil())
        .isCloseTo(bench, within(1e-6));
  }

  @Test
  void whatNeedsMoreVoltsStopsFirst() {
    LoadRun run = run("flooded", 70, 17);
    double radio = run.things().get(1).stopsAfter().orElseThrow();
    assertThat(radio).isLessThan(end(run));
    double lamps = run.things().get(0).stopsAfter().orElseThrow();
    assertThat(lamps).isCloseTo(end(run), within(1e-9));
  }
}
