package org.fermix.core.quantity;

import java.util.function.DoubleUnaryOperator;
import org.hipparchus.analysis.solvers.BracketingNthOrderBrentSolver;

/** One way to find where a quantity crosses zero, with its limits stated. */
public final class Roots {
  private static final int MOST_EVALUATIONS = 200;

  private Roots() {}

  /**
   * The argument at which the function crosses zero.
   *
   * @param low one end; the function must have opposite signs at the two ends, or be zero at one
   * @param tolerance absolute accuracy of the answer, in the argument's unit
   * @throws org.hipparchus.exception.MathRuntimeException when the ends do not bracket a root
   */
  public static double crossing(
      DoubleUnaryOperator function, double low, double high, double tolerance) {
    return crossing(function, low, 0.5 * (low + high), high, tolerance);
  }

  /** As above, starting from a guess between the ends. */
  public static double crossing(
      DoubleUnaryOperator function, double low, double guess, double high, double tolerance) {
    return new BracketingNthOrderBrentSolver(1e-12, tolerance, 1e-15, 5)
        .solve(MOST_EVALUATIONS, function::applyAsDouble, low, high, guess);
  }
}
