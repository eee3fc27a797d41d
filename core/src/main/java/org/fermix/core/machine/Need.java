package org.fermix.core.machine;

import java.util.Optional;
import org.fermix.core.quantity.Check;
import org.fermix.core.quantity.Given;

/**
 * Everything one machine requires of its battery.
 *
 * @param tray the space for the battery, once it is measured
 * @param regulatedVolts at the battery with the engine running (V)
 */
public record Need(
    Engine engine,
    MakersMinimum minimum,
    Optional<Tray> tray,
    Climate climate,
    Use use,
    Given regulatedVolts) {
  /** Refuses what no machine charges with. */
  public Need {
    Check.within("regulated voltage", regulatedVolts.value(), 5, 35, "V");
  }
}
