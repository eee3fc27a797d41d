package org.fermix.core.electrical;

import org.fermix.core.machine.Engine;
import org.fermix.core.machine.Starter;
import org.fermix.core.quantity.Band;
import org.fermix.core.quantity.Roots;
import org.hipparchus.special.Erf;

/**
 * Will this battery turn this engine? Geared permanent-magnet starter, referred to the crankshaft,
 * in balance with the engine's drag; docs/model.md, section 2. The battery also carries 10 A for
 * ignition and pumps, and a diesel's glow plugs before the start. Valid from −30 to 40 °C; colder
 * answers are extrapolated.
 */
public final class Cranking {
  /**
   * Standard deviation of ln(speed / needed speed) over the uncertain inputs, for an engine known
   * by its class alone; estimate.
   */
  public static final double MARGIN_SIGMA = 0.30;

  /** Standard deviation of the cranking voltage (V, 12 V system); estimate. */
  public static final double VOLTS_SIGMA = 0.4;

  /** Colder answers are extrapolated (°C). */
  public static final double COLDEST_TRUSTED_C = -30;

  private static final double CURRENT_TOLERANCE = 0.02;

  /** Ignition, pumps and contactor while cranking (A); estimate. */
  public static final double ACCESSORY_A = 10;

  private static final double SETTLING_S = 1.5;
  private static final double RPM_PER_RADIAN = 60 / (2 * Math.PI);

  private final BatteryCircuit battery;
  private final Engine engine;
  private final Starter starter;
  private final double voltageFloor;

  /** The pair of one battery and one engine. */
  public Cranking(BatteryCircuit battery, Engine engine) {
    this.battery = battery;
    this.engine = engine;
    this.starter = engine.starter();
    this.voltageFloor =
        Math.max(
            engine.engineClass().start().voltageFloor() * engine.series(),
            battery.protectionVolts());
  }

  /** The lowest voltage at which the engine still fires and the battery stays connected (V). */
  public double voltageFloor() {
    return voltageFloor;
  }

  /**
   * Steady cranking of an engine that is as cold as the battery.
   *
   * @param state of the battery before anything is switched on
   */
  public CrankPoint crank(ChargeState state) {
    return crank(state, state.temperatureC());
  }

  /**
   * As {@link #crank(ChargeState)} where the engine's temperature differs from the battery's.
   *
   * @param engineC of engine, oil and starter (°C)
   */
  public CrankPoint crank(ChargeState state, double engineC) {
    return balance(state, engineC).solve();
  }

  /**
   * As {@link #crank(ChargeState, double)}, but a starter too weak to turn the engine is given the
   * negative speed at which its torque would suffice: a measure of how far it is from turning,
   * smooth through the stall, for fits and futures. Such a point is not for showing.
   */
  public CrankPoint crankBeyondStall(ChargeState state, double engineC) {
    return balance(state, engineC).beyondStall();
  }

  private Balance balance(ChargeState state, double engineC) {
    return new Soaked(state.temperatureC(), engineC).balance(state);
  }

  /** Battery and engine soaked at one temperature, for many questions about the charge alone. */
  Soaked soakedAt(double temperatureC) {
    return new Soaked(temperatureC, temperatureC);
  }

  /** See {@link #soakedAt}; what depends on temperature alone is worked out once. */
  final class Soaked {
    private final double engineC;
    private final BatteryAt cold;
    private final Engine.DragAt drag;
    private final double pathOhm;

    private Soaked(double batteryC, double engineC) {
      this.engineC = engineC;
      cold = battery.at(batteryC);
      drag = engine.dragAt(engineC);
      pathOhm = engine.cableMilliohm() / 1000 + starter.windingOhm(engineC);
    }

    private Balance balance(ChargeState state) {
      ChargeState ready = cold.after(state, engine.glowAmps(), engine.glowSeconds(engineC));
      return new Balance(cold.pulse(ready, SETTLING_S), drag, pathOhm);
    }

    /** How surely it starts from a rested charge. */
    double sureness(double charge) {
      return Cranking.this.sureness(
          balance(ChargeState.rested(charge, engineC)).beyondStall(), engineC);
    }
  }

  /**
   * How surely it starts, in standard deviations: the lesser of the speed margin and the voltage
   * margin. 0 is an even chance; {@link Band#SIGMAS} is nine in ten.
   */
  public double sureness(ChargeState state) {
    return sureness(crankBeyondStall(state, state.temperatureC()), state.temperatureC());
  }

  /** As {@link #sureness(ChargeState)}, of a cranking already worked out. */
  public double sureness(CrankPoint point, double temperatureC) {
    double speed =
        logarithm(point.rpm() / engine.fireRpm(temperatureC))
            / (MARGIN_SIGMA * engine.departure().spreadLeft());
    double voltage = (point.volts() - voltageFloor) / (VOLTS_SIGMA * engine.series());
    return Math.min(speed, voltage);
  }

  /** Below a fifth of the speed needed its tangent, which goes on smoothly through a stall. */
  private static double logarithm(double share) {
    return share >= 0.2 ? Math.log(share) : Math.log(0.2) + (share - 0.2) / 0.2;
  }

  /** Chance that it starts (1), from {@link #sureness}. */
  public static double chance(double sureness) {
    return 0.5 * (1 + Erf.erf(sureness / Math.sqrt(2)));
  }

  /** Seconds from the key to firing (s), at the steady speed. */
  public double secondsToFire(CrankPoint point, double temperatureC) {
    return 0.15 + engine.revolutionsToFire(temperatureC) * 60 / Math.max(1, point.rpm());
  }

  /**
   * Charge one start takes (Ah): cranking until it fires, 8 % more for the inrush (engineering
   * estimate), and a diesel's glow plugs.
   */
  public double ampHoursPerStart(CrankPoint point, double temperatureC) {
    return (1.08 * (point.currentA() + ACCESSORY_A) * secondsToFire(point, temperatureC)
            + engine.glowAmps() * engine.glowSeconds(temperatureC))
        / 3600;
  }

  /** The battery of the pair. */
  BatteryCircuit battery() {
    return battery;
  }

  /** The engine of the pair. */
  Engine engine() {
    return engine;
  }

  /** Starter and engine in balance at one temperature and state of the battery. */
  private final class Balance {
    private final BatteryAt.Pulse pulse;
    private final Engine.DragAt drag;
    private final double pathOhm;

    Balance(BatteryAt.Pulse pulse, Engine.DragAt drag, double pathOhm) {
      this.pulse = pulse;
      this.drag = drag;
      this.pathOhm = pathOhm;
    }

    CrankPoint solve() {
      CrankPoint point = beyondStall();
      return point.rpm() <= 0 ? stalled() : point;
    }

    CrankPoint beyondStall() {
      double mostA = (pulse.volts(0) - Starter.BRUSH_VOLTS) / pathOhm;
      double atMost = surplusTorque(Math.max(mostA, starter.idleA()));
      if (atMost <= 0) {
        return at(starter.currentFor(drag.torque(0)));
      }
      double atIdle = surplusTorque(starter.idleA());
      if (atIdle >= 0) {
        return at(starter.idleA());
      }
      return at(
          Roots.nearlyStraight(
              this::surplusTorque, starter.idleA(), atIdle, mostA, atMost, CURRENT_TOLERANCE));
    }

    private double volts(double currentA) {
      return pulse.volts(currentA + ACCESSORY_A);
    }

    private double radiansPerSecond(double volts, double currentA) {
      return (volts - currentA * pathOhm - Starter.BRUSH_VOLTS) / starter.voltSecondsPerRadian();
    }

    private double surplusTorque(double currentA) {
      double rpm = radiansPerSecond(volts(currentA), currentA) * RPM_PER_RADIAN;
      return Starter.GEAR_EFFICIENCY * starter.voltSecondsPerRadian() * (currentA - starter.idleA())
          - drag.torque(rpm);
    }

    private CrankPoint at(double currentA) {
      double volts = volts(currentA);
      return new CrankPoint(currentA, volts, radiansPerSecond(volts, currentA) * RPM_PER_RADIAN);
    }

    private CrankPoint stalled() {
      if (radiansPerSecond(volts(0), 0) <= 0) {
        return new CrankPoint(0, volts(0), 0);
      }
      double mostA = Math.max(1, pulse.volts(0) / pathOhm);
      double currentA =
          Roots.crossing(amps -> radiansPerSecond(volts(amps), amps), 0, mostA, CURRENT_TOLERANCE);
      return new CrankPoint(currentA, volts(currentA), 0);
    }
  }
}
