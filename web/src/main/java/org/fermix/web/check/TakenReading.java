package org.fermix.web.check;

import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.fermix.core.diagnosis.ReadingKind;

/**
 * A reading that was taken, for other stops to read.
 *
 * @param facts what was typed, metric, by field name; only what was filled
 */
public record TakenReading(
    UUID id, ReadingKind kind, Instant takenAt, String instrument, Map<String, String> facts) {
  /** Copies the map. */
  public TakenReading {
    facts = Map.copyOf(facts);
  }

  /** A field as it was typed or chosen. */
  public Optional<String> text(String name) {
    return Optional.ofNullable(facts.get(name));
  }

  /** A field that holds a number, metric. */
  public Optional<Double> number(String name) {
    return text(name).map(Double::valueOf);
  }
}
