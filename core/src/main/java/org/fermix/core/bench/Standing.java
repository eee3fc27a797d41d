package org.fermix.core.bench;

import java.util.Optional;
import org.fermix.core.electrical.Cranking;
import org.fermix.core.machine.Need;
import org.fermix.core.quantity.Figure;

/**
 * How a figure stands against what the conditions ask. Close means met with less than a tenth to
 * spare (3 K in temperature, 95 % in chance): a difference too small to be sure of.
 *
 * @param mark clears, close or fails
 * @param needed what is asked, in the figure's unit
 */
public record Standing(Mark mark, double needed) {
  private static final double SPARE = 1.1;
  private static final double SPARE_K = 3;
  private static final double LIKELY_PERCENT = 100 * Cranking.chance(Policy.LIKELY);
  private static final double SURE_PERCENT = 95;

  /** The standing, for outcomes the conditions ask something of. */
  public static Optional<Standing> of(
      Outcome outcome, Figure figure, Need need, Conditions conditions) {
    return switch (outcome) {
      case START_FLOOR ->
          Optional.of(
              standing(
                  figure,
                  -figure.value(),
                  -conditions.temperatureC(),
                  -conditions.temperatureC() + SPARE_K,
                  conditions.temperatureC()));
      case START_CHANCE ->
          Optional.of(
              standing(figure, figure.value(), LIKELY_PERCENT, SURE_PERCENT, LIKELY_PERCENT));
      case CRANKING_SPEED -> atLeast(figure, need.engine().fireRpm(conditions.temperatureC()));
      case CRANKING_VOLTS ->
          atLeast(
              figure, need.engine().engineClass().start().voltageFloor() * need.engine().series());
      case PARKED_DAYS -> atLeast(figure, conditions.layUpDays(need));
      case LAY_UP_CHANCE, SPARE_START ->
          Optional.of(
              standing(figure, figure.value(), LIKELY_PERCENT, SURE_PERCENT, LIKELY_PERCENT));
      case ENGINE_OFF_HOURS -> atLeast(figure, conditions.engineOffHours());
      case FIRST_TRY,
          STARTS_LEFT,
          RESERVE_STARTS,
          START_CHARGE,
          HALF_DAYS,
          DAMAGE_DAYS,
          PROTECTION_DAYS,
          LOST_DAYS,
          CHARGE_REACHED,
          MOTOR_HOURS,
          FLAT_DAYS,
          MASS,
          LASTS,
          LIFE,
          COST_PER_YEAR,
          COST_PER_AMP_HOUR ->
          Optional.empty();
    };
  }

  private static Optional<Standing> atLeast(Figure figure, double needed) {
    return Optional.of(standing(figure, figure.value(), needed, needed * SPARE, needed));
  }

  private static Standing standing(
      Figure figure, double found, double enough, double plenty, double needed) {
    if (figure.isNever() || found < enough) {
      return new Standing(Mark.FAILS, needed);
    }
    return new Standing(found < plenty ? Mark.CLOSE : Mark.CLEARS, needed);
  }
}
