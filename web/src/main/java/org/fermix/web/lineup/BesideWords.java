package org.fermix.web.lineup;

import org.fermix.core.label.Beside;

/** Words for what stands beside a battery that starts the engine. */
public final class BesideWords {
  private BesideWords() {}

  /** What it is there for. */
  public static String purpose(Beside.Role role) {
    return switch (role) {
      case HOUSE -> "for the house";
      case RESERVE -> "in reserve for a start";
      case SECOND_ENGINE -> "for the second engine";
      case MOTOR -> "for the electric motor";
    };
  }
}
