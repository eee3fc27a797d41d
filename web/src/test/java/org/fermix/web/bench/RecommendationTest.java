package org.fermix.web.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.fermix.core.Examples;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Policy;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.decision.Decision;
import org.fermix.core.decision.Weights;
import org.fermix.core.diagnosis.Diagnosis;
import org.fermix.core.diagnosis.Evidence;
import org.fermix.core.diagnosis.ReadingKind;
import org.fermix.core.diagnosis.Verdict;
import org.fermix.core.label.Candidate;
import org.fermix.core.machine.Need;
import org.fermix.core.quantity.Figure;
import org.fermix.core.quantity.UnitSystem;
import org.fermix.web.check.CheckFinding;
import org.fermix.web.shared.Display;
import org.junit.jupiter.api.Test;

/** The sentences say what the decision says. */
class RecommendationTest {
  private static final Need NEED = Examples.dieselNeed();

  private static Decision decide(List<Candidate> candidates, Conditions conditions) {
    return Decision.of(Bench.of(NEED, Policy.USUAL, candidates), conditions, Weights.USUAL);
  }

  private static Recommendation words(List<Candidate> candidates, Conditions conditions) {
    return words(candidates, conditions, CheckFinding.NONE);
  }

  private static final Conditions COLDER = Conditions.of(NEED).atTemperature(-27);

  private static Recommendation words(
      List<Candidate> candidates, Conditions conditions, CheckFinding check) {
    return Recommendation.of(
        Bench.of(NEED, Policy.USUAL, candidates),
        decide(candidates, conditions),
        check,
        Display.USUAL);
  }

  private static String all(Recommendation recommendation) {
    return String.join(" ", recommendation.reasons()).replace('\u00a0', ' ');
  }

  @Test
  void theLeaderIsNamedWithItsReasons() {
    Recommendation recommendation = words(Examples.lineUp(), COLDER);
    assertThat(recommendation.headline())
        .isEqualTo("None of these does all you ask; C, the AGM “Example agm”, comes nearest.");
    assertThat(recommendation.leader()).isEqualTo("C");
    assertThat(all(recommendation))
        .contains("C is likely to start down to −2")
        .contains("short of your −27 °C morning")
        .contains("Today’s battery");
    assertThat(recommendation.ranking()).hasSize(4);
    assertThat(recommendation.ranking().get(0).bar()).contains("cold: ", " of 4");
  }

  @Test
  void whereTodaysBatteryStillDoesItNothingNeedBeBought() {
    List<Candidate> young =
        Examples.lineUp().stream()
            .map(each -> each.isToday() ? new Candidate("0", each.label(), 0.5) : each)
            .toList();
    Recommendation recommendation = words(young, new Conditions(5, 5, 0, 0, 0));
    assertThat(recommendation.headline()).startsWith("Keep today’s battery; when you buy, take ");
    assertThat(all(recommendation)).contains("nothing need be bought");
  }

  /** What the owner's own lay-up ends is said in the headline, with the day and the way out. */
  @Test
  void aBatteryLostInItsLayUpIsToldWithTheDay() {
    Need drained = Examples.needOf(Examples.dieselNeed().engine(), -10, 150, 60);
    Bench bench = Bench.of(drained, Policy.USUAL, Examples.lineUp());
    Recommendation recommendation =
        Recommendation.of(
            bench,
            Decision.of(bench, Conditions.of(drained), Weights.USUAL),
            CheckFinding.NONE,
            Display.USUAL);
    assertThat(recommendation.headline())
        .containsPattern(
            "Laid up as it is, [A-D] is lost by about [0-9]+ (February|March|April|May): leave it"
                + " on a maintainer; its negative lead off gives it longer\\.");
  }

  private static CheckFinding found(Evidence... evidence) {
    return new CheckFinding(
        Optional.of(
            Verdict.of(
                Diagnosis.of(Chemistry.of("flooded"), List.of(evidence), Set.of()),
                false,
                OptionalDouble.empty())));
  }

  /** A battery found worn is replaced, whatever its label and age would still promise. */
  @Test
  void theCheckCountsForMoreThanTheAge() {
    List<Candidate> young =
        Examples.lineUp().stream()
            .map(each -> each.isToday() ? new Candidate("0", each.label(), 0.5) : each)
            .toList();
    Recommendation recommendation =
        words(
            young,
            new Conditions(5, 5, 0, 0, 0),
            found(
                new Evidence(ReadingKind.TESTER, "bad"),
                new Evidence(ReadingKind.LOAD_TEST, "fails"),
                new Evidence(ReadingKind.AFTER_CHARGE, "falls")));
    assertThat(recommendation.headline()).startsWith("Take ");
    assertThat(all(recommendation))
        .contains("The check is settled: battery worn, over 99")
        .contains("what the check found counts for more")
        .doesNotContain("nothing need be bought");
  }

  /** A fault that would kill the next battery too holds the purchase back, found or measured. */
  @Test
  void aChargingFaultHoldsThePurchaseBack() {
    CheckFinding alone = found(new Evidence(ReadingKind.CHARGING_VOLTS, "high"));
    CheckFinding beside =
        found(
            new Evidence(ReadingKind.CHARGING_VOLTS, "high"),
            new Evidence(ReadingKind.TESTER, "bad"),
            new Evidence(ReadingKind.LOAD_TEST, "fails"));
    for (CheckFinding check : List.of(alone, beside)) {
      Recommendation recommendation =
          words(Examples.lineUp(), new Conditions(0, 7, 0, 0, 0), check);
      assertThat(recommendation.headline())
          .matches(
              "Do not buy( yet)?: mend the charging\\. (When you buy,|Then) take [A-D], the .*");
      assertThat(all(recommendation)).contains("or the new battery suffers the same");
    }
  }

  @Test
  void whoFallsShortIsToldByHowMuchAndWhatWouldBeEnough() {
    Recommendation recommendation = words(Examples.lineUp(), COLDER);
    assertThat(all(recommendation))
        .containsPattern("It falls short: \\d+\\S% of a start, \\d+ degrees short of your morning")
        .contains("Enough would be");
    assertThat(recommendation.someFallShort()).isTrue();
    assertThat(recommendation.ranking())
        .first()
        .satisfies(first -> assertThat(first.misses()).startsWith("falls short: cold start"));
  }

  /** Where the check doubts the battery, its age is not called enough; settled or not. */
  @Test
  void aDoubtedBatteryIsNotCalledGoodEnough() {
    CheckFinding doubted =
        found(
            new Evidence(ReadingKind.CHARGING_VOLTS, "high"),
            new Evidence(ReadingKind.TESTER, "bad"),
            new Evidence(ReadingKind.LOAD_TEST, "fails"));
    assertThat(doubted.doubtsTheBattery()).isTrue();
    assertThat(all(words(Examples.lineUp(), new Conditions(0, 7, 0, 0, 0), doubted)))
        .doesNotContain("nothing need be bought");
    assertThat(CheckFinding.NONE.doubtsTheBattery()).isFalse();
  }

  @Test
  void whereNoneIsLikelyToStartItSaysSo() {
    Recommendation recommendation = words(Examples.lineUp(), new Conditions(-40, 400, 6, 2, 8));
    assertThat(all(recommendation)).contains("chance of a start there is");
    assertThat(all(recommendation)).containsAnyOf("short of your", "not likely to start");
  }

  @Test
  void everyRefusalSaysWhyAndWhatWouldOpenIt() {
    Recommendation recommendation =
        words(
            List.of(new Candidate("A", Examples.label("flooded", 300, 50, 60, 12, 50), 0)),
            Conditions.of(NEED));
    assertThat(recommendation.headline()).isEqualTo("None of these can be taken yet.");
    assertThat(recommendation.refusals())
        .singleElement()
        .satisfies(
            refused ->
                assertThat(refused.reason().replace('\u00a0', ' '))
                    .contains("at least 520 A would open it", "at least 90 min"));
  }

  @Test
  void anEmptyLineUpAsksForCandidates() {
    Recommendation recommendation = words(List.of(), Conditions.of(NEED));
    assertThat(recommendation.headline()).isEqualTo("Nothing to compare yet.");
    assertThat(recommendation.reasons()).containsExactly("Add candidates to the line-up first.");
  }

  @Test
  void aWorkingShowsOriginsAndMarksAssumptions() {
    Figure figure =
        decide(Examples.lineUp(), Conditions.of(NEED))
            .answer()
            .find("0")
            .orElseThrow()
            .figure(org.fermix.core.bench.Outcome.PARKED_DAYS);
    WorkingView view =
        WorkingView.of("Days", figure, new Display(UnitSystem.US, "USD", ZoneOffset.UTC));
    assertThat(view.lines())
        .anySatisfy(
            line -> {
              assertThat(line.meaning()).contains("drain");
              assertThat(line.origin()).isEqualTo("typed");
            })
        .anySatisfy(line -> assertThat(line.assumed()).isTrue())
        .anySatisfy(line -> assertThat(line.value()).contains("°F"));
    assertThat(view.assumptions()).isPositive();
  }

  @Test
  void assumptionsAreListedWithTheirReason() {
    assertThat(Assumptions.of(NEED, Display.USUAL))
        .anyMatch(line -> line.contains("Trip length") && line.contains("example"))
        .noneMatch(line -> line.contains("Drain"));
  }
}
