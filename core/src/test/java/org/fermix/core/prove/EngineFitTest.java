package org.fermix.core.prove;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import org.fermix.core.Examples;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.electrical.ChargeState;
import org.fermix.core.electrical.Cranking;
import org.fermix.core.electrical.StartTransient;
import org.fermix.core.machine.Departure;
import org.fermix.core.machine.Engine;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Engines whose departure is known, recorded and fitted. */
class EngineFitTest {
  private static final BatteryCircuit AGM = Examples.circuit("agm", 70, 20.5, 760);
  private static final Engine USUAL = Examples.engine("petrol-car", 2, 4, "5W-30");

  private static CrankFeatures recorded(Engine engine, double temperatureC, boolean amps) {
    ChargeState full = ChargeState.rested(1, temperatureC);
    StartTransient start = StartTransient.of(new Cranking(AGM, engine), full, 3);
    int before = 300;
    int size = before + start.trace().size() + 300;
    double[] seconds = new double[size];
    double[] volts = new double[size];
    double[] currents = new double[size];
    double rest = AGM.volts(full, Cranking.ACCESSORY_A);
    for (int i = 0; i < size; i++) {
      seconds[i] = i * StartTransient.STEP_S;
      int at = i - before;
      boolean cranking = at >= 0 && at < start.trace().size();
      volts[i] = cranking ? start.trace().get(at).volts() : rest;
      currents[i] = cranking ? start.trace().get(at).currentA() : 0;
    }
    return CrankFeatures.of(
        amps
            ? CrankRecording.withAmps(seconds, volts, currents)
            : CrankRecording.ofVolts(seconds, volts),
        1);
  }

  /** A tight engine and a fast starter are found again, with current recorded and without. */
  @ParameterizedTest
  @CsvSource({
    "1.0, 1.0, 10, true",
    "1.4, 0.9, 10, true",
    "0.8, 1.1, -5, true",
    "1.4, 0.9, 10, false",
    "0.8, 1.1, 20, false"
  })
  void theDepartureIsFoundAgain(
      double drag, double counterVolts, double temperatureC, boolean amps) {
    Engine real = USUAL.departing(new Departure(drag, 1, counterVolts, 1, 1));
    EngineFit fit =
        EngineFit.of(
            recorded(real, temperatureC, amps), AGM, USUAL, ChargeState.rested(1, temperatureC));
    assertThat(fit.departure().drag()).isCloseTo(drag, within(0.12 * drag));
    assertThat(fit.departure().counterVolts()).isCloseTo(counterVolts, within(0.06));
    assertThat(Math.abs(fit.rpmResidual())).isLessThan(12);
    assertThat(fit.currentRecorded()).isEqualTo(amps);
    assertThat(fit.marginSigma()).isLessThan(Cranking.MARGIN_SIGMA);
  }

  /** A warm recording of a tight engine answers better for its cold start than its class does. */
  @Test
  void aWarmRecordingHelpsTheColdAnswer() {
    Engine real = USUAL.departing(new Departure(1.5, 1, 0.95, 1, 1));
    EngineFit fit = EngineFit.of(recorded(real, 15, true), AGM, USUAL, ChargeState.rested(1, 15));
    ChargeState cold = ChargeState.rested(1, -15);
    double truth = new Cranking(AGM, real).crank(cold).rpm();
    double byClass = new Cranking(AGM, USUAL).crank(cold).rpm();
    double byFit = new Cranking(AGM, USUAL.departing(fit.departure())).crank(cold).rpm();
    assertThat(Math.abs(byFit - truth)).isLessThan(0.3 * Math.abs(byClass - truth));
  }

  /** A battery that cannot be the recorded one is refused in words. */
  @Test
  void aBatteryThatCannotBeIsRefused() {
    BatteryCircuit tiny = Examples.circuit("agm", 6, 2, 60);
    assertThatIllegalArgumentException()
        .isThrownBy(
            () ->
                EngineFit.of(
                    recorded(USUAL, 10, false), tiny, USUAL, ChargeState.rested(0.2, -20)));
  }
}
