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

  /**
   * As {@link #crossing(DoubleUnaryOperator, double, double, double)} for functions that are nearly
   * straight and cost less than a general solver's bookkeeping: regula falsi with the Illinois
   * correction (Dowell and Jarratt, BIT 11, 1971).
   *
   * @param atLow the function's value at {@code low}, of the other sign than {@code atHigh}
   * @param atHigh the function's value at {@code high}
   */
  public static double nearlyStraight(
      DoubleUnaryOperator function,
      double low,
      double atLow,
      double high,
      double atHigh,
      double tolerance) {
    double a = low;
    double b = high;
    double fa = atLow;
    double fb = atHigh;
    double previous = a;
    for (int i = 0; i < MOST_EVALUATIONS; i++) {
      double x = b - fb * (b - a) / (fb - fa);
      if (Math.abs(x - previous) < tolerance || Math.abs(b - a) < tolerance) {
        return x;
      }
      double fx = function.applyAsDouble(x);
      if (fx == 0) {
        return x;
      }
      if (fx * fb < 0) {
        a = b;
        fa = fb;
      } else {
        fa *= 0.5;
      }
      b = x;
      fb = fx;
      previous = x;
    }
    throw new IllegalStateException("no crossing found between " + low + " and " + high);
  }
}
