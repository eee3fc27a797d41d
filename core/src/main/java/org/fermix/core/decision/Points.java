package org.fermix.core.decision;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Screening;
import org.fermix.core.electrical.Cranking;
import org.fermix.core.quantity.Spread;

/**
 * The one rule of points, used by decision, shortlist, futures and turning points. Against a need,
 * merit is the chance that the need is met, so that a surplus stops adding once it stops mattering.
 * Mass and money have no need to meet: merit falls by a quarter for each factor e over the least of
 * those compared. That least is a mere zero: what one candidate is ahead of another depends on the
 * two alone, so that no third can change their order. Engineering judgement, no source.
 *
 * @param layUpDays it must stand (d)
 * @param leastMassKg where mass earns all its points (kg)
 * @param leastCost where money does, per year
 */
record Points(
    Weights weights,
    Conditions conditions,
    double layUpDays,
    double leastMassKg,
    double leastCost) {
  /** What a factor e more of mass or money costs (1). */
  static final double PER_FACTOR_E = 0.25;

  /** Merit of a price that nobody has named. */
  private static final double UNKNOWN = 0.5;

  /**
   * How one candidate stands.
   *
   * @param needs the part of its points that comes from needs
   * @param meets true when it does all that is asked, or is just short of it
   * @param clears true when it is not even just short
   */
  record Score(double points, double needs, boolean meets, boolean clears) {
    /** Those that do all that is asked come first, by points; the rest by how near they come. */
    static final Comparator<Score> BEST_FIRST =
        Comparator.comparing(Score::meets)
            .thenComparingDouble(score -> score.meets() ? score.points() : score.needs())
            .thenComparingDouble(Score::points)
            .reversed();
  }

  static Points of(
      Collection<Screening.Headline> compared,
      Weights weights,
      Conditions conditions,
      double layUpDays) {
    return new Points(
        weights,
        conditions,
        layUpDays,
        compared.stream().mapToDouble(Screening.Headline::massKg).min().orElse(1),
        compared.stream()
            .mapToDouble(Screening.Headline::costPerYear)
            .filter(cost -> cost > 0)
            .min()
            .orElse(1));
  }

  /** What each criterion gives a battery of which the headline outcomes are known. */
  List<Weighing> weigh(Screening.Headline headline) {
    List<Weighing> weighings = new ArrayList<>();
    for (Criterion criterion : Criterion.values()) {
      weighings.add(new Weighing(criterion, weights.of(criterion), merit(headline, criterion)));
    }
    return weighings;
  }

  /** How it stands. */
  Score score(Screening.Headline headline) {
    double points = 0;
    double needs = 0;
    for (Criterion criterion : Criterion.values()) {
      double own = weights.of(criterion) * merit(headline, criterion);
      points += own;
      needs += criterion.hasNeed() ? own : 0;
    }
    List<Shortfall> missing = Shortfall.of(headline, conditions, layUpDays);
    return new Score(
        points, needs, missing.stream().allMatch(Shortfall::isSlight), missing.isEmpty());
  }

  private double merit(Screening.Headline headline, Criterion criterion) {
    return switch (criterion) {
      case COLD -> headline.taken().startChance();
      case PARKED -> parked(headline.taken().parkedDays());
      case ENGINE_OFF ->
          conditions.hasEngineOffLoad() ? engineOff(headline.taken().engineOffHours()) : 1;
      case MASS -> less(headline.massKg(), leastMassKg);
      case MONEY -> money(Optional.of(headline.costPerYear()).filter(cost -> cost > 0));
      case EASE -> headline.wishesMet();
    };
  }

  private double parked(double days) {
    return chanceOfMeeting(days, layUpDays, Spread.PARKED_DAYS.sigma());
  }

  private double engineOff(double hours) {
    return chanceOfMeeting(hours, conditions.engineOffHours(), Spread.ENGINE_OFF_HOURS.sigma());
  }

  private double money(Optional<Double> costPerYear) {
    return costPerYear.map(cost -> less(cost, leastCost)).orElse(UNKNOWN);
  }

  private static double chanceOfMeeting(double value, double need, double sigma) {
    if (need <= 0) {
      return 1;
    }
    return value <= 0 ? 0 : Cranking.chance(Math.log(value / need) / sigma);
  }

  /** Merit of having little of something that has no need to meet. */
  static double less(double value, double least) {
    return value <= 0 ? UNKNOWN : 1 - PER_FACTOR_E * Math.log(value / least);
  }
}
