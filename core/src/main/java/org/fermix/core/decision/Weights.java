package org.fermix.core.decision;

import java.util.EnumMap;
import java.util.Map;
import org.fermix.core.bench.Schools;
import org.fermix.core.machine.EngineClass;
import org.fermix.core.quantity.Check;

/**
 * The owner's points, spread over the criteria.
 *
 * @param points each from 0 to 12
 * @param assumed true where nobody has spread them
 */
public record Weights(Map<Criterion, Integer> points, boolean assumed) {
  /** What is assumed until the owner says otherwise: twelve points, cold first. */
  public static final Weights USUAL =
      new Weights(
          Map.of(
              Criterion.COLD, 4,
              Criterion.PARKED, 3,
              Criterion.ENGINE_OFF, 2,
              Criterion.MASS, 0,
              Criterion.MONEY, 3),
          true);

  /** Points somebody has spread. */
  public Weights(Map<Criterion, Integer> points) {
    this(points, false);
  }

  /** Points that are spread in all. */
  public static final int SPREAD = 12;

  /** A coldest start warmer than this asks as much of reserve as of cranking (°C). */
  private static final double MILD_C = 5;

  /**
   * Where an owner starts: by the school on which rating comes first, and on a machine that is
   * carried by its rider's arms, snow or air with a point for mass.
   */
  public static Weights start(Schools.First first, double coldestC, EngineClass machine) {
    Weights usual = machine.traits().light() ? USUAL.leaning(0, -1).and(Criterion.MASS, 1) : USUAL;
    return switch (first) {
      case BY_COLD -> coldestC > MILD_C ? usual.leaning(-1, 1) : usual;
      case CRANKING -> usual.leaning(1, -1);
      case RESERVE -> usual.leaning(-2, 2);
    };
  }

  private Weights leaning(int cold, int engineOff) {
    return and(Criterion.COLD, of(Criterion.COLD) + cold)
        .and(Criterion.ENGINE_OFF, of(Criterion.ENGINE_OFF) + engineOff);
  }

  private Weights and(Criterion criterion, int value) {
    Map<Criterion, Integer> other = new EnumMap<>(points);
    other.put(criterion, value);
    return new Weights(other, true);
  }

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
