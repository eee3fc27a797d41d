package org.fermix.core.machine;

import java.util.Optional;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Limits;
import org.fermix.core.quantity.Unit;

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
 * @param habit how things are used with the engine off
 */
public record Use(
    LongestLayUp layUp,
    Given drainMilliamps,
    Given engineOffAmps,
    Given engineOffHours,
    Driving driving,
    Given yearsKept,
    Optional<History> history,
    Habit habit) {
  /** Draw with everything off. */
  public static final Limits DRAIN = new Limits("drain", 0, 10_000, Unit.MILLIAMPERE);

  /** What runs while the engine does not. */
  public static final Limits ENGINE_OFF_LOAD = new Limits("engine-off load", 0, 500, Unit.AMPERE);

  /** For how long. */
  public static final Limits ENGINE_OFF_HOURS = new Limits("engine-off hours", 0, 500, Unit.HOUR);

  /** How long the machine is kept. */
  public static final Limits YEARS_KEPT = new Limits("years kept", 0.5, 50, Unit.YEAR);

  /** With the usual habit. */
  public Use(
      LongestLayUp layUp,
      Given drainMilliamps,
      Given engineOffAmps,
      Given engineOffHours,
      Driving driving,
      Given yearsKept,
      Optional<History> history) {
    this(
        layUp,
        drainMilliamps,
        engineOffAmps,
        engineOffHours,
        driving,
        yearsKept,
        history,
        Habit.USUAL);
  }

  /** The same with another longest lay-up (d). */
  public Use standing(Given days) {
    LongestLayUp other = new LongestLayUp(days, layUp.fromMonth(), layUp.place(), layUp.stand());
    return new Use(
        other, drainMilliamps, engineOffAmps, engineOffHours, driving, yearsKept, history, habit);
  }

  /** The same with another drain (mA). */
  public Use drained(Given milliamps) {
    return new Use(
        layUp, milliamps, engineOffAmps, engineOffHours, driving, yearsKept, history, habit);
  }

  /** The same with something else running with the engine off (A, h). */
  public Use running(Given amps, Given hours) {
    return new Use(layUp, drainMilliamps, amps, hours, driving, yearsKept, history, habit);
  }

  /** The same, driven otherwise. */
  public Use driven(Driving other) {
    return new Use(
        layUp, drainMilliamps, engineOffAmps, engineOffHours, other, yearsKept, history, habit);
  }

  /** The same, kept so many years (y). */
  public Use kept(Given years) {
    return new Use(
        layUp, drainMilliamps, engineOffAmps, engineOffHours, driving, years, history, habit);
  }

  /** Refuses what no machine is used for. */
  public Use {
    DRAIN.check(drainMilliamps.value());
    ENGINE_OFF_LOAD.check(engineOffAmps.value());
    ENGINE_OFF_HOURS.check(engineOffHours.value());
    YEARS_KEPT.check(yearsKept.value());
  }
}
