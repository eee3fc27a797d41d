package org.fermix.core.reserve;

import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.electrical.ChargeState;
import org.fermix.core.quantity.Check;
import org.fermix.core.quantity.Roots;

/**
 * How long a constant current can run with the engine off while a start is kept back. The charge at
 * the surface, which lags behind under load, must stay above what a start needs.
 */
public final class EngineOff {
  /** Longest time answered (h); beyond it self-discharge matters more than the load. */
  public static final double LONGEST_HOURS = 1000;

  private EngineOff() {}

  /**
   * Hours until the surface charge falls to the charge kept, or the voltage to 10.5 V, whichever is
   * first (h); 0 when it is already below, {@link #LONGEST_HOURS} when it lasts longer.
   *
   * @param from state at the beginning
   * @param currentA 0 to 1,000 A; nothing drawn lasts longer than is answered
   * @param keptCharge surface charge to be kept, 0 to 1
   * @param endVolts lowest voltage the loads accept (V)
   */
  public static double hours(
      BatteryCircuit battery,
      ChargeState from,
      double currentA,
      double keptCharge,
      double endVolts) {
    Check.within("current", currentA, 0, 1000, "A");
    Check.within("charge kept", keptCharge, 0, 1, "");
    Surplus surplus = new Surplus(battery, from, currentA, keptCharge, endVolts);
    double atOnce = surplus.after(0);
    if (atOnce < 0) {
      return 0;
    }
    double slow = Discharge.slowShare(battery, from.temperatureC());
    // The surface is never fuller than the whole, so the whole's end is a latest end.
    double latest =
        currentA == 0
            ? LONGEST_HOURS
            : (from.charge() - keptCharge) * battery.capacityAmpHours() * slow / currentA + 1e-3;
    double most = Math.min(LONGEST_HOURS, latest);
    double atMost = surplus.after(most);
    if (atMost >= 0) {
      return most;
    }
    return Math.max(
        0, Roots.nearlyStraight(surplus::after, 0, atOnce, most, atMost, 1e-5 * Math.max(1, most)));
  }

  /** What is left after some hours above the first of the two limits to be met; falls with time. */
  private record Surplus(
      BatteryCircuit battery,
      ChargeState from,
      double currentA,
      double keptCharge,
      double endVolts) {
    double after(double hours) {
      ChargeState later = EngineOff.after(battery, from, currentA, hours);
      return Math.min(
          battery.surfaceCharge(later) - keptCharge, battery.slowVolts(later, currentA) - endVolts);
    }
  }

  /** Terminal voltage after some hours of a constant current (V). */
  public static double volts(
      BatteryCircuit battery, ChargeState from, double currentA, double hours) {
    Check.within("current", currentA, 0, 1000, "A");
    Check.within("hours", hours, 0, LONGEST_HOURS, "h");
    return battery.slowVolts(after(battery, from, currentA, hours), currentA);
  }

  /** A slow discharge in the cold takes a little more out of the wells than it delivers. */
  private static ChargeState after(
      BatteryCircuit battery, ChargeState from, double currentA, double hours) {
    double slow = Discharge.slowShare(battery, from.temperatureC());
    return battery.after(from, currentA / slow, hours * 3600);
  }
}
