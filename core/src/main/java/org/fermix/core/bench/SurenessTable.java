package org.fermix.core.bench;

import java.util.OptionalDouble;
import org.fermix.core.electrical.Cranking;
import org.fermix.core.quantity.Normal;

/**
 * How surely a candidate starts at one temperature, over its charge: worked out at a few charges,
 * straight lines between them.
 */
final class SurenessTable {
  private static final int NODES = 14;

  private static final double[] SHARES = new double[NODES];

  static {
    for (int i = 0; i < NODES; i++) {
      SHARES[i] = Math.pow(i / (NODES - 1.0), 1.5);
    }
  }

  /** Straight lines between the nodes are read off at so many even places. */
  private static final int EVEN = 64;

  private final Cranking.Soaked soaked;
  private final double lowest;
  private final double[] charges = new double[NODES];
  private final double[] sureness = new double[NODES];
  private final double[] chances = new double[EVEN + 1];

  SurenessTable(Cranking cranking, double temperatureC) {
    soaked = cranking.soakedAt(temperatureC);
    lowest = cranking.battery().lowestTrustedCharge();
    for (int i = 0; i < NODES; i++) {
      // Denser towards empty, where it bends.
      charges[i] = lowest + (1 - lowest) * SHARES[i];
      sureness[i] = soaked.sureness(charges[i]);
    }
    // Emptier is never surer, whatever straight lines say near empty.
    for (int i = NODES - 2; i >= 0; i--) {
      sureness[i] = Math.min(sureness[i], sureness[i + 1]);
    }
    int node = 1;
    for (int i = 0; i <= EVEN; i++) {
      double charge = lowest + (1 - lowest) * i / EVEN;
      while (node < NODES - 1 && charges[node] < charge) {
        node++;
      }
      double share = (charge - charges[node - 1]) / (charges[node] - charges[node - 1]);
      chances[i] =
          Normal.cumulative(sureness[node - 1] + share * (sureness[node] - sureness[node - 1]));
    }
  }

  /** Battery and engine at the temperature. */
  Cranking.Soaked soaked() {
    return soaked;
  }

  /** The lowest charge the circuit is trusted at (1). */
  double lowest() {
    return lowest;
  }

  /** Chance that it starts at a charge from the lowest on (1). */
  double chance(double charge) {
    double place = EVEN * (charge - lowest) / (1 - lowest);
    int below = Math.max(0, Math.min(EVEN - 1, (int) place));
    return chances[below] + (place - below) * (chances[below + 1] - chances[below]);
  }

  /**
   * Lowest charge that starts at least so surely (1): the lowest trusted where it still does there,
   * empty when it does not even when full.
   */
  OptionalDouble lowestCharge(double asked) {
    if (sureness[NODES - 1] < asked) {
      return OptionalDouble.empty();
    }
    int node = NODES - 1;
    while (node > 0 && sureness[node - 1] >= asked) {
      node--;
    }
    if (node == 0) {
      return OptionalDouble.of(lowest);
    }
    double share = (asked - sureness[node - 1]) / (sureness[node] - sureness[node - 1]);
    return OptionalDouble.of(charges[node - 1] + share * (charges[node] - charges[node - 1]));
  }
}
