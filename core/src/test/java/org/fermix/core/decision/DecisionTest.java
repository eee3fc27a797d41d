package org.fermix.core.decision;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.fermix.core.Examples;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Policy;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.Stand;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;
import org.junit.jupiter.api.Test;

class DecisionTest {
  private static final Need NEED = Examples.dieselNeed();

  private static Decision decide(List<Candidate> candidates, Weights weights) {
    return Decision.of(Bench.of(NEED, Policy.USUAL, candidates), Conditions.of(NEED), weights);
  }

  /** Conditions that every candidate of the example line-up meets. */
  private static final Conditions MILD = new Conditions(0, 7, 0, 0, 0);

  private static Decision inMildWeather(List<Candidate> candidates, Weights weights) {
    return Decision.of(Bench.of(NEED, Policy.USUAL, candidates), MILD, weights);
  }

  private static Bench bench() {
    return Bench.of(NEED, Policy.USUAL, Examples.lineUp());
  }

  @Test
  void rankingDoesNotDependOnTheOrderOfCandidates() {
    List<String> expected =
        decide(Examples.lineUp(), Weights.USUAL).ranked().stream().map(Ranked::letter).toList();
    List<Candidate> shuffled = new ArrayList<>(Examples.lineUp());
    for (int seed = 0; seed < 10; seed++) {
      Collections.shuffle(shuffled, new Random(seed));
      assertThat(decide(shuffled, Weights.USUAL).ranked())
          .extracting(Ranked::letter)
          .isEqualTo(expected);
    }
  }

  @Test
  void pointsAreTheSumOfTheirPartsAndMeritsStayInRange() {
    for (Ranked verdict : decide(Examples.lineUp(), Weights.USUAL).ranked()) {
      double sum = 0;
      for (Weighing weighing : verdict.weighings()) {
        assertThat(weighing.merit()).isLessThanOrEqualTo(1.0);
        if (weighing.criterion().hasNeed()) {
          assertThat(weighing.merit()).isNotNegative();
        }
        sum += weighing.weight() * weighing.merit();
      }
      assertThat(verdict.points()).isCloseTo(sum, within(1e-12));
    }
  }

  @Test
  void aFailedGateIsNeverBoughtBack() {
    List<Candidate> lineUp = new ArrayList<>(Examples.lineUp());
    lineUp.add(new Candidate("E", Examples.label("flooded", 300, 90, 150, 10, 1), 0));
    Decision decision = decide(lineUp, Weights.USUAL);
    assertThat(decision.ranked()).extracting(Ranked::letter).doesNotContain("E");
    assertThat(decision.refused()).extracting(answer -> answer.letter()).containsExactly("E");
  }

  @Test
  void todaysBatteryIsTheBaselineAndNotRanked() {
    assertThat(decide(Examples.lineUp(), Weights.USUAL).ranked())
        .extracting(Ranked::letter)
        .doesNotContain("0");
  }

  @Test
  void onlyMassMatteringTakesTheLightest() {
    Decision decision = inMildWeather(Examples.lineUp(), new Weights(Map.of(Criterion.MASS, 12)));
    assertThat(decision.leader().orElseThrow().letter()).isEqualTo("D");
  }

  /** The turning price, put on the leader's label, really turns the answer. */
  @Test
  void priceFlipIsTrue() {
    Weights money = new Weights(Map.of(Criterion.MONEY, 8, Criterion.COLD, 4));
    Decision decision = inMildWeather(Examples.lineUp(), money);
    Optional<Flip> flip =
        Flips.around(bench(), decision).stream()
            .filter(each -> each.varied() == Flip.Varied.LEADER_PRICE)
            .findFirst();
    assertThat(flip).isPresent();
    String leader = decision.leader().orElseThrow().letter();
    assertThat(leaderAtPrice(leader, flip.get().value() * 0.995, money)).isEqualTo(leader);
    assertThat(leaderAtPrice(leader, flip.get().value() * 1.005, money))
        .isEqualTo(flip.get().letter().orElseThrow());
  }

  private static String leaderAtPrice(String letter, double price, Weights weights) {
    List<Candidate> changed =
        Examples.lineUp().stream()
            .map(each -> each.letter().equals(letter) ? priced(each, price) : each)
            .toList();
    return inMildWeather(changed, weights).leader().orElseThrow().letter();
  }

  private static Candidate priced(Candidate candidate, double price) {
    Label label = candidate.label();
    return new Candidate(
        candidate.letter(),
        new Label(
            label.name(),
            label.chemistry(),
            label.cranking(),
            label.capacityAh(),
            label.reserveMinutes(),
            label.massKg(),
            label.size(),
            label.positiveSide(),
            Given.typed(price, Unit.MONEY)),
        candidate.ageYears());
  }

  /**
   * At every turning point of a condition the answer is the one named; half the way back to it, the
   * leader still leads and still does what is asked.
   */
  @Test
  void turningPointsAreWhereTheAnswerTurns() {
    int found = 0;
    Bench bench = Bench.of(NEED, Policy.USUAL, Examples.lineUp());
    for (Conditions conditions :
        List.of(Conditions.of(NEED), MILD, MILD.running(4, 1), MILD.afterDays(20))) {
      Decision own = Decision.of(bench, conditions, Weights.USUAL);
      Ranked first = own.first().orElseThrow();
      for (Flip flip : Flips.around(bench, own)) {
        if (flip.varied() == Flip.Varied.LEADER_PRICE) {
          continue;
        }
        found++;
        double now = value(conditions, flip.varied());
        assertThat(flip.value() > now).as("%s", flip).isEqualTo(flip.beyond());
        Ranked there = varied(bench, conditions, flip.varied(), flip.value());
        if (flip.letter().isPresent()) {
          assertThat(there.letter()).as("%s", flip).isEqualTo(flip.letter().get());
          assertThat(there.letter()).as("%s", flip).isNotEqualTo(first.letter());
        } else {
          assertThat(first.meets()).as("%s", flip).isTrue();
          assertThat(there.meets()).as("%s", flip).isFalse();
        }
        Ranked between = varied(bench, conditions, flip.varied(), 0.5 * (now + flip.value()));
        assertThat(between.letter()).as("before %s", flip).isEqualTo(first.letter());
        assertThat(between.meets() || !first.meets()).as("before %s", flip).isTrue();
      }
    }
    assertThat(found).isGreaterThan(6);
  }

  private static double value(Conditions own, Flip.Varied varied) {
    return switch (varied) {
      case TEMPERATURE -> own.temperatureC();
      case DAYS_PARKED -> own.daysParked();
      case ENGINE_OFF_HOURS -> own.engineOffHours();
      case ENGINE_OFF_LOAD -> own.engineOffAmps();
      case YEARS_KEPT -> NEED.use().yearsKept().value();
      case LEADER_PRICE -> 0;
    };
  }

  private static Ranked varied(Bench bench, Conditions own, Flip.Varied varied, double value) {
    Conditions there =
        switch (varied) {
          case TEMPERATURE -> own.atTemperature(value);
          case DAYS_PARKED -> own.afterDays(value);
          case ENGINE_OFF_HOURS -> own.running(own.engineOffAmps(), value);
          case ENGINE_OFF_LOAD -> own.running(value, own.engineOffHours());
          case YEARS_KEPT, LEADER_PRICE -> own;
        };
    Bench asked = varied == Flip.Varied.YEARS_KEPT ? bench.kept(value) : bench;
    return Decision.of(asked, there, Weights.USUAL).first().orElseThrow();
  }

  @Test
  void emptyLineUpHasNoLeader() {
    Decision decision = decide(List.of(), Weights.USUAL);
    assertThat(decision.leader()).isEmpty();
    assertThat(Flips.around(Bench.of(NEED, Policy.USUAL, List.of()), decision)).isEmpty();
  }

  /**
   * A third candidate, however useless, dear or heavy, never swaps two others, in any conditions or
   * weights.
   */
  @Test
  void anIrrelevantCandidateNeverReordersOthers() {
    RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(14);
    for (int run = 0; run < 60; run++) {
      List<Candidate> few = new ArrayList<>();
      for (String letter : List.of("A", "B", "C")) {
        few.add(new Candidate(letter, anyLabel(random), 0));
      }
      List<Candidate> more = new ArrayList<>(few);
      more.add(new Candidate("D", anyLabel(random), 0));
      more.add(
          new Candidate(
              "E", Examples.label("flooded", 560, 60, 100, 40, random.nextDouble(500, 50_000)), 0));
      Conditions conditions =
          new Conditions(random.nextDouble(-25, 10), random.nextDouble(0, 60), 4, 2, 0);
      Weights weights =
          new Weights(
              Map.of(
                  Criterion.COLD, random.nextInt(6),
                  Criterion.PARKED, random.nextInt(4),
                  Criterion.MASS, random.nextInt(6),
                  Criterion.MONEY, random.nextInt(8)));
      List<String> alone = order(few, conditions, weights);
      assertThat(order(more, conditions, weights)).containsSubsequence(alone);
    }
  }

  private static Label anyLabel(RandomGenerator random) {
    String chemistry = List.of("flooded", "efb", "agm", "lfp").get(random.nextInt(4));
    double ampHours = random.nextDouble(40, 95);
    return Examples.label(
        chemistry,
        Math.max(530, ampHours * random.nextDouble(8, 12)),
        ampHours,
        ampHours * (chemistry.equals("lfp") ? 2.3 : 1.7),
        ampHours / (chemistry.equals("lfp") ? 6.5 : 3.7),
        random.nextDouble(60, 600));
  }

  private static List<String> order(
      List<Candidate> candidates, Conditions conditions, Weights weights) {
    return Decision.of(Bench.of(NEED, Policy.USUAL, candidates), conditions, weights)
        .ranked()
        .stream()
        .map(Ranked::letter)
        .toList();
  }

  /** Whoever is recommended does all that is asked; where none does, nobody is. */
  @Test
  void aLeaderMeetsEveryNeedOrThereIsNone() {
    for (double coldC = -35; coldC <= 10; coldC += 5) {
      for (double days : new double[] {0, 14, 60, 150}) {
        Decision decision =
            Decision.of(bench(), new Conditions(coldC, days, 6, 2, 0), Weights.USUAL);
        assertThat(decision.leader().map(Ranked::answer).filter(decision::meetsConditions))
            .isEqualTo(decision.leader().map(Ranked::answer));
        assertThat(decision.leader().isPresent()).isEqualTo(!decision.meeting().isEmpty());
        boolean shortBefore = false;
        for (Ranked ranked : decision.ranked()) {
          assertThat(shortBefore && ranked.meets()).isFalse();
          shortBefore |= !ranked.meets();
        }
      }
    }
  }

  /**
   * Where none does what is asked, what is said to be enough there is, and is not less of the same.
   */
  @Test
  void whatIsSaidToHelpBeyondTheLastTurnHelps() {
    // One alone: nobody else can take over where it no longer does.
    Bench bench =
        Bench.of(
            NEED,
            Policy.USUAL,
            Examples.lineUp().stream().filter(each -> each.letter().equals("B")).toList());
    int helped = 0;
    for (Conditions own : List.of(MILD, MILD.running(4, 1), MILD.afterDays(20))) {
      helped += helped(bench, own);
    }
    assertThat(helped).isPositive();
  }

  private static int helped(Bench bench, Conditions own) {
    int helped = 0;
    for (Flip flip : Flips.around(bench, Decision.of(bench, own, Weights.USUAL))) {
      Conditions there =
          switch (flip.varied()) {
            case TEMPERATURE -> own.atTemperature(flip.value());
            case DAYS_PARKED -> own.afterDays(flip.value());
            case ENGINE_OFF_HOURS -> own.running(own.engineOffAmps(), flip.value());
            case ENGINE_OFF_LOAD -> own.running(flip.value(), own.engineOffHours());
            default -> own;
          };
      if (flip.enough().isEmpty() || flip.enough().get().together()) {
        continue;
      }
      String nearest = Decision.of(bench, there, Weights.USUAL).first().orElseThrow().letter();
      for (Opening opening : flip.enough().get().each()) {
        Conditions opened =
            switch (opening.kind()) {
              case MAINTAINER -> there.left(there.stand().left(Stand.Way.MAINTAINED));
              case NEGATIVE_OFF -> there.left(there.stand().left(Stand.Way.NEGATIVE_OFF));
              case WARMER -> there.atTemperature(opening.value());
              case FEWER_DAYS -> there.afterDays(opening.value());
              case SMALLER_LOAD -> there.running(opening.value() * 0.99, there.engineOffHours());
            };
        assertThat(meets(bench, opened, nearest)).as(flip + " " + opening).isTrue();
        assertThat(
                opening.kind() == Opening.Kind.WARMER && flip.varied() == Flip.Varied.TEMPERATURE)
            .isFalse();
        helped++;
      }
    }
    return helped;
  }

  /** What is said to open the way does, and a little less does not. */
  @Test
  void openingsAreTrue() {
    Bench bench = bench();
    Conditions own = Conditions.of(NEED).atTemperature(-25);
    Decision decision = Decision.of(bench, own, Weights.USUAL);
    assertThat(decision.leader()).isEmpty();
    String nearest = decision.first().orElseThrow().letter();
    Opening.Enough enough = Opening.of(bench, decision, nearest);
    assertThat(enough.together()).isFalse();
    List<Opening> openings = enough.each();
    assertThat(openings).isNotEmpty();
    for (Opening opening : openings) {
      if (opening.kind() == Opening.Kind.WARMER) {
        assertThat(meets(bench, own.atTemperature(opening.value()), nearest)).isTrue();
        assertThat(meets(bench, own.atTemperature(opening.value() - 1), nearest)).isFalse();
      }
    }
    // Flat in the evening: only a smaller load helps, and by how much is said.
    Conditions evening = new Conditions(5, 1, 30, 4, 0);
    Decision flat = Decision.of(bench, evening, Weights.USUAL);
    assertThat(flat.leader()).isEmpty();
    String first = flat.first().orElseThrow().letter();
    Opening load =
        Opening.of(bench, flat, first).each().stream()
            .filter(each -> each.kind() == Opening.Kind.SMALLER_LOAD)
            .findFirst()
            .orElseThrow();
    assertThat(meets(bench, new Conditions(5, 1, load.value() * 0.99, 4, 0), first)).isTrue();
    assertThat(meets(bench, new Conditions(5, 1, load.value() * 1.02, 4, 0), first)).isFalse();
  }

  private static boolean meets(Bench bench, Conditions conditions, String letter) {
    Decision decision = Decision.of(bench, conditions, Weights.USUAL);
    return decision.ranked().stream()
        .filter(each -> each.letter().equals(letter))
        .anyMatch(each -> decision.shortfalls(each.answer()).isEmpty());
  }
}
