package org.fermix.core.label;

import java.util.Optional;
import org.fermix.core.quantity.Check;

/**
 * What tests found of a battery, against its own label.
 *
 * @param crankingShare share of its rated cold cranking amps, 0.2 to 1.5 (1), the instrument's bias
 *     taken off
 * @param capacityShare share of its capacity that a discharge gave, 0.05 to 1.5 (1)
 */
public record Tested(Optional<Double> crankingShare, Optional<Double> capacityShare) {
  /** Nothing was tested. */
  public static final Tested NONE = new Tested(Optional.empty(), Optional.empty());

  /** Refuses what no battery has. */
  public Tested {
    crankingShare.ifPresent(
        share -> Check.within("measured share of cranking amps", share, 0.2, 1.5, ""));
    capacityShare.ifPresent(
        share -> Check.within("measured share of capacity", share, 0.05, 1.5, ""));
  }

  /** Only its cranking was tested. */
  public static Tested cranking(double share) {
    return new Tested(Optional.of(share), Optional.empty());
  }
}
