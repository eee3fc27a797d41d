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
    /** Current of the battery (A) over the same seconds. */
    START_AMPS,
    /** Cranking speed (rpm) over the same seconds. */
    START_RPM,
    /** The same of the third try, after two with a rest between; empty where it comes to none. */
    THIRD_VOLTS,
    THIRD_AMPS,
    THIRD_RPM,
    /** Charge (%) over a year’s days parked, from the day the lay-up begins. */
    PARKED_CHARGE,
    /** Terminal voltage (V) over hours with the engine off, to the voltage that ends it. */
    ENGINE_OFF_VOLTS,
    /** Charge (%) over the days of a week of ordinary use, from half. */
    FILLING,
    /** Money expected to be spent over the years kept. */
    MONEY,
    /** The same with every replacement at its likely life, as steps. */
    MONEY_STEPS,
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
