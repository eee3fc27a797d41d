package org.fermix.core.machine;

import java.util.Optional;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Limits;
import org.fermix.core.quantity.Unit;

/**
 * How things are used with the engine off.
 *
 * @param intensity how often in a year
 * @param alarmVolts at which the machine’s own alarm warns, where it has one (V)
 * @param ledger thing by thing; empty where only a sum is known
 */
public record Habit(Intensity intensity, Optional<Given> alarmVolts, Ledger ledger) {
  /** Where a machine warns. */
  public static final Limits ALARM = new Limits("alarm voltage", 4, 30, Unit.VOLT);

  /** What is assumed where nobody says. */
  public static final Habit USUAL =
      new Habit(Intensity.WEEKENDS, Optional.empty(), new Ledger(java.util.List.of()));

  /** How often it is run down a little with the engine off; common practice, no source. */
  public enum Intensity {
    OCCASIONAL(6),
    WEEKENDS(20),
    /** Lived in, or worked from. */
    DAILY(200);

    private final double sessionsPerYear;

    Intensity(double sessionsPerYear) {
      this.sessionsPerYear = sessionsPerYear;
    }

    /** Times on an ordinary day of the season (1/d); one a day where it is lived in. */
    public double sessionsPerDay() {
      return sessionsPerYear / DAILY.sessionsPerYear;
    }

    /** Times a year (1/y). */
    public double sessionsPerYear() {
      return sessionsPerYear;
    }
  }

  /** Refuses alarms no machine has. */
  public Habit {
    alarmVolts.ifPresent(volts -> ALARM.check(volts.value()));
  }
}
