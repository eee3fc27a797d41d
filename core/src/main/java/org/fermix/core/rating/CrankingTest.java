package org.fermix.core.rating;

import java.util.List;
import java.util.Optional;
import org.fermix.core.quantity.Table;

/**
 * The discharge test behind a cranking rating. Ratings from different tests are different
 * quantities and are never compared as numbers; the battery's circuit translates them. The rating
 * is set by the first criterion; what the test asks afterwards is in {@link #laterStages}.
 *
 * @param id stable identifier
 * @param label as printed
 * @param temperatureC of the battery at the start (°C)
 * @param seconds duration (s)
 * @param minimumVolts lowest voltage of a 12 V battery during the test (V)
 * @param trade how ratings by this test stand to CCA (SAE) in the trade's conversion tables
 * @param laterStages what follows, in order; often nothing
 * @param source the standard, and how its content was known
 */
public record CrankingTest(
    String id,
    String label,
    double temperatureC,
    double seconds,
    double minimumVolts,
    TradeRatio trade,
    List<LaterStage> laterStages,
    String source) {
  private static final Table STAGES = Table.read(CrankingTest.class, "later-stages.csv");
  private static final List<CrankingTest> ALL =
      Table.read(CrankingTest.class, "cranking-tests.csv").rows().stream()
          .map(CrankingTest::of)
          .toList();

  /** Cold cranking amps as SAE J537 defines them: the one yardstick. */
  public static final CrankingTest COLD_CRANKING = find("cca").orElseThrow();

  /** Marine cranking amps; what outboard makers ask by. */
  public static final CrankingTest MARINE_CRANKING = find("mca").orElseThrow();

  /** Copies the list. */
  public CrankingTest {
    laterStages = List.copyOf(laterStages);
  }

  /**
   * Rating over CCA (SAE) of lead-acid batteries; common practice, no source.
   *
   * @param low lower end of the published scatter (1)
   * @param high upper end
   * @param sigma standard deviation of ln(rating) that products scatter by (1)
   */
  public record TradeRatio(double low, double high, double sigma) {}

  /**
   * A demand after the first.
   *
   * @param restSeconds before it (s)
   * @param share of the rated current (1)
   * @param seconds duration (s)
   * @param minimumVolts of a 12 V battery (V)
   */
  public record LaterStage(
      String name, double restSeconds, double share, double seconds, double minimumVolts) {}

  /** Every test, in table order. */
  public static List<CrankingTest> all() {
    return ALL;
  }

  /** The test with the id, if there is one. */
  public static Optional<CrankingTest> find(String id) {
    return ALL.stream().filter(test -> test.id().equals(id)).findFirst();
  }

  private static CrankingTest of(Table.Row row) {
    return new CrankingTest(
        row.text("id"),
        row.text("label"),
        row.number("temperature_c"),
        row.number("seconds"),
        row.number("minimum_volts"),
        new TradeRatio(
            row.number("trade_low"), row.number("trade_high"), row.number("trade_sigma")),
        STAGES.rows().stream()
            .filter(stage -> stage.text("test").equals(row.text("id")))
            .map(
                stage ->
                    new LaterStage(
                        stage.text("name"),
                        stage.number("rest_s"),
                        stage.number("share"),
                        stage.number("seconds"),
                        stage.number("minimum_volts")))
            .toList(),
        row.text("source"));
  }
}
