package org.fermix.core.electrical;

import org.fermix.core.quantity.Normal;

/**
 * By how much a start succeeds, with the spread that uncertain inputs give it: the speed against
 * the speed needed, the voltage against the floor, and the current against what the battery's own
 * protection lets pass; docs/model.md, section 2.
 *
 * @param point steady cranking; may lie beyond the stall
 * @param neededRpm speed needed to fire (rpm)
 * @param speed ln(speed / needed), its tangent below a fifth (1)
 * @param speedSigma standard deviation of that (1)
 * @param volts above the floor (V)
 * @param voltsSigma standard deviation of that (V)
 * @param correlation of the two (1)
 * @param rpmSigma standard deviation of the speed alone (rpm)
 * @param amps ln(limit / current) in its own standard deviations; infinite without a limit
 */
public record StartMargin(
    CrankPoint point,
    double neededRpm,
    double speed,
    double speedSigma,
    double volts,
    double voltsSigma,
    double correlation,
    double rpmSigma,
    double amps) {
  /** Between these the law of two variables is taken, beyond them the lesser margin (σ). */
  private static final double LOWEST = -2.5;

  private static final double HIGHEST = 3;
  private static final double SUREST = 12;

  /** Speed needed where no engine is turned (rpm). */
  private static final double NOT_TURNED = 0;

  /**
   * The straight lines are hopeful: a start that is hindered loses more speed than one that is
   * helped gains. So much is taken off where both margins count (σ); fitted to draws of the full
   * model on other machines than those the calibration test draws.
   */
  private static final double HOPEFUL = 0.07;

  /** A margin as wide as this fails less than once in a million times (σ). */
  private static final double NO_MATTER = 5;

  /** No start is less sure (σ); the straight lines say nothing of one that does not turn at all. */
  private static final double HOPELESS = -8;

  /** Over so many standard deviations one goes over into the other. */
  private static final double BLEND = 1;

  /**
   * The margin of waking a machine that turns no engine: the voltage alone.
   *
   * @param point current and volts then, no speed
   * @param volts above the least it wakes at (V)
   */
  static StartMargin waking(CrankPoint point, double volts, double voltsSigma) {
    return new StartMargin(
        point, NOT_TURNED, SUREST, 1, volts, voltsSigma, 0, 0, Double.POSITIVE_INFINITY);
  }

  /** Chance that it starts (1). */
  public double chance() {
    return Normal.cumulative(sureness());
  }

  /**
   * How surely it starts, in standard deviations: 0 is an even chance. Both margins must hold; they
   * share most of their causes, so their correlation counts.
   */
  public double sureness() {
    return isStalled() ? HOPELESS : Math.max(HOPELESS, ofMargins());
  }

  /** True when it does not turn an engine that has to be turned. */
  private boolean isStalled() {
    return point.rpm() <= 0 && neededRpm > NOT_TURNED;
  }

  private double ofMargins() {
    double x = speed / speedSigma;
    double y = volts / voltsSigma;
    double lesser = Math.min(Math.min(x, y), amps);
    double share =
        Math.min(
            1,
            Math.max(
                0, Math.min((lesser - LOWEST) / BLEND + 0.5, (HIGHEST - lesser) / BLEND + 0.5)));
    if (share == 0) {
      return lesser;
    }
    return share * Math.min(lesser, both(x, y) - HOPEFUL) + (1 - share) * lesser;
  }

  /** How surely all margins hold, in standard deviations. */
  private double both(double x, double y) {
    if (Double.isInfinite(amps) && Math.max(x, y) > NO_MATTER) {
      return Math.min(x, y);
    }
    double both = Normal.cumulative(x, y, correlation);
    if (Double.isFinite(amps)) {
      both *= Normal.cumulative(amps);
    }
    return Normal.inverse(Math.max(1e-9, Math.min(1 - 1e-9, both)));
  }

  /** What decides whether it starts. */
  public Limit limit() {
    double x = speed / speedSigma;
    double y = volts / voltsSigma;
    if (amps < Math.min(x, y)) {
      return Limit.CURRENT;
    }
    return x <= y ? Limit.SPEED : Limit.VOLTS;
  }

  /** The margin that is the least. */
  public enum Limit {
    SPEED,
    VOLTS,
    CURRENT
  }
}
