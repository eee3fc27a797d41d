package org.fermix.core.charging;

import org.fermix.core.chemistry.AcceptanceParameters;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.quantity.Check;

/**
 * A charge at constant current until the battery accepts less, then a tail: I_acc = (1 − z) C / τ,
 * in closed form (docs/model.md, section 5). τ of lead doubles with 35 K of cold and grows tenfold
 * with 2 V missing from its best voltage; of lithium and sodium it doubles with 12 K. Engineering
 * estimate with the shape of practice.
 *
 * @param constantHours at the source's current (h)
 * @param tailHours at falling current (h)
 * @param ampHours put in (Ah)
 */
public record ChargeTime(double constantHours, double tailHours, double ampHours) {
  /** No charge is called fuller than this: the last half per cent never ends. */
  public static final double FULLEST = 0.995;

  private static final double LEAD_BEST_VOLTS = 14.4;

  /** All of it (h). */
  public double hours() {
    return constantHours + tailHours;
  }

  /**
   * The time from one charge to another.
   *
   * @param ampHours capacity (Ah)
   * @param from 0 to 1
   * @param to above {@code from}, at most {@link #FULLEST}
   * @param supplyA current offered, above 0 (A)
   * @param volts held, 12 V (V)
   * @throws IllegalArgumentException where it must not be charged at this temperature, or gains
   *     nothing at this voltage
   */
  public static ChargeTime of(
      Chemistry chemistry,
      double ampHours,
      double from,
      double to,
      double supplyA,
      double volts,
      double temperatureC) {
    Check.within("capacity", ampHours, 0.5, 2000, "Ah");
    Check.within("charge to reach", to, 0, FULLEST, "");
    Check.within("charge at the beginning", from, 0, to, "");
    Check.within("charging current", supplyA, 0.01, 1000, "A");
    AcceptanceParameters acceptance = chemistry.acceptance();
    Check.within(
        "battery temperature", temperatureC, acceptance.coldestC(), acceptance.hottestC(), "°C");
    Check.within(
        "charging voltage",
        volts,
        Math.min(13.2, chemistry.charging().chargesFromVolts()),
        chemistry.charging().neverExceedVolts() + 1,
        "V");
    double tau = acceptanceHours(chemistry, volts, temperatureC);
    double currentA = Math.min(supplyA, mostAmps(chemistry, ampHours, temperatureC));
    double changeover = Math.max(from, Math.min(to, 1 - currentA * tau / ampHours));
    double constant = (changeover - from) * ampHours / (acceptance.efficiency() * currentA);
    double tail = tau / acceptance.efficiency() * Math.log((1 - changeover) / (1 - to));
    return new ChargeTime(constant, tail, (to - from) * ampHours / acceptance.efficiency());
  }

  /** Current accepted at a charge (A). */
  public static double acceptedAmps(
      Chemistry chemistry, double ampHours, double charge, double volts, double temperatureC) {
    return Math.min(
        mostAmps(chemistry, ampHours, temperatureC),
        (1 - charge) * ampHours / acceptanceHours(chemistry, volts, temperatureC));
  }

  /**
   * Largest charging current at a temperature (A); 0 where it must not be charged. A cold lithium
   * battery takes a tenth of its capacity up to 5 °C and three tenths up to 10 °C (estimate).
   */
  public static double mostAmps(Chemistry chemistry, double ampHours, double temperatureC) {
    AcceptanceParameters acceptance = chemistry.acceptance();
    if (temperatureC < acceptance.coldestC() || temperatureC > acceptance.hottestC()) {
      return 0;
    }
    double share = acceptance.mostPerHour();
    if (chemistry.family() == Chemistry.Family.LITHIUM) {
      share = temperatureC < 5 ? Math.min(share, 0.1) : temperatureC < 10 ? 0.3 : share;
    } else if (chemistry.family() == Chemistry.Family.SODIUM && temperatureC < 0) {
      share = Math.min(share, 0.15);
    }
    return share * ampHours;
  }

  private static double acceptanceHours(Chemistry chemistry, double volts, double temperatureC) {
    double tau = chemistry.acceptance().acceptanceHours();
    if (!chemistry.isLead()) {
      return tau * Math.pow(2, (25 - temperatureC) / 12);
    }
    double best = LEAD_BEST_VOLTS - 0.024 * (temperatureC - 25);
    // Beyond these the law is not trusted; the estimate's own ends hold.
    double decades = Math.max(-0.3, Math.min(0.75, (best - volts) / 2));
    return tau * Math.pow(2, (25 - temperatureC) / 35) * Math.pow(10, decades);
  }

  /**
   * Minutes of running that put back what a start took (min). Right after a start even a full
   * battery takes a twentieth of its capacity, since its surface is discharged (estimate).
   *
   * @param startAmpHours of one start (Ah)
   * @param spareA the engine's charging can spare (A)
   */
  public static double minutesToRefillStart(
      Chemistry chemistry, double ampHours, double startAmpHours, double spareA) {
    Check.within("charge of a start", startAmpHours, 0, 100, "Ah");
    Check.within("charging current", spareA, 0.01, 1000, "A");
    double currentA = Math.min(spareA, 0.05 * ampHours);
    return 60 * startAmpHours / (currentA * chemistry.acceptance().efficiency());
  }
}
