package org.fermix.core.bench;

/** What a candidate would do in the conditions; each is a figure with its working. */
public enum Outcome {
  /** Lowest temperature at which it still starts after the days parked (°C). */
  START_FLOOR,
  /** Chance of a start in the conditions (%). */
  START_CHANCE,
  /** Which try starts, of short ones with rests between (1). */
  FIRST_TRY,
  /** Starts left at the temperature with no charging, from the charge reached (1). */
  STARTS_LEFT,
  /** The same from the reserve its protection keeps (1). */
  RESERVE_STARTS,
  /** Cranking speed in the conditions (rpm). */
  CRANKING_SPEED,
  /** Terminal voltage while cranking in the conditions (V). */
  CRANKING_VOLTS,
  /** Lowest charge that still starts at the temperature (%). */
  START_CHARGE,
  /** Days parked until it no longer starts or may freeze (d). */
  PARKED_DAYS,
  /** Chance of a start at the end of the lay-up (%). */
  LAY_UP_CHANCE,
  /** Days parked until it is half empty (d). */
  HALF_DAYS,
  /** Days parked until standing begins to cost it life (d). */
  DAMAGE_DAYS,
  /** Days parked until its own protection opens (d). */
  PROTECTION_DAYS,
  /** Days parked until it is beyond recovery (d). */
  LOST_DAYS,
  /** Hours the load can run with a start kept (h). */
  ENGINE_OFF_HOURS,
  /** Chance that another battery on board starts the engine in the starter battery’s place (%). */
  SPARE_START,
  /** Hours a battery of its own drives an electric motor (h). */
  MOTOR_HOURS,
  /** Charge reached in daily use in the coldest month (%). */
  CHARGE_REACHED,
  /** Days of such use until it is flat, where it does not keep up (d). */
  FLAT_DAYS,
  /** Mass (kg). */
  MASS,
  /** How long it goes on doing what is asked (y). */
  LASTS,
  /** Expected life in this use, heat and lay-up, whatever is asked (y). */
  LIFE,
  /** Batteries over the years kept, for each of these years. */
  COST_PER_YEAR,
  /** Price of each ampere-hour it gives over its cycles, where something runs engine-off. */
  COST_PER_AMP_HOUR
}
