package org.fermix.core.decision;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.BenchAnswer;
import org.fermix.core.bench.CandidateAnswer;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Outcome;

/**
 * Which one to take. Gates come first: a candidate that fails one is refused with its reason, never
 * scored low. The rest are ranked by the owner's weights; ties go by letter, so the order of the
 * question does not matter.
 *
 * @param answer what it rests on
 * @param ranked best first
 * @param refused those that fail a gate, by letter
 */
public record Decision(
    BenchAnswer answer, Weights weights, List<Ranked> ranked, List<CandidateAnswer> refused) {
  private static final double LIKELY_PERCENT = 80;

  /** Copies the lists. */
  public Decision {
    ranked = List.copyOf(ranked);
    refused = List.copyOf(refused);
  }

  /** Decides in one set of conditions. */
  public static Decision of(Bench bench, Conditions conditions, Weights weights) {
    BenchAnswer answer = bench.answer(conditions);
    List<Ranked> ranked = rank(answer, weights);
    List<CandidateAnswer> refused =
        answer.forSale().stream()
            .filter(candidate -> !candidate.isEligible())
            .sorted(Comparator.comparing(CandidateAnswer::letter))
            .toList();
    return new Decision(answer, weights, ranked, refused);
  }

  /** The one to take, if any passes the gates. */
  public Optional<Ranked> leader() {
    return ranked.stream().findFirst();
  }

  /** The acceptable second, if there is one. */
  public Optional<Ranked> second() {
    return ranked.stream().skip(1).findFirst();
  }

  /**
   * True when a candidate does all the owner asks: a likely start, sits the days, runs the hours.
   */
  public boolean meetsConditions(CandidateAnswer candidate) {
    Conditions conditions = answer.conditions();
    return candidate.figure(Outcome.START_CHANCE).value() >= LIKELY_PERCENT
        && candidate.figure(Outcome.PARKED_DAYS).value() >= conditions.layUpDays(answer.need())
        && candidate
            .find(Outcome.ENGINE_OFF_HOURS)
            .map(hours -> hours.value() >= conditions.engineOffHours())
            .orElse(true);
  }

  /** The ranked candidates that do all the owner asks, best first. */
  public List<Ranked> meeting() {
    return ranked.stream().filter(verdict -> meetsConditions(verdict.answer())).toList();
  }

  static List<Ranked> rank(BenchAnswer answer, Weights weights) {
    List<CandidateAnswer> eligible =
        answer.forSale().stream().filter(CandidateAnswer::isEligible).toList();
    Merits merits =
        Merits.of(eligible, answer.conditions(), answer.conditions().layUpDays(answer.need()));
    return eligible.stream()
        .map(candidate -> new Ranked(candidate, merits.weigh(candidate, weights)))
        .sorted(Comparator.comparingDouble(Ranked::points).reversed().thenComparing(Ranked::letter))
        .toList();
  }
}
