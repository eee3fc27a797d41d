package org.fermix.core.bench;

import org.fermix.core.electrical.ChargeState;
import org.fermix.core.quantity.Band;
import org.fermix.core.quantity.Normal;
import org.fermix.core.quantity.Spread;
import org.fermix.core.reserve.Discharge;
import org.fermix.core.reserve.EngineOff;

/**
 * A load with the engine off and what it leaves. Two things end it: a floor, where the school
 * followed or the battery's own reserve lets it run no deeper or the volts are too low for it, and
 * the chance of a start after it, at the charge that is left.
 *
 * @param amps of the load (A)
 */
record OffLoad(InConditions in, double amps) {
  private static final int HALVINGS = 24;

  static OffLoad of(InConditions in) {
    return new OffLoad(in, in.conditions().engineOffAmps());
  }

  /** Hours until the floor (h); 0 where its protection lets no such load through. */
  double floorHours() {
    if (in.power().protection().filter(each -> amps > each.continuousA()).isPresent()) {
      return 0;
    }
    double runs =
        in.power().law().factor(amps)
            * EngineOff.hours(
                in.circuit(),
                begins(),
                amps,
                0,
                in.policy().endVolts() * in.need().engine().series());
    double allowed = Math.max(0, in.chargeReached() - in.chargeLeftAlone()) / taken(1);
    return Math.min(EngineOff.LONGEST_HOURS, Math.min(runs, allowed));
  }

  private ChargeState begins() {
    return ChargeState.rested(in.chargeReached(), in.conditions().temperatureC());
  }

  /** Charge some hours take (1). */
  private double taken(double hours) {
    double slow = Discharge.slowShare(in.circuit(), in.conditions().temperatureC());
    return amps * hours / (in.circuit().capacityAmpHours() * slow * in.power().law().factor(amps));
  }

  /** Charge left after some hours, rested (1). */
  double chargeAfter(double hours) {
    return Math.max(0, in.chargeReached() - taken(hours));
  }

  /** Chance of a start after some hours, at the temperature of the conditions (1). */
  double chanceAfter(double hours) {
    SurenessTable starts = in.starts().cold();
    return cases(hours).chance(starts::chance, starts.lowest());
  }

  /** What may be left after some hours. */
  Parked.Cases cases(double hours) {
    double off =
        Math.hypot(lawSigma(), Math.hypot(Spread.LOAD.sigma(), in.label().capacitySigma()));
    return Parked.Cases.around(
        chargeAfter(hours), Math.hypot(taken(hours) * off, Spread.CHARGE_REACHED.sigma()));
  }

  /** Hours after which it starts no surer than asked, in standard deviations, or the floor (h). */
  double hours(double sureness) {
    double floor = floorHours();
    double asked = Normal.cumulative(sureness);
    if (floor <= 0 || chanceAfter(0) < asked) {
      return 0;
    }
    if (chanceAfter(floor) >= asked) {
      return floor;
    }
    double enough = 0;
    double tooMuch = floor;
    for (int i = 0; i < HALVINGS; i++) {
      double middle = 0.5 * (enough + tooMuch);
      if (chanceAfter(middle) >= asked) {
        enough = middle;
      } else {
        tooMuch = middle;
      }
    }
    return enough;
  }

  /** From where nine in ten still start to where one in ten does, or the floor as it may be (h). */
  Band band() {
    double floor = floorHours();
    double sigma =
        Math.hypot(Math.hypot(lawSigma(), Spread.LOAD.sigma()), in.label().capacitySigma());
    return new Band(
        Math.min(hours(Band.SIGMAS), floor * Math.exp(-Band.SIGMAS * sigma)),
        Math.min(EngineOff.LONGEST_HOURS, Math.max(hours(Band.SIGMAS), endless(sigma, floor))));
  }

  private double endless(double sigma, double floor) {
    double unlikely = hours(-Band.SIGMAS);
    return unlikely < floor ? unlikely : floor * Math.exp(Band.SIGMAS * sigma);
  }

  /** Of the discharge law at this current (1). */
  private double lawSigma() {
    return in.power().law().isBetween(amps)
        ? Spread.ENGINE_OFF.sigma()
        : Math.hypot(Spread.ENGINE_OFF.sigma(), Spread.ENGINE_OFF_OUTSIDE.sigma());
  }
}
