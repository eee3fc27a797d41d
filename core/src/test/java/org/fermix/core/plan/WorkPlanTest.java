package org.fermix.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.fermix.core.Examples;
import org.fermix.core.bench.TypicalBattery;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.label.Beside;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Engine;
import org.fermix.core.machine.EngineClass;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.Oil;
import org.fermix.core.machine.UsualNeed;
import org.fermix.core.plan.WorkStep.Caution;
import org.fermix.core.plan.WorkStep.Kind;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;
import org.junit.jupiter.api.Test;

/**
 * The order of the work over every machine and chemistry there is: negative off first and on last
 * is common practice and stands in service literature of all such machines (no single source).
 */
class WorkPlanTest {
  private record Pair(Need need, Label label, List<WorkStep> steps) {
    int at(Kind kind) {
      return steps.stream().map(WorkStep::kind).toList().indexOf(kind);
    }

    boolean has(Kind kind) {
      return at(kind) >= 0;
    }
  }

  private static List<Pair> pairs() {
    List<Pair> pairs = new ArrayList<>();
    for (EngineClass type : EngineClass.all()) {
      Need need = UsualNeed.of(Engine.usual(type)).need();
      for (Chemistry chemistry : Chemistry.all()) {
        Label label = TypicalBattery.of(need, chemistry);
        pairs.add(
            new Pair(
                need,
                label,
                WorkPlan.of(need, new Candidate("A", label, 0), Optional.empty(), List.of())));
      }
    }
    return pairs;
  }

  @Test
  void negativeIsOffFirstAndOnLastInEveryPlan() {
    List<Pair> pairs = pairs();
    assertThat(pairs).hasSizeGreaterThan(40);
    for (Pair pair : pairs) {
      if (WorkPlan.leftToOthers(pair.need())) {
        continue;
      }
      String of = pair.need().engine().engineClass().id() + " " + pair.label().name();
      assertThat(pair.at(Kind.CHARGERS_OFF)).as(of).isLessThan(pair.at(Kind.NEGATIVE_OFF));
      assertThat(pair.at(Kind.NEGATIVE_OFF)).as(of).isLessThan(pair.at(Kind.POSITIVE_OFF));
      assertThat(pair.at(Kind.POSITIVE_OFF)).as(of).isLessThan(pair.at(Kind.LIFT_OUT));
      assertThat(pair.at(Kind.LIFT_OUT)).as(of).isLessThan(pair.at(Kind.LIFT_IN));
      assertThat(pair.at(Kind.HOLD_DOWN)).as(of).isLessThan(pair.at(Kind.POSITIVE_ON));
      assertThat(pair.at(Kind.POSITIVE_ON)).as(of).isLessThan(pair.at(Kind.NEGATIVE_ON));
      assertThat(pair.at(Kind.TEST_NEW)).as(of).isZero();
      assertThat(pair.at(Kind.OLD_ONE_BACK)).as(of).isEqualTo(pair.steps().size() - 1);
    }
  }

  /**
   * Steps come in the order of their phases, none twice, and each guard stands before what it
   * guards.
   */
  @Test
  void everyPlanIsInTheOrderOfTheWork() {
    for (Pair pair : pairs()) {
      List<Kind> kinds = pair.steps().stream().map(WorkStep::kind).toList();
      assertThat(kinds).doesNotHaveDuplicates().isSortedAccordingTo(Comparator.naturalOrder());
      assertThat(kinds.stream().map(Kind::phase).toList())
          .isSortedAccordingTo(Comparator.naturalOrder());
      for (WorkStep step : pair.steps()) {
        step.after()
            .ifPresent(guard -> assertThat(pair.at(guard)).isBetween(0, pair.at(step.kind()) - 1));
      }
    }
  }

  @Test
  void aCertifiedAircraftIsNeverFittedByItsOwner() {
    for (Pair pair : pairs()) {
      if (WorkPlan.leftToOthers(pair.need())) {
        assertThat(pair.has(Kind.MECHANIC)).isTrue();
        assertThat(pair.has(Kind.RECORDS)).isTrue();
        assertThat(pair.steps())
            .extracting(WorkStep::kind)
            .doesNotContain(
                Kind.NEGATIVE_OFF,
                Kind.POSITIVE_OFF,
                Kind.LIFT_IN,
                Kind.POSITIVE_ON,
                Kind.NEGATIVE_ON);
      }
    }
    assertThat(pairs()).anyMatch(pair -> WorkPlan.leftToOthers(pair.need()));
  }

  /** Each chemistry has its own cautions and first charge; none is told the other's. */
  @Test
  void cautionsAreThoseOfTheChemistry() {
    for (Pair pair : pairs()) {
      boolean lead = pair.label().chemistry().isLead();
      assertThat(pair.has(Kind.BALANCE_CHARGE))
          .isEqualTo(!lead && !WorkPlan.leftToOthers(pair.need()));
      pair.steps().stream()
          .filter(step -> step.kind() == Kind.FIRST_CHARGE)
          .forEach(
              step -> {
                assertThat(step.cautions()).contains(Caution.TOP_VOLTS);
                assertThat(step.cautions().contains(Caution.HYDROGEN)).isEqualTo(lead);
                assertThat(step.cautions().contains(Caution.LITHIUM)).isEqualTo(!lead);
                assertThat(step.value())
                    .isLessThanOrEqualTo(
                        pair.need().engine().series()
                            * pair.label().chemistry().charging().neverExceedVolts());
              });
    }
  }

  /** Twice the mass, but no more than 90 lb of force: 33 CFR 183.420 (from memory). */
  @Test
  void aBoatsBatteryIsRestrainedByItsMass() {
    for (Pair pair : pairs()) {
      pair.steps().stream()
          .filter(step -> step.kind() == Kind.RESTRAINT)
          .forEach(
              step ->
                  assertThat(step.value())
                      .isLessThanOrEqualTo(90 * 0.45359237 * 9.80665 + 1e-6)
                      .isLessThanOrEqualTo(2 * pair.label().mass().value() * 9.80665 + 1e-6)
                      .isPositive());
      assertThat(pair.has(Kind.RESTRAINT)).isEqualTo(pair.has(Kind.AIR_THE_BILGE));
    }
  }

  @Test
  void twoInSeriesAreReplacedTogetherAndHeavyOnesAreSaidToBe() {
    Need lorry =
        UsualNeed.of(
                Engine.usual(
                    EngineClass.find("diesel-car").orElseThrow(),
                    Given.typed(6, Unit.LITRE),
                    6,
                    Oil.find("5W-30").orElseThrow(),
                    24))
            .need();
    Label heavy = Examples.label("agm", 900, 100, 200, 28, 300);
    List<WorkStep> steps =
        WorkPlan.of(lorry, new Candidate("A", heavy, 0), Optional.of(heavy), List.of());
    assertThat(steps).extracting(WorkStep::kind).contains(Kind.WHOLE_BANK);
    assertThat(steps)
        .filteredOn(step -> step.kind() == Kind.LIFT_IN || step.kind() == Kind.LIFT_OUT)
        .allSatisfy(
            step -> {
              assertThat(step.value()).isEqualTo(28);
              assertThat(step.cautions()).contains(Caution.HEAVY, Caution.ACID);
            });
  }

  /** What stands beside it is fast and fused before anything live is joined, and charged after. */
  @Test
  void othersAreInAndFusedBeforeAnythingIsJoined() {
    Label starter = Examples.label("flooded", 640, 70, 112, 17, 96);
    Label house = Examples.label("lfp", 400, 100, 200, 12, 500);
    Candidate both =
        new Candidate("A", starter, 0)
            .beside(Beside.house(house, List.of(new Beside.Part("Isolator", 1, 50))));
    List<Kind> kinds = new ArrayList<>();
    Map<Kind, WorkStep> byKind = new EnumMap<>(Kind.class);
    for (WorkStep step :
        WorkPlan.of(
            UsualNeed.of(Engine.usual(EngineClass.find("petrol-car").orElseThrow())).need(),
            both,
            Optional.of(starter),
            List.of())) {
      kinds.add(step.kind());
      byKind.put(step.kind(), step);
    }
    assertThat(kinds)
        .containsSubsequence(
            Kind.NEGATIVE_OFF,
            Kind.BESIDE_IN,
            Kind.BESIDE_PARTS,
            Kind.FUSES,
            Kind.POSITIVE_ON,
            Kind.NEGATIVE_ON,
            Kind.FIRST_CHARGE,
            Kind.CHARGE_BESIDE);
    assertThat(cautions(byKind, Kind.BESIDE_IN))
        .contains(Caution.LITHIUM)
        .doesNotContain(Caution.ACID);
    assertThat(cautions(byKind, Kind.CHARGE_BESIDE)).containsExactly(Caution.LITHIUM);
    assertThat(cautions(byKind, Kind.FIRST_CHARGE)).contains(Caution.HYDROGEN);
    assertThat(cautions(byKind, Kind.FUSES)).containsExactly(Caution.SHORT_CIRCUIT);
  }

  private static List<Caution> cautions(Map<Kind, WorkStep> steps, Kind kind) {
    return Optional.ofNullable(steps.get(kind)).orElseThrow().cautions();
  }
}
