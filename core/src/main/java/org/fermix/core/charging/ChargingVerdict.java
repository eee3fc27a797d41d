package org.fermix.core.charging;

import org.fermix.core.chemistry.ChargingWindow;
import org.fermix.core.chemistry.Chemistry;

/** What a machine's regulated voltage does to a battery of one chemistry. */
public enum ChargingVerdict {
  /** It gains nothing. */
  TOO_LOW,
  /** It charges, slowly, and stays below full. */
  PARTLY,
  /** It becomes full. */
  FULL,
  /** It becomes full, above the usual window but below the limit. */
  FULL_ABOVE_WINDOW,
  /** It is harmed, or its protection opens. */
  TOO_HIGH;

  /**
   * The verdict at 25 °C on a 12 V battery; the battery maker's own data come first.
   *
   * @param regulatedVolts at the battery with the engine running (V)
   */
  public static ChargingVerdict of(Chemistry chemistry, double regulatedVolts) {
    ChargingWindow window = chemistry.charging();
    if (regulatedVolts > window.neverExceedVolts()) {
      return TOO_HIGH;
    }
    if (regulatedVolts > window.absorptionHighVolts()) {
      return FULL_ABOVE_WINDOW;
    }
    if (regulatedVolts >= window.fullFromVolts()) {
      return FULL;
    }
    return regulatedVolts >= window.chargesFromVolts() ? PARTLY : TOO_LOW;
  }
}
