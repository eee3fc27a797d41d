package org.fermix.core.chemistry;

/**
 * What it may be charged with, and in which temperatures it may work.
 *
 * @param floatVolts held when full, 12 V at 25 °C (V)
 * @param compensationVoltsPerKelvin change of charging voltages over temperature, 12 V (V/K)
 * @param coldestC below this it must not be charged (°C)
 * @param hottestC above this it must not be charged (°C)
 * @param dischargedFromC below this it must not be discharged (°C)
 * @param efficiency charge stored over charge put in (1)
 * @param recommendedPerHour most a charger should give, over capacity (1/h)
 */
public record AcceptanceParameters(
    double floatVolts,
    double compensationVoltsPerKelvin,
    double coldestC,
    double hottestC,
    double dischargedFromC,
    double efficiency,
    double recommendedPerHour) {}
