package org.fermix.core.machine;

import org.fermix.core.quantity.Check;
import org.fermix.core.quantity.Given;

/**
 * What is asked of the battery.
 *
 * @param longestLayUpDays days it sits at the longest (d)
 * @param drainMilliamps mean draw with everything off (mA)
 * @param engineOffAmps load with the engine off (A)
 * @param engineOffHours for how long (h)
 * @param startsPerDay on an ordinary day (1/d)
 * @param yearsKept how long the owner means to keep the machine (y)
 */
public record Use(
    Given longestLayUpDays,
    Given drainMilliamps,
    Given engineOffAmps,
    Given engineOffHours,
    Given startsPerDay,
    Given yearsKept) {
  /** Refuses what no machine is used for. */
  public Use {
    Check.within("longest lay-up", longestLayUpDays.value(), 0, 1000, "d");
    Check.within("drain", drainMilliamps.value(), 0, 10_000, "mA");
    Check.within("engine-off load", engineOffAmps.value(), 0, 500, "A");
    Check.within("engine-off hours", engineOffHours.value(), 0, 500, "h");
    Check.within("starts a day", startsPerDay.value(), 0, 100, "");
    Check.within("years kept", yearsKept.value(), 0.5, 50, "y");
  }
}
