package org.fermix.web.shared;

import java.time.ZoneId;
import java.util.Optional;
import org.fermix.core.quantity.UnitSystem;

/**
 * How a garage's owner wants things shown; what was not chosen is empty.
 *
 * @param currency of prices, ISO 4217
 */
public record Preferences(
    Optional<UnitSystem> units, Optional<ZoneId> zone, Optional<String> currency) {
  /** Nothing chosen. */
  public static final Preferences NONE =
      new Preferences(Optional.empty(), Optional.empty(), Optional.empty());

  /** The same in other units. */
  public Preferences in(UnitSystem other) {
    return new Preferences(Optional.of(other), zone, currency);
  }
}
