package org.fermix.core.rating;

import java.util.List;
import java.util.Optional;
import org.fermix.core.quantity.Table;

/**
 * The discharge test behind a cranking rating. Ratings from different tests are different
 * quantities and are never compared as numbers; the battery's circuit translates them.
 *
 * @param id stable identifier
 * @param label as printed
 * @param temperatureC of the battery at the start (°C)
 * @param seconds duration (s)
 * @param minimumVolts lowest voltage of a 12 V battery during the test (V)
 * @param source the standard, and how its content was known
 */
public record CrankingTest(
    String id,
    String label,
    double temperatureC,
    double seconds,
    double minimumVolts,
    String source) {
  private static final List<CrankingTest> ALL =
      Table.read(CrankingTest.class, "cranking-tests.csv").rows().stream()
          .map(
              row ->
                  new CrankingTest(
                      row.text("id"),
                      row.text("label"),
                      row.number("temperature_c"),
                      row.number("seconds"),
                      row.number("minimum_volts"),
                      row.text("source")))
          .toList();

  /** Cold cranking amps as SAE J537 defines them: the one yardstick. */
  public static final CrankingTest COLD_CRANKING = find("cca").orElseThrow();

  /** Every test, in table order. */
  public static List<CrankingTest> all() {
    return ALL;
  }

  /** The test with the id, if there is one. */
  public static Optional<CrankingTest> find(String id) {
    return ALL.stream().filter(test -> test.id().equals(id)).findFirst();
  }
}
