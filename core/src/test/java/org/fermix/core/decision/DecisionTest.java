package org.fermix.core.decision;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.fermix.core.Examples;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Policy;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Need;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;
import org.junit.jupiter.api.Test;

class DecisionTest {
  private static final Need NEED = Examples.dieselNeed();

  private static Decision decide(List<Candidate> candidates, Weights weights) {
    return Decision.of(Bench.of(NEED, Policy.USUAL, candidates), Conditions.of(NEED), weights);
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
        assertThat(weighing.merit()).isBetween(0.0, 1.0);
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
    Decision decision = decide(Examples.lineUp(), new Weights(Map.of(Criterion.MASS, 12)));
    assertThat(decision.leader().orElseThrow().letter()).isEqualTo("D");
  }

  /** The turning price, put on the leader's label, really turns the answer. */
  @Test
  void priceFlipIsTrue() {
    Weights money = new Weights(Map.of(Criterion.MONEY, 8, Criterion.COLD, 4));
    Decision decision = decide(Examples.lineUp(), money);
    Optional<Flip> flip =
        Flips.around(bench(), decision).stream()
            .filter(each -> each.kind() == Flip.Kind.LEADER_DEARER)
            .findFirst();
    assertThat(flip).isPresent();
    String leader = decision.leader().orElseThrow().letter();
    assertThat(leaderAtPrice(leader, flip.get().value() * 0.995, money)).isEqualTo(leader);
    assertThat(leaderAtPrice(leader, flip.get().value() * 1.005, money))
        .isEqualTo(flip.get().letter());
  }

  private static String leaderAtPrice(String letter, double price, Weights weights) {
    List<Candidate> changed =
        Examples.lineUp().stream()
            .map(each -> each.letter().equals(letter) ? priced(each, price) : each)
            .toList();
    return decide(changed, weights).leader().orElseThrow().letter();
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

  /** Every condition flip, applied, really changes the leader to the one named. */
  @Test
  void conditionFlipsAreTrue() {
    Bench bench = Bench.of(NEED, Policy.USUAL, Examples.lineUp());
    Conditions conditions = Conditions.of(NEED);
    for (Flip flip : Flips.around(bench, Decision.of(bench, conditions, Weights.USUAL))) {
      if (Flips.unit(flip.kind()) == Unit.MONEY) {
        continue;
      }
      Conditions turned =
          Flips.unit(flip.kind()) == Unit.CELSIUS
              ? conditions.atTemperature(flip.value())
              : conditions.afterDays(flip.value());
      assertThat(Decision.of(bench, turned, Weights.USUAL).leader().orElseThrow().letter())
          .isEqualTo(flip.letter());
    }
  }

  @Test
  void emptyLineUpHasNoLeader() {
    Decision decision = decide(List.of(), Weights.USUAL);
    assertThat(decision.leader()).isEmpty();
    assertThat(Flips.around(Bench.of(NEED, Policy.USUAL, List.of()), decision)).isEmpty();
  }
}
