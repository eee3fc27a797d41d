package org.fermix.core.decision;

/**
 * How one candidate stands on one criterion.
 *
 * @param weight the owner's points
 * @param merit 0 to 1; a surplus over the need stops adding once it stops mattering
 */
public record Weighing(Criterion criterion, int weight, double merit) {
  /** Points earned. */
  public double points() {
    return weight * merit;
  }
}
