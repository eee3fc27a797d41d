package org.fermix.core.bench;

import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.Tested;
import org.fermix.core.life.LifeEstimate;
import org.fermix.core.machine.Need;

/**
 * A battery as it is: what its tests found, else what its age says. Check, Bench, Decide and the
 * engine's own model all take it from here.
 *
 * @param health share of its capacity left (1)
 * @param years in service (y)
 * @param circuit worn as it is
 */
public record AsItIs(double health, double years, BatteryCircuit circuit) {
  /**
   * The battery of a candidate some years on.
   *
   * @param whenNew its circuit by its label
   * @param yearsOn from now (y); what was tested ages on from what it was found at
   */
  static AsItIs of(Candidate candidate, BatteryCircuit whenNew, LifeEstimate life, double yearsOn) {
    double years = candidate.ageYears() + yearsOn;
    Tested tested = candidate.tested();
    double byAge = life.healthAt(years);
    double health =
        tested
            .capacityShare()
            .map(share -> share * byAge / life.healthAt(candidate.ageYears()))
            .map(share -> Math.max(BatteryCircuit.LEAST_HEALTH, Math.min(1, share)))
            .orElse(byAge);
    return new AsItIs(
        health,
        years,
        tested
            .crankingShare()
            .map(share -> whenNew.measured(share).withCapacityLeft(health))
            .orElseGet(() -> whenNew.worn(health)));
  }

  /** A battery of the line-up today, in a need. */
  public static AsItIs today(Need need, Candidate candidate) {
    BatteryCircuit whenNew = BatteryCircuit.of(candidate.label());
    return of(candidate, whenNew, Bench.life(need, candidate), 0);
  }
}
