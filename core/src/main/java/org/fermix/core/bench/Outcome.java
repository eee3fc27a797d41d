package org.fermix.core.bench;

/** What a candidate would do in the conditions; each is a figure with its working. */
public enum Outcome {
  /** Lowest temperature at which it still starts after the days parked (°C). */
  START_FLOOR,
  /** Chance of a start in the conditions (%). */
  START_CHANCE,
  /** Cranking speed in the conditions (rpm). */
  CRANKING_SPEED,
  /** Terminal voltage while cranking in the conditions (V). */
  CRANKING_VOLTS,
  /** Lowest charge that still starts at the temperature (%). */
  START_CHARGE,
  /** Days parked until it no longer starts at the temperature (d). */
  PARKED_DAYS,
  /** Hours the load can run with a start kept (h). */
  ENGINE_OFF_HOURS,
  /** Charge reached on this machine's regulated voltage (%). */
  CHARGE_REACHED,
  /** Mass (kg). */
  MASS,
  /** Expected life in this use and heat (y). */
  LIFE,
  /** Price over the years it serves. */
  COST_PER_YEAR
}
