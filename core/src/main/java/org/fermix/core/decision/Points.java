package org.fermix.core.decision;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.fermix.core.bench.CandidateAnswer;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Outcome;
import org.fermix.core.bench.Screening;
import org.fermix.core.electrical.Cranking;
import org.fermix.core.quantity.Figure;
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
   * @param meets true when it does all that is asked
   * @param needs the part of its points that comes from needs
   */
  record Score(double points, double needs, boolean meets) {
    /** Those that do all that is asked come first, by points; the rest by how near they come. */
    static final Comparator<Score> BEST_FIRST =
        Comparator.comparing(Score::meets)
            .thenComparingDouble(score -> score.meets() ? score.points() : score.needs())
            .thenComparingDouble(Score::points)
            .reversed();
  }

  static Points of(
      List<CandidateAnswer> compared, Weights weights, Conditions conditions, double layUpDays) {
    return new Points(
        weights,
        conditions,
        layUpDays,
        least(compared, Outcome.MASS),
        least(compared, Outcome.COST_PER_YEAR));
  }

  static Points ofHeadlines(
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

  private static double least(List<CandidateAnswer> compared, Outcome outcome) {
    return compared.stream()
        .flatMap(candidate -> candidate.find(outcome).stream())
        .mapToDouble(Figure::value)
        .filter(value -> value > 0)
        .min()
        .orElse(1);
  }

  List<Weighing> weigh(CandidateAnswer candidate) {
    List<Weighing> weighings = new ArrayList<>();
    for (Criterion criterion : Criterion.values()) {
      weighings.add(new Weighing(criterion, weights.of(criterion), merit(candidate, criterion)));
    }
    return weighings;
  }

  Score score(CandidateAnswer candidate) {
    double points = 0;
    double needs = 0;
    for (Weighing weighing : weigh(candidate)) {
      points += weighing.points();
      needs += weighing.criterion().hasNeed() ? weighing.points() : 0;
    }
    return new Score(points, needs, Shortfall.of(candidate, conditions, layUpDays).isEmpty());
  }

  private double merit(CandidateAnswer candidate, Criterion criterion) {
    return switch (criterion) {
      case COLD -> candidate.figure(Outcome.START_CHANCE).value() / 100;
      case PARKED -> parked(candidate.figure(Outcome.PARKED_DAYS).value());
      case ENGINE_OFF ->
          candidate
              .find(Outcome.ENGINE_OFF_HOURS)
              .map(hours -> engineOff(hours.value()))
              .orElse(1.0);
      case MASS -> less(candidate.figure(Outcome.MASS).value(), leastMassKg);
      case MONEY -> money(candidate.find(Outcome.COST_PER_YEAR).map(Figure::value));
      case EASE -> candidate.wishesMet();
    };
  }

  /** How a battery stands of which only the headline outcomes are known. */
  Score score(Screening.Headline headline) {
    double needs =
        weights.of(Criterion.COLD) * headline.startChance()
            + weights.of(Criterion.PARKED) * parked(headline.parkedDays())
            + weights.of(Criterion.ENGINE_OFF)
                * (conditions.hasEngineOffLoad() ? engineOff(headline.engineOffHours()) : 1);
    double points =
        needs
            + weights.of(Criterion.MASS) * less(headline.massKg(), leastMassKg)
            + weights.of(Criterion.MONEY)
                * money(Optional.of(headline.costPerYear()).filter(cost -> cost > 0))
            + weights.of(Criterion.EASE) * headline.wishesMet();
    return new Score(points, needs, Shortfall.isNone(headline, conditions, layUpDays));
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
