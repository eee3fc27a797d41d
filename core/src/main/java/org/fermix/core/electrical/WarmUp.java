package org.fermix.core.electrical;

import org.fermix.core.quantity.Check;

/**
 * Warming a cold battery with a load before cranking, such as the lights: what it gains and what it
 * costs. The battery loses heat to the air meanwhile.
 *
 * @param before the cold state
 * @param after the state when the load is switched off
 * @param ampsBefore current deliverable for 2 s down to 7.2 V (12 V battery), cold (A)
 * @param ampsAfter the same, warmed (A)
 */
public record WarmUp(ChargeState before, ChargeState after, double ampsBefore, double ampsAfter) {
  private static final double PULSE_SECONDS = 2;
  private static final double PULSE_VOLTS = 7.2;

  /**
   * The effect of a load.
   *
   * @param loadA 0.1 to 500 A
   * @param seconds 1 to 7,200 s
   */
  public static WarmUp of(BatteryCircuit battery, ChargeState cold, double loadA, double seconds) {
    Check.within("warm-up load", loadA, 0.1, 500, "A");
    Check.within("warm-up time", seconds, 1, 7200, "s");
    ChargeState warm = battery.afterSoaking(cold, loadA, seconds, cold.temperatureC());
    double limit = PULSE_VOLTS * battery.series();
    return new WarmUp(
        cold,
        warm,
        battery.deliverableAmps(cold, PULSE_SECONDS, limit),
        battery.deliverableAmps(warm, PULSE_SECONDS, limit));
  }

  /** Temperature gained (K). */
  public double gainedK() {
    return after.temperatureC() - before.temperatureC();
  }

  /** Share of a full charge it costs (1). */
  public double chargeCost() {
    return before.charge() - after.charge();
  }

  /** Factor the deliverable current rises by (1); below 1 when the charge it costs outweighs. */
  public double currentGain() {
    return ampsBefore <= 0 ? 1 : ampsAfter / ampsBefore;
  }
}
