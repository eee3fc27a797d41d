package org.fermix.core.decision;

/** What an owner weighs, once the gates are passed. */
public enum Criterion {
  COLD,
  PARKED,
  ENGINE_OFF,
  MASS,
  MONEY,
  /** Of what is wished beyond the need, the share that is met. */
  EASE;

  /** True where the owner asks for something that is met or not. */
  public boolean hasNeed() {
    return compareTo(MASS) < 0;
  }
}
