package org.fermix.core.bench;

import java.util.EnumMap;
import java.util.Map;
import java.util.OptionalDouble;
import org.fermix.core.cost.YearlyCost;
import org.fermix.core.electrical.ChargeState;
import org.fermix.core.electrical.CrankPoint;
import org.fermix.core.electrical.Cranking;
import org.fermix.core.electrical.StartLimits;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.Label;
import org.fermix.core.life.LifeEstimate;
import org.fermix.core.machine.Need;
import org.fermix.core.quantity.Band;
import org.fermix.core.quantity.Figure;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Reach;
import org.fermix.core.quantity.Unit;
import org.fermix.core.reserve.EngineOff;
import org.fermix.core.storage.Parking;

/** The outcomes of one candidate in one set of conditions, each a figure with its band. */
final class OutcomeFigures {
  private static final double SPEED_SIGMA = 0.25;
  private static final double MEASURED_DRAIN_SIGMA = Math.log(1.15);
  private static final double ASSUMED_DRAIN_SIGMA = Math.log(1.6);
  static final double SELF_DISCHARGE_SIGMA = Math.log(1.4);
  private static final double ENGINE_OFF_SIGMA = 0.15;
  static final double PRICE_SIGMA = 0.05;
  private static final double ASSUMED_MASS_SIGMA = 0.2;

  private final InConditions in;
  private final Need need;
  private final Policy policy;
  private final Candidate candidate;
  private final Label label;
  private final Conditions conditions;
  private final Cranking cranking;
  private final StartLimits limits;
  private final Parking parking;
  private final LifeEstimate life;
  private final double chargeReached;
  private final double chargeAtStart;
  private final CrankPoint crank;
  private final OptionalDouble lowestCharge;
  private final double cautiousCharge;
  private final double hopefulCharge;
  private final Workings workings;

  OutcomeFigures(InConditions in) {
    this.in = in;
    need = in.need();
    policy = in.policy();
    candidate = in.candidate();
    label = candidate.label();
    conditions = in.conditions();
    cranking = in.cranking();
    limits = new StartLimits(in.circuit(), cranking);
    parking = in.parking();
    life = in.life();
    chargeReached = in.chargeReached();
    chargeAtStart = in.chargeAtStart();
    crank = cranking.crank(ChargeState.rested(chargeAtStart, conditions.temperatureC()));
    lowestCharge = limits.lowestCharge(conditions.temperatureC(), policy.startSureness());
    cautiousCharge = limits.lowestCharge(conditions.temperatureC(), Band.SIGMAS).orElse(1);
    hopefulCharge = limits.lowestCharge(conditions.temperatureC(), -Band.SIGMAS).orElse(1);
    workings = new Workings(in);
  }

  /** Colder than the model is trusted a band grows by a twentieth a kelvin (estimate). */
  private static double widening(double temperatureC) {
    return 1 + Math.max(0, Cranking.COLDEST_TRUSTED_C - temperatureC) / 20;
  }

  static double drainSigma(Given drain) {
    return drain.isAssumed() ? ASSUMED_DRAIN_SIGMA : MEASURED_DRAIN_SIGMA;
  }

  Map<Outcome, Figure> outcomes() {
    Map<Outcome, Figure> outcomes = new EnumMap<>(Outcome.class);
    outcomes.put(Outcome.START_FLOOR, startFloor());
    outcomes.put(Outcome.START_CHANCE, startChance());
    outcomes.put(Outcome.CRANKING_SPEED, crankingSpeed());
    outcomes.put(Outcome.CRANKING_VOLTS, crankingVolts());
    outcomes.put(Outcome.START_CHARGE, startCharge());
    outcomes.put(Outcome.PARKED_DAYS, parkedDays());
    if (conditions.engineOffAmps() > 0) {
      outcomes.put(Outcome.ENGINE_OFF_HOURS, engineOffHours());
    }
    outcomes.put(
        Outcome.CHARGE_REACHED,
        Figure.of(
            chargeReached * 100,
            Unit.PER_CENT,
            Band.exact(chargeReached * 100),
            workings::chargeReached));
    outcomes.put(Outcome.MASS, mass());
    outcomes.put(Outcome.LIFE, Figure.of(life.years(), Unit.YEAR, life.band(), workings::life));
    if (!candidate.isToday()) {
      outcomes.put(Outcome.COST_PER_YEAR, costPerYear());
    }
    return outcomes;
  }

  private Figure startFloor() {
    OptionalDouble floor = limits.startFloorC(chargeAtStart, policy.startSureness());
    if (floor.isEmpty()) {
      return Figure.of(
          StartLimits.WARMEST_C,
          Unit.CELSIUS,
          Band.exact(StartLimits.WARMEST_C),
          Reach.NEVER,
          () -> workings.startFloor(crank));
    }
    double cautious = limits.startFloorC(chargeAtStart, Band.SIGMAS).orElse(StartLimits.WARMEST_C);
    double hopeful = limits.startFloorC(chargeAtStart, -Band.SIGMAS).orElse(StartLimits.WARMEST_C);
    Reach reach = floor.getAsDouble() <= StartLimits.COLDEST_C ? Reach.AT_MOST : Reach.AT;
    return Figure.of(
        floor.getAsDouble(),
        Unit.CELSIUS,
        new Band(
            floor.getAsDouble() - (floor.getAsDouble() - hopeful) * widening(hopeful),
            floor.getAsDouble() + (cautious - floor.getAsDouble()) * widening(cautious)),
        reach,
        () -> workings.startFloor(crank));
  }

  private Figure startChance() {
    double sureness = cranking.sureness(crank, conditions.temperatureC());
    double chance = 100 * Cranking.chance(sureness);
    return Figure.of(
        chance, Unit.PER_CENT, Band.exact(chance), () -> workings.startChance(crank, cranking));
  }

  private Figure crankingSpeed() {
    return Figure.of(
        crank.rpm(),
        Unit.RPM,
        Band.ratio(
            crank.rpm(),
            SPEED_SIGMA
                * need.engine().departure().spreadLeft()
                * widening(conditions.temperatureC())),
        () -> workings.cranking(crank, cranking));
  }

  private Figure crankingVolts() {
    double spread =
        Band.SIGMAS
            * Cranking.VOLTS_SIGMA
            * need.engine().series()
            * widening(conditions.temperatureC());
    return Figure.of(
        crank.volts(),
        Unit.VOLT,
        new Band(crank.volts() - spread, crank.volts() + spread),
        () -> workings.cranking(crank, cranking));
  }

  private Figure startCharge() {
    double percent = 100 * lowestCharge.orElse(1);
    Reach reach = lowestCharge.isEmpty() ? Reach.NEVER : Reach.AT;
    if (lowestCharge.isPresent()
        && lowestCharge.getAsDouble() <= in.circuit().lowestTrustedCharge()) {
      reach = Reach.AT_MOST;
    }
    return Figure.of(
        percent,
        Unit.PER_CENT,
        new Band(100 * hopefulCharge, 100 * cautiousCharge),
        reach,
        workings::startCharge);
  }

  private Figure parkedDays() {
    if (lowestCharge.isEmpty()) {
      double most = parking.days(chargeReached, hopefulCharge);
      return Figure.of(
          0, Unit.DAY, new Band(0, most), Reach.NEVER, () -> workings.parkedDays(lowestCharge));
    }
    double to = lowestCharge.getAsDouble();
    double days = parking.days(chargeReached, to);
    Given drain = need.use().drainMilliamps();
    double drainFactor = Math.exp(Band.SIGMAS * drainSigma(drain));
    double lossFactor = Math.exp(Band.SIGMAS * SELF_DISCHARGE_SIGMA);
    // Losses and the start's own uncertainty are independent: their spans add as squares.
    double shorter =
        Math.hypot(
            days - parking.scaled(lossFactor, drainFactor).days(chargeReached, to),
            days - parking.days(chargeReached, cautiousCharge));
    double longer =
        Math.hypot(
            parking.scaled(1 / lossFactor, 1 / drainFactor).days(chargeReached, to) - days,
            parking.days(chargeReached, hopefulCharge) - days);
    return Figure.of(
        days,
        Unit.DAY,
        new Band(Math.max(0, days - shorter), days + longer),
        days >= Parking.LONGEST_DAYS ? Reach.AT_LEAST : Reach.AT,
        () -> workings.parkedDays(lowestCharge));
  }

  private Figure engineOffHours() {
    if (lowestCharge.isEmpty()) {
      return Figure.of(
          0,
          Unit.HOUR,
          new Band(0, in.engineOffHours(hopefulCharge)),
          Reach.NEVER,
          () -> workings.engineOff(1, 0));
    }
    double hours = in.engineOffHours(lowestCharge.getAsDouble());
    double model = hours * (Math.exp(Band.SIGMAS * ENGINE_OFF_SIGMA) - 1);
    double shorter = Math.hypot(model, hours - in.engineOffHours(cautiousCharge));
    double longer = Math.hypot(model, in.engineOffHours(hopefulCharge) - hours);
    return Figure.of(
        hours,
        Unit.HOUR,
        new Band(Math.max(0, hours - shorter), hours + longer),
        hours >= EngineOff.LONGEST_HOURS ? Reach.AT_LEAST : Reach.AT,
        () -> workings.engineOff(in.keptCharge(lowestCharge.getAsDouble()), hours));
  }

  private Figure mass() {
    Given mass = label.mass();
    Band band =
        mass.isAssumed() ? Band.ratio(mass.value(), ASSUMED_MASS_SIGMA) : Band.exact(mass.value());
    return Figure.of(mass.value(), Unit.KILOGRAM, band, workings::mass);
  }

  private Figure costPerYear() {
    double kept = need.use().yearsKept().value();
    double price = label.price().value();
    double perYear = in.costPerYear();
    double priceFactor = Math.exp(Band.SIGMAS * PRICE_SIGMA);
    Band lifeBand = life.band();
    Band band =
        new Band(
            YearlyCost.of(price, lifeBand.high(), kept) / priceFactor,
            YearlyCost.of(price, lifeBand.low(), kept) * priceFactor);
    return Figure.of(perYear, Unit.MONEY_PER_YEAR, band, workings::costPerYear);
  }
}
