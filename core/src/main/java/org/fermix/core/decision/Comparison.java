package org.fermix.core.decision;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.OptionalDouble;

/**
 * Why this one and not the other: what each criterion adds to or takes from the lead.
 *
 * @param differences chosen minus other, largest first; those that differ by nothing are left out
 */
public record Comparison(Ranked chosen, Ranked other, List<Difference> differences) {
  private static final double NOTHING = 1e-9;
  private static final double MOST_POINTS = 12;

  /** Copies the list. */
  public Comparison {
    differences = List.copyOf(differences);
  }

  /**
   * One criterion's part in the lead.
   *
   * @param points above 0 where the chosen one gains
   */
  public record Difference(Criterion criterion, double points) {}

  /** Compares two verdicts of one decision. */
  public static Comparison of(Ranked chosen, Ranked other) {
    return new Comparison(
        chosen,
        other,
        Arrays.stream(Criterion.values())
            .map(
                criterion ->
                    new Difference(
                        criterion,
                        chosen.weighing(criterion).points() - other.weighing(criterion).points()))
            .filter(difference -> Math.abs(difference.points()) > NOTHING)
            .sorted(
                Comparator.comparingDouble((Difference each) -> -Math.abs(each.points()))
                    .thenComparing(Difference::criterion))
            .toList());
  }

  /** The lead (points): the sum of the differences. */
  public double lead() {
    return differences.stream().mapToDouble(Difference::points).sum();
  }

  /**
   * The weight of one criterion at which the two would draw level, all other weights as they are;
   * empty when no weight from 0 to 12 points does.
   */
  public OptionalDouble weightToDrawLevel(Criterion criterion) {
    Weighing own = chosen.weighing(criterion);
    double gain = own.merit() - other.weighing(criterion).merit();
    double weight = own.weight() - (chosen.points() - other.points()) / gain;
    return Math.abs(gain) > NOTHING && weight >= 0 && weight <= MOST_POINTS
        ? OptionalDouble.of(weight)
        : OptionalDouble.empty();
  }
}
