package org.fermix.core.life;

import org.fermix.core.quantity.Check;

/**
 * Capacity a lead battery loses while it stands undercharged: 1 % a month below three quarters at
 * 25 °C, 3 % below half, 10 % when flat, doubling with 10 K. A weak engineering estimate: the least
 * known figure of the life model.
 */
public final class Sulfation {
  /** Standing fuller than this costs a lead battery nothing (1). */
  public static final double FROM_CHARGE = 0.9;

  private Sulfation() {}

  /**
   * Share of capacity lost in a month at a charge (1/month), smoothly between the three levels.
   *
   * @param charge 0 to 1
   * @param temperatureC −40 to 60 °C
   */
  public static double perMonth(double charge, double temperatureC) {
    Check.within("charge", charge, 0, 1, "");
    Check.within("temperature", temperatureC, -40, 60, "°C");
    double at25C;
    if (charge >= FROM_CHARGE) {
      at25C = 0;
    } else if (charge >= 0.75) {
      at25C = 0.01 * (FROM_CHARGE - charge) / 0.15;
    } else if (charge >= 0.5) {
      at25C = 0.01 + 0.02 * (0.75 - charge) / 0.25;
    } else {
      at25C = 0.03 + 0.07 * (0.5 - charge) / 0.5;
    }
    return at25C * Math.pow(2, (temperatureC - 25) / 10);
  }

  /**
   * Share of capacity lost over a lay-up (1), at most 1, from the charge at evenly spaced moments.
   *
   * @param charges through the lay-up, first to last
   * @param days of the lay-up (d)
   */
  public static double over(double[] charges, double days, double temperatureC) {
    Check.within("days", days, 0, 3650, "d");
    double lost = 0;
    for (double charge : charges) {
      lost += perMonth(charge, temperatureC) * days / 30.4 / charges.length;
    }
    return Math.min(1, lost);
  }
}
