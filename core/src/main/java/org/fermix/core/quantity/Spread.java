package org.fermix.core.quantity;

import java.util.Locale;

/**
 * How far an input may be off: one standard deviation, of the natural logarithm unless {@code
 * spreads.csv}, where the origins stand, gives a unit.
 */
public enum Spread {
  DRAG,
  COUNTER_VOLTS,
  WINDING,
  LEADS,
  FIRE_SPEED,
  TEMPERATURE,
  LOAD,
  DRAIN_MEASURED,
  DRAIN_ASSUMED,
  SELF_DISCHARGE("self-discharge"),
  CAPACITY,
  CAPACITY_ASSUMED,
  MASS_ASSUMED,
  RESISTANCE,
  RESISTANCE_UNRATED,
  RESISTANCE_MEASURED,
  LIFE,
  PRICE,
  ENGINE_OFF,
  CHARGE_REACHED,
  ENGINE_OF_ITS_CLASS,
  FITTED_AMPS_RECORDED,
  FITTED_AMPS_WORKED_OUT,
  PIECE_OF_ITS_KIND,
  HEALTH_WHEN_NEW,
  FALL_OF_HEALTH,
  RATIO_ITSELF,
  FREEZING,
  ENGINE_OFF_OUTSIDE,
  PARKED_DAYS,
  ENGINE_OFF_HOURS("engine-off hours"),
  COLDEST_MORNING_ASSUMED,
  WINTER_MEAN_ASSUMED,
  SUMMER_MEAN_ASSUMED,
  LAY_UP_ASSUMED("lay-up assumed"),
  LOAD_ASSUMED,
  HOURS_ASSUMED,
  STARTS_ASSUMED,
  TRIP_ASSUMED,
  YEARS_ASSUMED,
  REGULATED_VOLTS_ASSUMED,
  CHARGING_ASSUMED,
  WORD_OF_A_SELLER,
  WORD_OF_A_REPORT,
  MINIMUM_ASSUMED,
  METER_TWICE,
  TWO_METERS,
  CRANKING_VOLTS_TWICE,
  CRANKING_VOLTS_RECORDED,
  SPEED_TWICE,
  TESTER_TWICE,
  TWO_TESTERS,
  TESTER_BIAS,
  LOADED_VOLTS_TWICE,
  CAPACITY_TWICE,
  REST_VOLTS_OF_A_CHARGE,
  TEMPERATURE_NOT_READ;

  private final double sigma;

  Spread() {
    this("");
  }

  Spread(String id) {
    String row = id.isEmpty() ? name().toLowerCase(Locale.ROOT).replace('_', ' ') : id;
    sigma = Holder.TABLE.row("id", row).number("sigma");
  }

  /** One standard deviation, as the table has it. */
  public double sigma() {
    return sigma;
  }

  /** A drain that was measured or assumed. */
  public static Spread drain(Given drain) {
    return drain.isAssumed() ? DRAIN_ASSUMED : DRAIN_MEASURED;
  }

  /** A capacity that is printed or estimated. */
  public static Spread capacity(Given capacity) {
    return capacity.isAssumed() ? CAPACITY_ASSUMED : CAPACITY;
  }

  private static final class Holder {
    static final Table TABLE = Table.read(Spread.class, "spreads.csv");
  }
}
