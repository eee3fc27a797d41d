package org.fermix.core.electrical;

import java.util.ArrayList;
import java.util.List;
import org.fermix.core.machine.Compression;
import org.fermix.core.machine.Engine;
import org.fermix.core.machine.Starter;
import org.hipparchus.ode.ODEState;
import org.hipparchus.ode.ODEStateAndDerivative;
import org.hipparchus.ode.OrdinaryDifferentialEquation;
import org.hipparchus.ode.nonstiff.DormandPrince54Integrator;

/**
 * The whole start in time: inrush while the starter stands still, first compression, ripple of each
 * compression, steady cranking. The same circuit as {@link Cranking}, with the starter's
 * inductance, the inertia of the engine, the battery's double layer and the gas in the cylinders;
 * integrated by Dormand and Prince's method (docs/model.md, section 2).
 *
 * @param trace evenly spaced in time
 * @param peakA highest current through the starter (A)
 * @param lowestVolts at the terminals (V)
 * @param passesFirstCompression false when it stops within the first compression
 */
public record StartTransient(
    List<Moment> trace, double peakA, double lowestVolts, boolean passesFirstCompression) {
  /** Spacing of the trace (s). */
  public static final double STEP_S = 0.002;

  /** The crankshaft rests this far before a compression begins (rad); assumed. */
  static final double REST_ANGLE = -Math.PI / 2;

  private static final int CURRENT = 0;
  private static final int SPEED = 1;
  private static final int ANGLE = 2;
  private static final int TRANSFER = 3;
  private static final int SURFACE = 4;
  private static final int DEEP = 5;

  /** Copies the list. */
  public StartTransient {
    trace = List.copyOf(trace);
  }

  /**
   * One moment.
   *
   * @param seconds since the contactor closed
   * @param turns of the crankshaft so far
   */
  public record Moment(double seconds, double volts, double currentA, double rpm, double turns) {}

  /**
   * A start that does not fire, of an engine as cold as the battery; glow plugs are taken before.
   *
   * @param seconds how long the key is held, up to 10 s
   */
  public static StartTransient of(Cranking cranking, ChargeState from, double seconds) {
    org.fermix.core.quantity.Check.within("cranking time", seconds, 0.05, 10, "s");
    Engine engine = cranking.engine();
    double temperatureC = from.temperatureC();
    BatteryAt cold = cranking.battery().at(temperatureC);
    ChargeState ready = cold.after(from, engine.glowAmps(), engine.glowSeconds(temperatureC));
    Network network = new Network(cranking.battery(), cold, engine, temperatureC);
    var integrator = new DormandPrince54Integrator(1e-9, 5e-3, 1e-6, 1e-6);
    double[] state = network.atRest(ready);
    List<Moment> trace = new ArrayList<>();
    double peakA = 0;
    double lowestVolts = Double.MAX_VALUE;
    boolean moved = false;
    boolean stuck = false;
    int steps = (int) Math.round(seconds / STEP_S);
    for (int i = 0; i <= steps; i++) {
      Moment now = network.moment(i * STEP_S, state);
      trace.add(now);
      peakA = Math.max(peakA, now.currentA());
      lowestVolts = Math.min(lowestVolts, now.volts());
      moved |= now.rpm() > 5;
      stuck |= moved && now.rpm() <= 0.5 && now.turns() < 1;
      ODEStateAndDerivative next =
          integrator.integrate(network, new ODEState(i * STEP_S, state), (i + 1) * STEP_S);
      state = next.getPrimaryState();
    }
    return new StartTransient(trace, peakA, lowestVolts, moved && !stuck);
  }

  /** Mean of the last whole cycles: current, voltage and speed of steady cranking. */
  public CrankPoint steady() {
    List<Moment> last = trace.subList(trace.size() * 2 / 3, trace.size());
    return new CrankPoint(
        last.stream().mapToDouble(Moment::currentA).average().orElseThrow(),
        last.stream().mapToDouble(Moment::volts).average().orElseThrow(),
        last.stream().mapToDouble(Moment::rpm).average().orElseThrow());
  }

  /** The coupled equations: current, speed, angle, charge-transfer voltage, two wells. */
  private static final class Network implements OrdinaryDifferentialEquation {
    private final BatteryCircuit battery;
    private final BatteryAt cold;
    private final Starter starter;
    private final Engine.DragAt drag;
    private final Compression gas;
    private final double pathOhm;

    Network(BatteryCircuit battery, BatteryAt cold, Engine engine, double temperatureC) {
      this.battery = battery;
      this.cold = cold;
      this.starter = engine.starter();
      this.drag = engine.dragAt(temperatureC);
      this.gas = engine.compression();
      this.pathOhm = engine.cableMilliohm() / 1000 + starter.windingOhm(temperatureC);
    }

    @Override
    public int getDimension() {
      return 6;
    }

    double[] atRest(ChargeState ready) {
      double surface = cold.surfaceCharge(ready);
      return new double[] {0, 0, REST_ANGLE, 0, surface, surface + ready.imbalance()};
    }

    @Override
    public double[] computeDerivatives(double seconds, double[] state) {
      double currentA = state[CURRENT];
      double speed = state[SPEED];
      double drawnA = currentA + Cranking.ACCESSORY_A;
      double counter =
          starter.voltSecondsPerRadian() * speed + Starter.BRUSH_VOLTS * Math.tanh(currentA / 2);
      double friction = drag.torque(Math.abs(speed) * 60 / (2 * Math.PI)) * Math.tanh(speed / 0.5);
      double coulombs = battery.capacityAmpHours() * 3600;
      double share = battery.surfaceShare();
      double flow = cold.ratePerSecond() * share * (1 - share) * (state[DEEP] - state[SURFACE]);
      return new double[] {
        (volts(state) - currentA * pathOhm - counter) / starter.inductanceH(),
        (starter.torque(currentA) - friction - gas.torqueFromRest(state[ANGLE], REST_ANGLE))
            / starter.inertiaKgM2(),
        speed,
        (drawnA - cold.transferAmps(state[TRANSFER])) / battery.doubleLayerFarads(),
        (flow - drawnA / coulombs) / share,
        -flow / (1 - share)
      };
    }

    private double volts(double[] state) {
      return cold.openVolts(state[SURFACE])
          - cold.ohmicVolts(state[SURFACE], state[CURRENT] + Cranking.ACCESSORY_A)
          - state[TRANSFER];
    }

    Moment moment(double seconds, double[] state) {
      return new Moment(
          seconds,
          volts(state),
          state[CURRENT],
          state[SPEED] * 60 / (2 * Math.PI),
          (state[ANGLE] - REST_ANGLE) / (2 * Math.PI));
    }
  }
}
