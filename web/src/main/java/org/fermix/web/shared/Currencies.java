package org.fermix.web.shared;

import java.util.List;
import java.util.stream.Stream;

/** The currencies prices can be given in. */
public final class Currencies {
  private Currencies() {}

  /** True for one that can be chosen. */
  static boolean isKnown(String code) {
    return choices().stream().anyMatch(choice -> choice.value().equals(code));
  }

  /** ISO 4217 codes to choose from. */
  public static List<Field.Choice> choices() {
    return Stream.of("EUR", "USD", "GBP", "CAD", "AUD", "CHF", "SEK", "NOK")
        .map(code -> new Field.Choice(code, code))
        .toList();
  }
}
