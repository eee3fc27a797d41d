package org.fermix.core.machine;

import java.util.Optional;
import org.fermix.core.permission.Permission;
import org.fermix.core.quantity.Given;

/**
 * Everything one machine requires of its battery.
 *
 * @param tray the space for the battery, once it is measured
 * @param place where in the machine it sits
 * @param permission what may be fitted
 * @param wishes what its owner wishes beyond that
 */
public record Need(
    Engine engine,
    MakersMinimum minimum,
    Optional<Tray> tray,
    BatteryPlace place,
    Climate climate,
    Use use,
    Charging charging,
    Permission permission,
    Wishes wishes) {
  /** A lay-up that ends less than this much warmer ends in the cold that is asked about (K). */
  private static final double AS_COLD_K = 3;

  /** A hot afternoon over the warmest month's mean (K); estimate. */
  private static final double HOT_DAY_K = 8;

  /** A need of which nothing is said about what may be fitted. */
  public Need(
      Engine engine,
      MakersMinimum minimum,
      Optional<Tray> tray,
      BatteryPlace place,
      Climate climate,
      Use use,
      Charging charging) {
    this(engine, minimum, tray, place, climate, use, charging, Permission.NONE, Wishes.NONE);
  }

  /** The same where other things are allowed. */
  public Need allowing(Permission other) {
    return new Need(engine, minimum, tray, place, climate, use, charging, other, wishes);
  }

  /** The same, its owner wishing other things. */
  public Need wishing(Wishes other) {
    return new Need(engine, minimum, tray, place, climate, use, charging, permission, other);
  }

  /** The same need of another engine. */
  public Need of(Engine other) {
    return new Need(other, minimum, tray, place, climate, use, charging, permission, wishes);
  }

  /** The same where the maker asks otherwise. */
  public Need asking(MakersMinimum other) {
    return new Need(engine, other, tray, place, climate, use, charging, permission, wishes);
  }

  /** The same with another space. */
  public Need in(Optional<Tray> other) {
    return new Need(engine, minimum, other, place, climate, use, charging, permission, wishes);
  }

  /** The same in another climate. */
  public Need in(Climate other) {
    return new Need(engine, minimum, tray, place, other, use, charging, permission, wishes);
  }

  /** The same, used otherwise. */
  public Need used(Use other) {
    return new Need(engine, minimum, tray, place, climate, other, charging, permission, wishes);
  }

  /** The same, charged otherwise. */
  public Need charged(Charging other) {
    return new Need(engine, minimum, tray, place, climate, use, other, permission, wishes);
  }

  /** True of kinds of engine of which many stop at lights and start again by themselves. */
  public boolean mayStopAtLights() {
    return engine.turns() && engine.engineClass().traits().watchesBattery();
  }

  /** Volts at the battery with the engine running (V). */
  public Given regulatedVolts() {
    return charging.regulatedVolts();
  }

  /** Mean battery temperature over the year, in its place (°C). */
  public double batteryMeanC() {
    return climate.yearMeanC() + place.yearK();
  }

  /** A hot afternoon over the warmest month's mean, in its place on a long drive (°C); estimate. */
  public double hotDayC() {
    return climate.summerMeanC().value() + HOT_DAY_K + place.driveK();
  }

  /** Days it stands between two uses on ordinary days (d); no more than any lay-up has. */
  public double ordinaryDays() {
    double starts = use.driving().startsPerDay().value();
    return starts <= 0
        ? use.layUp().days().value()
        : Math.min(LongestLayUp.DAYS.most(), Math.max(1, 1 / starts));
  }

  /**
   * How much warmer than the coldest start the first start after the lay-up is (K): by the coldest
   * morning of the month in which it ends; 0 when it ends about as cold.
   */
  public double layUpWarmerK() {
    LongestLayUp layUp = use.layUp();
    double warmer =
        climate.inMonth(Seasons.monthOf(layUp.fromDay() + layUp.days().value()))
            - Climate.MORNING_K
            - climate.coldestMorningC().value();
    return warmer < AS_COLD_K ? 0 : Math.min(warmer, 40 - climate.coldestMorningC().value());
  }

  /** True when the lay-up ends in the cold that is asked about. */
  public boolean layUpEndsInTheCold() {
    return layUpWarmerK() == 0;
  }
}
