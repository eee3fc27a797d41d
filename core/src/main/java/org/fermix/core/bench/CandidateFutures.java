package org.fermix.core.bench;

import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
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

  /**
   * What makes the band of an outcome: each input a standard deviation up and down while all others
   * are as expected, its share of the squares of what that moves; the largest first. Empty for
   * outcomes whose band has one cause only.
   */
  List<Doubt> doubts(Outcome outcome) {
    Map<Doubt.Cause, Double> moved = new EnumMap<>(Doubt.Cause.class);
    switch (outcome) {
      case START_FLOOR, START_CHANCE, CRANKING_SPEED, CRANKING_VOLTS -> startDoubts(moved);
      case PARKED_DAYS, LAY_UP_CHANCE, HALF_DAYS -> parkedDoubts(moved);
      case ENGINE_OFF_HOURS -> {
        moved.put(Doubt.Cause.LOAD, Spread.LOAD.sigma());
        moved.put(Doubt.Cause.CAPACITY, capacitySigma);
        moved.put(Doubt.Cause.DISCHARGE_LAW, Spread.ENGINE_OFF.sigma());
        moved.put(
            Doubt.Cause.CHARGE_REACHED,
            Spread.CHARGE_REACHED.sigma() / Math.max(0.1, in.chargeReached()));
      }
      case COST_PER_YEAR -> {
        moved.put(Doubt.Cause.PRICE, Spread.PRICE.sigma());
        moved.put(
            Doubt.Cause.LIFE,
            0.5 * Math.abs(Math.log(costs[index(1)] / Math.max(1e-9, costs[index(-1)]))));
      }
      default -> {
        return List.of();
      }
    }
    double all = moved.values().stream().mapToDouble(each -> each * each).sum();
    return all <= 0
        ? List.of()
        : moved.entrySet().stream()
            .map(each -> new Doubt(each.getKey(), each.getValue() * each.getValue() / all))
            .sorted(Comparator.comparingDouble(Doubt::share).reversed())
            .toList();
  }

  private static int index(double score) {
    return (int) Math.round(score - SCORES[0]);
  }

  private void startDoubts(Map<Doubt.Cause, Double> moved) {
    double middle = Math.max(1, afterParking.rpm(Draw.EXPECTED, Draw.Own.EXPECTED, 0));
    Map<Doubt.Cause, Function<Double, Draw>> machine = new EnumMap<>(Doubt.Cause.class);
    machine.put(Doubt.Cause.DRAG, x -> new Draw(x, 0, 0, 0, 0, 0, 0, 0));
    machine.put(Doubt.Cause.WINDING, x -> new Draw(0, x, 0, 0, 0, 0, 0, 0));
    machine.put(Doubt.Cause.COUNTER_VOLTS, x -> new Draw(0, 0, x, 0, 0, 0, 0, 0));
    machine.put(Doubt.Cause.LEADS, x -> new Draw(0, 0, 0, x, 0, 0, 0, 0));
    machine.put(Doubt.Cause.TEMPERATURE, x -> new Draw(0, 0, 0, 0, 0, x, 0, 0));
    machine.forEach(
        (cause, draw) ->
            moved.put(
                cause,
                half(
                    afterParking.rpm(draw.apply(1.0), Draw.Own.EXPECTED, 0),
                    afterParking.rpm(draw.apply(-1.0), Draw.Own.EXPECTED, 0),
                    middle)));
    moved.put(Doubt.Cause.FIRE_SPEED, Spread.FIRE_SPEED.sigma() * engine.departure().spreadLeft());
    moved.put(
        Doubt.Cause.RESISTANCE,
        half(
            afterParking.rpm(Draw.EXPECTED, new Draw.Own(1, 0, 0, 0, 0, 0, 0), 0),
            afterParking.rpm(Draw.EXPECTED, new Draw.Own(-1, 0, 0, 0, 0, 0, 0), 0),
            middle));
    Map<Doubt.Cause, Double> charges = new EnumMap<>(Doubt.Cause.class);
    parkedDoubts(charges);
    charges.forEach(
        (cause, shift) ->
            moved.put(
                cause,
                half(
                    afterParking.rpm(Draw.EXPECTED, Draw.Own.EXPECTED, reachable(shift)),
                    afterParking.rpm(Draw.EXPECTED, Draw.Own.EXPECTED, reachable(-shift)),
                    middle)));
  }

  private static double reachable(double shift) {
    return Math.max(-CHARGE_REACH, Math.min(CHARGE_REACH, shift));
  }

  private static double half(double above, double below, double middle) {
    return Math.abs(above - below) / (2 * middle);
  }

  /** What moves the charge after the days parked (1). */
  private void parkedDoubts(Map<Doubt.Cause, Double> moved) {
    moved.put(
        Doubt.Cause.SELF_DISCHARGE,
        charges(x -> Draw.EXPECTED, x -> new Draw.Own(0, 0, x, 0, 0, 0, 0)));
    moved.put(
        Doubt.Cause.DRAIN, charges(x -> new Draw(0, 0, 0, 0, 0, 0, x, 0), x -> Draw.Own.EXPECTED));
    moved.put(
        Doubt.Cause.CAPACITY, charges(x -> Draw.EXPECTED, x -> new Draw.Own(0, x, 0, 0, 0, 0, 0)));
    moved.put(
        Doubt.Cause.CHARGE_REACHED,
        charges(x -> Draw.EXPECTED, x -> new Draw.Own(0, 0, 0, 0, 0, x, 0)));
  }

  private double charges(Function<Double, Draw> draw, Function<Double, Draw.Own> own) {
    return 0.5
        * Math.abs(
            parkedCharge(draw.apply(1.0), own.apply(1.0))
                - parkedCharge(draw.apply(-1.0), own.apply(-1.0)));
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
