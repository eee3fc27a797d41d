package org.fermix.core.decision;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.CandidateSurface;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Screening;
import org.fermix.core.machine.Use;

/**
 * What would change a decision: the price, and the conditions at which another candidate would lead
 * or none does what is asked any more. Each is searched in steps outward from the present one, the
 * coldest morning and the days over surfaces of the headline outcomes; what is found is asked of
 * the bench again, and closed in on, so each turning point is one at which the answer really
 * changes.
 */
public final class Flips {
  private static final List<Double> DAYS =
      List.of(
          1.0, 2.0, 3.0, 5.0, 7.0, 10.0, 14.0, 21.0, 28.0, 35.0, 42.0, 56.0, 70.0, 90.0, 120.0,
          150.0, 180.0, 240.0, 365.0);
  private static final List<Double> YEARS =
      List.of(0.5, 1.0, 2.0, 3.0, 4.0, 5.0, 6.0, 8.0, 10.0, 12.0, 15.0, 20.0);

  /** Shares and multiples of the present hours and amps at which the bench is asked. */
  private static final List<Double> FACTORS =
      List.of(0.1, 0.25, 0.5, 0.75, 1.25, 1.5, 2.0, 3.0, 4.5, 7.0, 10.0);

  private static final int WARMEST_C = 25;
  private static final int COLDEST_C = -40;
  private static final int CLOSER = 5;
  private static final double EVEN_CHANCE = 0.5;
  private static final double MOST_PRICE_FACTOR = 20;
  private static final double PRICE_STEP = 1.05;
  private static final int PRICE_HALVINGS = 20;

  private Flips() {}

  /** Every turning point found around a decision; empty when nothing passes the gates. */
  public static List<Flip> around(Bench bench, Decision decision) {
    List<Flip> flips = new ArrayList<>();
    if (decision.ranked().isEmpty()) {
      return flips;
    }
    Conditions own = decision.answer().conditions();
    Search search = new Search(bench, decision, State.of(decision.ranked().get(0)));
    List<CandidateSurface> surfaces = bench.surfaces(own);
    flips.addAll(
        search.walk(
            new Line(
                Flip.Varied.TEMPERATURE,
                own.temperatureC(),
                wholeDegrees(),
                1,
                value -> new Place(bench, own.atTemperature(value)),
                there -> search.maybe(surfaces, there))));
    flips.addAll(
        search.walk(
            new Line(
                Flip.Varied.DAYS_PARKED,
                own.daysParked(),
                DAYS,
                1,
                value -> new Place(bench, own.afterDays(value)),
                there -> search.maybe(surfaces, there))));
    if (own.hasEngineOffLoad()) {
      double amps = own.engineOffAmps();
      double hours = own.engineOffHours();
      flips.addAll(
          search.walk(
              new Line(
                  Flip.Varied.ENGINE_OFF_HOURS,
                  hours,
                  times(hours, Use.ENGINE_OFF_HOURS.most()),
                  0,
                  value -> new Place(bench, own.running(amps, value)),
                  there -> true)));
      flips.addAll(
          search.walk(
              new Line(
                  Flip.Varied.ENGINE_OFF_LOAD,
                  amps,
                  times(amps, Use.ENGINE_OFF_LOAD.most()),
                  0,
                  value -> new Place(bench, own.running(value, hours)),
                  there -> true)));
    }
    flips.addAll(
        search.walk(
            new Line(
                Flip.Varied.YEARS_KEPT,
                bench.need().use().yearsKept().value(),
                YEARS,
                0,
                value -> new Place(bench.kept(value), own),
                there -> true)));
    priceFlip(decision).ifPresent(flips::add);
    return flips;
  }

  private static List<Double> wholeDegrees() {
    return IntStream.rangeClosed(COLDEST_C, WARMEST_C).asDoubleStream().boxed().toList();
  }

  private static List<Double> times(double now, double most) {
    return FACTORS.stream().map(each -> each * now).filter(each -> each <= most).toList();
  }

  /** What is asked of which bench. */
  private record Place(Bench bench, Conditions conditions) {
    State state(Weights weights) {
      return State.of(bench.headlines(conditions), this, weights);
    }
  }

  /**
   * Who comes first, and whether that one does what is asked; nobody where none passes the gates.
   */
  private record State(Optional<String> letter, boolean meets) {
    private static final State NOBODY = new State(Optional.empty(), false);

    static State of(Ranked first) {
      return new State(Optional.of(first.letter()), first.meets());
    }

    /** By headline outcomes; by letter where they are level, as a decision has it. */
    static State of(Map<String, Screening.Headline> headlines, Place place, Weights weights) {
      return of(
          headlines,
          Points.of(
              headlines.values(),
              weights,
              place.conditions(),
              place.conditions().layUpDays(place.bench().need())));
    }

    private static State of(Map<String, Screening.Headline> headlines, Points points) {
      return Order.of(headlines.entrySet(), Map.Entry::getKey, Map.Entry::getValue, points).stream()
          .findFirst()
          .map(first -> new State(Optional.of(first.name()), first.score().meets()))
          .orElse(NOBODY);
    }
  }

  /**
   * One condition to walk along.
   *
   * @param values ascending, where to look
   * @param whole the turning point is named in steps of this; 0 for no steps
   * @param maybe false where a quick look says that nothing turns
   */
  private record Line(
      Flip.Varied varied,
      double own,
      List<Double> values,
      double whole,
      DoubleFunction<Place> place,
      Predicate<Place> maybe) {}

  /** Looks for where the state turns. */
  private record Search(Bench bench, Decision decision, State now) {
    List<Flip> walk(Line line) {
      List<Double> less = new ArrayList<>();
      List<Double> more = new ArrayList<>();
      for (double value : line.values()) {
        if (value < line.own()) {
          less.add(0, value);
        } else if (value > line.own()) {
          more.add(value);
        }
      }
      List<Flip> found = new ArrayList<>();
      outward(line, less, false).ifPresent(found::add);
      outward(line, more, true).ifPresent(found::add);
      return found;
    }

    private Optional<Flip> outward(Line line, List<Double> values, boolean beyond) {
      double same = line.own();
      for (double value : values) {
        Place place = line.place().apply(value);
        if (line.maybe().test(place)) {
          State there = place.state(decision.weights());
          if (turned(there)) {
            return closer(line, same, value, there, beyond);
          }
        }
        same = value;
      }
      return Optional.empty();
    }

    private Optional<Flip> closer(
        Line line, double same, double turned, State found, boolean beyond) {
      double inside = same;
      double outside = turned;
      State there = found;
      for (int i = 0; i < CLOSER && Math.abs(outside - inside) > line.whole(); i++) {
        double middle = 0.5 * (inside + outside);
        if (line.whole() > 0) {
          middle = beyond ? Math.floor(middle) : Math.ceil(middle);
        }
        if (middle == inside) {
          break;
        }
        State state = line.place().apply(middle).state(decision.weights());
        if (turned(state)) {
          outside = middle;
          there = state;
        } else {
          inside = middle;
        }
      }
      Optional<String> letter = takesOver(there);
      return Optional.of(
          new Flip(
              line.varied(),
              beyond,
              outside,
              letter,
              letter.isEmpty() ? enough(line, outside, there) : Optional.empty()));
    }

    /** What helps there, other than less of what is varied. */
    private Optional<Opening.Enough> enough(Line line, double value, State found) {
      if (line.varied() == Flip.Varied.YEARS_KEPT || found.letter().isEmpty()) {
        return Optional.empty();
      }
      Conditions at = line.place().apply(value).conditions();
      Decision there = Decision.of(bench, at, decision.weights());
      Opening.Enough enough = Opening.of(bench, there, found.letter().get());
      boolean sameAgain =
          enough.together() && enough.each().stream().anyMatch(each -> isLess(line, each));
      List<Opening> others = enough.each().stream().filter(each -> !isLess(line, each)).toList();
      return others.isEmpty() || sameAgain
          ? Optional.empty()
          : Optional.of(new Opening.Enough(others, enough.together()));
    }

    private static boolean isLess(Line line, Opening opening) {
      return switch (opening.kind()) {
        case WARMER -> line.varied() == Flip.Varied.TEMPERATURE;
        case FEWER_DAYS -> line.varied() == Flip.Varied.DAYS_PARKED;
        case SMALLER_LOAD ->
            line.varied() == Flip.Varied.ENGINE_OFF_LOAD
                || line.varied() == Flip.Varied.ENGINE_OFF_HOURS;
        case MAINTAINER, NEGATIVE_OFF -> false;
      };
    }

    /** Where the present leader does what is asked and nobody does there, nobody takes over. */
    private Optional<String> takesOver(State there) {
      return there.letter().filter(letter -> there.meets() || !now.meets());
    }

    private boolean turned(State there) {
      return (now.meets() && !there.meets())
          || (there.letter().isPresent() && !there.letter().equals(now.letter()));
    }

    /** What the surfaces say of a place; where nobody starts, who comes first says nothing. */
    boolean maybe(List<CandidateSurface> surfaces, Place place) {
      Conditions there = place.conditions();
      Map<String, Screening.Headline> headlines = new LinkedHashMap<>();
      for (CandidateSurface each : surfaces) {
        headlines.put(each.letter(), each.headline(there.temperatureC(), there.daysParked()));
      }
      if (!now.meets()
          && headlines.values().stream()
              .noneMatch(each -> each.shown().startChance() >= EVEN_CHANCE)) {
        return false;
      }
      return turned(State.of(headlines, place, decision.weights()));
    }
  }

  /**
   * The price at which another would be named, all else being equal: what money costs a year rises
   * with the price.
   */
  private static Optional<Flip> priceFlip(Decision decision) {
    Ranked leader = decision.ranked().get(0);
    double price = leader.answer().candidate().price();
    if (price <= 0 || leader.answer().headline().costPerYear() <= 0 || !leader.meets()) {
      return Optional.empty();
    }
    double same = 1;
    for (double factor = PRICE_STEP; factor <= MOST_PRICE_FACTOR; factor *= PRICE_STEP) {
      if (!dearer(decision, factor).letter().equals(Optional.of(leader.letter()))) {
        double other = factor;
        for (int i = 0; i < PRICE_HALVINGS; i++) {
          double middle = 0.5 * (same + other);
          if (dearer(decision, middle).letter().equals(Optional.of(leader.letter()))) {
            same = middle;
          } else {
            other = middle;
          }
        }
        return Optional.of(
            new Flip(
                Flip.Varied.LEADER_PRICE, true, price * other, dearer(decision, other).letter()));
      }
      same = factor;
    }
    return Optional.empty();
  }

  /** Who would be named if the leader cost so many times what it does. */
  private static State dearer(Decision decision, double factor) {
    Map<String, Screening.Headline> headlines = new LinkedHashMap<>();
    for (Ranked each : decision.ranked()) {
      Screening.Headline own = each.answer().headline();
      headlines.put(
          each.letter(),
          each.equals(decision.ranked().get(0)) ? own.costing(factor * own.costPerYear()) : own);
    }
    Conditions conditions = decision.answer().conditions();
    return State.of(
        headlines,
        Points.of(
            headlines.values(),
            decision.weights(),
            conditions,
            conditions.layUpDays(decision.answer().need())));
  }
}
