package org.fermix.core.electrical;

import org.fermix.core.machine.Engine;
import org.fermix.core.machine.Starter;
import org.fermix.core.quantity.Spread;

/**
 * How far a start's speed, voltage and current may be off, from the model's own slopes at the
 * balance of starter and engine: torque and voltage are made straight there, A dI − B dω = s₁ and C
 * dω + D dI = s₂, and each uncertain input is a pair (s₁, s₂), so that no new balance has to be
 * found. docs/model.md, section 2.
 */
final class StartSpread {
  private static final double RADIANS_PER_RPM = 2 * Math.PI / 60;

  /** Below a fifth of the speed needed the logarithm goes on as its tangent. */
  private static final double LEAST_SHARE = 0.2;

  /**
   * Share of what the battery loses that two kelvin can change: near empty in the cold its usable
   * charge is so little that straight lines would say anything.
   */
  private static final double MOST_WARMTH = 0.15;

  private final Starter starter;
  private final Engine.DragAt drag;
  private final double windingOhm;
  private final double leadOhm;
  private final double left;
  private final double kelvins = Spread.TEMPERATURE.sigma();
  private final BatteryAt.Pulses colder;
  private final BatteryAt.Pulses warmer;
  private final double resistanceSigma;
  private final Engine.DragAt dragColder;
  private final Engine.DragAt dragWarmer;
  private final double needed;
  private final double neededPerStep;
  private final double windingPerStep;

  /** What must hold besides the speed. */
  record Limits(double floorVolts, double mostA, double accessoryA) {}

  StartSpread(
      BatteryCircuit battery,
      Engine engine,
      Starter starter,
      double batteryC,
      double engineC,
      Engine.DragAt drag,
      double windingOhm,
      double seconds) {
    this.starter = starter;
    this.drag = drag;
    this.windingOhm = windingOhm;
    leadOhm = engine.cableMilliohm() / 1000;
    left = engine.departure().spreadLeft();
    colder = battery.at(batteryC - kelvins).pulses(seconds);
    warmer = battery.at(batteryC + kelvins).pulses(seconds);
    // Its logarithm is what is normal: half the way from a deviation better to a deviation worse.
    resistanceSigma = Math.sinh(battery.resistanceSigma());
    dragColder = engine.dragAt(engineC - kelvins);
    dragWarmer = engine.dragAt(engineC + kelvins);
    needed = engine.fireRpm(engineC);
    neededPerStep = 0.5 * (engine.fireRpm(engineC + kelvins) - engine.fireRpm(engineC - kelvins));
    windingPerStep =
        0.5 * (starter.windingOhm(engineC + kelvins) - starter.windingOhm(engineC - kelvins));
  }

  StartMargin margin(ChargeState ready, BatteryAt.Pulse pulse, CrankPoint point, Limits limits) {
    double currentA = point.currentA();
    double drawnA = currentA + limits.accessoryA();
    double rpm = point.rpm();
    double omega = rpm * RADIANS_PER_RPM;
    double perRadian = starter.voltSecondsPerRadian(currentA);
    double torque = starter.torque(currentA);
    double dragNm = drag.torque(rpm);
    double sag = pulse.ohm(drawnA);
    double a = starter.torqueSlope(currentA);
    double b = drag.slope(rpm, dragNm) / RADIANS_PER_RPM;
    double c = perRadian;
    double d = sag + leadOhm + windingOhm + Math.max(0, omega) * starter.voltSecondsSlope(currentA);
    Sum sum = new Sum(a, b, c, d, sag);
    sum.add(left * Spread.DRAG.sigma() * dragNm, 0, 0, 0);
    sum.add(
        -left * Spread.COUNTER_VOLTS.sigma() * torque,
        -left * Spread.COUNTER_VOLTS.sigma() * perRadian * omega,
        0,
        0);
    sum.add(0, -left * Spread.WINDING.sigma() * currentA * windingOhm, 0, 0);
    sum.add(0, -left * Spread.LEADS.sigma() * currentA * leadOhm, 0, 0);
    double resistance = resistanceSigma * pulse.voltsPerResistance(drawnA);
    sum.add(0, resistance, resistance, 0);
    double most = MOST_WARMTH * Math.max(0, pulse.volts(0) - pulse.volts(drawnA));
    double warmth =
        Math.min(most, 0.5 * (warmer.from(ready).volts(drawnA) - colder.from(ready).volts(drawnA)));
    sum.add(
        0.5 * (dragWarmer.viscousNm() - dragColder.viscousNm()) * viscous(dragNm),
        warmth - currentA * windingPerStep,
        warmth,
        neededPerStep);
    double reference = Math.sqrt(Math.max(rpm, LEAST_SHARE * needed) * needed);
    double fire = left * Spread.FIRE_SPEED.sigma();
    double speedSigma = Math.sqrt(sum.speeds / (reference * reference) + fire * fire);
    double voltsSigma = Math.sqrt(sum.volts);
    return new StartMargin(
        point,
        needed,
        logarithm(rpm / needed),
        speedSigma,
        point.volts() - limits.floorVolts(),
        voltsSigma,
        sum.both / (reference * speedSigma * voltsSigma),
        Math.sqrt(sum.turns),
        Double.isInfinite(limits.mostA())
            ? Double.POSITIVE_INFINITY
            : Math.log(limits.mostA() / drawnA) / (Math.sqrt(sum.amps) / drawnA));
  }

  /** The speed's part in the viscous torque (1), of a torque known at it. */
  private double viscous(double dragNm) {
    return drag.viscousNm() <= 0 ? 0 : (dragNm - drag.constantNm()) / drag.viscousNm();
  }

  private static double logarithm(double share) {
    return share >= LEAST_SHARE
        ? Math.log(share)
        : Math.log(LEAST_SHARE) + (share - LEAST_SHARE) / LEAST_SHARE;
  }

  /** Squares of what each input does to speed, voltage and current, added up. */
  private static final class Sum {
    private final double a;
    private final double b;
    private final double c;
    private final double d;
    private final double sag;
    private final double delta;

    /** Of the speed less the speed needed, of the speed (rpm²), of volts (V²), of both. */
    private double speeds;

    private double turns;
    private double volts;
    private double both;
    private double amps;

    Sum(double a, double b, double c, double d, double sag) {
      this.a = a;
      this.b = b;
      this.c = c;
      this.d = d;
      this.sag = sag;
      this.delta = a * c + b * d;
    }

    /**
     * Adds one input.
     *
     * @param torque s₁, more torque needed (N·m)
     * @param drive s₂, more voltage to turn it with (V)
     * @param ownVolts change of the terminal voltage at the same current (V)
     * @param neededRpm change of the speed needed (rpm)
     */
    void add(double torque, double drive, double ownVolts, double neededRpm) {
      double speed = (a * drive - d * torque) / delta / RADIANS_PER_RPM;
      double current = (c * torque + b * drive) / delta;
      double volt = ownVolts - sag * current;
      double margin = speed - neededRpm;
      speeds += margin * margin;
      turns += speed * speed;
      volts += volt * volt;
      both += margin * volt;
      amps += current * current;
    }
  }
}
