package org.fermix.core.prove;

import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.diagnosis.LoadTest;
import org.fermix.core.diagnosis.RestVoltage;

/**
 * What comes next when a battery is tested: nothing is judged before it is charged and its surface
 * charge is gone. Common practice, no source.
 */
public enum TestStep {
  /** Lithium takes no charge below freezing: warm it. */
  WARM_FIRST,
  /** Its protection is open: wake it with a charger that can. */
  WAKE,
  /** Charge it fully. */
  CHARGE_FIRST,
  /** Take the surface charge off: hours of rest, or minutes of headlamps. */
  TAKE_SURFACE_OFF,
  /** A cell is short: no load, it is finished. */
  STOP,
  /** Load it. */
  LOAD;

  static final double FREEZING_C = 0;

  /**
   * The next step.
   *
   * @param series 0.5, 1 or 2 for 6, 12 or 24 V
   * @param volts at the posts (V)
   * @param temperatureC of the battery (°C)
   * @param charged fully, since it was clamped on
   * @param restedHours since it was last charged or driven (h)
   * @param surfaceTakenOff by headlamps or a load
   */
  public static TestStep next(
      Chemistry chemistry,
      double series,
      double volts,
      double temperatureC,
      boolean charged,
      double restedHours,
      boolean surfaceTakenOff) {
    RestVoltage.Rested judged =
        new RestVoltage(volts, restedHours, surfaceTakenOff, temperatureC).judge(chemistry, series);
    return switch (judged.worth()) {
      case NEAR_ZERO -> charged ? STOP : chemistry.isLead() ? CHARGE_FIRST : wake(temperatureC);
      case CELL_SHORT -> charged ? STOP : CHARGE_FIRST;
      case NOT_RESTED -> TAKE_SURFACE_OFF;
      case SAYS_LITTLE -> charged ? LOAD : lithium(temperatureC);
      case TELLS_CHARGE ->
          !chemistry.isLead()
              ? charged ? LOAD : lithium(temperatureC)
              : judged.charge().high() >= LoadTest.LEAST_CHARGE
                  ? LOAD
                  : charged ? STOP : CHARGE_FIRST;
    };
  }

  private static TestStep wake(double temperatureC) {
    return temperatureC < FREEZING_C ? WARM_FIRST : WAKE;
  }

  private static TestStep lithium(double temperatureC) {
    return temperatureC < FREEZING_C ? WARM_FIRST : CHARGE_FIRST;
  }
}
