package org.fermix.core.decision;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.Collectors;
import org.fermix.core.Examples;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Outcome;
import org.fermix.core.bench.Policy;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.CrankingRating;
import org.fermix.core.label.Label;
import org.fermix.core.label.ProtectionClaim;
import org.fermix.core.label.Sheet;
import org.fermix.core.machine.Engine;
import org.fermix.core.machine.EngineClass;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.Oil;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;
import org.junit.jupiter.api.Test;

/**
 * The same cells under an honest and under a flattering label, over wide ranges that are not the
 * ones the labels are believed by: the flatterer is never ahead where either does what is asked,
 * and both lie in each other's band. Where neither does, the wider doubt of the bolder is no merit.
 */
class FlatteringLabelTest {
  private static final int DRAWN = 300;

  /**
   * An honest label of the middle is not yet taken at the most that any is; far less than a tie.
   */
  private static final double ROUNDING = 0.1;

  private record Cells(double ampHours, double kg, double ratio) {
    Label honest(boolean stated) {
      return label(ratio * ampHours, ampHours, stated);
    }

    Label flattering(double factor, double leadFactor) {
      return label(factor * ratio * ampHours, leadFactor * ampHours, false);
    }

    private Label label(double cca, double printedAh, boolean stated) {
      Label plain = Examples.label("lfp", 100, 10, 20, kg, 120);
      return new Label(
          plain.name(),
          plain.chemistry(),
          CrankingRating.cca(Math.min(2900, cca)),
          Optional.of(Given.label(printedAh, Unit.AMPERE_HOUR)),
          Optional.empty(),
          Optional.of(Given.label(kg, Unit.KILOGRAM)),
          plain.size(),
          plain.positiveSide(),
          plain.price(),
          plain.build(),
          new Sheet(20, List.of(), ProtectionClaim.BUILT_IN, true, stated));
    }
  }

  private static Need need(RandomGenerator random) {
    List<EngineClass> kinds =
        EngineClass.all().stream()
            .filter(kind -> !kind.traits().needsApproval() && kind.traits().turnsEngine())
            .toList();
    EngineClass kind = kinds.get(random.nextInt(kinds.size()));
    double litres =
        Math.min(3, random.nextDouble(kind.size().litresLow(), kind.size().litresHigh()));
    Engine engine =
        Engine.usual(
            kind,
            Given.typed(litres, Unit.LITRE),
            kind.size().defaultCylinders(),
            Oil.find(kind.size().defaultOil()).orElseThrow());
    return Examples.needOf(
        engine, random.nextDouble(-15, 10), random.nextDouble(5, 90), random.nextDouble(1, 30));
  }

  private static Decision decide(Need need, Label honest, Label flattering) {
    return Decision.of(
        Bench.of(
            need,
            Policy.USUAL,
            List.of(new Candidate("A", honest, 0), new Candidate("B", flattering, 0))),
        Conditions.of(need),
        Weights.USUAL);
  }

  /** Cells from 11 A/Ah and 5 Ah/kg up: honest with the test stated, or at 14 A/Ah without. */
  @Test
  void aFlattererIsNeverAhead() {
    RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(12);
    int compared = 0;
    for (int i = 0; i < DRAWN; i++) {
      boolean stated = random.nextBoolean();
      Cells cells =
          cells(
              random.nextDouble(4, 40),
              random.nextDouble(5, 8),
              random.nextDouble(stated ? 11 : 14, 20));
      Label honest = cells.honest(stated);
      Label flattering =
          cells.flattering(
              random.nextDouble(1.2, 6), random.nextBoolean() ? 1 : random.nextDouble(2.4, 4));
      Decision decision = decide(need(random), honest, flattering);
      Map<String, Ranked> ranked =
          decision.ranked().stream().collect(Collectors.toMap(Ranked::letter, each -> each));
      if (!ranked.containsKey("A") || !ranked.containsKey("B")) {
        continue;
      }
      boolean useful = ranked.get("A").meets() || ranked.get("B").meets();
      compared++;
      if (useful) {
        assertThat(ranked.get("B").points() - ranked.get("A").points())
            .as(cells + " " + stated + " under " + flattering.cranking() + flattering.capacityAh())
            .isLessThanOrEqualTo(ROUNDING);
      }
      assertThat(ranked.get("B").meets() && !ranked.get("A").meets())
          .as(cells.toString())
          .isFalse();
      var ours = ranked.get("A").answer().figure(Outcome.CRANKING_VOLTS).band();
      var theirs = ranked.get("B").answer().figure(Outcome.CRANKING_VOLTS).band();
      assertThat(!useful || (ours.low() <= theirs.high() && theirs.low() <= ours.high()))
          .as(cells + " " + ours + theirs)
          .isTrue();
    }
    assertThat(compared).isGreaterThan(DRAWN / 2);
  }

  private static Cells cells(double ampHours, double ampHoursPerKg, double ratio) {
    return new Cells(ampHours, ampHours / ampHoursPerKg, ratio);
  }
}
