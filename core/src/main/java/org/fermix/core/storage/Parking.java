package org.fermix.core.storage;

import org.fermix.core.chemistry.StorageParameters;
import org.fermix.core.quantity.Check;

/**
 * Charge over time at rest: dz/dt = −k z − p, first-order self-discharge k that doubles with every
 * few kelvin, and a steady drain p. Closed form; docs/model.md, section 4.
 *
 * @param lossPerDay k (1/d), 0 or more
 * @param drainPerDay p, share of capacity drawn a day (1/d), 0 or more
 */
public record Parking(double lossPerDay, double drainPerDay) {
  private static final double DAYS_PER_MONTH = 30.4;

  /** Longest time answered (d); beyond it no battery is left alone. */
  public static final double LONGEST_DAYS = 3650;

  /** No start is promised after more (d): standing itself has ended it; common practice. */
  public static final double LONGEST_TOLD_DAYS = 730;

  /** Refuses negative losses. */
  public Parking {
    Check.within("self-discharge", lossPerDay, 0, 1, "1/d");
    Check.within("drain", drainPerDay, 0, 1e4, "1/d");
  }

  /**
   * Parking of one battery.
   *
   * @param drainMilliamps mean draw of the machine (mA); the battery's own is added
   * @param ampHours its capacity now (Ah)
   */
  public static Parking of(
      StorageParameters storage, double temperatureC, double drainMilliamps, double ampHours) {
    double lossPerDay =
        -Math.log(1 - storage.lossPerMonth())
            / DAYS_PER_MONTH
            * Math.pow(2, (temperatureC - 25) / storage.doublingK());
    double drainPerDay = 24 * (drainMilliamps + storage.ownDrawMilliamps()) / 1000 / ampHours;
    return new Parking(lossPerDay, drainPerDay);
  }

  /** Both losses scaled, for the ends of a band. */
  public Parking scaled(double lossFactor, double drainFactor) {
    return new Parking(lossPerDay * lossFactor, drainPerDay * drainFactor);
  }

  /**
   * Days from one charge down to another (d), at most {@link #LONGEST_DAYS}; 0 when already there.
   *
   * @param from 0 to 1
   * @param to 0 to 1
   */
  public double days(double from, double to) {
    if (from <= to) {
      return 0;
    }
    double days;
    if (lossPerDay < 1e-12) {
      days = drainPerDay == 0 ? LONGEST_DAYS : (from - to) / drainPerDay;
    } else {
      double offset = drainPerDay / lossPerDay;
      days = Math.log((from + offset) / (to + offset)) / lossPerDay;
    }
    return Math.min(LONGEST_DAYS, days);
  }

  /** Charge left after some days (1), not below 0. */
  public double chargeAfter(double from, double days) {
    double fade = Math.exp(-lossPerDay * days);
    double drawn = lossPerDay < 1e-12 ? drainPerDay * days : drainPerDay / lossPerDay * (1 - fade);
    return Math.max(0, from * fade - drawn);
  }

  /** True when the machine's drain takes more than self-discharge does from a full battery. */
  public boolean drainOutweighsSelfDischarge() {
    return drainPerDay > lossPerDay;
  }
}
