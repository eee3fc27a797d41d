package org.fermix.core.chemistry;

/**
 * What fills the gaps of a label: the middle of what its kind prints. What is believable at all
 * stands in {@link Plausibility}.
 *
 * @param ampHoursPerKg (Ah/kg, 12 V)
 * @param ccaPerAmpHour cold cranking amps per true ampere-hour (A/Ah)
 * @param peukertExponent over the rates on labels (1)
 */
public record TypicalLabel(double ampHoursPerKg, double ccaPerAmpHour, double peukertExponent) {}
