package org.fermix.core.label;

import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.quantity.Table;

/**
 * True cold cranking amps per true ampere-hour, as far as a printed figure of an unstandardised
 * label is believed: a mixture of normal laws in the logarithm, one for each kind of figure such
 * labels print, weighed by how well each explains it (Bayes' rule; docs/model.md, section 1).
 *
 * <p>That is what is shown and simulated. Rank and gates take less: what doubt is left counts
 * against a label, so that the same cells gain nothing by a bolder one.
 *
 * @param ampsPerAmpHour median of the true ratio (A/Ah)
 * @param sigma standard deviation of its logarithm (1)
 */
public record BelievedRatio(double ampsPerAmpHour, double sigma) {
  /** What a rating by a test that is known leaves open (1). */
  private static final double HONEST_SIGMA = 0.10;

  /** No cells lie further above the median than so many deviations (1). */
  private static final double MOST_SIGMAS = 1.3;

  private static final double LEAST_PRINTED = 4;
  private static final double PRINTED_STEP = 1.005;

  private static final Table TABLE = Table.read(BelievedRatio.class, "rating-kinds.csv");

  /** True when the labels of a chemistry follow no standard. */
  public static boolean appliesTo(Chemistry chemistry) {
    return TABLE.rows().stream().anyMatch(row -> row.text("chemistry").equals(chemistry.id()));
  }

  /**
   * What is believed.
   *
   * @param printedPerAmpHour printed figure, restated to a cold cranking rating, over true
   *     ampere-hours (A/Ah)
   * @param coldTestStated true when the sheet states the cold test
   */
  public static BelievedRatio of(
      Chemistry chemistry, double printedPerAmpHour, boolean coldTestStated) {
    List<Table.Row> kinds =
        TABLE.rows().stream()
            .filter(
                row ->
                    row.text("chemistry").equals(chemistry.id())
                        && row.isYes("stated") == coldTestStated)
            .toList();
    double printed = Math.log(printedPerAmpHour);
    double weights = 0;
    double means = 0;
    double squares = 0;
    for (Table.Row kind : kinds) {
      double prior = Math.log(kind.number("true_ratio"));
      double priorVariance = square(kind.number("true_sigma"));
      double variance = square(kind.number("sigma"));
      double shift = Math.log(kind.number("median"));
      double both = priorVariance + variance;
      double weight =
          kind.number("weight")
              * Math.exp(-0.5 * square(printed - prior - shift) / both)
              / Math.sqrt(both);
      double precision = 1 / priorVariance + 1 / variance;
      double mean = (prior / priorVariance + (printed - shift) / variance) / precision;
      weights += weight;
      means += weight * mean;
      squares += weight * (mean * mean + 1 / precision);
    }
    double mean = means / weights;
    return new BelievedRatio(
        Math.exp(mean), Math.sqrt(Math.max(0, squares / weights - mean * mean)));
  }

  /**
   * What rank and gates take of a label; parameters as of {@link #of}. The doubt beyond what an
   * honest test leaves counts against it, and a larger printed figure never lowers it.
   */
  public static BelievedRatio taken(
      Chemistry chemistry, double printedPerAmpHour, boolean coldTestStated) {
    double most =
        MOST_TAKEN.computeIfAbsent(new Kind(chemistry, coldTestStated), BelievedRatio::mostTaken);
    return discounted(chemistry, Math.min(printedPerAmpHour, most), coldTestStated);
  }

  private record Kind(Chemistry chemistry, boolean coldTestStated) {}

  private static final Map<Kind, Double> MOST_TAKEN = new ConcurrentHashMap<>();

  private static BelievedRatio discounted(
      Chemistry chemistry, double printedPerAmpHour, boolean coldTestStated) {
    BelievedRatio believed = of(chemistry, printedPerAmpHour, coldTestStated);
    double beyond = Math.sqrt(Math.max(0, square(believed.sigma()) - square(HONEST_SIGMA)));
    return new BelievedRatio(believed.ampsPerAmpHour() * Math.exp(-beyond), believed.sigma());
  }

  /** The printed figure at which most is taken (A/Ah). */
  private static double mostTaken(Kind kind) {
    double most = LEAST_PRINTED;
    double taken = 0;
    Table.Row any =
        TABLE.rows().stream()
            .filter(row -> row.text("chemistry").equals(kind.chemistry().id()))
            .findFirst()
            .orElseThrow();
    double ofCells = any.number("true_ratio") * Math.exp(MOST_SIGMAS * any.number("true_sigma"));
    for (double printed = LEAST_PRINTED; printed < ofCells; printed *= PRINTED_STEP) {
      double here = discounted(kind.chemistry(), printed, kind.coldTestStated()).ampsPerAmpHour();
      if (here > taken) {
        taken = here;
        most = printed;
      }
    }
    return most;
  }

  private static double square(double x) {
    return x * x;
  }
}
