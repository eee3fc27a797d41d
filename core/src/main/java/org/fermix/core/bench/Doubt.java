package org.fermix.core.bench;

/**
 * How much of a figure’s band one uncertain input makes.
 *
 * @param share of the variance that all of them make together, each alone; 0 to 1
 */
public record Doubt(Cause cause, double share) {
  /** What is uncertain. */
  public enum Cause {
    DRAG,
    WINDING,
    COUNTER_VOLTS,
    LEADS,
    FIRE_SPEED,
    TEMPERATURE,
    RESISTANCE,
    CAPACITY,
    CHARGE_REACHED,
    SELF_DISCHARGE,
    DRAIN,
    LOAD,
    DISCHARGE_LAW,
    LIFE,
    PRICE
  }
}
