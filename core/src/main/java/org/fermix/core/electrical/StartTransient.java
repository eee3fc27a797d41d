package org.fermix.core.electrical;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.fermix.core.machine.Compression;
import org.fermix.core.machine.Engine;
import org.fermix.core.machine.Starter;
import org.fermix.core.quantity.Check;

/**
 * The whole start in time: inrush while the starter stands still, first compression, ripple of each
 * compression, steady cranking. The same circuit as {@link Cranking}, with the starter's
 * inductance, the inertia of the engine, the battery's double layer and the gas in the cylinders;
 * integrated by the classical Runge–Kutta method in steps well below the starter's own time
 * constant (docs/model.md, section 2).
 *
 * @param trace evenly spaced in time
 * @param peakA highest current through the starter (A)
 * @param lowestVolts at the terminals (V)
 * @param firstTurnS seconds to the first whole turn (s); empty when it does not come
 */
public record StartTransient(
    List<Moment> trace, double peakA, double lowestVolts, OptionalDouble firstTurnS) {
  /** Spacing of the trace unless another is asked for (s). */
  public static final double STEP_S = 0.002;

  /** A whole turn within this means that it passes the first compression (s); estimate. */
  public static final double PASSES_WITHIN_S = 2;

  /** Later than this the first turn is noticed as a hesitation (s); estimate. */
  public static final double HESITATES_FROM_S = 0.8;

  /** Through the inrush steps are no longer than this (s), and the inrush no longer than that. */
  private static final double INRUSH_STEP_S = 0.0015;

  private static final double INRUSH_S = 0.06;

  /** Steps times the fastest rate stay below this; the method is stable up to 2.78. */
  private static final double STABLE = 2;

  /** No process is followed faster than this (s): far below what any real starter has. */
  private static final double FASTEST_S = 5e-4;

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
    return of(cranking, from, seconds, STEP_S);
  }

  /**
   * As above, coarser or finer.
   *
   * @param spacingS of the trace, 0.0005 to 0.006 s
   */
  public static StartTransient of(
      Cranking cranking, ChargeState from, double seconds, double spacingS) {
    Check.within("cranking time", seconds, 0.05, 10, "s");
    Check.within("spacing", spacingS, 0.0005, 0.006, "s");
    Engine engine = cranking.engine();
    double temperatureC = from.temperatureC();
    BatteryAt cold = cranking.battery().at(temperatureC);
    ChargeState ready = cold.after(from, engine.glowAmps(), engine.glowSeconds(temperatureC));
    Network network = new Network(cranking.battery(), cold, engine, temperatureC);
    double[] state = network.atRest(ready);
    List<Moment> trace = new ArrayList<>();
    double peakA = 0;
    double lowestVolts = Double.MAX_VALUE;
    OptionalDouble firstTurnS = OptionalDouble.empty();
    int steps = (int) Math.round(seconds / spacingS);
    for (int i = 0; i <= steps; i++) {
      double now = i * spacingS;
      Moment moment = network.moment(now, state);
      trace.add(moment);
      if (firstTurnS.isEmpty() && moment.turns() >= 1) {
        firstTurnS = OptionalDouble.of(now);
      }
      int parts =
          Math.max(
              now < INRUSH_S ? (int) Math.ceil(spacingS / INRUSH_STEP_S) : 1,
              (int) Math.ceil(spacingS * network.limit(state) / STABLE));
      for (int part = 0; part < parts; part++) {
        peakA = Math.max(peakA, state[CURRENT]);
        lowestVolts = Math.min(lowestVolts, network.volts(state));
        network.step(state, spacingS / parts);
      }
    }
    return new StartTransient(trace, peakA, Math.max(0, lowestVolts), firstTurnS);
  }

  /**
   * True when it turns once within {@link #PASSES_WITHIN_S}; a key held for less says nothing else.
   */
  public boolean passesFirstCompression() {
    return firstTurnS.isPresent() && firstTurnS.getAsDouble() <= PASSES_WITHIN_S;
  }

  /** True when the first compression holds it up noticeably before it goes on. */
  public boolean hesitates() {
    return passesFirstCompression() && firstTurnS.getAsDouble() > HESITATES_FROM_S;
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
  static final class Network {
    private static final int FAST_STATES = 4;

    /** From this speed on friction no longer turns round within a step (rad/s). */
    private static final double TURNING = 6;

    /** Leakage counts while turned no faster than this (rad/s); beyond, it is in the drag. */
    private static final double CRAWLING = 5;

    private final BatteryCircuit battery;
    private final BatteryAt cold;
    private final Starter starter;
    private final Engine.DragAt drag;
    private final Compression compression;
    private final Compression.FromRest gas;
    private final double leakSeconds;
    private final double accessoryA;
    private int deadCentre;
    private double trapped = 1;
    private final double pathOhm;
    private double openVolts;
    private double ohm;
    private double inductanceH;
    private double layerFarads;
    private double frictionWidth;
    private double transferVolts;
    private double transferA;
    private double transferSiemens;
    private boolean turning;
    private double frictionSpeed;
    private double frictionAtSpeed;
    private double frictionSlope;
    private final double[][] slopes = new double[4][FAST_STATES];
    private final double[] between = new double[FAST_STATES];

    Network(BatteryCircuit battery, BatteryAt cold, Engine engine, double temperatureC) {
      this.battery = battery;
      this.cold = cold;
      this.starter = engine.starter();
      this.drag = engine.dragAt(temperatureC);
      this.compression = engine.compression();
      this.gas = compression.fromRest(REST_ANGLE);
      this.leakSeconds = compression.leakSeconds();
      this.deadCentre = compression.nearestDeadCentre(REST_ANGLE);
      this.accessoryA = engine.accessoryA();
      this.pathOhm = engine.cableMilliohm() / 1000 + starter.windingOhm(temperatureC);
    }

    double[] atRest(ChargeState ready) {
      double surface = cold.surfaceCharge(ready);
      return new double[] {0, 0, REST_ANGLE, 0, surface, surface + ready.imbalance()};
    }

    /**
     * One classical Runge–Kutta step, in place. Written out because a general integrator's copying
     * costs more than these equations; a test holds it against one.
     */
    void step(double[] state, double seconds) {
      derivatives(state, slopes[0]);
      derivatives(along(state, slopes[0], seconds / 2), slopes[1]);
      derivatives(along(state, slopes[1], seconds / 2), slopes[2]);
      derivatives(along(state, slopes[2], seconds), slopes[3]);
      double before = state[CURRENT];
      for (int i = 0; i < FAST_STATES; i++) {
        state[i] +=
            seconds / 6 * (slopes[0][i] + 2 * slopes[1][i] + 2 * slopes[2][i] + slopes[3][i]);
      }
      drain(state, 0.5 * (before + state[CURRENT]) + accessoryA, seconds);
      leak(state, seconds);
    }

    /**
     * A cylinder that is crawled through its compression leaks it off within tenths of a second, so
     * that the starter gets over in the end; each new compression begins full.
     */
    private void leak(double[] state, double seconds) {
      int nearest = compression.nearestDeadCentre(state[ANGLE]);
      if (nearest != deadCentre) {
        deadCentre = nearest;
        trapped = 1;
      }
      double crawling = CRAWLING * CRAWLING / (CRAWLING * CRAWLING + state[SPEED] * state[SPEED]);
      double rate = compression.pressureShare(state[ANGLE]) / leakSeconds * crawling;
      trapped *= Math.exp(-seconds * Math.max(0, rate));
    }

    /** The wells move so little in one step that they follow it, instead of going with it. */
    private void drain(double[] state, double drawnA, double seconds) {
      double coulombs = battery.capacityAmpHours() * 3600;
      double share = battery.surfaceShare();
      double flow = cold.ratePerSecond() * share * (1 - share) * (state[DEEP] - state[SURFACE]);
      state[SURFACE] += seconds * (flow - drawnA / coulombs) / share;
      state[DEEP] -= seconds * flow / (1 - share);
    }

    private double[] along(double[] state, double[] slope, double seconds) {
      for (int i = 0; i < FAST_STATES; i++) {
        between[i] = state[i] + seconds * slope[i];
      }
      return between;
    }

    void derivatives(double[] state, double[] into) {
      double currentA = state[CURRENT];
      double speed = state[SPEED];
      double drawnA = currentA + accessoryA;
      double counter =
          starter.voltSecondsPerRadian(currentA) * speed
              + starter.brushVolts() * tanh(currentA / 2);
      double friction =
          turning
              ? frictionAtSpeed + frictionSlope * (speed - frictionSpeed)
              : frictionNm(speed) * tanh(speed / frictionWidth);
      into[CURRENT] =
          (openVolts - drawnA * ohm - state[TRANSFER] - currentA * pathOhm - counter) / inductanceH;
      into[SPEED] =
          (starter.torque(currentA) - friction - trapped * gas.torque(state[ANGLE]))
              / starter.inertiaKgM2();
      into[ANGLE] = speed;
      into[TRANSFER] =
          (drawnA - transferA - transferSiemens * (state[TRANSFER] - transferVolts)) / layerFarads;
    }

    /**
     * Sets what holds for the steps to come: the voltage behind the wells, and what may not be
     * followed too fast. Returns the fastest rate left (1/s): of the winding, the friction near
     * standstill, the double layer.
     */
    double limit(double[] state) {
      double speed = state[SPEED];
      openVolts = cold.openVolts(state[SURFACE]);
      ohm = cold.ohmicVolts(state[SURFACE], 1);
      double circuitOhm = pathOhm + ohm;
      double friction = frictionNm(speed);
      // Within one step the layer's law and, once it turns, the friction's are as good as straight.
      transferVolts = state[TRANSFER];
      transferA = cold.transferAmps(transferVolts);
      transferSiemens = cold.transferSiemens(transferVolts);
      turning = speed > TURNING;
      frictionSpeed = speed;
      frictionAtSpeed = friction;
      frictionSlope =
          turning ? Engine.VISCOUS_EXPONENT * (friction - drag.constantNm()) / speed : 0;
      inductanceH = Math.max(starter.inductanceH(), circuitOhm * FASTEST_S);
      layerFarads = Math.max(battery.doubleLayerFarads(), transferSiemens * FASTEST_S);
      // Friction turns round over half a radian a second, or as fast as may be followed.
      frictionWidth = Math.max(0.5, friction * FASTEST_S / starter.inertiaKgM2());
      boolean nearStandstill = Math.abs(speed) < 4 * frictionWidth;
      return circuitOhm / inductanceH
          + (nearStandstill ? friction / frictionWidth / starter.inertiaKgM2() : 0)
          + transferSiemens / layerFarads;
    }

    private double frictionNm(double speed) {
      return drag.torque(Math.abs(speed) * 60 / (2 * Math.PI));
    }

    /**
     * Nearly always on its flat end; else through one exponential, a third of the library's time.
     */
    private static double tanh(double x) {
      return x > 20 ? 1 : 1 - 2 / (Math.exp(2 * x) + 1);
    }

    private double volts(double[] state) {
      return cold.openVolts(state[SURFACE])
          - cold.ohmicVolts(state[SURFACE], state[CURRENT] + accessoryA)
          - state[TRANSFER];
    }

    Moment moment(double seconds, double[] state) {
      return new Moment(
          seconds,
          Math.max(0, volts(state)),
          state[CURRENT],
          state[SPEED] * 60 / (2 * Math.PI),
          (state[ANGLE] - REST_ANGLE) / (2 * Math.PI));
    }
  }
}
