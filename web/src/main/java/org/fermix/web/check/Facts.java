package org.fermix.web.check;

import java.util.Map;
import java.util.Optional;

/**
 * What was typed of one reading, by field name; numbers metric.
 *
 * @param values only fields that were filled
 */
record Facts(Map<String, String> values) {
  /** Copies the map. */
  Facts {
    values = Map.copyOf(values);
  }

  Optional<String> text(String name) {
    return Optional.ofNullable(values.get(name));
  }

  Optional<Double> number(String name) {
    return text(name).map(Double::valueOf);
  }

  double number(String name, double otherwise) {
    return number(name).orElse(otherwise);
  }

  boolean says(String name, String value) {
    return value.equals(values.get(name));
  }
}
