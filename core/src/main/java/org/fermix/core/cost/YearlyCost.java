package org.fermix.core.cost;

import org.fermix.core.quantity.Check;

/**
 * Cost per year: price over the years it serves, which is its life or the years the machine is
 * kept, whichever is shorter; what outlives the owner's keeping is not credited. Undiscounted.
 */
public final class YearlyCost {
  private YearlyCost() {}

  /**
   * Cost per year, in the currency of the price.
   *
   * @param price 0 to 100,000
   * @param lifeYears above 0 (y)
   * @param yearsKept 0.5 to 50 (y)
   */
  public static double of(double price, double lifeYears, double yearsKept) {
    Check.within("price", price, 0, 100000, "");
    Check.within("life", lifeYears, 1e-3, 1000, "y");
    Check.within("years kept", yearsKept, 0.5, 50, "y");
    return price / Math.min(lifeYears, yearsKept);
  }

  /** Cost of each ampere-hour delivered over the cycle life; textbook arithmetic. */
  public static double perAmpHourCycled(
      double price, double ampHours, double depth, double cycles) {
    return price / (ampHours * depth * cycles);
  }
}
