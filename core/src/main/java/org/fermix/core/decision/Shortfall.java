package org.fermix.core.decision;

import java.util.ArrayList;
import java.util.List;
import org.fermix.core.bench.CandidateAnswer;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Outcome;
import org.fermix.core.bench.Screening;

/**
 * One thing that is asked and not met.
 *
 * @param outcome {@link Outcome#START_CHANCE}, {@link Outcome#PARKED_DAYS} or {@link
 *     Outcome#ENGINE_OFF_HOURS}
 * @param found in the unit of the outcome
 * @param wanted in the same
 */
public record Shortfall(Outcome outcome, double found, double wanted) {
  private static final double LIKELY_PERCENT = 80;

  /** All that a candidate misses: a likely start, the days, the hours. */
  static List<Shortfall> of(CandidateAnswer candidate, Conditions conditions, double layUpDays) {
    List<Shortfall> missing = new ArrayList<>();
    add(
        missing,
        Outcome.START_CHANCE,
        candidate.figure(Outcome.START_CHANCE).value(),
        LIKELY_PERCENT);
    add(missing, Outcome.PARKED_DAYS, candidate.figure(Outcome.PARKED_DAYS).value(), layUpDays);
    candidate
        .find(Outcome.ENGINE_OFF_HOURS)
        .ifPresent(
            hours ->
                add(missing, Outcome.ENGINE_OFF_HOURS, hours.value(), conditions.engineOffHours()));
    return missing;
  }

  /** True where a candidate of which only the headline outcomes are known misses none. */
  static boolean isNone(Screening.Headline headline, Conditions conditions, double layUpDays) {
    return 100 * headline.startChance() >= LIKELY_PERCENT
        && headline.parkedDays() >= layUpDays
        && (!conditions.hasEngineOffLoad()
            || headline.engineOffHours() >= conditions.engineOffHours());
  }

  private static void add(List<Shortfall> missing, Outcome outcome, double found, double wanted) {
    if (found < wanted) {
      missing.add(new Shortfall(outcome, found, wanted));
    }
  }
}
