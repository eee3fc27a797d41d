package org.fermix.core.bench;

/**
 * Where practice divides, the school followed, as data.
 *
 * @param startSureness what counts as "still starts", in standard deviations
 * @param chargeKeptBack charge kept above what a start needs, for the second try (1)
 * @param endVolts lowest voltage engine-off loads accept (V, 12 V system)
 */
public record Policy(double startSureness, double chargeKeptBack, double endVolts) {
  /** Four starts in five, the lower edge of "likely" in docs/model.md. */
  public static final double LIKELY = 0.8416212335729143;

  /** Likely starts; a tenth of the charge kept back; 10.5 V as in the capacity tests. */
  public static final Policy USUAL = new Policy(LIKELY, 0.10, 10.5);
}
