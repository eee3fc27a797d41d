package org.fermix.core.bench;

import org.fermix.core.machine.Need;
import org.fermix.core.quantity.Check;

/**
 * The conditions every candidate is put in.
 *
 * @param temperatureC of battery and engine at the start, −40 to 40 °C
 * @param daysParked before the start, 0 to 1,000 d
 * @param engineOffAmps load with the engine off, 0 to 500 A
 * @param engineOffHours for how long, 0 to 500 h
 * @param yearsOn years after fitting, 0 to 20 y
 */
public record Conditions(
    double temperatureC,
    double daysParked,
    double engineOffAmps,
    double engineOffHours,
    double yearsOn) {
  /** Refuses conditions outside what the models cover. */
  public Conditions {
    Check.within("temperature at the start", temperatureC, -40, 40, "°C");
    Check.within("days parked", daysParked, 0, 1000, "d");
    Check.within("engine-off load", engineOffAmps, 0, 500, "A");
    Check.within("engine-off hours", engineOffHours, 0, 500, "h");
    Check.within("years on", yearsOn, 0, 20, "y");
  }

  /** The owner's own: coldest morning after the longest lay-up, with a new battery. */
  public static Conditions of(Need need) {
    return new Conditions(
        need.climate().coldestMorningC().value(),
        need.use().longestLayUpDays().value(),
        need.use().engineOffAmps().value(),
        need.use().engineOffHours().value(),
        0);
  }

  /** The same with another temperature (°C). */
  public Conditions atTemperature(double otherC) {
    return new Conditions(otherC, daysParked, engineOffAmps, engineOffHours, yearsOn);
  }

  /** The same with other days parked (d). */
  public Conditions afterDays(double otherDays) {
    return new Conditions(temperatureC, otherDays, engineOffAmps, engineOffHours, yearsOn);
  }

  /** True when something is to run with the engine off. */
  public boolean hasEngineOffLoad() {
    return engineOffAmps > 0 && engineOffHours > 0;
  }
}
