package org.fermix.web.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Policy;
import org.fermix.core.bench.TypicalBattery;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.decision.Decision;
import org.fermix.core.decision.Flip;
import org.fermix.core.decision.Flips;
import org.fermix.core.decision.Opening;
import org.fermix.core.decision.Weights;
import org.fermix.core.label.Candidate;
import org.fermix.core.machine.Engine;
import org.fermix.core.machine.EngineClass;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.UsualNeed;
import org.fermix.web.shared.Display;
import org.junit.jupiter.api.Test;

/** How far an answer holds, in words: who takes over, or that none does and what would help. */
class StretchesTest {
  private static final EngineClass CAR =
      EngineClass.all().stream()
          .filter(each -> Engine.usual(each).turns())
          .findFirst()
          .orElseThrow();

  private static final Need NEED = UsualNeed.of(Engine.usual(CAR)).need();
  private static final Chemistry LEAD = Chemistry.all().get(0);

  private static Stretches.Stretch named(Stretches stretches, String name) {
    return stretches.all().stream()
        .filter(each -> each.name().equals(name))
        .findFirst()
        .orElseThrow();
  }

  private static Decision decision(Bench bench) {
    return Decision.of(bench, new Conditions(5, 3, 2, 1, 0), Weights.USUAL);
  }

  private static Bench alone() {
    return Bench.of(
        NEED, Policy.USUAL, List.of(new Candidate("A", TypicalBattery.of(NEED, LEAD), 0)));
  }

  @Test
  void whereNoneDoesWhatHelpsIsSaidWithTheEnd() {
    Decision decision = decision(alone());
    Flip parked =
        new Flip(
            Flip.Varied.DAYS_PARKED,
            true,
            40,
            Optional.empty(),
            Optional.of(
                new Opening.Enough(List.of(new Opening(Opening.Kind.MAINTAINER, 0)), false)));
    Stretches.Stretch days =
        named(Stretches.of(List.of(parked), decision, Display.USUAL), "Days parked");
    assertThat(days.words())
        .contains("none does what you ask from 40")
        .contains("what would be enough there: a maintainer while it stands");
    assertThat(days.drawn()).contains("stretch-none");
    assertThat(days.ends().get(0).query()).contains("days=40");
  }

  @Test
  void whereAnotherTakesOverNoHelpIsOffered() {
    Flip warm = new Flip(Flip.Varied.TEMPERATURE, true, 12, Optional.of("B"));
    Stretches.Stretch temperature =
        named(Stretches.of(List.of(warm), decision(alone()), Display.USUAL), "Temperature");
    assertThat(temperature.words()).startsWith("B from 12").doesNotContain("enough");
    assertThat(temperature.ends().get(0).help()).isEmpty();
  }

  /** Of one alone nobody can take over: every end is one at which none does what is asked. */
  @Test
  void ofOneAloneEveryEndIsNobodys() {
    Bench bench = alone();
    Decision decision = decision(bench);
    List<Flip> flips = Flips.around(bench, decision);
    Stretches stretches = Stretches.of(flips, decision, Display.USUAL);
    assertThat(stretches.all()).isNotEmpty();
    for (Stretches.Stretch each : stretches.all()) {
      for (Stretches.End end : each.ends()) {
        assertThat(end.words()).startsWith("none does what you ask");
      }
    }
  }
}
