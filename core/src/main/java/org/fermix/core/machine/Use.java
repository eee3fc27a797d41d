package org.fermix.core.machine;

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
    Given yearsKept) {}
