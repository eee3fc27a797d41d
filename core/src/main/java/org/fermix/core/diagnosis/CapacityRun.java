package org.fermix.core.diagnosis;

import java.util.Optional;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.electrical.ChargeState;
import org.fermix.core.quantity.Roots;
import org.fermix.core.reserve.Discharge;
import org.fermix.core.reserve.Load;

/**
 * A discharge of the fully charged battery under a known load to a known voltage: its true
 * ampere-hours. The share left is that at which the battery's own circuit runs as long as was
 * measured, so that load, cold and the voltage it was stopped at are accounted for.
 *
 * @param amps drawn, 0.05 to 500 A
 * @param minutes it ran, 1 to 6,000 min
 * @param endVolts at which it was stopped, under load, 0 to 40 V
 * @param temperatureC of the battery, −40 to 60 °C
 */
public record CapacityRun(double amps, double minutes, double endVolts, double temperatureC) {
  /** A battery of this share or more keeps its capacity (1); custom. */
  public static final double KEPT = 0.80;

  /** Below this share it is spent (1); custom. */
  public static final double SPENT = 0.60;

  private static final double LEAST_SHARE = 0.05;
  private static final double MOST_SHARE = 1.5;

  /** Stopped above this the run tells only that there was at least so much (12 V, V). */
  private static final double LEAD_EMPTY_VOLTS = 11.5;

  private static final double OTHER_EMPTY_VOLTS = 12.3;

  /** Refuses what cannot be. */
  public CapacityRun {
    ReadingLimits.RUN.check(amps);
    ReadingLimits.RUN_TIME.check(minutes);
    ReadingLimits.VOLTS.check(endVolts);
    ReadingLimits.TEMPERATURE.check(temperatureC);
  }

  /** Ampere-hours it gave (Ah). */
  public double ampHours() {
    return amps * minutes / 60;
  }

  /** The volts a run must be brought down to before it tells what is left (V). */
  public static double emptyVolts(Chemistry chemistry, double series) {
    return series * (chemistry.isLead() ? LEAD_EMPTY_VOLTS : OTHER_EMPTY_VOLTS);
  }

  /** True where it was run until it was nearly empty. */
  public boolean ranDown(BatteryCircuit whenNew) {
    return endVolts <= emptyVolts(whenNew.chemistry(), whenNew.series());
  }

  /**
   * Share of its labelled capacity that is left (1), 0.05 to 1.5; at least that much where the run
   * was stopped early.
   *
   * @param whenNew the circuit its label stands for
   */
  public double share(BatteryCircuit whenNew) {
    double hours = minutes / 60;
    double whole = expectedHours(whenNew);
    if (whole <= 0) {
      return LEAST_SHARE;
    }
    if (!ranDown(whenNew) || hours >= whole) {
      return Math.max(LEAST_SHARE, Math.min(MOST_SHARE, hours / whole));
    }
    double least = BatteryCircuit.LEAST_HEALTH;
    if (expectedHours(whenNew.withCapacityLeft(least)) >= hours) {
      return Math.max(LEAST_SHARE, least * hours / expectedHours(whenNew.withCapacityLeft(least)));
    }
    return Roots.crossing(
        health -> expectedHours(whenNew.withCapacityLeft(health)) - hours, least, 1, 1e-3);
  }

  private double expectedHours(BatteryCircuit circuit) {
    double end = ranDown(circuit) ? endVolts : emptyVolts(circuit.chemistry(), circuit.series());
    return Discharge.of(
            circuit, ChargeState.rested(1, temperatureC), new Load.Current(amps), 0, end)
        .hours();
  }

  /** As evidence; empty where it was stopped before it told anything. */
  public Optional<Evidence> evidence(BatteryCircuit whenNew) {
    double share = share(whenNew);
    if (share < KEPT && !ranDown(whenNew)) {
      return Optional.empty();
    }
    return Optional.of(
        new Evidence(
            ReadingKind.CAPACITY, share >= KEPT ? "kept" : share >= SPENT ? "less" : "spent"));
  }
}
