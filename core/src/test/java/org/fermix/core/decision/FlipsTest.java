package org.fermix.core.decision;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.fermix.core.Examples;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Policy;
import org.fermix.core.label.Candidate;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.Wishes;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;
import org.junit.jupiter.api.Test;

/** What would change a decision, where gates move with what is varied. */
class FlipsTest {
  private static final List<Candidate> LINE_UP = Examples.lineUp();

  private static Need keptWithBatteryThatMustLast(double years, Wishes.Level level) {
    Need need = Examples.need(Examples.engine("petrol-car", 1.6, 4, "5W-30"), 5, 14, 14.3);
    return need.used(need.use().kept(Given.typed(years, Unit.YEAR)))
        .wishing(new Wishes(Optional.empty(), Map.of(Wishes.Wish.LASTS, level), 2026));
  }

  private static List<Flip> flips(Need need) {
    Bench bench = Bench.of(need, Policy.USUAL, LINE_UP);
    return Flips.around(bench, Decision.of(bench, Conditions.of(need), Weights.USUAL));
  }

  /** Kept for longer than any of them lasts, a battery that must last is none of them. */
  @Test
  void keptTooLongNobodyPassesTheGates() {
    Need need = keptWithBatteryThatMustLast(1, Wishes.Level.MUST);
    Bench bench = Bench.of(need, Policy.USUAL, LINE_UP);
    Decision decision = Decision.of(bench, Conditions.of(need), Weights.USUAL);
    assertThat(decision.leader()).isPresent();
    assertThat(bench.kept(20).headlines(Conditions.of(need))).isEmpty();

    Flip longer =
        Flips.around(bench, decision).stream()
            .filter(each -> each.varied() == Flip.Varied.YEARS_KEPT && each.beyond())
            .findFirst()
            .orElseThrow();
    Decision there =
        Decision.of(bench.kept(longer.value()), Conditions.of(need), decision.weights());
    assertThat(there.leader().map(Ranked::letter)).isEqualTo(longer.letter());
    assertThat(there.leader()).isNotEqualTo(decision.leader());
    assertThat(longer.enough()).isEmpty();
  }

  /** Where it is only liked, no gate closes and somebody always comes first. */
  @Test
  void whatIsOnlyLikedEndsNothing() {
    assertThat(flips(keptWithBatteryThatMustLast(1, Wishes.Level.LIKED)))
        .filteredOn(each -> each.varied() == Flip.Varied.YEARS_KEPT)
        .allSatisfy(each -> assertThat(each.letter()).isPresent());
  }
}
