package org.fermix.core.machine;

import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Limits;
import org.fermix.core.quantity.Unit;

/**
 * How it is driven on an ordinary day.
 *
 * @param startsPerDay 0 to 100 (1/d)
 * @param tripMinutes from one start to the next stop, 0 to 1,440 min
 * @param stopStart whether its engine stops at lights meanwhile
 */
public record Driving(Given startsPerDay, Given tripMinutes, StopStart stopStart) {
  /** On an ordinary day. */
  public static final Limits STARTS_A_DAY = new Limits("starts a day", 0, 100, Unit.COUNT);

  /** From a start to the next stop. */
  public static final Limits TRIP = new Limits("minutes a trip", 0, 1440, Unit.MINUTE);

  private static final double MINUTES_PER_DAY = 1440;

  /** Nothing is said of stops at lights. */
  public Driving(Given startsPerDay, Given tripMinutes) {
    this(startsPerDay, tripMinutes, StopStart.UNSAID);
  }

  /** The same, started so often a day (1/d). */
  public Driving starting(Given starts) {
    return new Driving(starts, tripMinutes, stopStart);
  }

  /** The same with trips as long (min). */
  public Driving lasting(Given minutes) {
    return new Driving(startsPerDay, minutes, stopStart);
  }

  /** The same, its engine stopping at lights or not. */
  public Driving stopping(StopStart other) {
    return new Driving(startsPerDay, tripMinutes, other);
  }

  /** Refuses what no machine is used for. */
  public Driving {
    STARTS_A_DAY.check(startsPerDay.value());
    TRIP.check(tripMinutes.value());
  }

  /** Minutes the engine runs on an ordinary day (min/d). */
  public double minutesPerDay() {
    return Math.min(MINUTES_PER_DAY, startsPerDay.value() * tripMinutes.value());
  }
}
