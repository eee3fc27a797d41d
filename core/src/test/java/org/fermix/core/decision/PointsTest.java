package org.fermix.core.decision;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import java.util.stream.Collectors;
import org.fermix.core.Examples;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.CandidateAnswer;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.JudgedAge;
import org.fermix.core.bench.Outcome;
import org.fermix.core.bench.Policy;
import org.fermix.core.bench.Screening;
import org.fermix.core.label.Beside;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.Stand;
import org.fermix.core.quantity.Figure;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;
import org.junit.jupiter.api.Test;

/** The one rule of points. */
class PointsTest {
  private static final Need NEED = Examples.dieselNeed();
  private static final Conditions MILD = new Conditions(0, 7, 0, 0, 0);

  private static Decision decide(List<Candidate> candidates, Weights weights) {
    return Decision.of(Bench.of(NEED, Policy.USUAL, candidates), MILD, weights);
  }

  /** What one is ahead of another depends on the two alone. */
  @Test
  void theLeadOfOneOverAnotherDependsOnTheTwoAlone() {
    List<Candidate> two = Examples.lineUp().subList(1, 3);
    List<Candidate> all = new ArrayList<>(Examples.lineUp());
    all.add(new Candidate("E", Examples.label("flooded", 560, 60, 100, 60, 20_000), 0));
    all.add(new Candidate("F", Examples.label("flooded", 560, 60, 100, 4, 1), 0));
    assertThat(lead(decide(all, Weights.USUAL)))
        .isCloseTo(lead(decide(two, Weights.USUAL)), within(1e-9));
  }

  private static double lead(Decision decision) {
    Map<String, Double> points =
        decision.ranked().stream().collect(Collectors.toMap(Ranked::letter, Ranked::points));
    return points.getOrDefault("A", Double.NaN) - points.getOrDefault("B", Double.NaN);
  }

  /** Each factor e of cost takes a quarter of the weight. */
  @Test
  void costCountsByItsLogarithm() {
    assertThat(Points.less(Math.E * 50, 50)).isCloseTo(0.75, within(1e-12));
    assertThat(Points.less(50, 50)).isEqualTo(1);
  }

  /** A price that nobody has named is unknown, not nothing: it neither leads nor sinks by it. */
  @Test
  void aMissingPriceIsUnknown() {
    List<Candidate> lineUp = new ArrayList<>(Examples.lineUp().subList(1, 4));
    Label priced = lineUp.get(0).label();
    Label unpriced =
        new Label(
            priced.name(),
            priced.chemistry(),
            priced.cranking(),
            priced.capacityAh(),
            priced.reserveMinutes(),
            priced.massKg(),
            priced.size(),
            priced.positiveSide(),
            Given.assumed(0, Unit.MONEY, "no price typed"));
    lineUp.add(new Candidate("H", unpriced, 0));
    Decision decision = decide(lineUp, new Weights(Map.of(Criterion.MONEY, 12)));
    Ranked unknown =
        decision.ranked().stream()
            .filter(each -> each.letter().equals("H"))
            .findFirst()
            .orElseThrow();
    assertThat(unknown.answer().find(Outcome.COST_PER_YEAR)).isEqualTo(Optional.empty());
    assertThat(unknown.weighing(Criterion.MONEY).merit()).isEqualTo(0.5);
    assertThat(decision.first().orElseThrow().letter()).isNotEqualTo("H");
  }

  /** Whoever does all that is asked stands before whoever does not, whatever the points. */
  @Test
  void needsComeBeforePoints() {
    Points.Score meets = new Points.Score(3, 2, true, true);
    Points.Score misses = new Points.Score(11, 8, false, false);
    Points.Score missesByMore = new Points.Score(11.5, 5, false, false);
    List<Points.Score> scores = new ArrayList<>(List.of(missesByMore, misses, meets));
    scores.sort(Points.Score.BEST_FIRST);
    assertThat(scores).containsExactly(meets, misses, missesByMore);
  }

  /** What is asked without bands and working scores as the answer does, in any conditions. */
  @Test
  void headlinesScoreAsTheAnswerDoes() {
    Candidate withHouse =
        new Candidate("E", Examples.label("flooded", 640, 70, 112, 17, 96), 0)
            .beside(
                Beside.house(
                    Examples.label("agm", 760, 95, 180, 27, 210),
                    List.of(new Beside.Part("Isolator and cables", 6, 120))));
    List<Candidate> lineUp = new ArrayList<>(Examples.lineUp());
    lineUp.add(withHouse);
    lineUp.add(new Candidate("F", Examples.label("efb", 700, 72, 120, 18, 0), 0));
    lineUp.add(new Candidate("G", Examples.label("flooded", 300, 90, 150, 10, 1), 0));
    RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(5);
    List<Stand.Way> ways = List.of(Stand.Way.values());
    int met = 0;
    int missed = 0;
    for (int run = 0; run < 40; run++) {
      Bench bench =
          Bench.of(
              Examples.need(
                  Examples.engine("petrol-car", 2.2, 4, "15W-40"),
                  -30 + 40 * random.nextDouble(),
                  random.nextInt(0, 120),
                  14.3),
              Policy.USUAL,
              lineUp);
      Conditions own = Conditions.of(bench.need());
      Conditions conditions =
          own.running(run % 4 == 0 ? 0 : 12 * random.nextDouble(), run % 5 == 0 ? 0 : 3)
              .left(own.stand().left(ways.get(run % ways.size())))
              .aged(run % 2 == 0 ? JudgedAge.NEW : JudgedAge.USUAL);
      List<CandidateAnswer> eligible =
          bench.answer(conditions).forSale().stream().filter(CandidateAnswer::isEligible).toList();
      double layUpDays = conditions.layUpDays(bench.need());
      Map<String, Screening.Headline> headlines = bench.headlines(conditions);
      assertThat(headlines.keySet())
          .containsExactlyElementsOf(eligible.stream().map(CandidateAnswer::letter).toList())
          .contains("E", "F")
          .doesNotContain("0", "G");
      Points points = Points.of(headlines.values(), Weights.USUAL, conditions, layUpDays);
      for (CandidateAnswer each : eligible) {
        Screening.Headline headline = bench.headline(each.letter(), conditions).orElseThrow();
        Points.Score score = points.score(headline);
        assertThat(headline).as("%s in %s", each.letter(), conditions).isEqualTo(each.headline());
        assertThat(100 * headline.shown().startChance())
            .isCloseTo(each.figure(Outcome.START_CHANCE).value(), within(1e-9));
        assertThat(headline.shown().parkedDays())
            .isCloseTo(each.figure(Outcome.PARKED_DAYS).value(), within(1e-9));
        assertThat(headline.costPerYear())
            .isCloseTo(
                each.find(Outcome.COST_PER_YEAR).map(Figure::value).orElse(0.0), within(1e-9));
        assertThat(headline.shown().engineOffHours())
            .isCloseTo(
                conditions.hasEngineOffLoad()
                    ? each.figure(Outcome.ENGINE_OFF_HOURS).value()
                    : conditions.engineOffHours(),
                within(1e-9));
        assertThat(headlines).containsEntry(each.letter(), headline);
        met += score.meets() ? 1 : 0;
        missed += score.meets() ? 0 : 1;
      }
    }
    assertThat(met).isGreaterThan(10);
    assertThat(missed).isGreaterThan(10);
  }
}
