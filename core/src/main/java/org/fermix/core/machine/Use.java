package org.fermix.core.machine;

import java.util.Optional;
import org.fermix.core.quantity.Check;
import org.fermix.core.quantity.Given;

/**
 * What is asked of the battery.
 *
 * @param layUp the longest time it stands
 * @param drainMilliamps mean draw with everything off (mA)
 * @param engineOffAmps load with the engine off (A)
 * @param engineOffHours for how long (h)
 * @param driving on an ordinary day
 * @param yearsKept how long the owner means to keep the machine (y)
 * @param history how long batteries lasted here
 */
public record Use(
    LongestLayUp layUp,
    Given drainMilliamps,
    Given engineOffAmps,
    Given engineOffHours,
    Driving driving,
    Given yearsKept,
    Optional<History> history) {
  /** Refuses what no machine is used for. */
  public Use {
    Check.within("drain", drainMilliamps.value(), 0, 10_000, "mA");
    Check.within("engine-off load", engineOffAmps.value(), 0, 500, "A");
    Check.within("engine-off hours", engineOffHours.value(), 0, 500, "h");
    Check.within("years kept", yearsKept.value(), 0.5, 50, "y");
  }
}
