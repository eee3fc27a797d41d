package org.fermix.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.electrical.ChargeState;
import org.fermix.core.electrical.Cranking;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Engine;
import org.fermix.core.machine.EngineClass;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.UsualNeed;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Colder is never surer, down to where nothing turns any more. */
class ColdTest {
  /** Straight lines between what was worked out at few charges. */
  private static final double ROUNDING = 0.002;

  static java.util.List<EngineClass> classes() {
    return EngineClass.all();
  }

  @ParameterizedTest
  @MethodSource("classes")
  void theChanceOfAStartFallsWithCold(EngineClass kind) {
    Need need = UsualNeed.of(Engine.usual(kind)).need();
    for (Label label : TypicalBattery.of(need)) {
      for (double ageYears : new double[] {0, 4, 9}) {
        Candidate candidate = new Candidate("A", label, ageYears);
        double before = 1;
        for (double celsius = 20; celsius >= -40; celsius -= 2) {
          double chance =
              Bench.startChance(need, candidate, Conditions.of(need).atTemperature(celsius));
          assertThat(chance)
              .as("%s %s of %.0f y at %.0f °C", kind.id(), label.name(), ageYears, celsius)
              .isLessThanOrEqualTo(before + ROUNDING);
          before = Math.min(before, chance);
        }
      }
    }
  }

  /** The same of sureness itself, where the chance no longer shows it: sodium at −37 and at −33. */
  @ParameterizedTest
  @MethodSource("classes")
  void beyondTheStallNothingIsSurerAgain(EngineClass kind) {
    Engine engine = Engine.usual(kind);
    Need need = UsualNeed.of(engine).need();
    for (Chemistry chemistry : Chemistry.all()) {
      Cranking cranking =
          new Cranking(BatteryCircuit.of(TypicalBattery.of(need, chemistry)), engine);
      double before = 20;
      for (double celsius = 10; celsius >= -40; celsius -= 1) {
        double sureness = cranking.sureness(ChargeState.rested(0.9, celsius));
        assertThat(sureness)
            .as("%s %s at %.0f °C", kind.id(), chemistry.id(), celsius)
            .isLessThanOrEqualTo(before + 0.02);
        before = sureness;
      }
    }
  }
}
