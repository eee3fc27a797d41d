package org.fermix.core.permission;

import java.util.Optional;
import org.fermix.core.quantity.ShortPattern;

/**
 * Cycles as a data sheet states them, such as “2000 at 80 % depth”.
 *
 * @param cycles 1 to 100,000
 * @param depth of each, 0.01 to 1; empty where none is stated, which leaves the figure open
 */
public record CycleClaim(double cycles, Optional<Double> depth) {
  private static final String COUNT = "(\\d{1,3}(?:[., ’']\\d{3})+|\\d+)";
  private static final ShortPattern WORDING =
      ShortPattern.of(
          "[^\\d]*?" + COUNT + "\\+?[^\\d]*(?:(\\d{1,3})[  ]?(?:%|per cent|percent)[^\\d]*)?",
          DataSheet.LONGEST);
  private static final double MOST = 100_000;
  private static final double PERCENT = 100;

  /** Reads a value; empty where it states no number of cycles. */
  public static Optional<CycleClaim> read(String value) {
    return WORDING
        .match(value)
        .flatMap(
            match -> {
              double cycles = Double.parseDouble(digits(match.group(1)));
              Optional<Double> depth =
                  Optional.ofNullable(match.group(2))
                      .map(percent -> Double.parseDouble(percent) / PERCENT);
              return cycles < 1
                      || cycles > MOST
                      || depth.filter(each -> each < 0.01 || each > 1).isPresent()
                  ? Optional.empty()
                  : Optional.of(new CycleClaim(cycles, depth));
            });
  }

  private static String digits(String grouped) {
    StringBuilder digits = new StringBuilder();
    grouped.chars().filter(Character::isDigit).forEach(each -> digits.append((char) each));
    return digits.toString();
  }
}
