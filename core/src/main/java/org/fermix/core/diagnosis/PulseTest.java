package org.fermix.core.diagnosis;

import java.util.List;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.electrical.ChargeState;
import org.fermix.core.quantity.Check;
import org.fermix.core.quantity.Roots;
import org.fermix.core.rating.CrankingTest;

/**
 * Repeated heavy pulses that imitate starting. The fall of the rested voltage misleads across
 * chemistries, which start from different voltages, so the loaded volts are judged against the
 * battery's own circuit: the resistance that explains them gives the share of the rated cranking
 * current left.
 *
 * @param amps of each pulse, 1 to 5,000 A
 * @param seconds of each pulse, 1 to 60 s
 * @param restSeconds between pulses, 0 to 3,600 s
 * @param loadedVolts at the end of each pulse, one to ten (V)
 * @param restBefore rested volts before the first (V)
 * @param restAfter volts after the last and a rest (V)
 * @param charge before the first, 0 to 1
 * @param temperatureC of the battery, −40 to 60 °C
 */
public record PulseTest(
    double amps,
    double seconds,
    double restSeconds,
    List<Double> loadedVolts,
    double restBefore,
    double restAfter,
    double charge,
    double temperatureC) {
  /** Share of the rating below which it fails; what the half-rating test amounts to (1). */
  public static final double LEAST_SHARE = 2.0 / 3;

  /** Refuses what cannot be. */
  public PulseTest {
    loadedVolts = List.copyOf(loadedVolts);
    ReadingLimits.PULSE.check(amps);
    Check.within("pulse time", seconds, 1, 60, "s");
    Check.within("rest between pulses", restSeconds, 0, 3600, "s");
    Check.within("number of pulses", loadedVolts.size(), 1, 10, "");
    loadedVolts.forEach(volts -> ReadingLimits.VOLTS.check(volts));
    Check.within("voltage before", restBefore, 0.1, 40, "V");
    ReadingLimits.VOLTS.check(restAfter);
    Check.within("charge", charge, 0.05, 1, "");
    ReadingLimits.TEMPERATURE.check(temperatureC);
  }

  /** Fall of the rested voltage over the test (%). */
  public double sagPercent() {
    return 100 * (restBefore - restAfter) / restBefore;
  }

  /**
   * Loaded volts of the last pulse that a battery's circuit would show (V). The load warms the
   * battery, as it does in the test its rating comes from.
   */
  public double expectedVolts(BatteryCircuit circuit) {
    ChargeState state = ChargeState.rested(charge, temperatureC);
    for (int i = 0; i < loadedVolts.size(); i++) {
      if (i > 0) {
        state = circuit.afterSoaking(state, 0, restSeconds, temperatureC);
      }
      state = circuit.afterSoaking(state, amps, seconds, temperatureC);
    }
    return circuit.volts(state, amps);
  }

  /**
   * Share of the rated cold cranking amps that the last loaded voltage stands for (1), 0.1 to 1.5.
   *
   * @param whenNew the circuit its label stands for
   */
  public double crankingShare(BatteryCircuit whenNew) {
    double measured = loadedVolts.get(loadedVolts.size() - 1);
    double low = 0.3;
    double high = 12;
    if (expectedVolts(whenNew.withResistance(low)) <= measured) {
      return 1.5;
    }
    if (expectedVolts(whenNew.withResistance(high)) >= measured) {
      return 0.1;
    }
    double factor =
        Roots.crossing(
            each -> expectedVolts(whenNew.withResistance(each)) - measured, low, 1, high, 1e-4);
    double share =
        whenNew.withResistance(factor).ratedAmps(CrankingTest.COLD_CRANKING)
            / whenNew.ratedAmps(CrankingTest.COLD_CRANKING);
    return Math.max(0.1, Math.min(1.5, share));
  }

  /** As evidence. */
  public Evidence evidence(BatteryCircuit whenNew) {
    if (LoadTest.collapses(loadedVolts.get(loadedVolts.size() - 1), whenNew.series())) {
      return new Evidence(ReadingKind.LOAD_TEST, "collapses");
    }
    return new Evidence(
        ReadingKind.LOAD_TEST, crankingShare(whenNew) >= LEAST_SHARE ? "passes" : "fails");
  }
}
