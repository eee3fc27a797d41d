package org.fermix.core.decision;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.function.Function;
import java.util.function.Predicate;
import org.fermix.core.bench.Screening;

/**
 * The one order of those compared. Those that do what is asked come first, by points; the rest by
 * how near they come. What lies within {@link #TIE} of the first is a tie, since the models cannot
 * tell it apart, and of a tie the one is named that gives most for little money: none just short
 * where one is not, then of those that cost little more than the least, the most points, and of
 * nearly equal ones the cheapest. So the same goes on with the rest. Engineering judgement, no
 * source.
 *
 * @param item what is placed
 * @param name decides where all else is equal
 */
record Order<T>(T item, String name, Screening.Headline headline, Points.Score score) {
  /** Fewer points apart than this, of twelve, the models cannot tell. */
  static final double TIE = 0.4;

  /** The same of points for needs, among those that fall short. */
  private static final double TIE_OF_SHORT = 0.25;

  /** So many times the least cost a year is little more. */
  private static final double LITTLE_MORE = 1.25;

  /** Fewer points apart than this the cheapest is named. */
  private static final double NEARLY_EQUAL = 0.1;

  /** Beyond so many the points alone order them: nobody chooses among ties so far down. */
  private static final int PICKED = 20;

  /** Puts some in order, best first. */
  static <T> List<Order<T>> of(
      Collection<T> items,
      Function<T, String> name,
      Function<T, Screening.Headline> headline,
      Points points) {
    List<Order<T>> left = new ArrayList<>();
    for (T item : items) {
      Screening.Headline own = headline.apply(item);
      left.add(new Order<>(item, name.apply(item), own, points.score(own)));
    }
    left.sort(
        Comparator.comparing((Order<T> each) -> each.score(), Points.Score.BEST_FIRST)
            .thenComparing(Order::name));
    List<Order<T>> ordered = new ArrayList<>();
    while (!left.isEmpty() && ordered.size() < PICKED) {
      Order<T> named = named(tied(left));
      left.remove(named);
      ordered.add(named);
    }
    ordered.addAll(left);
    return ordered;
  }

  /** Those that cannot be told apart from the first; a run from it, since they stand in order. */
  private static <T> List<Order<T>> tied(List<Order<T>> inOrder) {
    Order<T> first = inOrder.get(0);
    List<Order<T>> tied = new ArrayList<>();
    for (Order<T> each : inOrder) {
      if (each.score().meets() != first.score().meets() || each.behind(first) >= first.tie()) {
        break;
      }
      tied.add(each);
    }
    return tied;
  }

  private double behind(Order<T> first) {
    return score.meets()
        ? first.score().points() - score.points()
        : first.score().needs() - score.needs();
  }

  private double tie() {
    return score.meets() ? TIE : TIE_OF_SHORT;
  }

  private static <T> Order<T> named(List<Order<T>> tied) {
    List<Order<T>> left = preferring(tied, each -> each.score().clears());
    left = preferring(left, Order::hasCost);
    double least = left.stream().mapToDouble(Order::cost).min().orElse(0);
    left = preferring(left, each -> each.cost() <= LITTLE_MORE * least);
    double most = left.stream().mapToDouble(each -> each.score().points()).max().orElse(0);
    left = preferring(left, each -> most - each.score().points() < NEARLY_EQUAL);
    return left.stream()
        .min(
            Comparator.comparingDouble((Order<T> each) -> each.cost())
                .thenComparing(each -> -each.score().points())
                .thenComparing(Order::name))
        .orElseThrow();
  }

  /** Those of which something holds, where it holds of any. */
  private static <T> List<Order<T>> preferring(List<Order<T>> all, Predicate<Order<T>> holds) {
    List<Order<T>> those = all.stream().filter(holds).toList();
    return those.isEmpty() ? all : those;
  }

  private boolean hasCost() {
    return headline.costPerYear() > 0;
  }

  private double cost() {
    return headline.costPerYear();
  }
}
