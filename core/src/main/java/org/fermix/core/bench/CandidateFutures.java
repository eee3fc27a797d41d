package org.fermix.core.bench;

import java.util.List;
import java.util.Optional;
import org.fermix.core.cost.Ownership;
import org.fermix.core.cost.Renewals;
import org.fermix.core.electrical.ChargeState;
import org.fermix.core.electrical.Cranking;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Engine;
import org.fermix.core.quantity.Spread;
import org.fermix.core.reserve.Discharge;
import org.hipparchus.analysis.interpolation.BilinearInterpolatingFunction;

/** One candidate, ready to be asked what becomes of it in any of many plausible futures. */
public final class CandidateFutures {
  private static final double CHARGE_REACH = 0.08;
  private static final double LOAD_REACH = 0.25;

  /** Scores at which charges and costs are worked out beforehand; beyond them the ends hold. */
  private static final double[] SCORES = {-4, -3, -2, -1, 0, 1, 2, 3, 4};

  private final InConditions in;
  private final Label label;
  private final Engine engine;
  private final Cranking cranking;
  private final double capacitySigma;
  private final double drainSigma;
  private final Surface afterParking;
  private final Optional<Surface> afterEngineOff;
  private final BilinearInterpolatingFunction parkedCharge;
  private final double unfrozen;
  private final double[] costs = new double[SCORES.length];

  CandidateFutures(InConditions in) {
    this.in = in;
    label = in.label();
    engine = in.need().engine();
    cranking = in.cranking();
    capacitySigma = label.capacitySigma();
    drainSigma = Spread.drain(in.need().use().drainMilliamps()).sigma();
    double temperatureC = in.conditions().temperatureC();
    double parked = in.chargeAtStart();
    afterParking =
        new Surface(
            in.circuit(),
            engine,
            temperatureC,
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
                    shift -> engineOff(Math.exp(shift)),
                    -LOAD_REACH,
                    LOAD_REACH))
            : Optional.empty();
    unfrozen = in.cold().unfrozen(in.conditions().daysParked());
    double[][] charges = new double[SCORES.length][SCORES.length];
    double drain = Math.hypot(drainSigma, capacitySigma);
    for (int i = 0; i < SCORES.length; i++) {
      double loss = Math.exp(SCORES[i] * Spread.SELF_DISCHARGE.sigma());
      for (int j = 0; j < SCORES.length; j++) {
        charges[i][j] =
            in.cold().charge(loss, Math.exp(SCORES[j] * drain), in.conditions().daysParked());
      }
      costs[i] = cost(Math.exp(SCORES[i] * in.life().sigma()));
    }
    parkedCharge = new BilinearInterpolatingFunction(SCORES, SCORES, charges);
  }

  private double cost(double lifeFactor) {
    Ownership ownership = BenchCandidate.ownership(in);
    return new Ownership(
                ownership.price(),
                List.of(),
                new Renewals(
                    Math.max(0.05, Math.min(100, ownership.lives().lifeYears() * lifeFactor)),
                    ownership.lives().shape(),
                    0),
                ownership.yearsKept(),
                ownership.discountPerYear(),
                ownership.rest())
            .perYear()
        + in.besideCostPerYear();
  }

  private ChargeState engineOff(double loadFactor) {
    double temperatureC = in.conditions().temperatureC();
    double slow = Discharge.slowShare(in.circuit(), temperatureC) * lawFactor();
    return in.circuit()
        .after(
            ChargeState.rested(in.chargeReached(), temperatureC),
            in.conditions().engineOffAmps() * loadFactor / slow,
            in.conditions().engineOffHours() * 3600);
  }

  private double lawFactor() {
    return in.power().law().factor(in.conditions().engineOffAmps());
  }

  /** What it rests on. */
  InConditions in() {
    return in;
  }

  /** Its letter. */
  public String letter() {
    return in.candidate().letter();
  }

  /** Share of its owner’s wishes that it meets (1). */
  public double wishesMet() {
    return in.wishesMet();
  }

  /** Mass (kg). */
  public double massKg() {
    return in.massKg();
  }

  /** True when it starts in this future, at the temperature and after the days parked. */
  public boolean startsParked(Draw draw, Draw.Own own) {
    double charge = parkedCharge(draw, own);
    double shift = charge - in.chargeAtStart();
    return charge > in.circuit().lowestTrustedCharge()
        && isUnfrozen(own)
        && starts(draw, afterParking.rpm(draw, own, shift), afterParking.volts(draw, own, shift));
  }

  boolean isUnfrozen(Draw.Own own) {
    return unfrozen + own.freezing() > 0;
  }

  /** True when it starts in this future after the load has run with the engine off. */
  public boolean startsAfterEngineOff(Draw draw, Draw.Own own) {
    if (in.house().isPresent()) {
      // The house battery carries the load, and the starter battery starts whatever is left of it.
      double noise = draw.load() * Spread.LOAD.sigma() - own.capacity() * capacitySigma;
      return in.house().get().hours() >= in.conditions().engineOffHours() * Math.exp(noise);
    }
    if (afterEngineOff.isEmpty()) {
      return true;
    }
    double shift = draw.load() * Spread.LOAD.sigma() - own.capacity() * capacitySigma;
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
            / (in.circuit().capacityAmpHours() * lawFactor());
  }

  /** Charge after the days parked in this future (1). */
  double parkedCharge(Draw draw, Draw.Own own) {
    double drain = draw.drain() * drainSigma - own.capacity() * capacitySigma;
    double score = drain / Math.hypot(drainSigma, capacitySigma);
    double charge = parkedCharge.value(inside(own.selfDischarge()), inside(score));
    double reached = own.charge() * Spread.CHARGE_REACHED.sigma();
    return Math.max(0, Math.min(1, charge + reached));
  }

  private static double inside(double score) {
    return Math.max(SCORES[0], Math.min(SCORES[SCORES.length - 1], score));
  }

  /** Whether a speed and a voltage start the engine in this future. */
  boolean starts(Draw draw, double rpm, double volts) {
    double temperatureC =
        in.conditions().temperatureC() + draw.temperature() * Spread.TEMPERATURE.sigma();
    double fire =
        Math.exp(draw.fireSpeed() * Spread.FIRE_SPEED.sigma() * engine.departure().spreadLeft());
    return rpm >= engine.fireRpm(temperatureC) * fire && volts >= cranking.voltageFloor();
  }

  /** Cost per year in this future, in the currency of the price. */
  public double costPerYear(Draw.Own own) {
    double score = inside(own.life());
    int below = Math.min(SCORES.length - 2, (int) Math.floor(score - SCORES[0]));
    double share = score - SCORES[below];
    return (costs[below] * (1 - share) + costs[below + 1] * share)
        * Math.exp(own.price() * Spread.PRICE.sigma());
  }
}
