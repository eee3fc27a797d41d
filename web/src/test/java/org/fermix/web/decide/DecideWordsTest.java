package org.fermix.web.decide;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.fermix.core.Examples;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Policy;
import org.fermix.core.decision.Decision;
import org.fermix.core.decision.Weights;
import org.fermix.core.label.Beside;
import org.fermix.core.label.Candidate;
import org.fermix.core.machine.Need;
import org.fermix.web.shared.Display;
import org.junit.jupiter.api.Test;

class DecideWordsTest {
  private static Decision decide(Need need, List<Candidate> candidates) {
    return Decision.of(
        Bench.of(need, Policy.USUAL, candidates), Conditions.of(need), Weights.USUAL);
  }

  private static List<String> cautions(Need need, List<Candidate> candidates) {
    Decision decision = decide(need, candidates);
    return Cautions.of(decision, decision.answer().forSale().stream().findFirst(), Display.USUAL);
  }

  @Test
  void leadHasAcidAndHydrogenLithiumHasItsCharger() {
    Need need = Examples.dieselNeed();
    Candidate lead = new Candidate("A", Examples.label("agm", 760, 70, 125, 20.5, 172), 0);
    Candidate lithium = new Candidate("B", Examples.label("lfp", 650, 40, 95, 6.4, 420), 0);
    assertThat(cautions(need, List.of(lead)))
        .anyMatch(caution -> caution.contains("hydrogen"))
        .anyMatch(caution -> caution.contains("It weighs 20.5"))
        .anyMatch(caution -> caution.contains("maker’s manual"));
    assertThat(cautions(need, List.of(lithium)))
        .anyMatch(caution -> caution.contains("desulfating"))
        .noneMatch(caution -> caution.contains("hydrogen"))
        .noneMatch(caution -> caution.contains("It weighs"));
    assertThat(cautions(need, List.of())).isEmpty();
  }

  @Test
  void anAircraftIsSentToALicensedMechanic() {
    Need need = Examples.need(Examples.engine("aircraft", 3.8, 4, "15W-50"), -5, 20, 14.0);
    Candidate lead = new Candidate("A", Examples.label("agm", 760, 70, 125, 20.5, 172), 0);
    assertThat(cautions(need, List.of(lead)))
        .anyMatch(caution -> caution.contains("licensed mechanic"));
  }

  /** Lead that starts and lithium for the house have the cautions of both, and are fused. */
  @Test
  void anArrangementHasTheCautionsOfAllItsBatteries() {
    Candidate both =
        new Candidate("A", Examples.label("flooded", 640, 70, 110, 17, 96), 0)
            .beside(Beside.house(Examples.label("lfp", 400, 100, 200, 24, 500), List.of()));
    assertThat(cautions(Examples.dieselNeed(), List.of(both)))
        .anyMatch(caution -> caution.contains("hydrogen"))
        .anyMatch(caution -> caution.contains("equalising charger mode on what is not lead"))
        .anyMatch(caution -> caution.contains("Fuse each positive lead"))
        .anyMatch(caution -> caution.contains("It weighs 24.0"));
  }
}
