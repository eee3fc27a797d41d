package org.fermix.core.machine;

import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Table;
import org.fermix.core.quantity.Unit;

/**
 * What is assumed of a machine where its owner says nothing: a row of {@code usual-needs.csv}.
 * Every value comes out marked as an assumption.
 */
public final class UsualNeed {
  private static final Table TABLE = Table.read(UsualNeed.class, "usual-needs.csv");

  private final Table.Row row;
  private final String why;

  private UsualNeed(EngineClass engineClass) {
    this.row = TABLE.row("engine_class", engineClass.id());
    this.why = "usual for a " + engineClass.name();
  }

  /** The usual need of a class of engine. */
  public static UsualNeed of(EngineClass engineClass) {
    return new UsualNeed(engineClass);
  }

  /** Coldest start (°C). */
  public Given coldestMorningC() {
    return assumed("coldest_morning_c", Unit.CELSIUS);
  }

  /** Days it sits at the longest (d). */
  public Given layUpDays() {
    return assumed("lay_up_days", Unit.DAY);
  }

  /** Draw with everything off (mA). */
  public Given drainMilliamps() {
    return assumed("drain_ma", Unit.MILLIAMPERE);
  }

  /** Load with the engine off (A). */
  public Given engineOffAmps() {
    return assumed("engine_off_a", Unit.AMPERE);
  }

  /** For how long (h). */
  public Given engineOffHours() {
    return assumed("engine_off_h", Unit.HOUR);
  }

  /** Starts on an ordinary day (1/d). */
  public Given startsPerDay() {
    return assumed("starts_per_day", Unit.COUNT);
  }

  /** Years it is kept (y). */
  public Given yearsKept() {
    return assumed("years_kept", Unit.YEAR);
  }

  /** Volts at the battery with the engine running (V). */
  public Given regulatedVolts() {
    return assumed("regulated_v", Unit.VOLT);
  }

  /** Mean battery temperature over the year (°C). */
  public Given batteryMeanC() {
    return assumed("battery_mean_c", Unit.CELSIUS);
  }

  private Given assumed(String column, Unit unit) {
    return Given.assumed(row.number(column), unit, why);
  }
}
