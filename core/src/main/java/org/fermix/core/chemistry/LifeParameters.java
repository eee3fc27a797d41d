package org.fermix.core.chemistry;

/**
 * How long it lasts.
 *
 * @param calendarYears at a mean of 25 °C (y)
 * @param halvingK temperature rise that halves it (K)
 * @param cyclesToEmpty full cycles to end of life (1)
 * @param cycleExponent cycles at depth D are cyclesToEmpty × D^−exponent (1)
 * @param weibullShape how closely lives of one kind lie together (1)
 */
public record LifeParameters(
    double calendarYears,
    double halvingK,
    double cyclesToEmpty,
    double cycleExponent,
    double weibullShape) {}
