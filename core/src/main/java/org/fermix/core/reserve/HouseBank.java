package org.fermix.core.reserve;

import org.fermix.core.quantity.Check;

/** Sizing a lead house bank by the rules of thumb of boats and vans; common practice, no source. */
public final class HouseBank {
  /** Ampere-hours of bank per ampere-hour of a day's use, short cruising. */
  public static final double SHORT_CRUISING = 3;

  /** The same, long cruising: an alternator alone brings the bank only to 80 to 85 %. */
  public static final double LONG_CRUISING = 4;

  private static final double CONVERTER_EFFICIENCY = 0.88;

  /** Most a day that is reckoned with (Ah). */
  public static final double MOST_DAILY_AH = 5000;

  private HouseBank() {}

  /**
   * Bank wanted (Ah).
   *
   * @param dailyAmpHours 0.1 to 5,000 Ah
   */
  public static double ampHours(double dailyAmpHours, boolean longCruising) {
    Check.within("daily use", dailyAmpHours, 0.1, MOST_DAILY_AH, "Ah");
    return dailyAmpHours * (longCruising ? LONG_CRUISING : SHORT_CRUISING);
  }

  /** Current an inverter draws from 12 V (A), by its usual efficiency of 0.88. */
  public static double inverterAmps(double watts) {
    return Check.within("inverter load", watts, 0, 12000, "W") / (12 * CONVERTER_EFFICIENCY);
  }
}
