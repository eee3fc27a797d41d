package org.fermix.core.machine;

import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Limits;
import org.fermix.core.quantity.Unit;

/**
 * How it is driven on an ordinary day.
 *
 * @param startsPerDay 0 to 100 (1/d)
 * @param tripMinutes from one start to the next stop, 0 to 1,440 min
 */
public record Driving(Given startsPerDay, Given tripMinutes) {
  /** On an ordinary day. */
  public static final Limits STARTS_A_DAY = new Limits("starts a day", 0, 100, Unit.COUNT);

  /** From a start to the next stop. */
  public static final Limits TRIP = new Limits("minutes a trip", 0, 1440, Unit.MINUTE);

  private static final double MINUTES_PER_DAY = 1440;

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
