package org.fermix.core.bench;

import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The curves of one candidate in one set of conditions.
 *
 * @param letter its letter
 */
public record CandidateCurves(String letter, Map<Kind, List<Point>> curves) {
  /** Points of each curve. */
  public static final int POINTS = 61;

  /** Copies the map. */
  public CandidateCurves {
    curves = Map.copyOf(curves);
  }

  /** What is drawn over what. */
  public enum Kind {
    /** Terminal voltage (V) over seconds of a start that does not fire. */
    START_VOLTS,
    /** Cranking speed (rpm) over the same seconds. */
    START_RPM,
    /** Charge (%) over days parked. */
    PARKED_CHARGE,
    /** Terminal voltage (V) over hours with the engine off, to the voltage that ends it. */
    ENGINE_OFF_VOLTS,
    /** Money spent over years kept, with every replacement. */
    MONEY,
    /** Chance of a start (%) over temperature (°C), after the days parked. */
    START_CHANCE
  }

  /** One place on a curve, in the units of its kind. */
  public record Point(double x, double y) {}

  /** The curve, where it applies to this candidate. */
  public Optional<List<Point>> find(Kind kind) {
    return Optional.ofNullable(curves.get(kind));
  }
}
