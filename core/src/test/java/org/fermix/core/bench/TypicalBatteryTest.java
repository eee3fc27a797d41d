package org.fermix.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.fermix.core.Examples;
import org.fermix.core.fit.Fit;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.Label;
import org.fermix.core.label.LabelAudit;
import org.fermix.core.machine.Engine;
import org.fermix.core.machine.EngineClass;
import org.fermix.core.machine.MakersMinimum;
import org.fermix.core.machine.Need;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class TypicalBatteryTest {
  /** The handbook ranges of plausibility.csv hold for what is made by other ratios. */
  @Test
  void noneIsAccusedByTheAuditAndAllDoWhatTheMakerAsks() {
    Need need = Examples.dieselNeed();
    List<Label> labels = TypicalBattery.of(need);
    assertThat(labels)
        .hasSizeGreaterThan(3)
        .allMatch(label -> label.hasPrice() && label.price().isAssumed());
    for (Label label : labels) {
      assertThat(LabelAudit.of(label).worst()).as(label.name()).isEqualTo(LabelAudit.Weight.NOTE);
      Fit fit = Fit.of(label, need.tray().orElseThrow());
      assertThat(fit.goesIn() && fit.sideMatches()).as(label.name()).isTrue();
      if (label.chemistry().isLead()) {
        assertThat(label.cranking().amps()).as(label.name()).isGreaterThan(520);
        assertThat(label.reserveMinutes().orElseThrow().value()).isGreaterThan(90);
      }
    }
  }

  @ParameterizedTest
  @MethodSource("classes")
  void everyKindOfMachineHasOnesThatStartIt(EngineClass engineClass) {
    Need need = unasked(engine(engineClass));
    List<Label> labels = TypicalBattery.of(need);
    assertThat(labels).isNotEmpty();
    for (Label label : labels) {
      assertThat(label.build().nominalVolts()).isEqualTo(need.engine().nominalVolts());
      assertThat(label.mass().value()).isBetween(0.2, 60.0);
      // What others print is believed in part only, so a typical one of them need not suffice.
      if (!label.chemistry().isLead() || !need.engine().turns()) {
        continue;
      }
      assertThat(
              Bench.startChance(need, new Candidate("A", label, 0), new Conditions(5, 0, 0, 0, 0)))
          .as(label.name())
          .isGreaterThan(0.8);
    }
  }

  static List<EngineClass> classes() {
    return EngineClass.all();
  }

  private static Engine engine(EngineClass engineClass) {
    return Engine.usual(engineClass);
  }

  private static Need unasked(Engine engine) {
    Need need = Examples.needOf(engine, 5, 7, 5);
    return need.asking(
        new MakersMinimum(
            Given.assumed(Math.max(1, engine.ruleOfThumbCca()), Unit.AMPERE, "rule"),
            Optional.empty()));
  }

  @Test
  void demandIsWhereTheBenchPutsTheChance() {
    Need need = Examples.dieselNeed();
    CrankingDemand demand = CrankingDemand.of(need).orElseThrow();
    assertThat(demand.band().low()).isLessThan(demand.middleA());
    assertThat(demand.middleA()).isLessThan(demand.likelyA());
    assertThat(demand.likelyA()).isLessThan(demand.band().high());
    Need warmer = Examples.need(need.engine(), -5, 42, 14.2);
    assertThat(CrankingDemand.of(warmer).orElseThrow().likelyA()).isLessThan(demand.likelyA());
  }

  /**
   * About twice as much for diesel as for petrol of the same size (common practice, no source). One
   * ampere a cubic inch is a floor for petrol: makers' own minima are two to four times that (from
   * memory), so the model has to lie between the floor and four times it.
   */
  @Test
  void demandLiesBetweenTheRuleAndWhatMakersPrint() {
    double petrol = likely(Examples.engine("petrol-car", 2, 4, "5W-30"));
    double diesel = likely(Examples.engine("diesel-car", 2, 4, "5W-30"));
    assertThat(petrol / 122).isBetween(1.0, 4.0);
    assertThat(diesel / 244).isBetween(1.0, 4.0);
    assertThat(diesel / petrol).isBetween(1.4, 3.0);
  }

  private static double likely(Engine engine) {
    return CrankingDemand.of(Examples.need(engine, -18, 14, 14.2)).orElseThrow().likelyA();
  }

  @Test
  void whatIsNotCrankedAsksForNone() {
    Engine electric = Examples.engine("electric-car", 0.1, 1, "5W-30");
    assertThat(electric.turns()).isFalse();
    assertThat(CrankingDemand.of(Examples.needOf(electric, -10, 14, 20)))
        .isEqualTo(Optional.empty());
  }
}
