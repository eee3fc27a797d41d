package org.fermix.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.fermix.core.Examples;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.decision.Criterion;
import org.fermix.core.decision.Decision;
import org.fermix.core.decision.Weights;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.Wishes;
import org.fermix.core.machine.Wishes.Level;
import org.fermix.core.machine.Wishes.Wish;
import org.fermix.core.permission.DataSheet;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;
import org.fermix.core.reserve.DepthSchool;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The owner’s wishes and schools; the rules are common practice, no source. */
class WishGatesTest {
  private static final Need NEED =
      Examples.need(Examples.engine("petrol-car", 1.6, 4, "5W-30"), -12, 21, 13.9);
  private static final Label PACK = Examples.label("lfp", 650, 60, 95, 9.4, 420);
  private static final Label WET = Examples.label("flooded", 640, 70, 112, 17.0, 96);

  private static Need wishing(Wish wish, Level level) {
    return NEED.wishing(
        new Wishes(Optional.of(Given.typed(200, Unit.MONEY)), Map.of(wish, level), 2026));
  }

  private static Label stating(Label label, String words, String value) {
    return label.with(
        label.sheet().stating(new DataSheet(List.of(new DataSheet.Line(words, value)))));
  }

  private static Optional<GateResult> gate(Need need, Policy policy, Label label, Gate gate) {
    return Bench.of(need, policy, List.of(new Candidate("A", label, 0)))
        .answer(Conditions.of(need))
        .candidates()
        .get(0)
        .gates()
        .stream()
        .filter(each -> each.gate() == gate)
        .findFirst();
  }

  @ParameterizedTest
  @CsvSource({
    "BUDGET, MUST, FAILS, CLEARS",
    "BUDGET, LIKED, CLOSE, CLEARS",
    "SELF_RESCUE, MUST, FAILS, CLEARS",
    "PROVEN, MUST, UNKNOWN, CLEARS",
    "IN_STOCK, MUST, UNKNOWN, UNKNOWN",
    "NO_CHANGES, MUST, FAILS, CLEARS"
  })
  void aMustIsAGateAndAWishIsNot(Wish wish, Level level, Mark pack, Mark wet) {
    Gate gate = Gate.valueOf(wish.name());
    Need need = wishing(wish, level);
    assertThat(gate(need, Policy.USUAL, PACK, gate).orElseThrow().mark()).isEqualTo(pack);
    // 13.9 V fills flooded lead; a spacer would be a change to the tray, so the case is as long.
    assertThat(gate(need, Policy.USUAL, WET, gate).orElseThrow().mark()).isEqualTo(wet);
    assertThat(gate(NEED, Policy.USUAL, PACK, gate)).isEmpty();
  }

  @Test
  void whatASheetOrASellerSaysSettlesIt() {
    Need stock = wishing(Wish.IN_STOCK, Level.MUST);
    assertThat(
            gate(stock, Policy.USUAL, stating(PACK, "in stock", "no"), Gate.IN_STOCK)
                .orElseThrow()
                .mark())
        .isEqualTo(Mark.FAILS);
    Need proven = wishing(Wish.PROVEN, Level.MUST);
    for (Map.Entry<String, Mark> each :
        Map.of("2019", Mark.CLEARS, "2024", Mark.FAILS).entrySet()) {
      assertThat(
              gate(proven, Policy.USUAL, stating(PACK, "sold since", each.getKey()), Gate.PROVEN)
                  .orElseThrow()
                  .mark())
          .isEqualTo(each.getValue());
    }
  }

  @Test
  void whatIsKeptLongerThanABatteryLastsFailsThatMust() {
    GateResult lasts =
        gate(wishing(Wish.LASTS, Level.MUST), Policy.USUAL, WET, Gate.LASTS).orElseThrow();
    assertThat(lasts.findings().get(0).needed()).isEqualTo(8);
    assertThat(lasts.mark())
        .isEqualTo(lasts.findings().get(0).found() >= 8 ? Mark.CLEARS : Mark.FAILS);
  }

  @Test
  void schoolsRefuseLithiumAndNeverLead() {
    Schools usual = Schools.USUAL;
    Schools never =
        new Schools(
            Map.of(),
            Schools.Cranking.NEVER,
            usual.alternator(),
            usual.leastLithiumVolts(),
            usual.first(),
            usual.sizing());
    Schools fourteen =
        new Schools(
            Map.of(), usual.cranking(), usual.alternator(), 14.0, usual.first(), usual.sizing());
    for (Schools each : List.of(never, fourteen)) {
      Policy policy = Policy.USUAL.following(each);
      assertThat(gate(NEED, policy, PACK, Gate.SCHOOL).orElseThrow().mark()).isEqualTo(Mark.FAILS);
      assertThat(gate(NEED, policy, WET, Gate.SCHOOL)).isEmpty();
    }
    assertThat(gate(NEED, Policy.USUAL, PACK, Gate.SCHOOL)).isEmpty();
  }

  /** Half the charge of lead left unused runs a load for less long than four fifths of it. */
  @Test
  void aDeeperSchoolRunsThingsLonger() {
    Schools deep =
        new Schools(
            Map.of(Chemistry.Family.LEAD, DepthSchool.find("lead-rare").orElseThrow()),
            Schools.USUAL.cranking(),
            Schools.USUAL.alternator(),
            Schools.USUAL.leastLithiumVolts(),
            Schools.USUAL.first(),
            Schools.USUAL.sizing());
    assertThat(hours(Policy.USUAL.following(deep))).isGreaterThan(1.05 * hours(Policy.USUAL));
  }

  private static double hours(Policy policy) {
    return Bench.of(NEED, policy, List.of(new Candidate("A", WET, 0)))
        .answer(Conditions.of(NEED))
        .candidates()
        .get(0)
        .figure(Outcome.ENGINE_OFF_HOURS)
        .value();
  }

  @Test
  void pointsForWishesPreferWhatMeetsThem() {
    Need need = wishing(Wish.SELF_RESCUE, Level.LIKED);
    Bench bench =
        Bench.of(
            need, Policy.USUAL, List.of(new Candidate("A", PACK, 0), new Candidate("B", WET, 0)));
    Decision decision =
        Decision.of(bench, Conditions.of(need), new Weights(Map.of(Criterion.EASE, 12)));
    assertThat(decision.ranked().get(0).letter()).isEqualTo("B");
    assertThat(decision.ranked().get(0).weighing(Criterion.EASE).merit()).isEqualTo(1);
    assertThat(decision.ranked().get(1).weighing(Criterion.EASE).merit()).isZero();
  }
}
