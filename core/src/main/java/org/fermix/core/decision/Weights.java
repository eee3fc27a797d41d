package org.fermix.core.decision;

import java.util.EnumMap;
import java.util.Map;
import org.fermix.core.quantity.Check;

/**
 * The owner's points, spread over the criteria.
 *
 * @param points each from 0 to 12
 */
public record Weights(Map<Criterion, Integer> points) {
  /** What is assumed until the owner says otherwise: twelve points, cold first. */
  public static final Weights USUAL =
      new Weights(
          Map.of(
              Criterion.COLD, 4,
              Criterion.PARKED, 3,
              Criterion.ENGINE_OFF, 2,
              Criterion.MASS, 1,
              Criterion.MONEY, 2));

  /** Fills criteria not named with 0 points and refuses what is out of range. */
  public Weights {
    Map<Criterion, Integer> all = new EnumMap<>(Criterion.class);
    for (Criterion criterion : Criterion.values()) {
      int value = points.getOrDefault(criterion, 0);
      Check.within("points for " + criterion, value, 0, 12, "points");
      all.put(criterion, value);
    }
    points = Map.copyOf(all);
  }

  /** Points of one criterion. */
  public int of(Criterion criterion) {
    return points.getOrDefault(criterion, 0);
  }
}
