package org.fermix.core.decision;

import java.util.ArrayList;
import java.util.List;
import org.fermix.core.bench.CandidateAnswer;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Outcome;
import org.fermix.core.bench.Screening;
import org.fermix.core.electrical.Cranking;
import org.fermix.core.quantity.Spread;

/**
 * Turns outcomes into merits from 0 to 1. Against a need, merit is the chance that the need is met,
 * so that a surplus stops adding once it stops mattering. Without a need (mass, money), merit is r
 * / (r + x) with r the mean of those compared: half for an average candidate, more for less.
 *
 * @param layUpDays it must stand (d)
 * @param referenceMassKg r for mass
 * @param referenceCost r for money
 */
record Merits(
    Conditions conditions, double layUpDays, double referenceMassKg, double referenceCost) {
  static Merits of(List<CandidateAnswer> compared, Conditions conditions, double layUpDays) {
    return new Merits(
        conditions, layUpDays, mean(compared, Outcome.MASS), mean(compared, Outcome.COST_PER_YEAR));
  }

  private static double mean(List<CandidateAnswer> compared, Outcome outcome) {
    return compared.stream()
        .mapToDouble(candidate -> candidate.figure(outcome).value())
        .average()
        .orElse(1);
  }

  List<Weighing> weigh(CandidateAnswer candidate, Weights weights) {
    List<Weighing> weighings = new ArrayList<>();
    for (Criterion criterion : Criterion.values()) {
      weighings.add(new Weighing(criterion, weights.of(criterion), merit(candidate, criterion)));
    }
    return weighings;
  }

  private double merit(CandidateAnswer candidate, Criterion criterion) {
    return switch (criterion) {
      case COLD -> candidate.figure(Outcome.START_CHANCE).value() / 100;
      case PARKED ->
          chanceOfMeeting(
              candidate.figure(Outcome.PARKED_DAYS).value(), layUpDays, Spread.PARKED_DAYS.sigma());
      case ENGINE_OFF ->
          candidate
              .find(Outcome.ENGINE_OFF_HOURS)
              .map(
                  hours ->
                      chanceOfMeeting(
                          hours.value(),
                          conditions.engineOffHours(),
                          Spread.ENGINE_OFF_HOURS.sigma()))
              .orElse(1.0);
      case MASS -> less(candidate.figure(Outcome.MASS).value(), referenceMassKg);
      case MONEY -> less(candidate.figure(Outcome.COST_PER_YEAR).value(), referenceCost);
    };
  }

  /** Points of a battery of which only the headline outcomes are known. */
  double points(Screening.Headline headline, Weights weights) {
    return weights.of(Criterion.COLD) * headline.startChance()
        + weights.of(Criterion.PARKED)
            * chanceOfMeeting(headline.parkedDays(), layUpDays, Spread.PARKED_DAYS.sigma())
        + weights.of(Criterion.ENGINE_OFF)
            * chanceOfMeeting(
                headline.engineOffHours(),
                conditions.engineOffHours(),
                Spread.ENGINE_OFF_HOURS.sigma())
        + weights.of(Criterion.MASS) * less(headline.massKg(), referenceMassKg)
        + weights.of(Criterion.MONEY) * less(headline.costPerYear(), referenceCost);
  }

  private static double chanceOfMeeting(double value, double need, double sigma) {
    if (need <= 0) {
      return 1;
    }
    return value <= 0 ? 0 : Cranking.chance(Math.log(value / need) / sigma);
  }

  /** Merit of having little of something that has no need to meet. */
  static double less(double value, double reference) {
    return reference + value <= 0 ? 0.5 : reference / (reference + value);
  }
}
