package org.fermix.core.bench;

import org.fermix.core.cost.YearlyCost;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.electrical.ChargeState;
import org.fermix.core.electrical.Cranking;
import org.fermix.core.label.Candidate;
import org.fermix.core.life.LifeEstimate;
import org.fermix.core.machine.Need;
import org.fermix.core.reserve.EngineOff;
import org.fermix.core.storage.Parking;

/**
 * One candidate in one set of conditions: what its outcomes and its curves share, worked out once.
 *
 * @param health share of capacity left (1)
 * @param ageYears in service (y)
 * @param circuit worn to that health
 * @param chargeReached on the machine (1)
 * @param chargeAtStart after the days parked (1)
 */
record InConditions(
    Need need,
    Policy policy,
    Candidate candidate,
    Conditions conditions,
    double health,
    double ageYears,
    BatteryCircuit circuit,
    Cranking cranking,
    Parking parking,
    double chargeReached,
    double chargeAtStart,
    LifeEstimate life) {
  /** Hours the engine-off load can run above a charge that still starts (h). */
  double engineOffHours(double lowestCharge) {
    return EngineOff.hours(
        circuit,
        ChargeState.rested(chargeReached, conditions.temperatureC()),
        conditions.engineOffAmps(),
        keptCharge(lowestCharge),
        policy.endVolts() * need.engine().series());
  }

  /** Charge kept: what a start needs and its margin, or what the school leaves (1). */
  double keptCharge(double lowestCharge) {
    double bySchool = 1 - candidate.label().chemistry().plausibility().usableDepth();
    return Math.min(1, Math.max(lowestCharge + policy.chargeKeptBack(), bySchool));
  }

  /** Price over the years it serves, in the currency of the price. */
  double costPerYear() {
    return YearlyCost.of(
        candidate.label().price().value(), life.years(), need.use().yearsKept().value());
  }
}
