package org.fermix.core.electrical;

import java.util.Optional;
import org.fermix.core.machine.Engine;
import org.fermix.core.machine.Starter;
import org.fermix.core.quantity.Normal;
import org.fermix.core.quantity.Roots;

/**
 * Will this battery turn this engine? Geared starter, referred to the crankshaft, in balance with
 * the engine's drag; docs/model.md, section 2. The battery also carries ignition and pumps, and a
 * diesel's glow plugs before the start. Valid from −30 to 40 °C; colder answers are extrapolated.
 */
public final class Cranking {
  /** Colder answers are extrapolated (°C). */
  public static final double COLDEST_TRUSTED_C = -30;

  /** A step of the secant so short is off by a hundredth of itself at most (A). */
  private static final double CURRENT_TOLERANCE = 0.2;

  private static final int MOST_NEWTON_STEPS = 12;

  /** How cars differ in the volts they wake at (V, 12 V); estimate. */
  private static final double WAKING_SIGMA_VOLTS = 0.25;

  /** Seconds the control units take before they are supplied by the machine (s); estimate. */
  private static final double WAKING_SECONDS = 10;

  private static final double SETTLING_S = 1.5;
  private static final double RPM_PER_RADIAN = 60 / (2 * Math.PI);

  private final BatteryCircuit battery;
  private final Engine engine;
  private final Starter starter;
  private final double accessoryA;
  private final double voltageFloor;
  private final double mostA;
  private final double shortA;

  /** The pair of one battery and one engine, with the protection usual for the battery. */
  public Cranking(BatteryCircuit battery, Engine engine) {
    this(battery, engine, Protection.usual(battery));
  }

  /** The pair of one battery and one engine. */
  public Cranking(BatteryCircuit battery, Engine engine, Optional<Protection> protection) {
    this.battery = battery;
    this.engine = engine;
    this.starter = engine.starter();
    this.accessoryA = engine.accessoryA();
    this.voltageFloor =
        Math.max(
            engine.engineClass().start().voltageFloor() * engine.series(),
            protection.map(Protection::crankVolts).orElse(0.0));
    this.mostA = protection.map(Protection::mostA).orElse(Double.POSITIVE_INFINITY);
    this.shortA = protection.map(Protection::shortA).orElse(Double.POSITIVE_INFINITY);
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
    return soakedAt(state.temperatureC(), engineC).balance(state).solve();
  }

  /**
   * As {@link #crank(ChargeState, double)}, but a starter too weak to turn the engine is given the
   * negative speed at which its torque would suffice: a measure of how far it is from turning,
   * smooth through the stall, for fits and futures. Such a point is not for showing.
   */
  public CrankPoint crankBeyondStall(ChargeState state, double engineC) {
    return soakedAt(state.temperatureC(), engineC).balance(state).beyondStall();
  }

  /** Battery and engine soaked at one temperature, for many questions about the charge alone. */
  public Soaked soakedAt(double temperatureC) {
    return soakedAt(temperatureC, temperatureC);
  }

  Soaked soakedAt(double batteryC, double engineC) {
    return new Soaked(batteryC, engineC);
  }

  /** See {@link #soakedAt}; what depends on temperature alone is worked out once. */
  public final class Soaked {
    private final double batteryC;
    private final double engineC;
    private final BatteryAt cold;
    private final BatteryAt.Pulses pulses;
    private final Engine.DragAt drag;
    private final double windingOhm;
    private final double glowSeconds;
    private final double usualA;
    private Optional<StartSpread> spread = Optional.empty();

    private Soaked(double batteryC, double engineC) {
      this.batteryC = batteryC;
      this.engineC = engineC;
      cold = battery.at(batteryC);
      pulses = cold.pulses(SETTLING_S);
      glowSeconds = engine.glowSeconds(engineC);
      drag = engine.dragAt(engineC);
      windingOhm = starter.windingOhm(engineC);
      usualA = starter.currentFor(drag.torque(engine.fireRpm(engineC)));
    }

    private Balance balance(ChargeState state) {
      return balanced(ready(state));
    }

    private Balance balanced(ChargeState ready) {
      return new Balance(
          pulses.from(ready), drag, engine.cableMilliohm() / 1000 + windingOhm, usualA);
    }

    /** Glow plugs come before the start. */
    private ChargeState ready(ChargeState state) {
      return glowSeconds == 0 ? state : cold.after(state, engine.glowAmps(), glowSeconds);
    }

    /** By how much a start from a rested charge succeeds. */
    public StartMargin margin(double charge) {
      return margin(ChargeState.rested(charge, batteryC));
    }

    /** How surely a start from a rested charge succeeds, in standard deviations. */
    public double sureness(double charge) {
      return margin(charge).sureness();
    }

    /** Whether a machine that turns no engine wakes: its control units need so many volts. */
    private StartMargin waking(ChargeState state) {
      BatteryAt.Pulse pulse = pulses.from(state);
      double volts = pulse.volts(accessoryA) - accessoryA * engine.cableMilliohm() / 1000;
      double battery = accessoryA * pulse.ohm(accessoryA) * Cranking.this.battery.resistanceSigma();
      return StartMargin.waking(
          new CrankPoint(accessoryA, volts, 0),
          volts - voltageFloor,
          Math.hypot(WAKING_SIGMA_VOLTS * engine.series(), battery));
    }

    /** The current it may draw (A): of what the inrush may be, its share in steady cranking. */
    private double most(Balance balance, CrankPoint point) {
      if (Double.isInfinite(shortA)) {
        return mostA;
      }
      double inrushA = balance.stalled().currentA() + accessoryA;
      double steadyA = point.currentA() + accessoryA;
      return Math.min(mostA, shortA * steadyA / inrushA);
    }

    StartMargin margin(ChargeState state) {
      if (!engine.turns()) {
        return waking(state);
      }
      StartSpread around =
          spread.orElseGet(
              () -> {
                StartSpread made =
                    new StartSpread(
                        battery, engine, starter, batteryC, engineC, drag, windingOhm, SETTLING_S);
                spread = Optional.of(made);
                return made;
              });
      ChargeState ready = ready(state);
      Balance balance = balanced(ready);
      CrankPoint point = balance.beyondStall();
      return around.margin(
          ready,
          balance.pulse,
          point,
          new StartSpread.Limits(voltageFloor, most(balance, point), accessoryA));
    }
  }

  /** By how much a start succeeds, of an engine as cold as the battery. */
  public StartMargin margin(ChargeState state) {
    return soakedAt(state.temperatureC()).margin(state);
  }

  /**
   * How surely it starts, in standard deviations: 0 is an even chance, {@link
   * org.fermix.core.quantity.Band#SIGMAS} nine in ten. See {@link StartMargin#sureness}.
   */
  public double sureness(ChargeState state) {
    return margin(state).sureness();
  }

  /** Whether a steady cranking is fast enough to fire, with voltage enough. */
  public boolean isFastEnough(CrankPoint point, double engineC) {
    return point.rpm() >= engine.fireRpm(engineC) && point.volts() >= voltageFloor;
  }

  /** Chance that it starts (1), from {@link #sureness}. */
  public static double chance(double sureness) {
    return Normal.cumulative(sureness);
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
    if (!engine.turns()) {
      return accessoryA * WAKING_SECONDS / 3600;
    }
    return (1.08 * (point.currentA() + accessoryA) * secondsToFire(point, temperatureC)
            + engine.glowAmps() * engine.glowSeconds(temperatureC))
        / 3600;
  }

  /**
   * Current the moment the key is turned, before the starter moves (A): the most the leads and the
   * battery let through; the true peak is a little lower, since the current needs time to rise.
   */
  public double inrushAmps(ChargeState state) {
    return soakedAt(state.temperatureC(), state.temperatureC()).balance(state).stalled().currentA();
  }

  /** The battery of the pair. */
  public BatteryCircuit battery() {
    return battery;
  }

  /** The engine of the pair. */
  public Engine engine() {
    return engine;
  }

  /** Starter and engine in balance at one temperature and state of the battery. */
  private final class Balance {
    private final BatteryAt.Pulse pulse;
    private final Engine.DragAt drag;
    private final double pathOhm;
    private final double usualA;

    /**
     * One balance.
     *
     * @param usualA a current to begin the search at
     */
    Balance(BatteryAt.Pulse pulse, Engine.DragAt drag, double pathOhm, double usualA) {
      this.pulse = pulse;
      this.drag = drag;
      this.pathOhm = pathOhm;
      this.usualA = usualA;
    }

    CrankPoint solve() {
      CrankPoint point = beyondStall();
      return point.rpm() <= 0
          ? stalled()
          : new CrankPoint(point.currentA(), Math.max(0, point.volts()), point.rpm());
    }

    /** By Newton's method, which nearly always takes three steps; else between bounds. */
    CrankPoint beyondStall() {
      double currentA = usualA;
      double tooLittleA = starter.idleA();
      double enoughA = Double.POSITIVE_INFINITY;
      for (int i = 0; i < MOST_NEWTON_STEPS; i++) {
        double rpm = rpm(volts(currentA), currentA);
        double torque = drag.torque(rpm);
        double surplus = starter.torque(currentA) - torque;
        double next = currentA - surplus / surplusSlope(currentA, rpm, torque);
        if (surplus < 0) {
          tooLittleA = currentA;
        } else {
          enoughA = currentA;
        }
        if (next <= tooLittleA || next >= enoughA) {
          next = 0.5 * (tooLittleA + Math.min(enoughA, 2 * currentA));
        }
        double step = next - currentA;
        currentA = next;
        if (Math.abs(step) < CURRENT_TOLERANCE) {
          return at(currentA);
        }
      }
      return beyondStallBetween();
    }

    private double surplusSlope(double currentA, double rpm, double torque) {
      double perRadian = starter.voltSecondsPerRadian(currentA);
      double ohm =
          pulse.ohm(currentA + accessoryA)
              + pathOhm
              + Math.max(0, rpm) / RPM_PER_RADIAN * starter.voltSecondsSlope(currentA);
      return starter.torqueSlope(currentA)
          + drag.slope(rpm, torque) * RPM_PER_RADIAN * ohm / perRadian;
    }

    private CrankPoint beyondStallBetween() {
      double mostA = (pulse.volts(0) - starter.brushVolts()) / pathOhm;
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
      return pulse.volts(currentA + accessoryA);
    }

    /** What is left to turn the starter against (V). */
    private double counterVolts(double volts, double currentA) {
      return volts - currentA * pathOhm - starter.brushVolts();
    }

    private double rpm(double volts, double currentA) {
      return counterVolts(volts, currentA)
          / starter.voltSecondsPerRadian(currentA)
          * RPM_PER_RADIAN;
    }

    private double surplusTorque(double currentA) {
      return Starter.GEAR_EFFICIENCY
              * starter.voltSecondsPerRadian(currentA)
              * (currentA - starter.idleA())
          - drag.torque(rpm(volts(currentA), currentA));
    }

    private CrankPoint at(double currentA) {
      double volts = volts(currentA);
      return new CrankPoint(currentA, volts, rpm(volts, currentA));
    }

    CrankPoint stalled() {
      if (counterVolts(volts(0), 0) <= 0) {
        return new CrankPoint(0, Math.max(0, volts(0)), 0);
      }
      double mostA = Math.max(1, pulse.volts(0) / pathOhm);
      double currentA =
          Roots.crossing(amps -> counterVolts(volts(amps), amps), 0, mostA, CURRENT_TOLERANCE);
      return new CrankPoint(currentA, Math.max(0, volts(currentA)), 0);
    }
  }
}
