package org.fermix.core.bench;

import java.util.Optional;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.cost.YearlyCost;
import org.fermix.core.electrical.ChargeState;
import org.fermix.core.electrical.Cranking;
import org.fermix.core.label.Label;
import org.fermix.core.life.LifeEstimate;
import org.fermix.core.machine.Engine;
import org.fermix.core.reserve.Discharge;

/** One candidate, ready to be asked what becomes of it in any of many plausible futures. */
public final class CandidateFutures {
  private static final double CHARGE_REACH = 0.08;
  private static final double LOAD_REACH = 0.25;

  private final InConditions in;
  private final Label label;
  private final Engine engine;
  private final Cranking cranking;
  private final double resistanceSigma;
  private final double capacitySigma;
  private final double drainSigma;
  private final Surface afterParking;
  private final Optional<Surface> afterEngineOff;

  CandidateFutures(InConditions in) {
    this.in = in;
    label = in.candidate().label();
    engine = in.need().engine();
    cranking = in.cranking();
    Chemistry chemistry = label.chemistry();
    resistanceSigma =
        chemistry.isLead() ? Draw.Own.LEAD_RESISTANCE_SIGMA : Draw.Own.OTHER_RESISTANCE_SIGMA;
    capacitySigma =
        label.capacity().isAssumed() ? Draw.Own.ASSUMED_CAPACITY_SIGMA : Draw.Own.CAPACITY_SIGMA;
    drainSigma = OutcomeFigures.drainSigma(in.need().use().drainMilliamps());
    double temperatureC = in.conditions().temperatureC();
    double parked = in.chargeAtStart();
    afterParking =
        new Surface(
            in.circuit(),
            engine,
            temperatureC,
            resistanceSigma,
            shift -> ChargeState.rested(parked + shift, temperatureC),
            parked > CHARGE_REACH ? -CHARGE_REACH : -0.5 * Math.max(0.01, parked),
            parked + CHARGE_REACH <= 1 ? CHARGE_REACH : Math.max(0.01, 1 - parked));
    afterEngineOff =
        in.conditions().hasEngineOffLoad()
            ? Optional.of(
                new Surface(
                    in.circuit(),
                    engine,
                    temperatureC,
                    resistanceSigma,
                    shift -> engineOff(Math.exp(shift)),
                    -LOAD_REACH,
                    LOAD_REACH))
            : Optional.empty();
  }

  private ChargeState engineOff(double loadFactor) {
    double temperatureC = in.conditions().temperatureC();
    double slow = Discharge.slowShare(in.circuit(), temperatureC);
    return in.circuit()
        .after(
            ChargeState.rested(in.chargeReached(), temperatureC),
            in.conditions().engineOffAmps() * loadFactor / slow,
            in.conditions().engineOffHours() * 3600);
  }

  /** What it rests on. */
  InConditions in() {
    return in;
  }

  /** Its letter. */
  public String letter() {
    return in.candidate().letter();
  }

  /** Mass (kg). */
  public double massKg() {
    return label.mass().value();
  }

  /** True when it starts in this future, at the temperature and after the days parked. */
  public boolean startsParked(Draw draw, Draw.Own own) {
    double charge = parkedCharge(draw, own);
    double shift = charge - in.chargeAtStart();
    return charge > in.circuit().lowestTrustedCharge()
        && starts(draw, afterParking.rpm(draw, own, shift), afterParking.volts(draw, own, shift));
  }

  /** True when it starts in this future after the load has run with the engine off. */
  public boolean startsAfterEngineOff(Draw draw, Draw.Own own) {
    if (afterEngineOff.isEmpty()) {
      return true;
    }
    double shift = draw.load() * Draw.LOAD_SIGMA - own.capacity() * capacitySigma;
    double left = engineOffCharge(shift);
    return left > in.circuit().lowestTrustedCharge()
        && starts(
            draw,
            afterEngineOff.get().rpm(draw, own, shift),
            afterEngineOff.get().volts(draw, own, shift));
  }

  private double engineOffCharge(double shift) {
    return in.chargeReached()
        - in.conditions().engineOffAmps()
            * Math.exp(shift)
            * in.conditions().engineOffHours()
            / in.circuit().capacityAmpHours();
  }

  /** Charge after the days parked in this future (1). */
  double parkedCharge(Draw draw, Draw.Own own) {
    double capacity = Math.exp(own.capacity() * capacitySigma);
    return in.parking()
        .scaled(
            Math.exp(own.selfDischarge() * OutcomeFigures.SELF_DISCHARGE_SIGMA),
            Math.exp(draw.drain() * drainSigma) / capacity)
        .chargeAfter(in.chargeReached(), in.conditions().daysParked());
  }

  /** Whether a speed and a voltage start the engine in this future. */
  boolean starts(Draw draw, double rpm, double volts) {
    double temperatureC =
        in.conditions().temperatureC() + draw.temperature() * Draw.TEMPERATURE_SIGMA_K;
    return rpm >= engine.fireRpm(temperatureC) * Math.exp(draw.fireSpeed() * Draw.FIRE_SIGMA)
        && volts >= cranking.voltageFloor();
  }

  /** Cost per year in this future, in the currency of the price. */
  public double costPerYear(Draw.Own own) {
    return YearlyCost.of(
        label.price().value() * Math.exp(own.price() * OutcomeFigures.PRICE_SIGMA),
        in.life().years() * Math.exp(own.life() * LifeEstimate.SIGMA),
        in.need().use().yearsKept().value());
  }
}
