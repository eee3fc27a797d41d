package org.fermix.core.diagnosis;

import org.fermix.core.quantity.Limits;
import org.fermix.core.quantity.Unit;

/** What a reading of a 6, 12 or 24 V machine can show at all. */
public final class ReadingLimits {
  /** At the posts. */
  public static final Limits VOLTS = new Limits("voltage", 0, 40, Unit.VOLT);

  /** Of the battery, or its acid. */
  public static final Limits TEMPERATURE = new Limits("battery temperature", -40, 60, Unit.CELSIUS);

  /** Lost along a lead. */
  public static final Limits DROP = new Limits("voltage drop", 0, 30, Unit.VOLT);

  /** Since it was charged or driven. */
  public static final Limits RESTED = new Limits("hours of rest", 0, 10_000, Unit.HOUR);

  /** With everything off. */
  public static final Limits DRAIN = new Limits("drain", 0, 100_000, Unit.MILLIAMPERE);

  /** Since the machine was locked. */
  public static final Limits ASLEEP = new Limits("minutes asleep", 0, 1440, Unit.MINUTE);

  /** Estimated by a tester. */
  public static final Limits SHOWN = new Limits("cranking amps shown", 0, 5000, Unit.AMPERE);

  /** Drawn in a pulse. */
  public static final Limits PULSE = new Limits("pulse current", 1, 5000, Unit.AMPERE);

  /** Of acid against water. */
  public static final Limits GRAVITY = new Limits("specific gravity", 1.0, 1.35, Unit.SHARE);

  /** It was driven in. */
  public static final Limits AIR = new Limits("air temperature", -40, 50, Unit.CELSIUS);

  /** Cranked in one try. */
  public static final Limits TRY = new Limits("seconds of a try", 0.1, 60, Unit.SECOND);

  /** Drawn in a capacity run. */
  public static final Limits RUN = new Limits("current of the run", 0.05, 500, Unit.AMPERE);

  /** Of a capacity run. */
  public static final Limits RUN_TIME = new Limits("minutes of the run", 1, 6000, Unit.MINUTE);

  private ReadingLimits() {}
}
