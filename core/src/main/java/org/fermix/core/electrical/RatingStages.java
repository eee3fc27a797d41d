package org.fermix.core.electrical;

import java.util.ArrayList;
import java.util.List;
import org.fermix.core.quantity.Check;
import org.fermix.core.quantity.Roots;
import org.fermix.core.rating.CrankingTest;

/** What rating tests ask of the full battery beyond the current it just holds. */
public final class RatingStages {
  private static final double STAGE_STEP_S = 0.5;
  private static final double POWER_STEP_S = 0.1;
  private static final int POWER_STEPS = 150;

  private RatingStages() {}

  /**
   * A later stage of a rating test, run.
   *
   * @param secondsHeld how long the voltage stayed up (s)
   */
  public record Run(CrankingTest.LaterStage stage, double secondsHeld) {
    /** True when it held as long as asked. */
    public boolean passes() {
      return secondsHeld >= stage.seconds();
    }
  }

  /**
   * How it does in what a test asks after its first criterion, at a current. Nothing is returned
   * for a test that asks nothing more.
   *
   * @param currentA the rated current tested, 0.01 to 50,000 A
   */
  public static List<Run> later(BatteryCircuit battery, CrankingTest test, double currentA) {
    Check.within("test current", currentA, 0.01, 50_000, "A");
    List<Run> runs = new ArrayList<>();
    ChargeState state = ChargeState.rested(1, test.temperatureC());
    for (int i = 0; i < BatteryCircuit.RATING_STEPS; i++) {
      state = battery.afterWarming(state, currentA, test.seconds() / BatteryCircuit.RATING_STEPS);
    }
    for (CrankingTest.LaterStage stage : test.laterStages()) {
      state = battery.after(state, 0, stage.restSeconds());
      double current = currentA * stage.share();
      double limit = stage.minimumVolts() * battery.series();
      double held = 0;
      while (held < stage.seconds() && battery.volts(state, current) >= limit) {
        state = battery.afterWarming(state, current, STAGE_STEP_S);
        held += STAGE_STEP_S;
      }
      runs.add(new Run(stage, Math.min(held, stage.seconds())));
    }
    return runs;
  }

  /**
   * Currents at half the nominal voltage.
   *
   * @param peakA after 0.3 s (A)
   * @param ratedA after 15 s (A)
   */
  public record Power(double peakA, double ratedA) {}

  /**
   * Aircraft power rating: current while the full battery is held at half its nominal voltage (RTCA
   * DO-293A and IEC 60952-1 in principle; content from memory). The peak is read at 0.3 s, the
   * rating at 15 s.
   *
   * @param temperatureC −40 to 60 °C
   */
  public static Power power(BatteryCircuit battery, double temperatureC) {
    Check.within("temperature", temperatureC, -40, 60, "°C");
    double series = battery.series();
    ChargeState state = ChargeState.rested(1, temperatureC);
    double peakA = 0;
    double currentA = 0;
    for (int i = 0; i < POWER_STEPS; i++) {
      BatteryAt now = battery.at(state.temperatureC());
      ChargeState held = state;
      double most = now.restVolts(held) / battery.resistanceOhm();
      currentA =
          Roots.crossing(amps -> now.volts(held, amps) - 6 * series, 0, most / 2, most, 1e-3);
      if (i * POWER_STEP_S <= 0.3) {
        peakA = currentA;
      }
      state = battery.afterWarming(now, state, currentA, 6 * series, POWER_STEP_S);
    }
    return new Power(peakA, currentA);
  }
}
