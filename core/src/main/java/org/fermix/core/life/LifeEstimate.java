package org.fermix.core.life;

import java.util.Optional;
import org.fermix.core.chemistry.LifeParameters;
import org.fermix.core.machine.History;
import org.fermix.core.quantity.Band;
import org.fermix.core.quantity.Check;
import org.fermix.core.quantity.Spread;

/**
 * Years of life in an owner's heat and use: 1/L = 1/L(T) + Σ nᵢ/N(Dᵢ) + lost capacity/0.4, with
 * calendar life L(T) = L₂₅ 2^((25 − T)/d) (Arrhenius' rule of thumb), cycle life N(D) = N₁ D^−p
 * (Miner's sum of damage) and capacity lost to sulfation; docs/model.md, section 6. Rough: the band
 * is wide and is part of the answer.
 *
 * @param calendarYears L(T) (y)
 * @param cyclingPerYear share of life used by cycles each year (1/y)
 * @param sulfationPerYear share of life used by standing and driving undercharged each year (1/y)
 * @param historyFactor what the owner's own history makes of it (1)
 * @param sigma standard deviation of ln(life) (1)
 */
public record LifeEstimate(
    double calendarYears,
    double cyclingPerYear,
    double sulfationPerYear,
    double historyFactor,
    double sigma) {
  /** Capacity lost to sulfation that ends a starting battery's life; engineering estimate. */
  private static final double LOSS_AT_END = 0.4;

  /** One that its owner’s own lay-up ends: a battery for each. */
  public static final LifeEstimate LOST_EACH_YEAR =
      new LifeEstimate(1, 0, 0, 1, Spread.LIFE.sigma());

  private static final double DAYS_PER_YEAR = 365.25;

  /** Wear of health: 1/(1 + 0.25 x^1.7) at x lives; estimate. */
  private static final double WEAR = 0.25;

  private static final double WEAR_EXPONENT = 1.7;

  /** No battery is followed further down (1). */
  public static final double LEAST_HEALTH = 0.2;

  /**
   * What a year does to it.
   *
   * @param meanC of the battery over the year, −40 to 70 °C; cooler than 25 °C the calendar life at
   *     25 °C holds, since other causes then end it (handbook rule)
   * @param startsPerDay 0 to 100
   * @param startDepth share of capacity one start takes (1)
   * @param drainDepth share of capacity drawn a day with everything off (1)
   * @param sessionsPerYear how often something runs with the engine off (1/y)
   * @param sessionDepth share of capacity one such session takes (1)
   * @param microTurnoversPerYear times its capacity that stops at lights take (1/y)
   * @param sulfationPerYear capacity lost by standing and driving undercharged (1/y)
   */
  public record Year(
      double meanC,
      double startsPerDay,
      double startDepth,
      double drainDepth,
      double sessionsPerYear,
      double sessionDepth,
      double microTurnoversPerYear,
      double sulfationPerYear) {
    /** Refuses what no year has. */
    public Year {
      Check.within("mean temperature", meanC, -40, 70, "°C");
      Check.within("starts a day", startsPerDay, 0, 100, "");
    }
  }

  /** The estimate. */
  public static LifeEstimate of(LifeParameters life, Year year) {
    double calendar =
        life.calendarYears() * Math.min(1, Math.pow(2, (25 - year.meanC()) / life.halvingK()));
    double cycling =
        DAYS_PER_YEAR * year.startsPerDay() / life.cyclesAt(year.startDepth())
            + DAYS_PER_YEAR / life.cyclesAt(year.drainDepth())
            + year.sessionsPerYear() / life.cyclesAt(year.sessionDepth())
            + year.microTurnoversPerYear() / life.microTurnovers();
    return new LifeEstimate(
        calendar, cycling, year.sulfationPerYear() / LOSS_AT_END, 1, Spread.LIFE.sigma());
  }

  /** True where the owner’s own lay-up ends it. */
  public boolean isLostEachYear() {
    return equals(LOST_EACH_YEAR);
  }

  /** Expected life (y). */
  public double years() {
    return historyFactor / (1 / calendarYears + cyclingPerYear + sulfationPerYear);
  }

  /**
   * The estimate, moved by what its owner has seen here: how long a battery lasted against what
   * this model would have expected of the one they had, each believed by its spread (normal laws in
   * the logarithm).
   *
   * @param expectedYears what the model expects of the kind of battery they had (y)
   */
  public LifeEstimate seen(Optional<History> history, double expectedYears) {
    if (history.isEmpty()) {
      return this;
    }
    double own = Spread.LIFE.sigma() * Spread.LIFE.sigma();
    double theirs =
        Spread.PIECE_OF_ITS_KIND.sigma()
            * Spread.PIECE_OF_ITS_KIND.sigma()
            / history.get().batteries();
    double trust = own / (own + theirs);
    double shift = trust * Math.log(history.get().yearsEach() / expectedYears);
    return new LifeEstimate(
        calendarYears,
        cyclingPerYear,
        sulfationPerYear,
        Math.exp(shift),
        Math.sqrt(own * theirs / (own + theirs)));
  }

  /** The same, moved as another estimate was by what its owner has seen. */
  public LifeEstimate moved(LifeEstimate as) {
    return new LifeEstimate(
        calendarYears, cyclingPerYear, sulfationPerYear, as.historyFactor(), as.sigma());
  }

  /** Where it lies eight times in ten (y). */
  public Band band() {
    return Band.ratio(years(), pieceSigma());
  }

  /**
   * Standard deviation of ln(life) of one piece: of the estimate, and of one beside the next (1).
   */
  public double pieceSigma() {
    return Math.hypot(sigma, Spread.PIECE_OF_ITS_KIND.sigma() / 2);
  }

  /**
   * Health at an age: 1/(1 + 0.25 x^1.7) with x the share of its life, so that a life ends at 80 %
   * of rated capacity and wear goes on beyond; not below {@link #LEAST_HEALTH}. A guess until
   * something is measured.
   */
  public double healthAt(double ageYears) {
    double x = Math.max(0, ageYears) / years();
    return Math.max(LEAST_HEALTH, 1 / (1 + WEAR * Math.pow(x, WEAR_EXPONENT)));
  }
}
