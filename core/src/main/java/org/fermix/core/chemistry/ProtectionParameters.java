package org.fermix.core.chemistry;

/**
 * Protection usual for a chemistry that carries one (a battery management system), 12 V; what a
 * maker states comes first.
 *
 * @param crankVolts opens below this under load (V)
 * @param restVolts opens below this at rest (V)
 * @param lowestCharge opens at this charge (1)
 * @param currentPerAmpHour opens above this current, for seconds (A/Ah)
 * @param delaySeconds how long a limit must be passed (s)
 */
public record ProtectionParameters(
    double crankVolts,
    double restVolts,
    double lowestCharge,
    double currentPerAmpHour,
    double delaySeconds) {}
