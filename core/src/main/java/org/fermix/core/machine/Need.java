package org.fermix.core.machine;

import org.fermix.core.quantity.Given;

/**
 * Everything one machine requires of its battery.
 *
 * @param regulatedVolts at the battery with the engine running (V)
 */
public record Need(
    Engine engine,
    MakersMinimum minimum,
    Tray tray,
    Climate climate,
    Use use,
    Given regulatedVolts) {}
