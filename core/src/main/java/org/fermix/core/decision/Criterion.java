package org.fermix.core.decision;

/** What an owner weighs, once the gates are passed. */
public enum Criterion {
  COLD,
  PARKED,
  ENGINE_OFF,
  MASS,
  MONEY
}
