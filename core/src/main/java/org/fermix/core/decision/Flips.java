package org.fermix.core.decision;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.CandidateSurface;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Screening;
import org.fermix.core.machine.Use;
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

  /** Shares and multiples of the hours asked about at which the bench is asked. */
  private static final double[] SHORTER = {0.75, 0.5, 0.25, 0.1};

  private static final double[] LONGER = {1.25, 1.5, 2, 3, 4.5, 7, 10};
  private static final int CLOSER = 3;
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
    if (conditions.hasEngineOffLoad()) {
      double hours = conditions.engineOffHours();
      engineOff(bench, decision, Flip.Kind.SHORTER_ENGINE_OFF, SHORTER, hours)
          .ifPresent(flips::add);
      engineOff(bench, decision, Flip.Kind.LONGER_ENGINE_OFF, LONGER, hours).ifPresent(flips::add);
    }
    return flips;
  }

  /** Hours at which another leads, found by asking the bench itself, then closed in on. */
  private static Optional<Flip> engineOff(
      Bench bench, Decision decision, Flip.Kind kind, double[] factors, double hours) {
    Conditions conditions = decision.answer().conditions();
    String leader = decision.ranked().get(0).letter();
    double same = hours;
    for (double factor : factors) {
      double there = factor * hours;
      if (there > Use.ENGINE_OFF_HOURS.most()) {
        return Optional.empty();
      }
      Optional<String> other = otherAt(bench, decision, conditions, there, leader);
      if (other.isEmpty()) {
        same = there;
        continue;
      }
      double turned = there;
      for (int i = 0; i < CLOSER; i++) {
        double middle = 0.5 * (same + turned);
        Optional<String> closer = otherAt(bench, decision, conditions, middle, leader);
        if (closer.isPresent()) {
          turned = middle;
          other = closer;
        } else {
          same = middle;
        }
      }
      double value = turned;
      return other.map(letter -> new Flip(kind, value, letter));
    }
    return Optional.empty();
  }

  private static Optional<String> otherAt(
      Bench bench, Decision decision, Conditions conditions, double hours, String leader) {
    List<Ranked> ranked =
        Decision.rank(
            bench.answer(conditions.running(conditions.engineOffAmps(), hours)),
            decision.weights());
    return Optional.of(ranked.get(0).letter()).filter(letter -> !letter.equals(leader));
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
      Points points = Points.ofHeadlines(headlines, weights, there, there.layUpDays(bench.need()));
      int best = 0;
      for (int i = 1; i < headlines.size(); i++) {
        int order =
            Points.Score.BEST_FIRST.compare(
                points.score(headlines.get(i)), points.score(headlines.get(best)));
        if (order < 0
            || (order == 0
                && surfaces.get(i).letter().compareTo(surfaces.get(best).letter()) < 0)) {
          best = i;
        }
      }
      return surfaces.get(best).letter();
    }
  }

  /**
   * The price at which a rival overtakes the leader, all else being equal. Money counts by its
   * logarithm, so it is that at which the lead is used up; one that does not do what is asked is no
   * rival of one that does.
   */
  private static Optional<Flip> priceFlip(List<Ranked> ranked, Weights weights) {
    Ranked leader = ranked.get(0);
    double perFactorE = Points.PER_FACTOR_E * weights.of(Criterion.MONEY);
    double price = leader.answer().candidate().price();
    if (perFactorE <= 0 || price <= 0 || !leader.meets()) {
      return Optional.empty();
    }
    return ranked.stream()
        .skip(1)
        .filter(Ranked::meets)
        .min(Comparator.comparingDouble(rival -> leader.points() - rival.points()))
        .map(
            rival ->
                new Flip(
                    Flip.Kind.LEADER_DEARER,
                    price * Math.exp((leader.points() - rival.points()) / perFactorE),
                    rival.letter()))
        .filter(flip -> flip.value() <= MOST_PRICE_FACTOR * price);
  }

  /** The unit a flip's value is shown in. */
  public static Unit unit(Flip.Kind kind) {
    return switch (kind) {
      case LEADER_DEARER -> Unit.MONEY;
      case WARMER, COLDER -> Unit.CELSIUS;
      case SHORTER_PARKED, LONGER_PARKED -> Unit.DAY;
      case SHORTER_ENGINE_OFF, LONGER_ENGINE_OFF -> Unit.HOUR;
    };
  }
}
