package org.fermix.core.decision;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.BenchAnswer;
import org.fermix.core.bench.CandidateAnswer;
import org.fermix.core.bench.Conditions;

/**
 * Which one to take. Gates come first: a candidate that fails one is refused with its reason, never
 * scored low. Of the rest, those that do all the owner asks are ranked by the owner's weights, and
 * only one of them is recommended; those that fall short come after, the nearest first; {@link
 * Order} says what a tie is. The order of the question does not matter.
 *
 * @param answer what it rests on
 * @param ranked best first
 * @param refused those that fail a gate, by letter
 */
public record Decision(
    BenchAnswer answer, Weights weights, List<Ranked> ranked, List<CandidateAnswer> refused) {
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

  /** The one to take: it passes every gate and does all that is asked; empty when none does. */
  public Optional<Ranked> leader() {
    return first().filter(Ranked::meets);
  }

  /** First of those that pass every gate: the leader, or the one that comes nearest. */
  public Optional<Ranked> first() {
    return ranked.stream().findFirst();
  }

  /** The acceptable second, if there is one. */
  public Optional<Ranked> second() {
    return ranked.stream().skip(1).findFirst();
  }

  /** What a candidate misses of what the owner asks: a likely start, the days, the hours. */
  public List<Shortfall> shortfalls(CandidateAnswer candidate) {
    return Shortfall.of(
        candidate.headline(), answer.conditions(), answer.conditions().layUpDays(answer.need()));
  }

  /** True when a candidate does all the owner asks, or is just short of it. */
  public boolean meetsConditions(CandidateAnswer candidate) {
    return shortfalls(candidate).stream().allMatch(Shortfall::isSlight);
  }

  /** The ranked candidates that do all the owner asks, best first. */
  public List<Ranked> meeting() {
    return ranked.stream().filter(Ranked::meets).toList();
  }

  /** Those that fail a gate and would do all the owner asks if it were opened, by letter. */
  public List<CandidateAnswer> refusedThoughMeeting() {
    return refused.stream().filter(this::meetsConditions).toList();
  }

  static List<Ranked> rank(BenchAnswer answer, Weights weights) {
    List<CandidateAnswer> eligible =
        answer.forSale().stream().filter(CandidateAnswer::isEligible).toList();
    Points points =
        Points.of(
            eligible.stream().map(CandidateAnswer::headline).toList(),
            weights,
            answer.conditions(),
            answer.conditions().layUpDays(answer.need()));
    return Order.of(eligible, CandidateAnswer::letter, CandidateAnswer::headline, points).stream()
        .map(each -> new Ranked(each.item(), points.weigh(each.headline()), each.score().meets()))
        .toList();
  }
}
