package org.fermix.core.machine;

import org.fermix.core.quantity.Check;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Limits;
import org.fermix.core.quantity.Unit;

/**
 * One engine with its starter and leads.
 *
 * @param displacement 0.02 to 20 l
 * @param cylinders 1 to 16
 * @param starterPower rated, 0.1 to 10 kW
 * @param leadResistance leads, joints and switch together, 0.1 to 50 mΩ
 * @param nominalVolts of the system: 6, 12 or 24 V
 * @param departure how it departs from its class
 */
public record Engine(
    EngineClass engineClass,
    Given displacement,
    int cylinders,
    Oil oil,
    Given starterPower,
    Given leadResistance,
    int nominalVolts,
    Departure departure) {
  /** Of all cylinders. */
  public static final Limits DISPLACEMENT = new Limits("displacement", 0.02, 20, Unit.LITRE);

  /** How many. */
  public static final Limits CYLINDERS = new Limits("cylinders", 1, 16, Unit.COUNT);

  /** How the viscous part of the drag grows with viscosity and speed (1). */
  public static final double VISCOUS_EXPONENT = 0.35;

  private static final double SIX_VOLT_LEADS = 0.5;
  private static final double LEAST_SIZE_FACTOR = 0.6;
  private static final double MOST_SIZE_FACTOR = 1.8;
  private static final double REFERENCE_CYLINDER_LITRES = 0.5;

  /** An engine as usual for its class. */
  public Engine(
      EngineClass engineClass,
      Given displacement,
      int cylinders,
      Oil oil,
      Given starterPower,
      Given leadResistance,
      int nominalVolts) {
    this(
        engineClass,
        displacement,
        cylinders,
        oil,
        starterPower,
        leadResistance,
        nominalVolts,
        Departure.NONE);
  }

  /** The same engine, departing from its class. */
  public Engine departing(Departure by) {
    return new Engine(
        engineClass, displacement, cylinders, oil, starterPower, leadResistance, nominalVolts, by);
  }

  /** False where the battery only wakes the machine and turns no engine. */
  public boolean turns() {
    return engineClass.traits().turnsEngine();
  }

  /** True when it is known better than by its class, from a recorded start. */
  public boolean isFitted() {
    return departure.spreadLeft() < 1;
  }

  /** Refuses engines no battery starts. */
  public Engine {
    DISPLACEMENT.check(displacement.value());
    CYLINDERS.check(cylinders);
    Check.within("starter power", starterPower.value(), 0.1, 10, "kW");
    Check.within("lead resistance", leadResistance.value(), 0.1, 50, "mΩ");
    if (nominalVolts != 6 && nominalVolts != 12 && nominalVolts != 24) {
      throw new IllegalArgumentException(
          "system voltage must be 6, 12 or 24 V, was " + nominalVolts);
    }
  }

  /** As below, of a 12 V system. */
  public static Engine usual(EngineClass engineClass, Given displacement, int cylinders, Oil oil) {
    return usual(engineClass, displacement, cylinders, oil, 12);
  }

  /** The one that is usual of its class, all of it assumed. */
  public static Engine usual(EngineClass engineClass) {
    EngineClass.Size size = engineClass.size();
    return usual(
        engineClass,
        Given.assumed(size.defaultLitres(), Unit.LITRE, engineClass.whyUsual()),
        size.defaultCylinders(),
        Oil.find(size.defaultOil()).orElseThrow());
  }

  /**
   * An engine with the starter and leads usual for its class, which are assumptions. At 6 V the
   * leads are twice as thick.
   *
   * @param nominalVolts 6, 12 or 24 V
   */
  public static Engine usual(
      EngineClass engineClass, Given displacement, int cylinders, Oil oil, int nominalVolts) {
    EngineClass.Start start = engineClass.start();
    String why = engineClass.whyUsual();
    return new Engine(
        engineClass,
        displacement,
        cylinders,
        oil,
        Given.assumed(
            start.starterKwBase() + start.starterKwPerLitre() * displacement.value(),
            Unit.KILOWATT,
            why),
        Given.assumed(
            start.cableMilliohm() * (nominalVolts == 6 ? SIX_VOLT_LEADS : 1), Unit.MILLIOHM, why),
        nominalVolts);
  }

  /** Displacement (l). */
  public double displacementLitres() {
    return displacement.value();
  }

  /** Displacement of one cylinder (l). */
  public double cylinderLitres() {
    return displacementLitres() / cylinders;
  }

  /** Ignition, pumps and contactor while cranking (A). */
  public double accessoryA() {
    return engineClass.start().accessoryA() / Math.max(1, series());
  }

  /** Rated starter power (kW). */
  public double starterKw() {
    return starterPower.value();
  }

  /** Resistance of leads, joints and switch together (mΩ). */
  public double cableMilliohm() {
    return leadResistance.value() * departure.leads();
  }

  /** Series factor against a 12 V system: 0.5, 1 or 2. */
  public double series() {
    return nominalVolts / 12.0;
  }

  /** Its starter, referred to the crankshaft. */
  public Starter starter() {
    return Starter.of(this);
  }

  /** The gas in its cylinders while cranking. */
  public Compression compression() {
    return new Compression(this);
  }

  /** The engine's drag at one temperature of its oil; docs/model.md, section 2. */
  public DragAt dragAt(double temperatureC) {
    EngineClass.Drag drag = engineClass.drag();
    double radians = engineClass.twoStroke() ? 2 * Math.PI : 4 * Math.PI;
    double size = Math.pow(displacementLitres() / drag.referenceLitres(), -drag.sizeExponent());
    double torquePerKpa =
        departure.drag()
            * displacementLitres()
            / radians
            * Math.max(LEAST_SIZE_FACTOR, Math.min(MOST_SIZE_FACTOR, size));
    return new DragAt(
        torquePerKpa * drag.constantKpa(),
        torquePerKpa
            * drag.viscousKpa()
            * Math.pow(oil.viscosity(temperatureC) / 100 / 220, VISCOUS_EXPONENT));
  }

  /**
   * Drag torque over speed: constant + viscous × rpm^0.35.
   *
   * @param constantNm part that does not change with speed (N·m)
   * @param viscousNm the other part at 1 rpm (N·m)
   */
  public record DragAt(double constantNm, double viscousNm) {
    /**
     * Torque the starter must overcome, at the crankshaft (N·m).
     *
     * @param rpm cranking speed; below 1 rpm the value at 1 rpm holds
     */
    public double torque(double rpm) {
      return constantNm + viscousNm * Math.pow(Math.max(1, rpm), VISCOUS_EXPONENT);
    }

    /**
     * Its slope over speed (N·m/rpm).
     *
     * @param torqueNm the torque at that speed
     */
    public double slope(double rpm, double torqueNm) {
      return rpm <= 1 ? 0 : VISCOUS_EXPONENT * (torqueNm - constantNm) / rpm;
    }
  }

  /** Least cranking speed at which it fires (rpm). */
  public double fireRpm(double temperatureC) {
    return departure.fireSpeed()
        * engineClass.start().fireRpm()
        * Math.pow(
            cylinderLitres() / REFERENCE_CYLINDER_LITRES, -engineClass.start().fireExponent())
        * (1 + 0.004 * Math.max(0, 25 - temperatureC));
  }

  /** Revolutions until it fires (1). */
  public double revolutionsToFire(double temperatureC) {
    return engineClass.start().revolutionsToFire()
        * Math.pow(2, Math.max(0, 25 - temperatureC) / 25);
  }

  /** Seconds of preheating before the start: glow plugs of a diesel, none otherwise (s). */
  public double glowSeconds(double temperatureC) {
    return engineClass.diesel() ? Math.max(0, Math.min(15, 2 + 0.25 * (20 - temperatureC))) : 0;
  }

  /** Current of the glow plugs while they heat, 12 A a cylinder (A). */
  public double glowAmps() {
    return engineClass.diesel() ? 12.0 * cylinders / series() : 0;
  }

  /**
   * Cold cranking amps by the displacement rule of thumb (A): one per cubic inch for petrol, two
   * for diesel, at 12 V; at another voltage as many watts. Common practice, no source.
   */
  public double ruleOfThumbCca() {
    double cubicInches = displacementLitres() / 0.016387064;
    return (engineClass.diesel() ? 2 : 1) * cubicInches / series();
  }
}
