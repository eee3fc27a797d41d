package org.fermix.core.label;

import org.fermix.core.chemistry.Chemistry;

/**
 * True ampere-hours of a lithium or sodium label that prints its mass: the printed figure is either
 * true or compared with lead, weighed by how well each explains ampere-hours a kilogram (Bayes'
 * rule over two normal laws of the logarithm; docs/model.md, section 1). What doubt is left counts
 * against the label: the figure taken lies one standard deviation below the middle.
 *
 * @param ampHours taken (Ah, 20 h)
 * @param leadEquivalent chance that the printed figure is compared with lead (1)
 * @param sigma standard deviation of ln(ampere-hours) (1)
 */
public record BelievedCapacity(double ampHours, double leadEquivalent, double sigma) {
  /** How true ampere-hours a kilogram differ between packs (1); estimate. */
  private static final double PACK_SIGMA = 0.22;

  /** So many deviations below the usual is taken where the mass alone speaks (1). */
  private static final double FEW_SIGMAS = 1.5;

  private static final double TRUE_WEIGHT = 0.6;
  private static final double TRUE_SIGMA = 0.04;
  private static final double LEAD_FACTOR = 3;
  private static final double LEAD_SIGMA = 0.25;

  /** Typical true ampere-hours a kilogram: a pack's, a little above the figure that fills gaps. */
  private static final double OVER_TYPICAL = 1.06;

  /** What is believed of an amount printed on so many kilograms, 12 V. */
  static BelievedCapacity of(Chemistry chemistry, double printedAh, double kgPer12V) {
    double printed = Math.log(printedAh / kgPer12V);
    double usual = Math.log(OVER_TYPICAL * chemistry.typicalLabel().ampHoursPerKg());
    double prior = PACK_SIGMA * PACK_SIGMA;
    double trueWeight = TRUE_WEIGHT * density(printed - usual, prior + square(TRUE_SIGMA));
    double leadWeight =
        (1 - TRUE_WEIGHT)
            * density(printed - usual - Math.log(LEAD_FACTOR), prior + square(LEAD_SIGMA));
    double chance = leadWeight / (trueWeight + leadWeight);
    double ifLead = mean(usual, prior, printed - Math.log(LEAD_FACTOR), square(LEAD_SIGMA));
    double ifLeadVariance = 1 / (1 / prior + 1 / square(LEAD_SIGMA));
    double mean = (1 - chance) * printed + chance * ifLead;
    double variance =
        (1 - chance) * (square(TRUE_SIGMA) + square(printed - mean))
            + chance * (ifLeadVariance + square(ifLead - mean));
    double sigma = Math.sqrt(variance);
    double beyondClean = Math.sqrt(Math.max(0, variance - square(TRUE_SIGMA)));
    // Of a figure compared with lead only the comparison is believed: what is left is the mass.
    double byMass = (1 - chance) * printed + chance * (usual - FEW_SIGMAS * PACK_SIGMA);
    return new BelievedCapacity(
        kgPer12V * Math.exp(Math.min(mean - beyondClean, byMass)), chance, sigma);
  }

  private static double mean(double prior, double priorVariance, double seen, double variance) {
    return (prior / priorVariance + seen / variance) / (1 / priorVariance + 1 / variance);
  }

  private static double density(double off, double variance) {
    return Math.exp(-0.5 * off * off / variance) / Math.sqrt(variance);
  }

  private static double square(double x) {
    return x * x;
  }
}
