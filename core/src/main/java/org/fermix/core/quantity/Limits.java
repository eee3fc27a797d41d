package org.fermix.core.quantity;

/**
 * What one quantity can be at all, declared once: the core refuses by it, a form says it and keeps
 * to it, and what is stored keeps to it too.
 *
 * @param name in the messages of a refusal
 * @param least metric
 * @param most metric
 */
public record Limits(String name, double least, double most, Unit unit) {
  /** True where the value lies within. */
  public boolean allows(double value) {
    return value >= least && value <= most;
  }

  /** Returns the value when it lies within. */
  public double check(double value) {
    return Check.within(name, value, least, most, unit.symbol(UnitSystem.METRIC));
  }
}
