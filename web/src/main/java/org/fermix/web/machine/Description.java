package org.fermix.web.machine;

import org.fermix.core.machine.EngineClass;
import org.jspecify.annotations.Nullable;

/**
 * What an owner says of a machine.
 *
 * @param displacementL null when not said
 * @param cylinders null when not said
 * @param oil null when not said
 * @param systemVolts null when not said, which is 12 V
 */
public record Description(
    String name,
    EngineClass type,
    @Nullable Double displacementL,
    @Nullable Integer cylinders,
    @Nullable String oil,
    @Nullable Integer systemVolts) {}
