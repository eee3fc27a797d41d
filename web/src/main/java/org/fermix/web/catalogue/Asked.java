package org.fermix.web.catalogue;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.fermix.core.quantity.PlainWords;
import org.fermix.core.quantity.Unit;
import org.fermix.core.quantity.UnitSystem;
import org.fermix.web.shared.NumberText;
import org.jspecify.annotations.Nullable;

/**
 * What somebody types into the search: words that must all be found, and limits such as “under 18
 * kg”, “to 150” or “over 700 A”; a mass says its unit.
 *
 * @param cut true where more was typed than is read
 * @param words lower case, each to be found in name, chemistry or case
 */
record Asked(
    String typed,
    boolean cut,
    List<String> words,
    Optional<Double> mostKg,
    Optional<Double> mostPrice,
    Optional<Double> leastAmps,
    Optional<Double> leastAmpHours) {
  /** Longest text that is read. */
  static final int LONGEST = 120;

  private static final int MOST_WORDS = 8;
  private static final Set<String> MOST = Set.of("under", "below", "to", "max");
  private static final Set<String> LEAST = Set.of("over", "above", "from", "min");
  private static final Set<String> UNITS = Set.of("kg", "lb", "ah", "a", "amps", "cca");

  static Asked of(String typed) {
    String text = typed.length() > LONGEST ? typed.substring(0, LONGEST) : typed;
    Deque<String> left = new ArrayDeque<>(tokens(text));
    List<String> words = new ArrayList<>();
    Optional<Double> mostKg = Optional.empty();
    Optional<Double> mostPrice = Optional.empty();
    Optional<Double> leastAmps = Optional.empty();
    Optional<Double> leastAmpHours = Optional.empty();
    while (!left.isEmpty()) {
      String token = left.remove();
      boolean most = MOST.contains(token);
      Optional<Double> number =
          most || LEAST.contains(token) ? number(left.peek()) : Optional.empty();
      if (number.isEmpty()) {
        if (words.size() < MOST_WORDS) {
          words.addAll(PlainWords.of(token));
        }
        continue;
      }
      left.remove();
      String unit = UNITS.contains(String.valueOf(left.peek())) ? left.remove() : "";
      switch (unit) {
        case "kg" -> mostKg = number;
        case "lb" -> mostKg = number.map(each -> Unit.KILOGRAM.metric(each, UnitSystem.US));
        case "ah" -> leastAmpHours = number;
        case "" -> {
          if (most) {
            mostPrice = number;
          } else {
            leastAmps = number;
          }
        }
        default -> leastAmps = number;
      }
    }
    return new Asked(
        typed,
        typed.length() > LONGEST,
        List.copyOf(words),
        mostKg,
        mostPrice,
        leastAmps,
        leastAmpHours);
  }

  /** Split at spaces, and between a number and the unit written to it. */
  private static List<String> tokens(String text) {
    List<String> tokens = new ArrayList<>();
    StringBuilder token = new StringBuilder();
    for (char each : (text.toLowerCase(Locale.ROOT) + " ").toCharArray()) {
      boolean toUnit =
          !token.isEmpty()
              && Character.isDigit(token.charAt(token.length() - 1))
              && Character.isLetter(each)
              && NumberText.read(token.toString()).isNumber();
      if (Character.isWhitespace(each) || toUnit) {
        if (!token.isEmpty()) {
          tokens.add(token.toString());
          token.setLength(0);
        }
      }
      if (!Character.isWhitespace(each)) {
        token.append(each);
      }
    }
    return tokens;
  }

  private static Optional<Double> number(@Nullable String token) {
    if (token == null) {
      return Optional.empty();
    }
    NumberText.Result read = NumberText.read(token.replace("€", "").replace("$", ""));
    return read.isNumber() ? Optional.of(read.value()) : Optional.empty();
  }
}
