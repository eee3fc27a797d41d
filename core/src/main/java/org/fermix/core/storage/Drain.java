package org.fermix.core.storage;

import java.util.List;
import org.fermix.core.quantity.Check;

/**
 * What a machine draws while it is parked: a steady sleep current and wake-ups.
 *
 * @param sleepMilliamps 0 to 10,000 mA
 */
public record Drain(double sleepMilliamps, List<WakeUp> wakeUps) {
  /** Refuses impossible drains. */
  public Drain {
    Check.within("sleep current", sleepMilliamps, 0, 10000, "mA");
    wakeUps = List.copyOf(wakeUps);
  }

  /**
   * Something that wakes it, such as a door or a tracker.
   *
   * @param currentA above the sleep current, 0 to 100 A
   * @param seconds each time, 0 to 7,200 s
   * @param perDay how often, 0 to 1,440
   */
  public record WakeUp(double currentA, double seconds, double perDay) {
    /** Refuses impossible wake-ups. */
    public WakeUp {
      Check.within("wake-up current", currentA, 0, 100, "A");
      Check.within("wake-up time", seconds, 0, 7200, "s");
      Check.within("wake-ups a day", perDay, 0, 1440, "");
    }

    double meanMilliamps() {
      return 1000 * currentA * seconds * perDay / 86400;
    }
  }

  /** A drain without wake-ups. */
  public static Drain steady(double milliamps) {
    return new Drain(milliamps, List.of());
  }

  /** The mean over a day (mA). */
  public double meanMilliamps() {
    return wakeUps.isEmpty()
        ? sleepMilliamps
        : sleepMilliamps + wakeUps.stream().mapToDouble(WakeUp::meanMilliamps).sum();
  }

  /**
   * The accepted limit by the reserve/4 rule of vehicle makers' bulletins (mA); from memory.
   *
   * @param reserveMinutes of the battery (min)
   */
  public static double acceptedMilliamps(double reserveMinutes) {
    return Check.within("reserve capacity", reserveMinutes, 1, 2000, "min") / 4;
  }
}
