package org.fermix.core.life;

import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.chemistry.LifeParameters;
import org.fermix.core.quantity.Band;
import org.fermix.core.quantity.Check;

/**
 * Years of life in an owner's heat and use: 1/L = 1/L(T) + Σ nᵢ/N(Dᵢ), with calendar life L(T) =
 * L₂₅ 2^((25 − T)/d) (Arrhenius' rule of thumb) and cycle life N(D) = N₁ D^−p (Miner's sum of
 * damage); docs/model.md, section 6. Rough: the band is wide and is part of the answer.
 *
 * @param calendarYears L(T) (y)
 * @param cyclingPerYear share of life used by cycles each year (1/y)
 */
public record LifeEstimate(double calendarYears, double cyclingPerYear) {
  /** Standard deviation of ln(life); estimate. */
  public static final double SIGMA = 0.35;

  /** Capacity lost to sulfation that ends a starting battery's life; engineering estimate. */
  private static final double LOSS_AT_END = 0.4;

  private static final double UNDERCHARGED_BELOW = 0.9;
  private static final double DAYS_PER_YEAR = 365.25;
  private static final double DEPTH_OF_A_START = 0.01;

  /**
   * The estimate.
   *
   * @param meanTemperatureC of the battery over the year, −20 to 60 °C; cooler than 25 °C the
   *     calendar life at 25 °C holds, since other causes then end it (handbook rule)
   * @param startsPerDay 0 to 100
   * @param sessionsPerYear how often something runs with the engine off (1/y)
   * @param sessionDepth share of capacity one such session takes, 0 to 1
   */
  public static LifeEstimate of(
      Chemistry chemistry,
      double meanTemperatureC,
      double startsPerDay,
      double sessionsPerYear,
      double sessionDepth) {
    Check.within("mean temperature", meanTemperatureC, -20, 60, "°C");
    Check.within("starts a day", startsPerDay, 0, 100, "");
    LifeParameters life = chemistry.life();
    double calendar =
        life.calendarYears() * Math.min(1, Math.pow(2, (25 - meanTemperatureC) / life.halvingK()));
    double cycling =
        startsPerDay * DAYS_PER_YEAR / cycles(life, DEPTH_OF_A_START)
            + sessionsPerYear / cycles(life, Math.max(DEPTH_OF_A_START, Math.min(1, sessionDepth)));
    return new LifeEstimate(calendar, cycling);
  }

  /** Expected life (y). */
  public double years() {
    return 1 / (1 / calendarYears + cyclingPerYear);
  }

  /** Where it lies eight times in ten (y). */
  public Band band() {
    return Band.ratio(years(), SIGMA);
  }

  /**
   * Health at an age: 1 − 0.2 (age/life)^1.5, so that the end of life is 80 % of rated capacity;
   * not below 0.4. A guess until something is measured.
   */
  public double healthAt(double ageYears) {
    return Math.max(0.4, 1 - 0.2 * Math.pow(ageYears / years(), 1.5));
  }

  /**
   * The estimate with what shortens a life further.
   *
   * @param sulfationPerYear share of capacity lost to sulfation a year, see {@link Sulfation} (1/y)
   * @param chargeReached charge it reaches in use; lead kept below 0.9 sulfates (1)
   */
  public LifeEstimate withAbuse(
      Chemistry chemistry, double sulfationPerYear, double chargeReached) {
    Check.within("sulfation", sulfationPerYear, 0, 20, "1/y");
    Check.within("charge reached", chargeReached, 0, 1, "");
    double chronic =
        chemistry.isLead() && chargeReached < UNDERCHARGED_BELOW
            ? 12 * Sulfation.perMonth(chargeReached, 25)
            : 0;
    return new LifeEstimate(
        calendarYears, cyclingPerYear + (sulfationPerYear + chronic) / LOSS_AT_END);
  }

  /** Cycles to end of life at a depth (1). */
  public static double cyclesAt(Chemistry chemistry, double depth) {
    Check.within("depth of discharge", depth, 0.001, 1, "");
    return cycles(chemistry.life(), depth);
  }

  private static double cycles(LifeParameters life, double depth) {
    return life.cyclesToEmpty() * Math.pow(depth, -life.cycleExponent());
  }
}
