package org.fermix.core.permission;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.fermix.core.quantity.ShortPattern;

/**
 * What a data sheet states, line by line as it is worded. Silence stays silence.
 *
 * @param lines in the sheet's order
 */
public record DataSheet(List<Line> lines) {
  /** Characters of a value that is looked at; a longer one says nothing plain. */
  private static final int LONGEST = 200;

  private static final ShortPattern NUMBER =
      ShortPattern.of("[^\\d]*?([-+−]?\\d+(?:[.,]\\d+)?)[^\\d]*", LONGEST);
  private static final Set<String> YES =
      Set.of(
          "yes",
          "built in",
          "included",
          "fitted",
          "standard",
          "integrated",
          "passed",
          "allowed",
          "ok");
  private static final Set<String> NO =
      Set.of(
          "no",
          "none",
          "not",
          "not fitted",
          "not included",
          "without",
          "optional",
          "not allowed",
          "n a");

  /** Copies the list. */
  public DataSheet {
    lines = List.copyOf(lines);
  }

  /**
   * One line.
   *
   * @param words what it names
   * @param value what it says, as printed
   */
  public record Line(String words, String value) {
    /** The number in the value, if there is exactly one. */
    Optional<Double> number() {
      return NUMBER
          .match(value)
          .map(match -> Double.valueOf(match.group(1).replace('−', '-').replace(',', '.')));
    }

    /** True for a plain yes, false for a plain no, empty for anything else. */
    Optional<Boolean> yes() {
      String plain = Property.plain(value);
      if (NO.contains(plain)) {
        return Optional.of(false);
      }
      return YES.contains(plain) ? Optional.of(true) : Optional.empty();
    }
  }

  /** The lines that speak of a property. */
  public List<Line> on(Property property) {
    return lines.stream()
        .filter(line -> Property.meantBy(line.words()).equals(Optional.of(property)))
        .toList();
  }

  /** Lines whose words are not known; the owner is asked what they mean. */
  public List<Line> notUnderstood() {
    List<Line> unknown = new ArrayList<>(lines);
    unknown.removeIf(line -> Property.meantBy(line.words()).isPresent());
    return unknown;
  }
}
