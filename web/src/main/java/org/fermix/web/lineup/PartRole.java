package org.fermix.web.lineup;

import java.util.Arrays;
import java.util.List;
import org.fermix.core.label.Beside;

/** The part a battery plays in a candidate. */
enum PartRole {
  START("starts", "Starts the engine", ""),
  SECOND_ENGINE(
      "second engine",
      "Starts a second engine",
      "One like the first; in need each starts the other."),
  HOUSE(
      "house",
      "House battery",
      "Carries what runs with the engine off; the starter battery then keeps its charge."),
  RESERVE(
      "kept for need",
      "Kept for a start in need",
      "Carries nothing and is charged along; a separate reserve pack as well."),
  MOTOR("electric motor", "Drives an electric motor", "Carries only the motor; charged ashore.");

  private final String words;
  private final String title;
  private final String help;

  PartRole(String words, String title, String help) {
    this.words = words;
    this.title = title;
    this.help = help;
  }

  /** What may stand beside a starter battery. */
  static List<PartRole> beside() {
    return Arrays.stream(values()).filter(each -> each != START).toList();
  }

  /** The core's role. */
  Beside.Role role() {
    return Beside.Role.valueOf(name());
  }

  String words() {
    return words;
  }

  String title() {
    return title;
  }

  String help() {
    return help;
  }

  /** What its fields are called in a form. */
  String field() {
    return switch (this) {
      case START -> "start";
      case SECOND_ENGINE -> "second";
      case HOUSE -> "house";
      case RESERVE -> "reserve";
      case MOTOR -> "motor";
    };
  }
}
