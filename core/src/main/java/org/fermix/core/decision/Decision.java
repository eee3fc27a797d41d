package org.fermix.core.decision;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.BenchAnswer;
import org.fermix.core.bench.CandidateAnswer;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Outcome;
import org.fermix.core.quantity.Roots;
import org.fermix.core.quantity.Unit;

/**
 * Which one to take. Gates come first: a candidate that fails one is refused with its reason, never
 * scored low. The rest are ranked by the owner's weights; ties go by letter, so the order of the
 * question does not matter.
 *
 * @param answer what it rests on
 * @param ranked best first
 * @param refused those that fail a gate, by letter
 * @param flips what would change the answer, nearest kinds first
 */
public record Decision(
    BenchAnswer answer,
    Weights weights,
    List<Verdict> ranked,
    List<CandidateAnswer> refused,
    List<Flip> flips) {
  private static final double[] OTHER_DAYS = {
    1, 2, 3, 5, 7, 10, 14, 21, 28, 35, 42, 56, 70, 90, 120, 150, 180, 240, 365
  };
  private static final double MOST_PRICE_FACTOR = 20;
  private static final double LIKELY_PERCENT = 80;

  /** Copies the lists. */
  public Decision {
    ranked = List.copyOf(ranked);
    refused = List.copyOf(refused);
    flips = List.copyOf(flips);
  }

  /** Decides in one set of conditions. */
  public static Decision of(Bench bench, Conditions conditions, Weights weights) {
    BenchAnswer answer = bench.answer(conditions);
    List<Verdict> ranked = rank(answer, weights);
    List<CandidateAnswer> refused =
        answer.forSale().stream()
            .filter(candidate -> !candidate.isEligible())
            .sorted(Comparator.comparing(CandidateAnswer::letter))
            .toList();
    return new Decision(
        answer, weights, ranked, refused, flips(bench, conditions, weights, ranked));
  }

  /** The one to take, if any passes the gates. */
  public Optional<Verdict> leader() {
    return ranked.stream().findFirst();
  }

  /** The acceptable second, if there is one. */
  public Optional<Verdict> second() {
    return ranked.stream().skip(1).findFirst();
  }

  /**
   * True when a candidate does all the owner asks: a likely start, sits the days, runs the hours.
   */
  public boolean meetsConditions(CandidateAnswer candidate) {
    Conditions conditions = answer.conditions();
    return candidate.figure(Outcome.START_CHANCE).value() >= LIKELY_PERCENT
        && candidate.figure(Outcome.PARKED_DAYS).value() >= conditions.daysParked()
        && candidate
            .find(Outcome.ENGINE_OFF_HOURS)
            .map(hours -> hours.value() >= conditions.engineOffHours())
            .orElse(true);
  }

  static List<Verdict> rank(BenchAnswer answer, Weights weights) {
    List<CandidateAnswer> eligible =
        answer.forSale().stream().filter(CandidateAnswer::isEligible).toList();
    Merits merits = Merits.of(eligible, answer.conditions());
    return eligible.stream()
        .map(candidate -> new Verdict(candidate, merits.weigh(candidate, weights)))
        .sorted(
            Comparator.comparingDouble(Verdict::points).reversed().thenComparing(Verdict::letter))
        .toList();
  }

  private static List<Flip> flips(
      Bench bench, Conditions conditions, Weights weights, List<Verdict> ranked) {
    List<Flip> flips = new ArrayList<>();
    if (ranked.size() < 2) {
      return flips;
    }
    String leader = ranked.get(0).letter();
    priceFlip(ranked, weights).ifPresent(flips::add);
    double coldC = conditions.temperatureC();
    scan(
            bench,
            weights,
            leader,
            Flip.Kind.WARMER,
            steps(coldC + 1, 25, 1),
            conditions::atTemperature)
        .ifPresent(flips::add);
    scan(
            bench,
            weights,
            leader,
            Flip.Kind.COLDER,
            steps(coldC - 1, -40, -1),
            conditions::atTemperature)
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
    scan(bench, weights, leader, Flip.Kind.SHORTER_PARKED, shorter, conditions::afterDays)
        .ifPresent(flips::add);
    scan(bench, weights, leader, Flip.Kind.LONGER_PARKED, longer, conditions::afterDays)
        .ifPresent(flips::add);
    return flips;
  }

  private static List<Double> steps(double from, double to, double step) {
    List<Double> values = new ArrayList<>();
    for (double value = from; step > 0 ? value <= to : value >= to; value += step) {
      values.add(value);
    }
    return values;
  }

  private static Optional<Flip> scan(
      Bench bench,
      Weights weights,
      String leader,
      Flip.Kind kind,
      List<Double> values,
      DoubleFunction<Conditions> conditions) {
    for (double value : values) {
      List<Verdict> ranked = rank(bench.answer(conditions.apply(value)), weights);
      if (!ranked.get(0).letter().equals(leader)) {
        return Optional.of(new Flip(kind, value, ranked.get(0).letter()));
      }
    }
    return Optional.empty();
  }

  /** The price at which a rival overtakes the leader, all else being equal. */
  private static Optional<Flip> priceFlip(List<Verdict> ranked, Weights weights) {
    Verdict leader = ranked.get(0);
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
      List<Verdict> ranked, Weights weights, double leaderCost, double factor) {
    return pointsWith(ranked, 0, weights, leaderCost, factor)
        - pointsWith(
            ranked,
            ranked.indexOf(bestRival(ranked, weights, leaderCost, factor)),
            weights,
            leaderCost,
            factor);
  }

  private static Verdict bestRival(
      List<Verdict> ranked, Weights weights, double leaderCost, double factor) {
    return ranked.stream()
        .skip(1)
        .max(
            Comparator.comparingDouble(
                rival -> pointsWith(ranked, ranked.indexOf(rival), weights, leaderCost, factor)))
        .orElseThrow();
  }

  private static double pointsWith(
      List<Verdict> ranked, int index, Weights weights, double leaderCost, double factor) {
    Verdict verdict = ranked.get(index);
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
