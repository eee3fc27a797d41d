package org.fermix.core.decision;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.fermix.core.Examples;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Outcome;
import org.fermix.core.bench.Policy;
import org.fermix.core.label.Candidate;
import org.fermix.core.machine.Need;
import org.junit.jupiter.api.Test;

class FuturesTest {
  private static final Need NEED = Examples.dieselNeed();
  private static final Conditions CONDITIONS = Conditions.of(NEED);
  private static final Bench BENCH = Bench.of(NEED, Policy.USUAL, Examples.lineUp());
  private static final Futures FUTURES =
      Futures.of(BENCH, CONDITIONS, Weights.USUAL, Futures.USUAL, 3);

  @Test
  void theSharesOfWinsAddUpAndTheRefusedAreLeftOut() {
    assertThat(FUTURES.shares().stream().mapToDouble(Futures.Share::wins).sum())
        .isCloseTo(1, within(1e-9));
    assertThat(FUTURES.shares())
        .extracting(Futures.Share::letter)
        .containsExactly("A", "B", "C", "D");
    Bench hot =
        Bench.of(Examples.need(NEED.engine(), -20, 42, 15.6), Policy.USUAL, Examples.lineUp());
    assertThat(Futures.of(hot, CONDITIONS, Weights.USUAL, 100, 3).shares()).isEmpty();
  }

  /**
   * The share that starts is the chance the bench gives by its one-line law, counted instead of
   * computed: for lead the two agree within 12 points, the law being rounder. A lithium label
   * follows no standard; the futures count that in, so D starts a little less often in them.
   */
  @Test
  void countedStartsAgreeWithTheChanceOnTheBench() {
    for (double temperatureC : new double[] {0, -12, -20}) {
      Conditions conditions = CONDITIONS.atTemperature(temperatureC);
      var answer = BENCH.answer(conditions);
      for (Futures.Share share : Futures.of(BENCH, conditions, Weights.USUAL, 4000, 5).shares()) {
        double chance =
            answer.find(share.letter()).orElseThrow().figure(Outcome.START_CHANCE).value() / 100;
        if (share.letter().equals("D")) {
          assertThat(share.starts()).isBetween(chance - 0.2, chance + 0.05);
        } else {
          assertThat(share.starts())
              .as(share.letter() + " at " + temperatureC)
              .isCloseTo(chance, within(0.12));
        }
      }
    }
  }

  @Test
  void theSameSeedGivesTheSameFuturesAndAnotherNearlyTheSame() {
    assertThat(Futures.of(BENCH, CONDITIONS, Weights.USUAL, Futures.USUAL, 3)).isEqualTo(FUTURES);
    Futures other = Futures.of(BENCH, CONDITIONS, Weights.USUAL, Futures.USUAL, 4);
    for (int i = 0; i < other.shares().size(); i++) {
      // Several standard errors of a share counted in 10,000.
      assertThat(other.shares().get(i).wins())
          .isCloseTo(FUTURES.shares().get(i).wins(), within(0.03));
    }
  }

  @Test
  void theOrderOfCandidatesDoesNotMatter() {
    List<Candidate> reversed = new ArrayList<>(Examples.lineUp());
    Collections.reverse(reversed);
    Futures turned =
        Futures.of(
            Bench.of(NEED, Policy.USUAL, reversed), CONDITIONS, Weights.USUAL, Futures.USUAL, 3);
    for (Futures.Share share : FUTURES.shares()) {
      Futures.Share same =
          turned.shares().stream()
              .filter(each -> each.letter().equals(share.letter()))
              .findFirst()
              .orElseThrow();
      assertThat(same.wins()).isCloseTo(share.wins(), within(1e-9));
      assertThat(same.regret()).isCloseTo(share.regret(), within(1e-9));
    }
  }

  /** A winner of every future regrets nothing; regret is never negative. */
  @Test
  void regretIsWhatIsLostAgainstTheBest() {
    Futures alone =
        Futures.of(
            Bench.of(NEED, Policy.USUAL, Examples.lineUp().subList(0, 2)),
            CONDITIONS,
            Weights.USUAL,
            500,
            3);
    assertThat(alone.shares())
        .singleElement()
        .satisfies(
            share -> {
              assertThat(share.wins()).isEqualTo(1);
              assertThat(share.regret()).isZero();
            });
    assertThat(FUTURES.shares())
        .allSatisfy(
            share -> {
              assertThat(share.regret()).isNotNegative();
              assertThat(share.worstRegret()).isNotNegative();
            });
  }

  @Test
  void impossibleCountsAreRefused() {
    assertThatIllegalArgumentException()
        .isThrownBy(() -> Futures.of(BENCH, CONDITIONS, Weights.USUAL, 0, 3))
        .withMessageContaining("futures must be from 1 to 1000000");
  }

  /** The parts of a comparison add up to the lead, and the level weight does draw level. */
  @Test
  void aComparisonExplainsTheLead() {
    List<Ranked> ranked = Decision.of(BENCH, CONDITIONS, Weights.USUAL).ranked();
    Comparison comparison = Comparison.of(ranked.get(0), ranked.get(1));
    assertThat(comparison.lead())
        .isCloseTo(ranked.get(0).points() - ranked.get(1).points(), within(1e-9));
    for (Criterion criterion : Criterion.values()) {
      comparison
          .weightToDrawLevel(criterion)
          .ifPresent(
              weight -> {
                double change = weight - ranked.get(0).weighing(criterion).weight();
                double gain =
                    ranked.get(0).weighing(criterion).merit()
                        - ranked.get(1).weighing(criterion).merit();
                assertThat(comparison.lead() + change * gain).isCloseTo(0, within(1e-9));
              });
    }
  }
}
