package org.fermix.web.bench;

import org.fermix.core.bench.Outcome;

/** The name of each outcome on screen. */
final class OutcomeNames {
  private OutcomeNames() {}

  static String of(Outcome outcome) {
    return switch (outcome) {
      case START_FLOOR -> "Start floor";
      case START_CHANCE -> "Chance of a start";
      case CRANKING_SPEED -> "Cranking speed";
      case CRANKING_VOLTS -> "Volts while cranking";
      case START_CHARGE -> "Lowest charge that starts";
      case PARKED_DAYS -> "Days parked until it no longer starts";
      case ENGINE_OFF_HOURS -> "Hours with the engine off";
      case CHARGE_REACHED -> "Charge reached here";
      case MASS -> "Mass";
      case LIFE -> "Expected life";
      case COST_PER_YEAR -> "Cost per year";
    };
  }
}
