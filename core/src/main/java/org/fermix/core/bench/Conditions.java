package org.fermix.core.bench;

import org.fermix.core.machine.Climate;
import org.fermix.core.machine.LongestLayUp;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.Stand;
import org.fermix.core.machine.Use;

/**
 * The conditions every candidate is put in.
 *
 * @param temperatureC of battery and engine at the start, −40 to 40 °C
 * @param daysParked before the start, 0 to 1,000 d
 * @param engineOffAmps load with the engine off, 0 to 500 A
 * @param engineOffHours for how long, 0 to 500 h
 * @param age of the candidates
 * @param stand how it stands while parked
 */
public record Conditions(
    double temperatureC,
    double daysParked,
    double engineOffAmps,
    double engineOffHours,
    JudgedAge age,
    Stand stand) {
  /** Refuses conditions outside what the models cover. */
  public Conditions {
    Climate.COLDEST_MORNING.check(temperatureC);
    LongestLayUp.DAYS.check(daysParked);
    Use.ENGINE_OFF_LOAD.check(engineOffAmps);
    Use.ENGINE_OFF_HOURS.check(engineOffHours);
  }

  /** Left connected, some years after fitting. */
  public Conditions(
      double temperatureC,
      double daysParked,
      double engineOffAmps,
      double engineOffHours,
      double yearsOn) {
    this(
        temperatureC,
        daysParked,
        engineOffAmps,
        engineOffHours,
        JudgedAge.after(yearsOn),
        Stand.CONNECTED);
  }

  /**
   * The owner's own: the coldest morning, after the longest lay-up where that ends in the cold and
   * else after the ordinary days between two uses, left as the owner leaves it, each battery at the
   * age every page judges at.
   */
  public static Conditions of(Need need) {
    return new Conditions(
        need.climate().coldestMorningC().value(),
        need.layUpEndsInTheCold() ? need.use().layUp().days().value() : need.ordinaryDays(),
        need.use().engineOffAmps().value(),
        need.use().engineOffHours().value(),
        JudgedAge.USUAL,
        need.use().layUp().stand());
  }

  /** The same with another temperature (°C). */
  public Conditions atTemperature(double otherC) {
    return new Conditions(otherC, daysParked, engineOffAmps, engineOffHours, age, stand);
  }

  /** The same with other days parked (d). */
  public Conditions afterDays(double otherDays) {
    return new Conditions(temperatureC, otherDays, engineOffAmps, engineOffHours, age, stand);
  }

  /** The same with batteries of another age. */
  public Conditions aged(JudgedAge otherAge) {
    return new Conditions(temperatureC, daysParked, engineOffAmps, engineOffHours, otherAge, stand);
  }

  /** The same, left otherwise while parked. */
  public Conditions left(Stand otherStand) {
    return new Conditions(temperatureC, daysParked, engineOffAmps, engineOffHours, age, otherStand);
  }

  /** The same with something else running with the engine off (A, h). */
  public Conditions running(double amps, double hours) {
    return new Conditions(temperatureC, daysParked, amps, hours, age, stand);
  }

  /** True when something is to run with the engine off. */
  public boolean hasEngineOffLoad() {
    return engineOffAmps > 0 && engineOffHours > 0;
  }

  /**
   * Days of the lay-up a candidate must stand (d): those asked about where the lay-up ends in the
   * cold, else the owner's own, which are a matter apart from the cold.
   */
  public double layUpDays(Need need) {
    return need.layUpEndsInTheCold() ? daysParked : need.use().layUp().days().value();
  }

  /** Temperature of the first start after the lay-up (°C). */
  public double layUpStartC(Need need) {
    return Math.min(40, temperatureC + need.layUpWarmerK());
  }
}
