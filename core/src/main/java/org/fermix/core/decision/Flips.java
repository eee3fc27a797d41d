package org.fermix.core.decision;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.CandidateSurface;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Outcome;
import org.fermix.core.bench.Screening;
import org.fermix.core.quantity.Roots;
import org.fermix.core.quantity.Unit;

/**
 * What would change a decision: the price, the coldest morning and the days parked at which another
 * candidate would lead. Conditions are searched in steps outward from the present ones over
 * surfaces of the headline outcomes; what is found there is asked of the bench again, so each
 * turning point is one at which the answer really changes.
 */
public final class Flips {
  private static final double[] OTHER_DAYS = {
    1, 2, 3, 5, 7, 10, 14, 21, 28, 35, 42, 56, 70, 90, 120, 150, 180, 240, 365
  };
  private static final double EVEN_CHANCE = 0.5;
  private static final double MOST_PRICE_FACTOR = 20;

  private Flips() {}

  /** Every turning point found around a decision; empty when there is no rival. */
  public static List<Flip> around(Bench bench, Decision decision) {
    Conditions conditions = decision.answer().conditions();
    Weights weights = decision.weights();
    List<Ranked> ranked = decision.ranked();
    List<Flip> flips = new ArrayList<>();
    if (ranked.size() < 2) {
      return flips;
    }
    String leader = ranked.get(0).letter();
    priceFlip(ranked, weights).ifPresent(flips::add);
    double coldC = conditions.temperatureC();
    Sweep sweep = new Sweep(bench, weights, leader, conditions);
    sweep
        .find(Flip.Kind.WARMER, steps(coldC + 1, 25, 1), conditions::atTemperature)
        .ifPresent(flips::add);
    sweep
        .find(Flip.Kind.COLDER, steps(coldC - 1, -40, -1), conditions::atTemperature)
        .ifPresent(flips::add);
    List<Double> shorter = new ArrayList<>();
    List<Double> longer = new ArrayList<>();
    for (double days : OTHER_DAYS) {
      if (days < conditions.daysParked()) {
        shorter.add(0, days);
      } else if (days > conditions.daysParked()) {
        longer.add(days);
      }
    }
    sweep.find(Flip.Kind.SHORTER_PARKED, shorter, conditions::afterDays).ifPresent(flips::add);
    sweep.find(Flip.Kind.LONGER_PARKED, longer, conditions::afterDays).ifPresent(flips::add);
    return flips;
  }

  private static List<Double> steps(double from, double to, double step) {
    List<Double> values = new ArrayList<>();
    for (double value = from; step > 0 ? value <= to : value >= to; value += step) {
      values.add(value);
    }
    return values;
  }

  /**
   * A walk outward along one condition, by surfaces; what it finds is asked of the bench itself.
   */
  private static final class Sweep {
    private final Bench bench;
    private final Weights weights;
    private final String leader;
    private final List<CandidateSurface> surfaces;

    Sweep(Bench bench, Weights weights, String leader, Conditions around) {
      this.bench = bench;
      this.weights = weights;
      this.leader = leader;
      this.surfaces = bench.surfaces(around);
    }

    Optional<Flip> find(
        Flip.Kind kind, List<Double> values, DoubleFunction<Conditions> conditions) {
      for (double value : values) {
        Conditions there = conditions.apply(value);
        List<Screening.Headline> headlines =
            surfaces.stream()
                .map(each -> each.headline(there.temperatureC(), there.daysParked()))
                .toList();
        // Where nobody starts any more, who comes first says nothing.
        if (headlines.stream().noneMatch(each -> each.startChance() >= EVEN_CHANCE)) {
          return Optional.empty();
        }
        if (!first(headlines, there).equals(leader)) {
          List<Ranked> ranked = Decision.rank(bench.answer(there), weights);
          if (!ranked.get(0).letter().equals(leader)) {
            return Optional.of(new Flip(kind, value, ranked.get(0).letter()));
          }
        }
      }
      return Optional.empty();
    }

    private String first(List<Screening.Headline> headlines, Conditions there) {
      Merits merits =
          new Merits(
              there,
              there.layUpDays(bench.need()),
              headlines.stream().mapToDouble(Screening.Headline::massKg).average().orElse(1),
              headlines.stream().mapToDouble(Screening.Headline::costPerYear).average().orElse(1));
      int best = 0;
      for (int i = 1; i < headlines.size(); i++) {
        double ahead =
            merits.points(headlines.get(i), weights) - merits.points(headlines.get(best), weights);
        if (ahead > 0
            || (ahead == 0
                && surfaces.get(i).letter().compareTo(surfaces.get(best).letter()) < 0)) {
          best = i;
        }
      }
      return surfaces.get(best).letter();
    }
  }

  /** The price at which a rival overtakes the leader, all else being equal. */
  private static Optional<Flip> priceFlip(List<Ranked> ranked, Weights weights) {
    Ranked leader = ranked.get(0);
    double cost = leader.answer().figure(Outcome.COST_PER_YEAR).value();
    if (cost <= 0 || lead(ranked, weights, cost, MOST_PRICE_FACTOR) > 0) {
      return Optional.empty();
    }
    double factor =
        Roots.crossing(each -> lead(ranked, weights, cost, each), 1, MOST_PRICE_FACTOR, 1e-4);
    String rival = bestRival(ranked, weights, cost, factor).letter();
    double price = leader.answer().candidate().label().price().value() * factor;
    return Optional.of(new Flip(Flip.Kind.LEADER_DEARER, price, rival));
  }

  /** Points by which the leader leads when its cost is multiplied. */
  private static double lead(
      List<Ranked> ranked, Weights weights, double leaderCost, double factor) {
    return pointsWith(ranked, 0, weights, leaderCost, factor)
        - pointsWith(
            ranked,
            ranked.indexOf(bestRival(ranked, weights, leaderCost, factor)),
            weights,
            leaderCost,
            factor);
  }

  private static Ranked bestRival(
      List<Ranked> ranked, Weights weights, double leaderCost, double factor) {
    return ranked.stream()
        .skip(1)
        .max(
            Comparator.comparingDouble(
                rival -> pointsWith(ranked, ranked.indexOf(rival), weights, leaderCost, factor)))
        .orElseThrow();
  }

  private static double pointsWith(
      List<Ranked> ranked, int index, Weights weights, double leaderCost, double factor) {
    Ranked verdict = ranked.get(index);
    double ownCost =
        index == 0 ? leaderCost * factor : verdict.answer().figure(Outcome.COST_PER_YEAR).value();
    double otherCosts =
        ranked.stream()
            .skip(1)
            .mapToDouble(each -> each.answer().figure(Outcome.COST_PER_YEAR).value())
            .sum();
    double reference = (otherCosts + leaderCost * factor) / ranked.size();
    Weighing money = verdict.weighing(Criterion.MONEY);
    return verdict.points()
        - money.points()
        + weights.of(Criterion.MONEY) * Merits.less(ownCost, reference);
  }

  /** The unit a flip's value is shown in. */
  public static Unit unit(Flip.Kind kind) {
    return switch (kind) {
      case LEADER_DEARER -> Unit.MONEY;
      case WARMER, COLDER -> Unit.CELSIUS;
      case SHORTER_PARKED, LONGER_PARKED -> Unit.DAY;
    };
  }
}
