package org.fermix.standins;

import java.util.List;
import java.util.Optional;
import org.fermix.core.diagnosis.Evidence;

/**
 * A reading of a hidden machine.
 *
 * @param evidence empty where it comes out as nothing that counts
 * @param shown the figures behind it; empty for a look or a memory
 */
public record TakenReading(Optional<Evidence> evidence, List<Shown> shown) {
  /** Copies the list. */
  public TakenReading {
    shown = List.copyOf(shown);
  }

  static TakenReading of(Evidence evidence, Shown... shown) {
    return new TakenReading(Optional.of(evidence), List.of(shown));
  }

  static TakenReading of(Optional<Evidence> evidence, Shown... shown) {
    return new TakenReading(evidence, List.of(shown));
  }
}
