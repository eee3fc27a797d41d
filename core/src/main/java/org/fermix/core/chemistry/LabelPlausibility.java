package org.fermix.core.chemistry;

/**
 * What a believable label says, and what fills its gaps.
 *
 * @param ampHoursPerKg typical (Ah/kg)
 * @param ccaPerAmpHourLow likely range of cold cranking amps per true ampere-hour (A/Ah)
 * @param ccaPerAmpHourHigh upper end
 * @param mostCcaPerAmpHour above this no battery of the chemistry holds its rating cold (A/Ah)
 * @param usableDepth depth of discharge planned with, by the default school (1)
 * @param peukertExponent usual over the rates on labels (1)
 */
public record LabelPlausibility(
    double ampHoursPerKg,
    double ccaPerAmpHourLow,
    double ccaPerAmpHourHigh,
    double mostCcaPerAmpHour,
    double usableDepth,
    double peukertExponent) {}
