package org.fermix.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.BenchAnswer;
import org.fermix.core.bench.CandidateAnswer;
import org.fermix.core.bench.CandidateCurves;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.JudgedAge;
import org.fermix.core.bench.Policy;
import org.fermix.core.casing.CaseSize;
import org.fermix.core.casing.Terminal;
import org.fermix.core.casing.TerminalSide;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.decision.Criterion;
import org.fermix.core.decision.Decision;
import org.fermix.core.decision.Futures;
import org.fermix.core.decision.Ranked;
import org.fermix.core.decision.Weights;
import org.fermix.core.electrical.Yardstick;
import org.fermix.core.label.Build;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.CrankingRating;
import org.fermix.core.label.Label;
import org.fermix.core.label.ProtectionClaim;
import org.fermix.core.label.RatedCharge;
import org.fermix.core.label.Sheet;
import org.fermix.core.machine.BatteryPlace;
import org.fermix.core.machine.Charging;
import org.fermix.core.machine.Climate;
import org.fermix.core.machine.Departure;
import org.fermix.core.machine.Driving;
import org.fermix.core.machine.Engine;
import org.fermix.core.machine.EngineClass;
import org.fermix.core.machine.History;
import org.fermix.core.machine.LayUpPlace;
import org.fermix.core.machine.LongestLayUp;
import org.fermix.core.machine.MakersMinimum;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.Oil;
import org.fermix.core.machine.Stand;
import org.fermix.core.machine.Tray;
import org.fermix.core.machine.Use;
import org.fermix.core.quantity.Figure;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;
import org.fermix.core.rating.CrankingTest;
import org.junit.jupiter.api.Test;

/**
 * Questions drawn from the whole of the declared input ranges, far beyond any sensible machine:
 * every figure is a number, every band holds its value, every working opens, nothing throws. The
 * seed is fixed, so a failure comes back.
 */
class WholeRangeTest {
  private final RandomGenerator random =
      RandomGeneratorFactory.of("L64X128MixRandom").create(20261125);

  /** Evenly over the logarithm, so that the small end is visited as often as the large. */
  private double between(double low, double high) {
    return low <= 0
        ? random.nextDouble(low, Math.nextUp(high))
        : Math.exp(random.nextDouble(Math.log(low), Math.log(high) + 1e-12));
  }

  private <T> T oneOf(List<T> all) {
    return all.get(random.nextInt(all.size()));
  }

  private <T> Optional<T> perhaps(T value) {
    return random.nextInt(3) == 0 ? Optional.empty() : Optional.of(value);
  }

  private Label label(int volts) {
    return new Label(
            "Any",
            oneOf(Chemistry.all()),
            new CrankingRating(Math.min(3000, between(1, 3000)), oneOf(CrankingTest.all())),
            perhaps(Given.label(Math.min(1000, between(0.5, 1000)), Unit.AMPERE_HOUR)),
            perhaps(Given.label(Math.min(2000, between(1, 2000)), Unit.MINUTE)),
            perhaps(Given.label(Math.min(200, between(0.1, 200)), Unit.KILOGRAM)),
            size(),
            random.nextBoolean() ? TerminalSide.LEFT : TerminalSide.RIGHT,
            Given.typed(random.nextDouble(0, 100000), Unit.MONEY),
            new Build(
                random.nextInt(5) == 0 ? oneOf(List.of(6, 12, 24)) : volts,
                perhaps(oneOf(List.of(Terminal.values())))))
        .with(random.nextBoolean() ? Sheet.SILENT : sheet());
  }

  private CaseSize size() {
    return new CaseSize(
        random.nextDouble(20, 1000), random.nextDouble(20, 1000), random.nextDouble(20, 1000));
  }

  private double factor() {
    return between(0.2, 5);
  }

  private Need need(int volts) {
    return new Need(
        new Engine(
            oneOf(EngineClass.all()),
            Given.typed(Math.min(20, between(0.02, 20)), Unit.LITRE),
            random.nextInt(1, 17),
            oneOf(Oil.all()),
            Given.typed(Math.min(10, between(0.1, 10)), Unit.KILOWATT),
            Given.typed(Math.min(50, between(0.1, 50)), Unit.MILLIOHM),
            volts,
            random.nextBoolean()
                ? Departure.NONE
                : new Departure(
                    Math.min(5, factor()),
                    Math.min(5, factor()),
                    Math.min(5, factor()),
                    Math.min(5, factor()),
                    Math.min(5, factor()))),
        new MakersMinimum(
            Given.maker(random.nextDouble(1, 3000), Unit.AMPERE),
            perhaps(Given.maker(random.nextDouble(1, 2000), Unit.MINUTE))),
        perhaps(
            new Tray(
                size(),
                TerminalSide.LEFT,
                random.nextDouble(0, 2000),
                perhaps(oneOf(List.of(Terminal.values()))),
                random.nextBoolean())),
        oneOf(BatteryPlace.all()),
        new Climate(
            Given.typed(random.nextDouble(-40, 40), Unit.CELSIUS),
            Given.typed(random.nextDouble(-40, 40), Unit.CELSIUS),
            Given.typed(random.nextDouble(-30, 50), Unit.CELSIUS),
            Given.typed(random.nextInt(1, 13), Unit.COUNT)),
        new Use(
            new LongestLayUp(
                Given.typed(random.nextDouble(0, 1000), Unit.DAY),
                Given.typed(random.nextInt(1, 13), Unit.COUNT),
                oneOf(LayUpPlace.all()),
                stand()),
            Given.typed(random.nextDouble(0, 10000), Unit.MILLIAMPERE),
            Given.typed(random.nextDouble(0, 500), Unit.AMPERE),
            Given.typed(random.nextDouble(0, 500), Unit.HOUR),
            new Driving(
                Given.typed(random.nextDouble(0, 100), Unit.COUNT),
                Given.typed(random.nextDouble(0, 1440), Unit.MINUTE)),
            Given.typed(random.nextDouble(0.5, 50), Unit.YEAR),
            perhaps(new History(random.nextDouble(1, 50), random.nextDouble(0.1, 60)))),
        new Charging(
            Given.typed(random.nextDouble(5, 32), Unit.VOLT),
            Given.typed(Math.min(500, between(0.1, 500)), Unit.AMPERE),
            Given.typed(random.nextDouble(0, 500), Unit.AMPERE),
            Given.typed(random.nextDouble(0, 1), Unit.SHARE)));
  }

  private Stand stand() {
    return new Stand(oneOf(List.of(Stand.Way.values())), random.nextDouble(1, 52));
  }

  private Sheet sheet() {
    return new Sheet(
        Math.min(200, between(0.5, 200)),
        random.nextBoolean()
            ? List.of()
            : List.of(
                new RatedCharge(Math.min(10_000, between(0.001, 10_000)), between(0.01, 1000)),
                RatedCharge.atRate(between(0.5, 500), 20)),
        new ProtectionClaim(
            perhaps(Given.label(between(1, 1000), Unit.AMPERE)),
            perhaps(Given.label(between(1, 5000), Unit.AMPERE)),
            perhaps(Given.label(between(1, 9000), Unit.AMPERE)),
            perhaps(Given.label(random.nextDouble(1, 12), Unit.VOLT)),
            perhaps(Given.label(random.nextDouble(5, 60), Unit.PER_CENT))),
        random.nextBoolean(),
        random.nextBoolean());
  }

  private Conditions conditions() {
    return new Conditions(
        random.nextDouble(-40, 40),
        random.nextDouble(0, 1000),
        random.nextInt(4) == 0 ? 0 : Math.min(500, between(0.01, 500)),
        random.nextDouble(0, 500),
        random.nextInt(3) == 0 ? JudgedAge.USUAL : JudgedAge.after(random.nextDouble(0, 20)),
        stand());
  }

  @Test
  void everyAnswerIsANumberWithABandAndAWorking() {
    for (int i = 0; i < 400; i++) {
      int volts = oneOf(List.of(6, 12, 24));
      Need need = need(volts);
      List<Candidate> lineUp =
          List.of(
              new Candidate("0", label(volts), random.nextDouble(0, 30)),
              new Candidate("A", label(volts), 0),
              new Candidate("B", label(volts), 0));
      Conditions conditions = conditions();
      String asked = i + ": " + need + " " + lineUp + " " + conditions;
      Bench bench = Bench.of(need, Policy.USUAL, lineUp);
      BenchAnswer answer = bench.answer(conditions);
      for (CandidateAnswer each : answer.candidates()) {
        for (Figure figure : each.outcomes().values()) {
          assertThat(figure.value()).as(asked).isFinite();
          assertThat(figure.band().low())
              .as(asked)
              .isFinite()
              .isLessThanOrEqualTo(figure.value() + 1e-6);
          assertThat(figure.band().high())
              .as(asked)
              .isFinite()
              .isGreaterThanOrEqualTo(figure.value() - 1e-6);
          assertThat(figure.working().terms()).as(asked).isNotEmpty();
        }
      }
      for (CandidateCurves curves :
          bench.curves(conditions, EnumSet.allOf(CandidateCurves.Kind.class))) {
        for (CandidateCurves.Kind kind : curves.curves().keySet()) {
          List<CandidateCurves.Point> curve = curves.find(kind).orElseThrow();
          if (kind == CandidateCurves.Kind.FILLING || kind == CandidateCurves.Kind.MONEY_STEPS) {
            assertThat(curve).as(asked).hasSizeBetween(2, 2500);
          } else {
            assertThat(curve).as(asked).hasSize(CandidateCurves.POINTS);
          }
          assertThat(curve)
              .as(asked)
              .allMatch(point -> Double.isFinite(point.x()) && Double.isFinite(point.y()));
        }
      }
      Decision decision = Decision.of(bench, conditions, Weights.USUAL);
      assertThat(decision.ranked()).allMatch(verdict -> Double.isFinite(verdict.points()));
      Futures futures = Futures.of(bench, conditions, Weights.USUAL, 20, i);
      assertThat(futures.shares()).allMatch(share -> Double.isFinite(share.regret()));
    }
  }

  /** Every label that may be typed is translated to every test. */
  @Test
  void everyLabelHasAYardstick() {
    for (int i = 0; i < 300; i++) {
      Label label = label(12);
      for (Yardstick.Conversion conversion : Yardstick.of(label).conversions()) {
        assertThat(conversion.amps()).as(label.toString()).isFinite().isPositive();
      }
    }
  }

  /** The order of candidates changes nothing of the ranking, whatever they are. */
  @Test
  void rankingDoesNotDependOnOrder() {
    for (int i = 0; i < 60; i++) {
      Need need =
          Examples.need(Examples.dieselNeed().engine(), random.nextDouble(-30, 20), 30, 14.2);
      List<Candidate> lineUp = new ArrayList<>();
      for (String letter : List.of("A", "B", "C", "D", "E")) {
        lineUp.add(
            new Candidate(
                letter,
                Examples.label(
                    oneOf(List.of("flooded", "efb", "agm", "lfp")),
                    random.nextDouble(530, 900),
                    random.nextDouble(40, 90),
                    random.nextDouble(91, 150),
                    random.nextDouble(6, 25),
                    random.nextDouble(50, 500)),
                0));
      }
      Conditions conditions = Conditions.of(need);
      Weights weights = weights();
      List<String> ranked = letters(need, lineUp, conditions, weights);
      Collections.shuffle(lineUp, new java.util.Random(i));
      assertThat(letters(need, lineUp, conditions, weights)).isEqualTo(ranked);
    }
  }

  private Weights weights() {
    return new Weights(
        java.util.Map.of(
            Criterion.COLD, random.nextInt(13),
            Criterion.PARKED, random.nextInt(13),
            Criterion.ENGINE_OFF, random.nextInt(13),
            Criterion.MASS, random.nextInt(13),
            Criterion.MONEY, random.nextInt(13)));
  }

  private static List<String> letters(
      Need need, List<Candidate> lineUp, Conditions conditions, Weights weights) {
    return Decision.of(Bench.of(need, Policy.USUAL, lineUp), conditions, weights).ranked().stream()
        .map(Ranked::letter)
        .toList();
  }
}
