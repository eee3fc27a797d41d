package org.fermix.core.chemistry;

/**
 * How a battery takes charge.
 *
 * @param floatVolts held when full, 12 V at 25 °C (V)
 * @param compensationVoltsPerKelvin change of charging voltages over temperature, 12 V (V/K)
 * @param coldestC below this it must not be charged (°C)
 * @param hottestC above this it must not be charged (°C)
 * @param acceptanceHours time constant of the tail at 25 °C (h)
 * @param efficiency charge stored over charge put in (1)
 * @param mostPerHour largest charging current over capacity (1/h)
 */
public record AcceptanceParameters(
    double floatVolts,
    double compensationVoltsPerKelvin,
    double coldestC,
    double hottestC,
    double acceptanceHours,
    double efficiency,
    double mostPerHour) {}
