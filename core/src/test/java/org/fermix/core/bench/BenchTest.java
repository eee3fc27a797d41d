package org.fermix.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.IntStream;
import org.fermix.core.Examples;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.Tested;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.Stand;
import org.fermix.core.quantity.Figure;
import org.fermix.core.quantity.Working;
import org.junit.jupiter.api.Test;

class BenchTest {
  private static final Need NEED = Examples.dieselNeed();
  private static final Bench BENCH = Bench.of(NEED, Policy.USUAL, Examples.lineUp());

  @Test
  void sameQuestionSameAnswer() {
    Conditions conditions = Conditions.of(NEED);
    assertThat(BENCH.answer(conditions)).isEqualTo(BENCH.answer(conditions));
    assertThat(Bench.of(NEED, Policy.USUAL, Examples.lineUp()).answer(conditions))
        .isEqualTo(BENCH.answer(conditions));
  }

  /** The curve is drawn through fifteen temperatures; at any other it must say the same. */
  @Test
  void chanceCurveSaysWhatTheAnswerSays() {
    Conditions usual = Conditions.of(NEED);
    List<CandidateCurves> curves = BENCH.curves(usual, EnumSet.allOf(CandidateCurves.Kind.class));
    for (int i = 0; i < CandidateCurves.POINTS; i += 3) {
      double celsius =
          curves.get(0).find(CandidateCurves.Kind.START_CHANCE).orElseThrow().get(i).x();
      List<CandidateAnswer> answers = BENCH.answer(usual.atTemperature(celsius)).candidates();
      for (int each = 0; each < answers.size(); each++) {
        double drawn =
            curves.get(each).find(CandidateCurves.Kind.START_CHANCE).orElseThrow().get(i).y();
        assertThat(drawn)
            .as("%s at %.1f °C", answers.get(each).letter(), celsius)
            .isCloseTo(answers.get(each).figure(Outcome.START_CHANCE).value(), within(1.5));
      }
    }
  }

  /** What another way of leaving it would give is what it gives once it is chosen. */
  @Test
  void otherWaysOfStandingSayWhatChoosingThemSays() {
    Conditions usual = Conditions.of(NEED);
    List<Map<Stand.Way, Figure>> standing = BENCH.standing(usual);
    for (Stand.Way way : Stand.Way.values()) {
      List<CandidateAnswer> chosen = BENCH.answer(usual.left(usual.stand().left(way))).candidates();
      for (int each = 0; each < chosen.size(); each++) {
        Figure beside = standing.get(each).get(way);
        if (beside != null) {
          assertThat(chosen.get(each).figure(Outcome.PARKED_DAYS).value())
              .as("%s %s", chosen.get(each).letter(), way)
              .isEqualTo(beside.value());
        }
      }
    }
  }

  /** One bench may be asked by many at once, and its answers do not depend on who asked before. */
  @Test
  void manyMayAskTheSameBench() {
    List<Conditions> asked =
        IntStream.rangeClosed(-30, 20)
            .mapToObj(each -> Conditions.of(NEED).atTemperature(each))
            .toList();
    assertThat(asked.parallelStream().map(each -> said(BENCH, each)).toList())
        .isEqualTo(
            asked.stream()
                .map(each -> said(Bench.of(NEED, Policy.USUAL, Examples.lineUp()), each))
                .toList());
  }

  private static List<String> said(Bench bench, Conditions conditions) {
    return bench.answer(conditions).candidates().stream()
        .flatMap(candidate -> candidate.outcomes().values().stream())
        .map(figure -> figure.value() + " " + figure.working().equation().formula())
        .toList();
  }

  @Test
  void everyFigureOpensItsWorking() {
    for (CandidateAnswer candidate : BENCH.answer(Conditions.of(NEED)).candidates()) {
      for (Figure figure : candidate.outcomes().values()) {
        Working working = figure.working();
        assertThat(working.equation().formula()).isNotBlank();
        assertThat(working.equation().source()).isNotBlank();
        assertThat(working.terms()).isNotEmpty();
        assertThat(working.uncertainty().code()).isNotNull();
        assertThat(figure.band().low()).isLessThanOrEqualTo(figure.value() + 1e-9);
        assertThat(figure.band().high()).isGreaterThanOrEqualTo(figure.value() - 1e-9);
      }
    }
  }

  @Test
  void wrongSideTooLongAndTooWeakFailTheirGates() {
    Candidate weak = new Candidate("W", Examples.label("flooded", 400, 50, 70, 13, 60), 0);
    CandidateAnswer answer =
        Bench.of(NEED, Policy.USUAL, List.of(weak)).answer(Conditions.of(NEED)).candidates().get(0);
    assertThat(answer.failedGates())
        .extracting(GateResult::gate)
        .containsExactly(Gate.MINIMUM_CRANKING, Gate.MINIMUM_RESERVE);
    assertThat(answer.isEligible()).isFalse();
  }

  @Test
  void highRegulatorShutsOutLithium() {
    Need hot = Examples.need(NEED.engine(), -20, 42, 14.8);
    BenchAnswer answer = Bench.of(hot, Policy.USUAL, Examples.lineUp()).answer(Conditions.of(hot));
    assertThat(answer.find("D").orElseThrow().failedGates())
        .singleElement()
        .extracting(GateResult::gate)
        .isEqualTo(Gate.CHARGED);
  }

  /** Colder, longer and older never improve an outcome of lead; 200 random conditions, one seed. */
  @Test
  void outcomesMoveTheRightWay() {
    RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(7);
    for (int i = 0; i < 200; i++) {
      Conditions here =
          new Conditions(
              random.nextDouble(-30, 25),
              random.nextDouble(0, 200),
              random.nextDouble(0.5, 20),
              2,
              random.nextDouble(0, 5));
      Conditions worse =
          new Conditions(
              here.temperatureC() - 4,
              here.daysParked() + 20,
              here.engineOffAmps() + 1,
              2,
              here.age().yearsOn().orElseThrow() + 1);
      BenchAnswer good = BENCH.answer(here);
      BenchAnswer bad = BENCH.answer(worse);
      for (String letter : List.of("A", "B", "C")) {
        assertNoBetter(good, bad, letter, Outcome.START_CHANCE, 1);
        assertNoBetter(good, bad, letter, Outcome.PARKED_DAYS, 1);
        assertNoBetter(good, bad, letter, Outcome.ENGINE_OFF_HOURS, 1);
        assertNoBetter(good, bad, letter, Outcome.START_FLOOR, -1);
      }
    }
  }

  private static void assertNoBetter(
      BenchAnswer good, BenchAnswer bad, String letter, Outcome outcome, int sign) {
    double before = good.find(letter).orElseThrow().figure(outcome).value();
    double after = bad.find(letter).orElseThrow().figure(outcome).value();
    assertThat(sign * after)
        .as(letter + " " + outcome + " in " + bad.conditions())
        .isLessThanOrEqualTo(sign * before + 0.05);
  }

  @Test
  void twoCandidatesWithOneLetterAreRefused() {
    Candidate a = Examples.lineUp().get(1);
    assertThatIllegalArgumentException()
        .isThrownBy(() -> Bench.of(NEED, Policy.USUAL, List.of(a, a)))
        .withMessageContaining("letter of its own");
  }

  @Test
  void conditionsOutsideTheModelAreRefused() {
    assertThatIllegalArgumentException()
        .isThrownBy(() -> new Conditions(-60, 0, 0, 0, 0))
        .withMessageContaining("coldest morning must be from -40 to 40 °C");
  }

  /** A measured share of the rating wins over the age: weaker when it is worse, and the reverse. */
  @Test
  void aMeasurementWinsOverTheAge() {
    var label = Examples.lineUp().get(0).label();
    double byAge = chance(new Candidate("0", label, 7));
    double weak = chance(new Candidate("0", label, 7).with(Tested.cranking(0.5)));
    double strong = chance(new Candidate("0", label, 7).with(Tested.cranking(1.2)));
    assertThat(weak).isLessThan(byAge);
    assertThat(strong).isGreaterThan(byAge);
  }

  private static double chance(Candidate today) {
    return Bench.of(NEED, Policy.USUAL, List.of(today))
        .answer(Conditions.of(NEED).atTemperature(-8))
        .candidates()
        .get(0)
        .figure(Outcome.START_CHANCE)
        .value();
  }
}
