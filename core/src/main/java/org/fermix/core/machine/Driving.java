package org.fermix.core.machine;

import org.fermix.core.quantity.Check;
import org.fermix.core.quantity.Given;

/**
 * How it is driven on an ordinary day.
 *
 * @param startsPerDay 0 to 100 (1/d)
 * @param tripMinutes from one start to the next stop, 0 to 1,440 min
 */
public record Driving(Given startsPerDay, Given tripMinutes) {
  private static final double MINUTES_PER_DAY = 1440;

  /** Refuses what no machine is used for. */
  public Driving {
    Check.within("starts a day", startsPerDay.value(), 0, 100, "");
    Check.within("minutes a trip", tripMinutes.value(), 0, MINUTES_PER_DAY, "min");
  }

  /** Minutes the engine runs on an ordinary day (min/d). */
  public double minutesPerDay() {
    return Math.min(MINUTES_PER_DAY, startsPerDay.value() * tripMinutes.value());
  }
}
