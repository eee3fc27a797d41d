package org.fermix.core.casing;

/**
 * Where the positive terminal stands, seen from the long side nearest the terminals, battery
 * upright.
 */
public enum TerminalSide {
  LEFT,
  RIGHT
}
