package org.fermix.core.prove;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.fermix.core.Examples;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.electrical.ChargeState;
import org.fermix.core.electrical.Cranking;
import org.fermix.core.electrical.Spice;
import org.fermix.core.electrical.SpiceStart;
import org.fermix.core.electrical.StartTransient;
import org.fermix.core.machine.Engine;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIf;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Recorded starts whose truth is known. */
class CrankFeaturesTest {
  private static final BatteryCircuit AGM = Examples.circuit("agm", 70, 20.5, 760);
  private static final Engine PETROL = Examples.engine("petrol-car", 2, 4, "5W-30");
  private static final double REST_S = 0.4;

  /** A start by our own equations, with rest before, recovery after and a logger's noise. */
  private static CrankRecording recorded(
      StartTransient start, double restVolts, double noiseVolts, boolean amps) {
    RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(23);
    int before = (int) (REST_S / StartTransient.STEP_S);
    int after = 800;
    int size = before + start.trace().size() + after;
    double[] seconds = new double[size];
    double[] volts = new double[size];
    double[] currents = new double[size];
    for (int i = 0; i < size; i++) {
      seconds[i] = i * StartTransient.STEP_S;
      int at = i - before;
      if (at < 0) {
        volts[i] = restVolts;
      } else if (at < start.trace().size()) {
        volts[i] = start.trace().get(at).volts();
        currents[i] = start.trace().get(at).currentA();
      } else {
        volts[i] = restVolts - 0.3 * Math.exp(-(at - start.trace().size()) / 200.0);
      }
      volts[i] += noiseVolts * random.nextGaussian();
    }
    return amps
        ? CrankRecording.withAmps(seconds, volts, currents)
        : CrankRecording.ofVolts(seconds, volts);
  }

  private static double restVolts(BatteryCircuit battery, double temperatureC) {
    ChargeState full = ChargeState.rested(1, temperatureC);
    return battery.volts(full, PETROL.accessoryA());
  }

  /** Everything that can be read off a start is read off as it was made. */
  @ParameterizedTest
  @CsvSource({
    "petrol-car, 2.0, 4, 5W-30, 0",
    "petrol-car, 2.0, 4, 5W-30, -15",
    "diesel-car, 1.9, 4, 5W-30, 10",
    "petrol-car, 3.0, 6, 5W-30, 20",
    "motorcycle-multi, 1.2, 2, 10W-40, 15"
  })
  void featuresAreReadAsTheyWereMade(
      String type, double litres, int cylinders, String oil, double temperatureC) {
    Engine engine = Examples.engine(type, litres, cylinders, oil);
    StartTransient start =
        StartTransient.of(new Cranking(AGM, engine), ChargeState.rested(1, temperatureC), 2.5);
    CrankFeatures features =
        CrankFeatures.of(recorded(start, restVolts(AGM, temperatureC), 0.005, true), 1);
    assertThat(features.startSeconds()).isCloseTo(REST_S, within(0.006));
    double inrush =
        start.trace().subList(0, 150).stream()
            .mapToDouble(StartTransient.Moment::volts)
            .min()
            .orElseThrow();
    assertThat(features.lowestVolts()).isCloseTo(inrush, within(0.08));
    assertThat(features.crankingSeconds()).isCloseTo(2.5, within(0.06));
    assertThat(features.stalled()).isFalse();
    assertThat(features.fired()).isFalse();
    StartTransient.Moment middle = start.trace().get(start.trace().size() / 8);
    StartTransient.Moment last = start.trace().get(start.trace().size() - 1);
    double rpm = 60 * (last.turns() - middle.turns()) / (last.seconds() - middle.seconds());
    assertThat(features.rpm(engine)).as(features.toString()).isPresent();
    assertThat(features.rpm(engine).orElseThrow()).isCloseTo(rpm, within(0.04 * rpm));
    assertThat(features.crankingAmps().orElseThrow())
        .isCloseTo(start.steady().currentA(), within(0.08 * start.steady().currentA()));
  }

  /**
   * A recording made by ngspice whose battery's resistance is known, with 5 mV of noise: recovered
   * within 5 %. Petrol, diesel and motorcycle, warm and cold.
   */
  @ParameterizedTest
  @EnabledIf("org.fermix.core.electrical.Spice#isInstalled")
  @CsvSource({
    "petrol-car, 2.0, 4, 5W-30, agm, 70, 20.5, 760, 20",
    "petrol-car, 2.0, 4, 5W-30, agm, 70, 20.5, 760, -18",
    "diesel-car, 1.9, 4, 5W-30, efb, 70, 18.4, 680, 10",
    "motorcycle-multi, 1.2, 2, 10W-40, agm, 18, 6.3, 270, 10"
  })
  void theResistanceIsRecovered(
      String type,
      double litres,
      int cylinders,
      String oil,
      String chemistry,
      double ah,
      double kg,
      double cca,
      double temperatureC) {
    BatteryCircuit battery = Examples.circuit(chemistry, ah, kg, cca);
    Engine engine = Examples.engine(type, litres, cylinders, oil);
    List<double[]> rows =
        Spice.waveforms(
            SpiceStart.netlist(
                battery,
                engine,
                temperatureC,
                true,
                """
                .control
                tran 0.0005 1.6 0 0.0005 uic
                linearize v(out) i(VM)
                wrdata FILE v(out) i(VM)
                quit
                .endc
                .end"""));
    RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(5);
    int before = 400;
    int size = before + rows.size();
    double[] seconds = new double[size];
    double[] volts = new double[size];
    double[] amps = new double[size];
    for (int i = 0; i < size; i++) {
      double[] row = rows.get(Math.max(0, i - before));
      seconds[i] = i * 0.0005;
      volts[i] = row[1] + 0.005 * random.nextGaussian();
      amps[i] = row[3] + 0.5 * random.nextGaussian();
    }
    RecordedResistance found =
        CrankFeatures.of(CrankRecording.withAmps(seconds, volts, amps), 1).ohm().orElseThrow();
    double truth = ohm(battery, temperatureC);
    assertThat(found.ohm()).as("true " + truth).isCloseTo(truth, within(0.05 * truth));
    assertThat(found.sigmaOhm()).isLessThan(0.05 * truth);
  }

  /** Resistance of the full battery at a temperature, the law written out again (Ω). */
  private static double ohm(BatteryCircuit battery, double temperatureC) {
    var p = battery.chemistry().circuit();
    double cold = (1 / (temperatureC + 273.15) - 1 / 298.15) / 8.314462618;
    return battery.resistanceOhm()
        * (p.constantShare()
            + (1 - p.constantShare()) * Math.exp(p.resistanceEnergyJPerMol() * cold));
  }

  /** Without a current clamp the starter's path is the yardstick: within a quarter. */
  @Test
  void withoutCurrentTheStarterIsTheYardstick() {
    StartTransient start =
        StartTransient.of(new Cranking(AGM, PETROL), ChargeState.rested(1, 20), 1.5);
    CrankFeatures features = CrankFeatures.of(recorded(start, restVolts(AGM, 20), 0.005, false), 1);
    double path = PETROL.cableMilliohm() / 1000 + PETROL.starter().windingOhm(20);
    double ohm = features.ohmFromPath(path, PETROL.starter().brushVolts());
    assertThat(features.ohm()).isEmpty();
    assertThat(ohm).isCloseTo(AGM.resistanceOhm(), within(0.25 * AGM.resistanceOhm()));
  }

  /** Our own start as the logger sees it, when the engine sticks at a compression. */
  @Test
  void aStallShows() {
    int size = 3000;
    double[] seconds = new double[size];
    double[] volts = new double[size];
    for (int i = 0; i < size; i++) {
      double t = i * 0.001;
      seconds[i] = t;
      volts[i] =
          t < 0.4
              ? 12.6
              : t < 1.4
                  ? 10 + 0.3 * Math.sin(2 * Math.PI * 8 * t)
                  : t < 2.2 ? 8.4 + 0.002 * Math.sin(900 * t) : 12.3;
    }
    CrankFeatures features = CrankFeatures.of(CrankRecording.ofVolts(seconds, volts), 1);
    assertThat(features.stalled()).isTrue();
    assertThat(features.crankingSeconds()).isCloseTo(1.8, within(0.05));
  }

  @Test
  void anEngineThatFiresShows() {
    int size = 4000;
    double[] seconds = new double[size];
    double[] volts = new double[size];
    for (int i = 0; i < size; i++) {
      double t = i * 0.001;
      seconds[i] = t;
      volts[i] = t < 0.5 ? 12.5 : t < 1.2 ? 10 + 0.3 * Math.sin(50 * t) : 14.1;
    }
    CrankFeatures features = CrankFeatures.of(CrankRecording.ofVolts(seconds, volts), 1);
    assertThat(features.fired()).isTrue();
    assertThat(features.recoveredVolts()).isCloseTo(14.1, within(0.01));
  }

  @Test
  void whatIsNoStartIsRefused() {
    double[] seconds = new double[100];
    double[] flat = new double[100];
    for (int i = 0; i < 100; i++) {
      seconds[i] = i * 0.01;
      flat[i] = 12.6;
    }
    assertThatExceptionOfType(Refused.class)
        .isThrownBy(() -> CrankFeatures.of(CrankRecording.ofVolts(seconds, flat), 1))
        .satisfies(
            refused -> {
              assertThat(refused.code()).isEqualTo(Refused.Code.NO_START);
              assertThat(refused.first()).isPositive();
              assertThat(refused.second()).isCloseTo(12.6, within(1e-6));
            });
    seconds[50] = 0.1;
    assertThatIllegalArgumentException()
        .isThrownBy(() -> CrankRecording.ofVolts(seconds, flat))
        .withMessageContaining("time must rise from sample to sample, but sample 51");
    seconds[50] = 0.5;
    flat[7] = 99;
    assertThatIllegalArgumentException()
        .isThrownBy(() -> CrankRecording.ofVolts(seconds, flat))
        .withMessageContaining("voltage of sample 8 must be from -5 to 60 V");
  }

  /** Noise, however it falls, never ends in an exception other than "no start". */
  @Test
  void randomRecordingsNeverBreakIt() {
    RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(77);
    for (int run = 0; run < 300; run++) {
      int size = random.nextInt(20, 3000);
      double[] seconds = new double[size];
      double[] volts = new double[size];
      double[] amps = new double[size];
      double t = 0;
      double level = 12;
      for (int i = 0; i < size; i++) {
        t += random.nextDouble(1e-5, 0.02);
        seconds[i] = t;
        level += random.nextGaussian() * 0.3;
        volts[i] = Math.max(-5, Math.min(60, level + (random.nextInt(50) == 0 ? -6 : 0)));
        amps[i] = random.nextDouble(-100, 600);
      }
      try {
        CrankFeatures features = CrankFeatures.of(CrankRecording.withAmps(seconds, volts, amps), 1);
        assertThat(features.crankingSeconds()).isFinite().isNotNegative();
        assertThat(features.crankingVolts()).isFinite();
        assertThat(features.lowestVolts()).isFinite();
      } catch (Refused none) {
        assertThat(none.code()).isEqualTo(Refused.Code.NO_START);
      }
    }
  }
}
