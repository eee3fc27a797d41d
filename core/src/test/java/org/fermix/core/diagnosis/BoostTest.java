package org.fermix.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;

import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.diagnosis.Boost.Help;
import org.fermix.core.diagnosis.Boost.Look;
import org.fermix.core.diagnosis.Boost.Refusal;
import org.fermix.core.diagnosis.Boost.Step;
import org.fermix.core.machine.EngineClass;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BoostTest {
  private static final EngineClass.Traits CAR = traits("petrol-car");

  private static EngineClass.Traits traits(String kind) {
    return EngineClass.find(kind).orElseThrow().traits();
  }

  /**
   * Red to the flat plus, red to the good plus, black to the good minus, last black to the engine;
   * off in reverse (vehicle handbooks, widely printed; from memory).
   */
  @Test
  void clampsGoOnInTheirOrder() {
    Boost plan =
        Boost.of(CAR, Chemistry.of("flooded"), Help.RUNNING_MACHINE, Look.SOUND, true, false);
    assertThat(plan.refusal()).isEqualTo(Refusal.NONE);
    assertThat(plan.steps())
        .containsSubsequence(
            Step.ALL_OFF,
            Step.RED_FLAT,
            Step.RED_GOOD,
            Step.BLACK_GOOD,
            Step.BLACK_ENGINE,
            Step.CRANK,
            Step.REVERSE,
            Step.CHARGE_TODAY);
  }

  /** Frozen, split, swollen: never; lithium from a running machine: never (common practice). */
  @ParameterizedTest
  @CsvSource({
    "flooded, PACK, FROZEN, true, false, FROZEN",
    "agm, PACK, DAMAGED, true, false, DAMAGED",
    "lfp, RUNNING_MACHINE, SOUND, true, false, LITHIUM_RUNNING",
    "lfp, PACK, SOUND, true, false, NONE",
    "agm, OTHER_BATTERY, SOUND, false, false, VOLTAGE",
    "agm, OTHER_BATTERY, SOUND, true, true, DRY"
  })
  void whatMustNotBeBoostedIsRefused(
      String chemistry, Help help, Look look, boolean sameVoltage, boolean dry, Refusal refusal) {
    Boost plan = Boost.of(CAR, Chemistry.of(chemistry), help, look, sameVoltage, dry);
    assertThat(plan.refusal()).isEqualTo(refusal);
    assertThat(plan.steps().isEmpty()).isEqualTo(refusal != Refusal.NONE);
  }

  /**
   * Vapour is the hazard of a boat, high voltage that of an electric car; first of all (custom).
   */
  @Test
  void whatTheMachineAddsStandsFirst() {
    Chemistry lead = Chemistry.of("flooded");
    assertThat(Boost.of(traits("outboard"), lead, Help.PACK, Look.SOUND, true, false).steps())
        .startsWith(Step.AIR_BILGE);
    assertThat(Boost.of(traits("electric-car"), lead, Help.PACK, Look.SOUND, true, false).steps())
        .startsWith(Step.HIGH_VOLTAGE);
    assertThat(Boost.of(CAR, lead, Help.PACK, Look.SOUND, true, false).steps())
        .doesNotContain(Step.AIR_BILGE, Step.HIGH_VOLTAGE);
  }

  @Test
  void lithiumIsWokenFirst() {
    assertThat(Boost.of(CAR, Chemistry.of("lfp"), Help.PACK, Look.SOUND, true, false).steps())
        .contains(Step.WAKE_FIRST)
        .doesNotContain(Step.WAIT);
  }
}
