package org.fermix.core.decision;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.fermix.core.Examples;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Policy;
import org.fermix.core.label.Candidate;
import org.fermix.core.machine.Need;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Normal;
import org.fermix.core.quantity.Spread;
import org.fermix.core.quantity.Unit;
import org.junit.jupiter.api.Test;

class InfluenceTest {
  private static final List<Candidate> CANDIDATES = Examples.lineUp();

  private static List<Influence> ranked(Need need) {
    return Influence.ranked(need, Policy.USUAL, CANDIDATES, Weights.USUAL);
  }

  @Test
  void onlyWhatNobodySaidIsAnAssumption() {
    List<Assumption> found =
        ranked(Examples.dieselNeed()).stream().map(Influence::assumption).toList();
    assertThat(found).contains(Assumption.ENGINE, Assumption.STARTS, Assumption.TRIP);
    assertThat(found).doesNotContain(Assumption.DRAIN, Assumption.MINIMUM, Assumption.LAY_UP);
  }

  @Test
  void thatWhichCarriesMostComesFirstAndNoneIsSure() {
    List<Influence> found = ranked(assumingTheLoad(6, 2));
    assertThat(found).isSortedAccordingTo((a, b) -> Double.compare(b.changes(), a.changes()));
    assertThat(found).allMatch(each -> each.changes() >= 0 && each.changes() < 1);
  }

  /** Asked at a hundred points of the spread instead of five and some. */
  @Test
  void theShareIsThatOfTheWholeSpread() {
    Need need = assumingTheLoad(6, 2);
    Influence load =
        ranked(need).stream()
            .filter(each -> each.assumption() == Assumption.ENGINE_OFF_LOAD)
            .findFirst()
            .orElseThrow();
    String now = first(need);
    int others = 0;
    for (int i = 0; i < 100; i++) {
      double z = Normal.inverse((i + 0.5) / 100);
      double amps = 6 * Math.exp(z * Spread.LOAD_ASSUMED.sigma());
      if (!first(knowingTheLoad(need, amps)).equals(now)) {
        others++;
      }
    }
    assertThat(load.changes()).isCloseTo(others / 100.0, within(0.03));
  }

  private static Need assumingTheLoad(double amps, double hours) {
    return loaded(Examples.dieselNeed(), Given.assumed(amps, Unit.AMPERE, "example"), hours);
  }

  private static Need knowingTheLoad(Need need, double amps) {
    return loaded(need, Given.typed(amps, Unit.AMPERE), need.use().engineOffHours().value());
  }

  private static Need loaded(Need need, Given amps, double hours) {
    return need.used(need.use().running(amps, Given.typed(hours, Unit.HOUR)));
  }

  private static String first(Need need) {
    return Decision.of(Bench.of(need, Policy.USUAL, CANDIDATES), Conditions.of(need), Weights.USUAL)
        .first()
        .map(Ranked::letter)
        .orElse("");
  }
}
