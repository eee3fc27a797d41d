package org.fermix.core.quantity;

import java.util.function.Supplier;

/**
 * One figure that can be shown: value, unit, band, and its working, which is built only when asked
 * for so that speed does not pay for it. Immutable; equal when value, unit, band and reach are.
 */
public final class Figure {
  private final double value;
  private final Unit unit;
  private final Band band;
  private final Reach reach;
  private final Supplier<Working> working;

  private Figure(double value, Unit unit, Band band, Reach reach, Supplier<Working> working) {
    if (!Double.isFinite(value)) {
      throw new IllegalArgumentException("a figure must be a number, was " + value);
    }
    this.value = value;
    this.unit = unit;
    this.band = band;
    this.reach = reach;
    this.working = working;
  }

  /** A figure to be read as it stands. */
  public static Figure of(double value, Unit unit, Band band, Supplier<Working> working) {
    return new Figure(value, unit, band, Reach.AT, working);
  }

  /** A figure at the edge of what the model covers, or one that is never reached. */
  public static Figure of(
      double value, Unit unit, Band band, Reach reach, Supplier<Working> working) {
    return new Figure(value, unit, band, reach, working);
  }

  /** In {@link #unit}. */
  public double value() {
    return value;
  }

  /** The unit of value and band. */
  public Unit unit() {
    return unit;
  }

  /** Where it lies eight times in ten. */
  public Band band() {
    return band;
  }

  /** How to read the value. */
  public Reach reach() {
    return reach;
  }

  /** True when the figure is never reached. */
  public boolean isNever() {
    return reach == Reach.NEVER;
  }

  /** Equation, inputs, source and uncertainty behind the value. */
  public Working working() {
    return working.get();
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Figure that
        && Double.compare(value, that.value) == 0
        && unit == that.unit
        && band.equals(that.band)
        && reach == that.reach;
  }

  @Override
  public int hashCode() {
    return Double.hashCode(value) * 31 + unit.hashCode();
  }

  @Override
  public String toString() {
    return reach + " " + value + " " + unit + " [" + band.low() + ", " + band.high() + "]";
  }
}
