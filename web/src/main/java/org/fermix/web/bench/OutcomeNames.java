package org.fermix.web.bench;

import org.fermix.core.bench.Outcome;

/** The name of each outcome on screen. */
final class OutcomeNames {
  private OutcomeNames() {}

  static String of(Outcome outcome) {
    return switch (outcome) {
      case START_FLOOR -> "Start floor";
      case START_CHANCE -> "Chance of a start";
      case FIRST_TRY -> "Which try starts";
      case STARTS_LEFT -> "Starts left with no charging";
      case RESERVE_STARTS -> "Starts left from its reserve";
      case CRANKING_SPEED -> "Cranking speed";
      case CRANKING_VOLTS -> "Volts while cranking";
      case START_CHARGE -> "Lowest charge that starts";
      case PARKED_DAYS -> "Days parked until it no longer starts";
      case LAY_UP_CHANCE -> "Chance of a start after the lay-up";
      case HALF_DAYS -> "Days parked until it is half empty";
      case DAMAGE_DAYS -> "Days parked until standing costs it life";
      case PROTECTION_DAYS -> "Days parked until its protection opens";
      case LOST_DAYS -> "Days parked until it is beyond recovery";
      case ENGINE_OFF_HOURS -> "Hours with the engine off";
      case SPARE_START -> "Chance that another one on board starts it";
      case MOTOR_HOURS -> "Hours of the electric motor";
      case CHARGE_REACHED -> "Charge reached in daily use";
      case FLAT_DAYS -> "Days of daily use until it is flat";
      case MASS -> "Mass";
      case LASTS -> "Lasts";
      case LIFE -> "Expected life";
      case COST_PER_YEAR -> "Cost per year";
      case COST_PER_AMP_HOUR -> "Cost of an ampere-hour";
    };
  }
}
