package org.fermix.core.check;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.fermix.core.Examples;
import org.fermix.core.diagnosis.Evidence;
import org.fermix.core.diagnosis.ReadingKind;
import org.fermix.core.electrical.ChargeState;
import org.fermix.core.electrical.Cranking;
import org.fermix.core.electrical.UsualBattery;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.Tested;
import org.fermix.core.machine.Engine;
import org.fermix.core.machine.EngineClass;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.Oil;
import org.fermix.core.machine.UsualNeed;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The battery under suspicion, described or not. */
class SuspectTest {
  private static final Need NEED =
      Examples.need(Examples.engine("petrol-car", 1.6, 4, "5W-30"), -10, 14, 14.2);

  private static Engine usual(EngineClass kind, int volts) {
    return Engine.usual(
        kind,
        Given.typed(kind.size().defaultLitres(), Unit.LITRE),
        kind.size().defaultCylinders(),
        Oil.find(kind.size().defaultOil()).orElseThrow(),
        volts);
  }

  /** What is assumed starts the machine it is assumed for, and is no larger than such are sold. */
  @ParameterizedTest
  @ValueSource(ints = {12, 24})
  void theUsualBatterySuitsItsMachine(int volts) {
    for (EngineClass kind : EngineClass.all()) {
      Engine engine = usual(kind, volts);
      UsualBattery battery = UsualBattery.of(engine);
      assertThat(battery.circuit().series()).isEqualTo(engine.series());
      assertThat(
              Cranking.chance(
                  new Cranking(battery.circuit(), engine)
                      .sureness(
                          ChargeState.rested(0.9, UsualNeed.of(engine).coldestMorningC().value()))))
          .as(kind.id() + " at " + volts + " V")
          .isGreaterThan(0.9);
      assertThat(battery.ampHours()).as(kind.id()).isBetween(5.0, 70.0);
    }
  }

  @Test
  void anUndescribedBatteryIsOfTheSizeOfItsEngine() {
    Suspect suspect = Suspect.of(NEED, Optional.empty());
    assertThat(suspect.chemistry().id()).isEqualTo("flooded");
    assertThat(suspect.ampHours()).isBetween(30.0, 80.0);
    assertThat(suspect.whenNew()).isEmpty();
    assertThat(suspect.workedOut(Optional.of(-10.0))).isEmpty();
    assertThat(suspect.expectedYears()).isBetween(3.0, 9.0);
    assertThat(suspect.winterChance(Tested.cranking(0.5))).isEmpty();
  }

  @Test
  void aDescribedOneIsJudgedByItsLabel() {
    Candidate today = new Candidate("0", Examples.label("agm", 760, 70, 125, 20.5, 100), 5);
    Suspect suspect = Suspect.of(NEED, Optional.of(today));
    assertThat(suspect.ampHours()).isEqualTo(70);
    assertThat(suspect.ratedAmps().orElseThrow()).isCloseTo(760, within(1.0));
    assertThat(suspect.workedOut(Optional.empty())).hasSize(1);
    assertThat(suspect.workedOut(Optional.of(5.0)))
        .contains(new Evidence(ReadingKind.NEED, "enough"));
    assertThat(suspect.winterChance(Tested.cranking(1.0)).orElseThrow())
        .isGreaterThan(suspect.winterChance(Tested.cranking(0.3)).orElseThrow());
  }
}
