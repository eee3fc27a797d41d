package org.fermix.web.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.ZoneOffset;
import java.util.List;
import org.fermix.core.Examples;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Policy;
import org.fermix.core.decision.Decision;
import org.fermix.core.decision.Weights;
import org.fermix.core.label.Candidate;
import org.fermix.core.machine.Need;
import org.fermix.core.quantity.Figure;
import org.fermix.core.quantity.UnitSystem;
import org.fermix.web.shared.Display;
import org.junit.jupiter.api.Test;

/** The sentences say what the decision says. */
class RecommendationTest {
  private static final Need NEED = Examples.dieselNeed();

  private static Decision decide(List<Candidate> candidates, Conditions conditions) {
    return Decision.of(Bench.of(NEED, Policy.USUAL, candidates), conditions, Weights.USUAL);
  }

  private static Recommendation words(List<Candidate> candidates, Conditions conditions) {
    return Recommendation.of(decide(candidates, conditions), Display.USUAL);
  }

  private static String all(Recommendation recommendation) {
    return String.join(" ", recommendation.reasons()).replace('\u00a0', ' ');
  }

  @Test
  void theLeaderIsNamedWithItsReasons() {
    Recommendation recommendation = words(Examples.lineUp(), Conditions.of(NEED));
    assertThat(recommendation.headline())
        .isEqualTo("None of these does all you ask; C, the AGM “Example agm”, comes nearest.");
    assertThat(recommendation.leader()).isEqualTo("C");
    assertThat(all(recommendation))
        .contains("C is likely to start down to −1")
        .contains("short of your −20 °C morning")
        .contains("at the end of the years you keep the machine")
        .contains("with a start kept")
        .contains("Today’s battery");
    assertThat(recommendation.ranking()).hasSize(4);
    assertThat(recommendation.ranking().get(0).share()).isEqualTo("100.00%");
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
                    .contains("at least 520 A CCA would open it", "at least 90 min"));
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
