package org.fermix.core.reserve;

import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.electrical.ChargeState;
import org.fermix.core.quantity.Check;
import org.fermix.core.quantity.Roots;

/** The capacity ratings, run as tests on a battery's circuit. */
public final class RatedCapacity {
  /** Load of the reserve-capacity test (A); SAE J537. */
  public static final double RESERVE_AMPS = 25;

  /** Temperature of the reserve-capacity test (°C); SAE J537. */
  public static final double RESERVE_C = 26.7;

  /** End voltage of the capacity tests, 12 V (V): 1.75 V a lead cell; SAE J537, EN 50342-1. */
  public static final double END_VOLTS = 10.5;

  private RatedCapacity() {}

  /** The circuit's own answer to the reserve-capacity test (min). */
  public static double reserveMinutes(BatteryCircuit battery) {
    return 60
        * EngineOff.hours(
            battery,
            ChargeState.rested(1, RESERVE_C),
            RESERVE_AMPS,
            0,
            END_VOLTS * battery.series());
  }

  /**
   * Capacity at an hour rate (Ah): that constant current which empties it in just those hours.
   *
   * @param hours of the rate, 0.05 to 200 h
   * @param temperatureC of the test, −40 to 60 °C
   * @param endVolts of a battery of this voltage (V)
   */
  public static double ampHours(
      BatteryCircuit battery, double hours, double temperatureC, double endVolts) {
    Check.within("hour rate", hours, 0.05, 200, "h");
    Check.within("temperature", temperatureC, -40, 60, "°C");
    ChargeState full = ChargeState.rested(1, temperatureC);
    double most = battery.capacityAmpHours() / hours * 1.2;
    double currentA =
        Roots.crossing(
            amps -> EngineOff.hours(battery, full, amps, 0, endVolts) - hours,
            most / 200,
            most * 0.8,
            most,
            most * 1e-6);
    return currentA * hours;
  }

  /** Charge a reserve capacity stands for at its own 25 A (Ah); not the 20-hour capacity. */
  public static double ampHoursAtReserve(double reserveMinutes) {
    Check.within("reserve capacity", reserveMinutes, 1, 2000, "min");
    return RESERVE_AMPS * reserveMinutes / 60;
  }
}
