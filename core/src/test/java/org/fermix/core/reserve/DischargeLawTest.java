package org.fermix.core.reserve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.fermix.core.Examples;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.BenchAnswer;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.JudgedAge;
import org.fermix.core.bench.Outcome;
import org.fermix.core.bench.Policy;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.electrical.ChargeState;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.Label;
import org.fermix.core.label.ProtectionClaim;
import org.fermix.core.label.RatedCharge;
import org.fermix.core.label.Sheet;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;
import org.junit.jupiter.api.Test;

/** Every rate a label prints counts at its own current. */
class DischargeLawTest {
  private static Label label(
      double ah, double hours, Optional<Double> reserve, RatedCharge... more) {
    Label plain = Examples.label("agm", 200, ah, 20, 4.5, 60);
    return new Label(
            plain.name(),
            plain.chemistry(),
            plain.cranking(),
            plain.capacityAh(),
            reserve.map(minutes -> Given.label(minutes, Unit.MINUTE)),
            plain.massKg(),
            plain.size(),
            plain.positiveSide(),
            plain.price())
        .with(new Sheet(hours, List.of(more), ProtectionClaim.NONE, false, false));
  }

  private static double hours(Label label, double amps) {
    BatteryCircuit circuit = BatteryCircuit.of(label);
    return DischargeLaw.of(label, circuit).factor(amps)
        * EngineOff.hours(circuit, ChargeState.rested(1, 25), amps, 0, 10.5);
  }

  /** Each printed point is met at its own current. */
  @Test
  void thePrintedPointsAreMet() {
    Label label =
        label(14, 20, Optional.of(22.0), RatedCharge.atRate(12, 10), new RatedCharge(16.4, 0.5));
    assertThat(hours(label, 0.7)).isCloseTo(20, within(0.2));
    assertThat(hours(label, 1.2)).isCloseTo(10, within(0.1));
    assertThat(hours(label, 16.4)).isCloseTo(0.5, within(0.01));
    assertThat(60 * hours(label, 25)).isCloseTo(22, within(0.6));
    assertThat(hours(label, 5)).isBetween(0.5, 10.0);
    assertThat(DischargeLaw.of(label, BatteryCircuit.of(label)).isBetween(5)).isTrue();
    assertThat(DischargeLaw.of(label, BatteryCircuit.of(label)).isBetween(40)).isFalse();
  }

  /**
   * Common practice, no source: 16 Ah at 100 h is 13.7 Ah at 20 h and 5.15 Ah at 1 h; 14 Ah gave
   * 16.4 A for 30 min where that one gave 13.5 A. The flattering figure is not the stronger
   * battery.
   */
  @Test
  void theSlowRateDoesNotFlatter() {
    Label flattering = label(16, 100, Optional.empty(), RatedCharge.atRate(5.15, 1));
    Label honest = label(14, 20, Optional.empty(), new RatedCharge(16.4, 0.5));
    assertThat(flattering.capacity().value()).isBetween(11.0, 15.0);
    assertThat(hours(honest, 14)).isGreaterThan(hours(flattering, 14));
    Conditions conditions =
        new Conditions(20, 1, 12, 0.2, JudgedAge.NEW, org.fermix.core.machine.Stand.CONNECTED);
    BenchAnswer answer =
        Bench.of(
                Examples.needOf(Examples.engine("motorcycle-multi", 0.6, 4, "10W-40"), 5, 10, 1),
                Policy.USUAL,
                List.of(new Candidate("A", flattering, 0), new Candidate("B", honest, 0)))
            .answer(conditions);
    assertThat(answer.find("B").orElseThrow().figure(Outcome.ENGINE_OFF_HOURS).value())
        .isGreaterThan(answer.find("A").orElseThrow().figure(Outcome.ENGINE_OFF_HOURS).value());
  }

  /** Handbook arithmetic: a second printed rate gives the exponent, and so the 20-hour figure. */
  @Test
  void theHourRateIsRestated() {
    assertThat(label(16, 100, Optional.empty(), RatedCharge.atRate(13.7, 20)).capacity().value())
        .isCloseTo(13.7, within(1e-9));
    double restated = label(16, 100, Optional.empty()).capacity().value();
    assertThat(restated).isCloseTo(16 * Math.pow(0.2, 1 - 1 / 1.10), within(1e-9));
    assertThat(label(12, 10, Optional.empty()).capacity().value()).isGreaterThan(12);
  }

  /** A label without any rating leaves the circuit as it is. */
  @Test
  void withoutRatingsTheCircuitHolds() {
    assertThat(new DischargeLaw(List.of()).factor(5)).isEqualTo(1);
  }
}
