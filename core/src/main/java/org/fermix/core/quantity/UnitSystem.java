package org.fermix.core.quantity;

/** The two systems an owner can read and type in. */
public enum UnitSystem {
  METRIC,
  US
}
