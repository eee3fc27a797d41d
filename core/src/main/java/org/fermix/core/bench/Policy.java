package org.fermix.core.bench;

import org.fermix.core.quantity.Band;

/**
 * Where practice divides, the school followed, as data.
 *
 * @param startSureness what counts as "still starts", in standard deviations
 * @param chargeKeptBack charge kept above what a start needs, for the second try (1)
 * @param endVolts lowest voltage engine-off loads accept (V, 12 V system)
 */
public record Policy(double startSureness, double chargeKeptBack, double endVolts) {
  /** Nine starts in ten; a tenth of the charge kept back; 10.5 V as in the capacity tests. */
  public static final Policy USUAL = new Policy(Band.SIGMAS, 0.10, 10.5);
}
