package org.fermix.web.instruments;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;

/** What can be done to a hidden battery. */
enum Action {
  WARM("Take it into a warm room overnight"),
  CHARGE("Charge it fully"),
  REST("Leave it for four hours"),
  HEADLAMPS("Headlamps for three minutes"),
  LOAD("Load it for 15 s"),
  ESTIMATE("Estimate its cranking amps"),
  RECORD("Record a start");

  private final String words;

  Action(String words) {
    this.words = words;
  }

  String words() {
    return words;
  }

  String slug() {
    return name().toLowerCase(Locale.ROOT);
  }

  static Optional<Action> find(String slug) {
    return Arrays.stream(values()).filter(action -> action.slug().equals(slug)).findFirst();
  }
}
