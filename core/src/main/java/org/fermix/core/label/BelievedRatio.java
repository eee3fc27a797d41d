package org.fermix.core.label;

import java.util.List;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.quantity.Table;

/**
 * True cold cranking amps per true ampere-hour, as far as a printed figure of an unstandardised
 * label is believed: a mixture of normal laws in the logarithm, one for each kind of figure such
 * labels print, weighed by how well each explains it (Bayes' rule; docs/model.md, section 1).
 *
 * <p>What doubt is left counts against the label: the ratio taken lies below the middle by the
 * doubt beyond what an honest test leaves, and a figure beyond what any such cells give counts as
 * no more than that. So the same cells gain nothing by a bolder label.
 *
 * @param ampsPerAmpHour median of the true ratio (A/Ah)
 * @param sigma standard deviation of its logarithm (1)
 */
public record BelievedRatio(double ampsPerAmpHour, double sigma) {
  /** What a rating by a test that is known leaves open (1). */
  private static final double HONEST_SIGMA = 0.10;

  /** So many deviations above the median no cells are (1). */
  private static final double MOST_SIGMAS = 2;

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
   * The ratio that is taken for a label (A/Ah); parameters as of {@link #of}.
   *
   * @return with the doubt of what is printed, however bold
   */
  public static BelievedRatio taken(
      Chemistry chemistry, double printedPerAmpHour, boolean coldTestStated) {
    BelievedRatio most =
        of(chemistry, Math.min(printedPerAmpHour, mostOfCells(chemistry)), coldTestStated);
    double beyond = Math.sqrt(Math.max(0, square(most.sigma()) - square(HONEST_SIGMA)));
    double sigma = of(chemistry, printedPerAmpHour, coldTestStated).sigma();
    return new BelievedRatio(
        most.ampsPerAmpHour() * Math.exp(-beyond), Math.max(most.sigma(), sigma));
  }

  private static double mostOfCells(Chemistry chemistry) {
    Table.Row any =
        TABLE.rows().stream()
            .filter(row -> row.text("chemistry").equals(chemistry.id()))
            .findFirst()
            .orElseThrow();
    return any.number("true_ratio") * Math.exp(MOST_SIGMAS * any.number("true_sigma"));
  }

  private static double square(double x) {
    return x * x;
  }
}
