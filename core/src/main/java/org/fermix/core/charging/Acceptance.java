package org.fermix.core.charging;

import org.fermix.core.chemistry.AcceptanceLaw;
import org.fermix.core.chemistry.Chemistry;

/**
 * The current a battery takes at a voltage and a temperature, over its charge: C (u/τ₁ + u²/τ₂)
 * s/f, with u = 1 − z, f = 2^((25 − T)/doubling) and s how much of its best voltage is there;
 * smooth in everything, so that no step of volts or degrees changes an answer. docs/model.md,
 * section 5.
 */
final class Acceptance {
  private static final double MOST_DRIVE = 1.25;
  private static final int MOST_STEPS = 8;
  private static final double NEAR = 1e-4;

  /** A charging voltage is not raised further than this in the cold, 12 V (V). */
  private static final double HIGHEST_BEST_VOLTS = 15.2;

  /** How fast a cold lead battery's overvoltage grows (1/K). */
  private static final double OVERVOLTAGE_PER_KELVIN = 0.02;

  private final Chemistry chemistry;
  private final AcceptanceLaw law;
  private final double ampHours;
  private final double volts;
  private final double temperatureC;
  private final double slow;
  private final double over;
  private final double bestVolts;

  /**
   * Acceptance of one battery.
   *
   * @param volts held, 12 V (V)
   */
  Acceptance(Chemistry chemistry, double ampHours, double volts, double temperatureC) {
    this.chemistry = chemistry;
    this.law = chemistry.acceptanceLaw();
    this.ampHours = ampHours;
    this.volts = volts;
    this.temperatureC = temperatureC;
    slow = Math.pow(2, (25 - temperatureC) / law.doublingK());
    over =
        law.overvoltage()
            * (chemistry.isLead()
                ? 1 + OVERVOLTAGE_PER_KELVIN * Math.max(0, 25 - temperatureC)
                : 1);
    bestVolts =
        Math.min(
            Math.max(HIGHEST_BEST_VOLTS, law.bestVolts()),
            law.bestVolts()
                + chemistry.acceptance().compensationVoltsPerKelvin() * (temperatureC - 25));
  }

  /** Largest charging current (A); 0 where it must not be charged. */
  double mostAmps() {
    return temperatureC > chemistry.acceptance().hottestC()
        ? 0
        : ampHours * law.mostPerHour() * law.coldShare().at(temperatureC);
  }

  /** Current accepted at a charge, whatever the source and the limits (A). */
  double amps(double charge) {
    double missing = Math.max(0, 1 - charge);
    return ampHours
        * missing
        * (1 / law.hours() + missing / law.quadraticHours())
        * drive(charge)
        / slow;
  }

  /** Hours from one charge to a higher one at what is accepted, everything stored (h). */
  double hours(double from, double to) {
    double u0 = 1 - from;
    double u1 = 1 - to;
    double t1 = law.hours();
    double t2 = law.quadraticHours();
    double shape = Math.log(u0 / u1) - Math.log((t2 + u0 * t1) / (t2 + u1 * t1));
    return t1 * shape * slow / drive(0.5 * (from + to));
  }

  /**
   * The charge after some hours from a source (1): at its current while the battery takes that,
   * then along the current that it takes, each in closed form at the voltage's share of half-way
   * there; no step overshoots.
   *
   * @param supplyA most the source gives (A)
   * @param efficiency share of what goes in that is kept (1)
   */
  double after(double from, double supplyA, double hours, double efficiency) {
    double limitA = Math.min(supplyA, mostAmps());
    if (limitA <= 0 || hours <= 0) {
      return from;
    }
    // Fuller half-way means less voltage to drive it: what agrees with itself lies between.
    double low = from;
    double high = after(from, limitA, hours, efficiency, drive(from) / slow);
    double atLow = high - from;
    double atHigh =
        after(from, limitA, hours, efficiency, drive(0.5 * (from + high)) / slow) - high;
    for (int i = 0; i < MOST_STEPS && high - low > NEAR && atHigh < -NEAR; i++) {
      double to = Math.max(low, Math.min(high, low + (high - low) * atLow / (atLow - atHigh)));
      double off = after(from, limitA, hours, efficiency, drive(0.5 * (from + to)) / slow) - to;
      if (Math.abs(off) < NEAR) {
        return to;
      }
      if (off > 0) {
        low = to;
        atLow = off;
        atHigh *= 0.5;
      } else {
        high = to;
        atHigh = off;
        atLow *= 0.5;
      }
    }
    return atHigh >= -NEAR ? high : low + (high - low) * atLow / (atLow - atHigh);
  }

  private double after(
      double from, double limitA, double hours, double efficiency, double strength) {
    if (strength <= 0) {
      return from;
    }
    double t1 = law.hours();
    double t2 = law.quadraticHours();
    double missing = 1 - from;
    double q = limitA / (ampHours * strength);
    double turns = 2 * q / (1 / t1 + Math.sqrt(1 / (t1 * t1) + 4 * q / t2));
    double constant = Math.max(0, (missing - turns) * ampHours / (efficiency * limitA));
    if (hours <= constant) {
      return from + efficiency * limitA * hours / ampHours;
    }
    double begins = Math.min(missing, turns);
    if (begins <= 0) {
      return from;
    }
    double grown =
        (1 / begins + t1 / t2) * Math.exp(strength * efficiency * (hours - constant) / t1)
            - t1 / t2;
    return 1 - 1 / grown;
  }

  /** How far the voltage lies above the one from which it gains at a charge (V). */
  double headroomVolts(double charge) {
    return volts - chemistry.openCircuitVolts(charge) - over;
  }

  /** How much of its best voltage is there, as the current goes by it (1). */
  private double drive(double charge) {
    double from = chemistry.openCircuitVolts(charge) + over;
    double share = (volts - from) / Math.max(0.05, bestVolts - from);
    return Math.pow(Math.max(0, Math.min(MOST_DRIVE, share)), law.voltageExponent());
  }
}
