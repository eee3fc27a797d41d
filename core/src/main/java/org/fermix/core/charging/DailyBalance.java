package org.fermix.core.charging;

import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.quantity.Check;
import org.fermix.core.quantity.Roots;

/**
 * Does it get full again in daily use? What the engine's charging puts in on an ordinary day
 * against what starts, drain and self-discharge take; where the two are level the charge settles.
 * docs/model.md, section 5. Over a year's temperatures the days differ, so the current taken is the
 * mean over days a few kelvin colder and warmer; nothing in it has a step.
 */
public final class DailyBalance {
  /** Standard deviation of a day's temperature round its month's mean (K); estimate. */
  public static final double DAY_SIGMA_K = 4;

  /** The steps of a month of thirty days (d): what moves fast moves first. */
  private static final double[] MONTH_DAYS = {0.5, 0.5, 1, 2, 2, 3, 3, 4, 4, 5, 5};

  private static final double HEATED_C = 5;

  /** Gauss–Hermite nodes and weights of three points for a normal law. */
  private static final double[] SCORES = {-Math.sqrt(3), 0, Math.sqrt(3)};

  private static final double[] SHARES = {1.0 / 6, 2.0 / 3, 1.0 / 6};

  private final Day day;
  private final Acceptance[] accepts = new Acceptance[SCORES.length];
  private final double efficiency;

  /**
   * An ordinary day.
   *
   * @param ampHours capacity now (Ah)
   * @param volts regulated, 12 V (V)
   * @param batteryC mean battery temperature while it is charged (°C)
   * @param heated true when it warms itself first
   * @param spareA charging current to spare at speed (A)
   * @param idleA the same at idle (A)
   * @param idleShare of the running time (1)
   * @param runHours of the engine (h)
   * @param startAmpHours all starts of the day (Ah)
   * @param drainAmpHours drawn with everything off (Ah)
   * @param engineOffAmpHours taken by what runs with the engine off (Ah)
   * @param lossPerDay self-discharge, share of the charge (1/d)
   */
  public record Day(
      Chemistry chemistry,
      double ampHours,
      double volts,
      double batteryC,
      boolean heated,
      double spareA,
      double idleA,
      double idleShare,
      double runHours,
      double startAmpHours,
      double drainAmpHours,
      double engineOffAmpHours,
      double lossPerDay) {
    /** Refuses what no day has. */
    public Day {
      Check.within("capacity", ampHours, 0.01, 5000, "Ah");
      Check.within("hours run a day", runHours, 0, 24, "h");
    }
  }

  /** The balance of a day. */
  public DailyBalance(Day day) {
    this.day = day;
    efficiency = day.chemistry().acceptance().efficiency();
    for (int i = 0; i < SCORES.length; i++) {
      double temperatureC = day.batteryC() + DAY_SIGMA_K * SCORES[i];
      accepts[i] =
          new Acceptance(
              day.chemistry(),
              day.ampHours(),
              day.volts(),
              day.heated() ? Math.max(HEATED_C, temperatureC) : temperatureC);
    }
  }

  /**
   * Charge put in on a day that begins at a charge (Ah): what is taken is taken before the engine
   * runs, and the run is followed hour by hour.
   */
  public double gainAmpHours(double charge) {
    double low = Math.max(0, charge - usedBefore(charge) / day.ampHours());
    double gain = 0;
    for (int i = 0; i < SCORES.length; i++) {
      double after = run(accepts[i], low, day.spareA(), (1 - day.idleShare()) * day.runHours());
      after = run(accepts[i], after, day.idleA(), day.idleShare() * day.runHours());
      gain += SHARES[i] * (after - low);
    }
    return gain * day.ampHours();
  }

  private double run(Acceptance accepts, double from, double supplyA, double hours) {
    int steps = (int) Math.max(1, Math.ceil(hours));
    double charge = from;
    for (int i = 0; i < steps; i++) {
      charge = accepts.after(charge, supplyA, hours / steps, efficiency);
    }
    return charge;
  }

  /** Taken between two runs (Ah), at most what is there. */
  private double usedBefore(double charge) {
    return Math.min(charge * day.ampHours(), useAmpHours(charge));
  }

  /** Charge taken out of it on that day (Ah). */
  public double useAmpHours(double charge) {
    return day.startAmpHours()
        + day.drainAmpHours()
        + day.engineOffAmpHours()
        + day.lossPerDay() * day.ampHours() * charge;
  }

  /** Where the charge settles in daily use (1); 0 when it does not keep up at any. */
  public double settles() {
    double atEmpty = surplus(0);
    if (atEmpty <= 0) {
      return 0;
    }
    double atFull = surplus(1);
    return atFull >= 0 ? 1 : Roots.nearlyStraight(this::surplus, 0, atEmpty, 1, atFull, 1e-4);
  }

  /**
   * What the charge has come to after a month of such days, from another (1). In a few steps, each
   * along the exponential that the surplus here and where it settles gives (exponential Euler
   * method), which does not overshoot where the balance is stiff.
   */
  public double afterMonth(double from) {
    double settled = settles();
    double there = settled > 0 && settled < 1 ? 0 : surplus(settled) / day.ampHours();
    double charge = from;
    for (double days : MONTH_DAYS) {
      double here = surplus(charge) / day.ampHours();
      double left = charge - settled;
      double slope = Math.abs(left) < 1e-6 ? 0 : Math.min(0, (here - there) / left);
      double whole = slope * days;
      double grown = whole > -1e-6 ? days : (Math.exp(whole) - 1) / slope;
      charge = Math.max(0, Math.min(1, charge + here * grown));
    }
    return charge;
  }

  /** Days until it is flat from a charge, where it does not keep up (d); infinite where it does. */
  public double daysUntilFlat(double from, double flat) {
    double lost = -surplus(0.5 * (from + flat));
    return lost <= 0 || settles() > flat
        ? Double.POSITIVE_INFINITY
        : Math.max(0, from - flat) * day.ampHours() / lost;
  }

  private double surplus(double charge) {
    return gainAmpHours(charge) - useAmpHours(charge);
  }
}
