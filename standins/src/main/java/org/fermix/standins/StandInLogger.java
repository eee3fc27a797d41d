package org.fermix.standins;

import java.util.ArrayList;
import java.util.List;
import org.fermix.core.electrical.ChargeState;
import org.fermix.core.electrical.CrankPoint;
import org.fermix.core.electrical.Cranking;
import org.fermix.core.electrical.StartTransient;
import org.fermix.core.machine.Engine;
import org.fermix.core.prove.CrankRecording;
import org.fermix.core.prove.StartLogger;

/** The stand-in logger: records a start of an engine on a {@link StandInBattery}. */
public final class StandInLogger implements StartLogger {
  private static final double BEFORE_S = 0.4;
  private static final double AFTER_S = 1.6;
  private static final double LONGEST_KEY_S = 4;
  private static final double RUNNING_VOLTS = 14.1;
  private static final double RUN_UP_S = 0.25;
  private static final double NOISE_A = 1.5;

  private final StandInBattery battery;
  private final Engine engine;

  /**
   * Clamped to a battery.
   *
   * @param engine as it really is
   */
  public StandInLogger(StandInBattery battery, Engine engine) {
    this.battery = battery;
    this.engine = engine;
  }

  @Override
  public String name() {
    return "stand-in logger";
  }

  /**
   * One try: until it fires, or four seconds.
   *
   * @throws IllegalStateException when the battery's protection is open
   */
  @Override
  public CrankRecording record() {
    if (battery.isOpen()) {
      throw new IllegalStateException("the battery gives nothing: its protection is open");
    }
    ChargeState before = battery.state();
    Cranking cranking = new Cranking(battery.now(), engine);
    CrankPoint steady = cranking.crank(before);
    double temperatureC = before.temperatureC();
    boolean fires =
        steady.rpm() >= engine.fireRpm(temperatureC) && steady.volts() >= cranking.voltageFloor();
    double key =
        fires
            ? Math.max(0.6, Math.min(LONGEST_KEY_S, cranking.secondsToFire(steady, temperatureC)))
            : LONGEST_KEY_S;
    StartTransient start = StartTransient.of(cranking, before, key);
    List<double[]> samples = new ArrayList<>();
    double step = StartTransient.STEP_S;
    double rest = battery.restVolts() - steadyLoss(before);
    for (double t = 0; t < BEFORE_S; t += step) {
      samples.add(new double[] {rest, engine.accessoryA()});
    }
    start
        .trace()
        .forEach(
            moment ->
                samples.add(
                    new double[] {moment.volts(), moment.currentA() + engine.accessoryA()}));
    battery.draw(start.steady().currentA() + engine.accessoryA(), key);
    double last = start.trace().get(start.trace().size() - 1).volts();
    for (double t = 0; t < AFTER_S; t += step) {
      double own = battery.now().volts(battery.now().after(battery.state(), 0, t), 0);
      double volts =
          fires
              ? last + (RUNNING_VOLTS * engine.series() - last) * (1 - Math.exp(-t / RUN_UP_S))
              : own - (own - last) * Math.exp(-t / 0.05);
      samples.add(new double[] {volts, fires ? -20 * (1 - Math.exp(-t / RUN_UP_S)) : 0});
    }
    return recording(samples, step);
  }

  private double steadyLoss(ChargeState before) {
    return battery.now().restVolts(before) - battery.now().volts(before, engine.accessoryA());
  }

  private CrankRecording recording(List<double[]> samples, double step) {
    double[] seconds = new double[samples.size()];
    double[] volts = new double[samples.size()];
    double[] amps = new double[samples.size()];
    for (int i = 0; i < samples.size(); i++) {
      seconds[i] = i * step;
      volts[i] = battery.noisy(samples.get(i)[0]);
      amps[i] = samples.get(i)[1] + NOISE_A * battery.random().nextGaussian();
    }
    return CrankRecording.withAmps(seconds, volts, amps);
  }
}
