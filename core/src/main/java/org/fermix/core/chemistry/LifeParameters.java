package org.fermix.core.chemistry;

/**
 * How long it lasts.
 *
 * @param calendarYears at a mean of 25 °C (y)
 * @param halvingK temperature rise that halves it (K)
 * @param cyclesToEmpty full cycles to end of life (1)
 * @param cycleExponent cycles at depth D are cyclesToEmpty × D^−exponent (1)
 * @param microTurnovers times its capacity that cycles far smaller than a tenth may take of it
 *     before it is worn (1)
 * @param weibullShape how closely lives of one kind lie together (1)
 */
public record LifeParameters(
    double calendarYears,
    double halvingK,
    double cyclesToEmpty,
    double cycleExponent,
    double microTurnovers,
    double weibullShape) {
  private static final double LEAST_DEPTH = 1e-4;
  private static final double HALF = 0.5;

  /** Cycles to end of life at a depth, 0 to 1 (1). */
  public double cyclesAt(double depth) {
    return cyclesToEmpty * Math.pow(Math.max(LEAST_DEPTH, Math.min(1, depth)), -cycleExponent);
  }

  /** The same of one that gives so many cycles to half (1). */
  public LifeParameters givingAtHalf(double cycles) {
    return new LifeParameters(
        calendarYears,
        halvingK,
        cycles * Math.pow(HALF, cycleExponent),
        cycleExponent,
        microTurnovers,
        weibullShape);
  }
}
