package org.fermix.core.quantity;

/**
 * The range in which a figure is expected to lie eight times in ten (10 % to 90 %).
 *
 * @param low lower end, in the unit of the figure
 * @param high upper end, not below {@code low}
 */
public record Band(double low, double high) {
  /** Standard deviations from the middle to either end of an eight-in-ten band of a normal law. */
  public static final double SIGMAS = 1.2815515655446004;

  /** Orders the ends. */
  public Band {
    if (Double.isNaN(low) || Double.isNaN(high)) {
      throw new IllegalArgumentException("a band needs two numbers, was " + low + " to " + high);
    }
    if (low > high) {
      double kept = low;
      low = high;
      high = kept;
    }
  }

  /** A band of no width: the value is exact as stated. */
  public static Band exact(double value) {
    return new Band(value, value);
  }

  /** The band of a log-normal quantity, {@code sigma} being that of its natural logarithm. */
  public static Band ratio(double value, double sigma) {
    double factor = Math.exp(SIGMAS * sigma);
    return new Band(value / factor, value * factor);
  }
}
