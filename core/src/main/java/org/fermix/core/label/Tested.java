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

  private static final double LEAST_CRANKING = 0.2;
  private static final double MOST_SHARE = 1.5;
  private static final double LEAST_CAPACITY = 0.05;

  /** What was found, each brought within what a circuit can be worked out for. */
  public static Tested found(Optional<Double> cranking, Optional<Double> capacity) {
    return new Tested(
        cranking.map(share -> Math.max(LEAST_CRANKING, Math.min(MOST_SHARE, share))),
        capacity.map(share -> Math.max(LEAST_CAPACITY, Math.min(MOST_SHARE, share))));
  }

  /** Refuses what no battery has. */
  public Tested {
    crankingShare.ifPresent(
        share ->
            Check.within("measured share of cranking amps", share, LEAST_CRANKING, MOST_SHARE, ""));
    capacityShare.ifPresent(
        share -> Check.within("measured share of capacity", share, LEAST_CAPACITY, MOST_SHARE, ""));
  }

  /** True where anything was tested. */
  public boolean isAny() {
    return crankingShare.isPresent() || capacityShare.isPresent();
  }

  /** Only its cranking was tested. */
  public static Tested cranking(double share) {
    return new Tested(Optional.of(share), Optional.empty());
  }
}
