package org.fermix.standins;

import org.fermix.core.electrical.ChargeState;
import org.fermix.core.prove.BatteryTester;

/** The stand-in tester: reads a {@link StandInBattery} as a tester of the shop would. */
public final class StandInTester implements BatteryTester {
  /** What healthy new batteries show of their rating; common practice, no source (1.20 to 1.27). */
  private static final double NEW_SHOWS = 1.15;

  private static final double ESTIMATE_NOISE = 0.03;
  private static final double PULSE_S = 10;
  private static final double PULSE_END_VOLTS = 7.2;

  private final StandInBattery battery;

  /** Clamped to a battery. */
  public StandInTester(StandInBattery battery) {
    this.battery = battery;
  }

  @Override
  public String name() {
    return "stand-in tester";
  }

  @Override
  public double volts() {
    return battery.noisy(battery.restVolts());
  }

  @Override
  public double temperatureC() {
    return battery.state().temperatureC();
  }

  @Override
  public double loadedVolts(double amps, double seconds) {
    return battery.noisy(battery.draw(amps, seconds));
  }

  /**
   * By what the battery gives now against what it gave when new and full, at the same temperature.
   */
  @Override
  public double crankingAmps(double ratedAmps) {
    if (battery.isOpen()) {
      return 0;
    }
    double end = PULSE_END_VOLTS * battery.whenNew().series();
    double now = battery.now().deliverableAmps(battery.state(), PULSE_S, end);
    double full =
        battery.whenNew().deliverableAmps(ChargeState.rested(1, temperatureC()), PULSE_S, end);
    return Math.max(
        0,
        NEW_SHOWS
            * ratedAmps
            * now
            / full
            * (1 + ESTIMATE_NOISE * battery.random().nextGaussian()));
  }
}
