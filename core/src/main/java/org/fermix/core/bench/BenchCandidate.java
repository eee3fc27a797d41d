package org.fermix.core.bench;

import java.util.List;
import org.fermix.core.charging.ChargingVerdict;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.electrical.Cranking;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.Label;
import org.fermix.core.life.LifeEstimate;
import org.fermix.core.machine.Need;
import org.fermix.core.storage.Parking;

/** One candidate on the bench: circuit calibrated and gates judged once, outcomes on demand. */
final class BenchCandidate {
  private static final double SESSIONS_PER_YEAR = 20;

  private final Need need;
  private final Policy policy;
  private final Candidate candidate;
  private final Label label;
  private final Chemistry chemistry;
  private final BatteryCircuit whenNew;
  private final double chargeReached;
  private final LifeEstimate life;
  private final List<GateResult> gates;

  BenchCandidate(Need need, Policy policy, Candidate candidate) {
    this(need, policy, candidate, BatteryCircuit.of(candidate.label()));
  }

  private BenchCandidate(Need need, Policy policy, Candidate candidate, BatteryCircuit whenNew) {
    this(need, policy, candidate, whenNew, Gates.of(need, candidate.label(), whenNew));
  }

  BenchCandidate(
      Need need,
      Policy policy,
      Candidate candidate,
      BatteryCircuit whenNew,
      List<GateResult> gates) {
    this.need = need;
    this.policy = policy;
    this.candidate = candidate;
    this.label = candidate.label();
    this.chemistry = label.chemistry();
    this.whenNew = whenNew;
    this.chargeReached =
        ChargingVerdict.of(chemistry, need.regulatedVolts().value() / need.engine().series())
            .chargeReached(chemistry);
    double sessionAmpHours =
        need.use().engineOffAmps().value() * need.use().engineOffHours().value();
    this.life =
        LifeEstimate.of(
            chemistry,
            need.climate().batteryMeanC().value(),
            need.use().startsPerDay().value(),
            sessionAmpHours > 0 ? SESSIONS_PER_YEAR : 0,
            sessionAmpHours / label.capacity().value());
    this.gates = gates;
  }

  boolean mayBeBought() {
    return !candidate.isToday() && gates.stream().noneMatch(gate -> gate.mark() == Mark.FAILS);
  }

  CandidateAnswer answer(Conditions conditions) {
    return new CandidateAnswer(candidate, gates, new OutcomeFigures(in(conditions)).outcomes());
  }

  CandidateCurves curves(Conditions conditions) {
    return new CurveDrawing(in(conditions)).curves();
  }

  CandidateFutures futures(Conditions conditions) {
    return new CandidateFutures(in(conditions));
  }

  InConditions in(Conditions conditions) {
    double ageYears = candidate.ageYears() + conditions.yearsOn();
    double health = life.healthAt(ageYears);
    BatteryCircuit circuit =
        candidate
            .measuredShare()
            .map(share -> whenNew.measured(share).withCapacityLeft(health))
            .orElseGet(() -> whenNew.worn(health));
    Parking parking =
        Parking.of(
            chemistry.storage(),
            need.climate().parkedC().value(),
            need.use().drainMilliamps().value(),
            label.capacity().value() * health);
    return new InConditions(
        need,
        policy,
        candidate,
        conditions,
        health,
        ageYears,
        circuit,
        new Cranking(circuit, need.engine()),
        parking,
        chargeReached,
        parking.chargeAfter(chargeReached, conditions.daysParked()),
        life);
  }
}
