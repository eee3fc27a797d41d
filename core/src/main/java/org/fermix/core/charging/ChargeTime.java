package org.fermix.core.charging;

import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.quantity.Check;
import org.fermix.core.quantity.Roots;

/**
 * The time a charge takes: what the source gives until the battery accepts less, then what it
 * accepts (docs/model.md, section 5). Added up over steps of the missing charge, each in closed
 * form at its own voltage.
 *
 * @param constantHours at the source's current, or the most the battery may be given (h)
 * @param tailHours at the falling current it accepts (h)
 * @param ampHours put in (Ah)
 */
public record ChargeTime(double constantHours, double tailHours, double ampHours) {
  /** No charge is called fuller than this: the last half per cent never ends. */
  public static final double FULLEST = 0.995;

  private static final int STEPS = 60;
  private static final int REACHED_STEPS = 200;

  /** All of it (h). */
  public double hours() {
    return constantHours + tailHours;
  }

  /**
   * The time from one charge to another.
   *
   * @param ampHours capacity (Ah)
   * @param from 0 to 1
   * @param to above {@code from}, at most {@link #FULLEST}
   * @param supplyA current offered, above 0 (A)
   * @param volts held, 12 V (V)
   * @throws IllegalArgumentException where it must not be charged at this temperature, or gains
   *     nothing at this voltage
   */
  public static ChargeTime of(
      Chemistry chemistry,
      double ampHours,
      double from,
      double to,
      double supplyA,
      double volts,
      double temperatureC) {
    Check.within("capacity", ampHours, 0.5, 2000, "Ah");
    Check.within("charge to reach", to, 0, FULLEST, "");
    Check.within("charge at the beginning", from, 0, to, "");
    Check.within("charging current", supplyA, 0.01, 1000, "A");
    Acceptance accepts = new Acceptance(chemistry, ampHours, volts, temperatureC);
    double most = accepts.mostAmps();
    double efficiency = chemistry.acceptance().efficiency();
    if (most <= 0 || accepts.amps(to) <= 0) {
      throw new IllegalArgumentException(
          "a "
              + chemistry.displayName()
              + " battery at "
              + temperatureC
              + " °C gains nothing from "
              + volts
              + " V");
    }
    double limitA = Math.min(supplyA, most);
    double constant = 0;
    double tail = 0;
    for (int i = 0; i < STEPS; i++) {
      double below = from + (to - from) * i / STEPS;
      double above = from + (to - from) * (i + 1) / STEPS;
      double limited = (above - below) * ampHours / (efficiency * limitA);
      double accepted = accepts.hours(below, above) / efficiency;
      if (accepted > limited) {
        tail += accepted;
      } else {
        constant += limited;
      }
    }
    return new ChargeTime(constant, tail, (to - from) * ampHours / efficiency);
  }

  /**
   * The highest charge a voltage brings a battery to in the end (1), at most {@link #FULLEST}; 0
   * where it gains nothing at all.
   *
   * @param volts held, 12 V (V)
   */
  public static double highest(Chemistry chemistry, double volts, double temperatureC) {
    Acceptance accepts = new Acceptance(chemistry, 1, volts, temperatureC);
    if (accepts.mostAmps() <= 0 || accepts.amps(0) <= 0) {
      return 0;
    }
    return accepts.amps(FULLEST) > 0
        ? FULLEST
        : Roots.crossing(accepts::headroomVolts, 0, FULLEST, 1e-4) - 1e-3;
  }

  /**
   * The charge reached after some hours at a voltage, from a source that gives all the battery
   * accepts (1); the same for every size.
   *
   * @param volts held, 12 V (V)
   */
  public static double reached(
      Chemistry chemistry, double from, double hours, double volts, double temperatureC) {
    Check.within("charge at the beginning", from, 0, 1, "");
    Check.within("hours", hours, 0, 1000, "h");
    Acceptance accepts = new Acceptance(chemistry, 1, volts, temperatureC);
    double efficiency = chemistry.acceptance().efficiency();
    double charge = from;
    for (int i = 0; i < REACHED_STEPS; i++) {
      double amps = Math.min(accepts.mostAmps(), accepts.amps(charge));
      charge = Math.min(1, charge + efficiency * amps * hours / REACHED_STEPS);
    }
    return charge;
  }

  /** Current accepted at a charge (A). */
  public static double acceptedAmps(
      Chemistry chemistry, double ampHours, double charge, double volts, double temperatureC) {
    Acceptance accepts = new Acceptance(chemistry, ampHours, volts, temperatureC);
    return Math.min(accepts.mostAmps(), accepts.amps(charge));
  }

  /** Largest charging current at a temperature (A); 0 where it must not be charged. */
  public static double mostAmps(Chemistry chemistry, double ampHours, double temperatureC) {
    return new Acceptance(chemistry, ampHours, 14, temperatureC).mostAmps();
  }

  /**
   * Minutes of running that put back what a start took (min). Right after a start even a full
   * battery takes a twentieth of its capacity, since its surface is discharged (estimate).
   *
   * @param startAmpHours of one start (Ah)
   * @param spareA the engine's charging can spare (A)
   */
  public static double minutesToRefillStart(
      Chemistry chemistry, double ampHours, double startAmpHours, double spareA) {
    Check.within("charge of a start", startAmpHours, 0, 100, "Ah");
    Check.within("charging current", spareA, 0.01, 1000, "A");
    double currentA = Math.min(spareA, 0.05 * ampHours);
    return 60 * startAmpHours / (currentA * chemistry.acceptance().efficiency());
  }
}
