package org.fermix.core.machine;

import org.fermix.core.quantity.Given;

/**
 * Where it lives.
 *
 * @param coldestMorningC battery and engine at the coldest start (°C)
 * @param parkedC mean temperature while parked (°C)
 * @param batteryMeanC mean battery temperature over the year, in its place (°C)
 */
public record Climate(Given coldestMorningC, Given parkedC, Given batteryMeanC) {}
