package org.fermix.web.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import org.fermix.core.Examples;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.JudgedAge;
import org.fermix.core.bench.Policy;
import org.fermix.core.decision.Criterion;
import org.fermix.core.decision.Decision;
import org.fermix.core.decision.Flips;
import org.fermix.core.decision.Futures;
import org.fermix.core.decision.Weights;
import org.fermix.core.label.Candidate;
import org.fermix.core.machine.Need;
import org.fermix.web.shared.Display;
import org.junit.jupiter.api.Test;

/** What the bench says of ties, futures and turning points: no more than the figures carry. */
class BenchWordsTest {
  private static final Need NEED =
      Examples.need(Examples.engine("petrol-car", 1.6, 4, "5W-30"), -8, 14, 14.2);
  private static final Conditions NEW = Conditions.of(NEED).aged(JudgedAge.NEW);

  private static Candidate agm(String letter, double factor, double price) {
    return new Candidate(
        letter, Examples.label("agm", 700 * factor, 70 * factor, 120 * factor, 20, price), 0);
  }

  private static Decision decision(Candidate... candidates) {
    return Decision.of(Bench.of(NEED, Policy.USUAL, List.of(candidates)), NEW, Weights.USUAL);
  }

  /**
   * Two of one case, 3 % apart in every rating and 20 % in price, are level; a third changes
   * nothing.
   */
  @Test
  void twoThatCannotBeToldApartAreSaidToBeLevel() {
    Decision two = decision(agm("A", 1, 150), agm("B", 1.03, 180));
    assertThat(RankingBars.level(two.ranked(), Display.USUAL))
        .contains("A and B are level", "these figures cannot tell");
    Decision three = decision(agm("A", 1, 150), agm("B", 1.03, 180), agm("C", 1, 1500));
    assertThat(RankingBars.level(three.ranked(), Display.USUAL)).startsWith("A and B are level");
    assertThat(RankingBars.level(decision(agm("A", 1, 150)).ranked(), Display.USUAL)).isEmpty();
    // The same battery for ten times the price: nothing speaks for it.
    assertThat(RankingBars.dominated(three.ranked().get(2), three.ranked()))
        .isEqualTo("nothing speaks for it against A");
    assertThat(RankingBars.dominated(three.ranked().get(0), three.ranked())).isEmpty();
  }

  @Test
  void barsShowEveryWeightThatCounts() {
    Decision decision = decision(agm("A", 1, 150), agm("B", 1.03, 180));
    String bar = RankingBars.bar(decision.ranked().get(0), Display.USUAL);
    for (Criterion each : Criterion.values()) {
      assertThat(bar.contains("<title>" + RankingBars.word(each)))
          .as(each.name())
          .isEqualTo(Weights.USUAL.of(each) > 0);
    }
  }

  @Test
  void futuresAgreeWithTheVerdictOrSayWhyNot() {
    Candidate[] lineUp = {agm("A", 1, 150), agm("B", 0.8, 90)};
    Bench bench = Bench.of(NEED, Policy.USUAL, List.of(lineUp));
    Decision decision = decision(lineUp);
    FutureBars bars =
        FutureBars.of(Futures.of(bench, NEW, Weights.USUAL, 2000, 7), decision, Display.USUAL);
    assertThat(bars.bars()).hasSize(2);
    assertThat(bars.agrees()).containsAnyOf("they say what the verdict says", "loses less than");
    assertThat(bars.bars()).allSatisfy(bar -> assertThat(bar.starts()).doesNotContain("100"));
    assertThat(
            FutureBars.of(
                    Futures.of(Bench.of(NEED, Policy.USUAL, List.of()), NEW, Weights.USUAL, 10, 7),
                    Decision.of(Bench.of(NEED, Policy.USUAL, List.of()), NEW, Weights.USUAL),
                    Display.USUAL)
                .agrees())
        .contains("nothing to play");
  }

  @Test
  void stretchesNameWhoTakesOverOrSayThatTheyHold() {
    Candidate[] lineUp = {agm("A", 1, 150), agm("B", 1.03, 180)};
    Decision decision = decision(lineUp);
    Stretches stretches =
        Stretches.of(
            Flips.around(Bench.of(NEED, Policy.USUAL, List.of(lineUp)), decision),
            decision,
            Display.USUAL);
    assertThat(stretches.all())
        .extracting(Stretches.Stretch::name)
        .contains("Temperature", "Days parked", "Price of A");
    assertThat(stretches.all())
        .allSatisfy(each -> assertThat(each.words()).containsAnyOf("holds everywhere", "from "));
    assertThat(Stretches.of(List.of(), decision(agm("A", 1, 150)), Display.USUAL).all())
        .allSatisfy(each -> assertThat(each.words()).isEqualTo("holds everywhere"))
        .extracting(Stretches.Stretch::name)
        .contains("Temperature", "Years kept")
        .doesNotContain("Price of A");
  }

  @Test
  void pointsAreWholeAndTwelveOrNothing() {
    assertThat(PointsForm.read(Map.of("pointsCOLD", "12"))).isPresent();
    assertThat(PointsForm.read(Map.of("pointsCOLD", "6", "pointsMONEY", "6")).orElseThrow())
        .containsEntry(Criterion.MONEY, 6)
        .containsEntry(Criterion.MASS, 0);
    for (String bad : List.of("11", "13", "12.5", "twelve", "-12", "", "1e1", "∞")) {
      assertThat(PointsForm.read(Map.of("pointsCOLD", bad))).as(bad).isEmpty();
    }
  }
}
