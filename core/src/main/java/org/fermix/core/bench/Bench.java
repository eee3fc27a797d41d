package org.fermix.core.bench;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.electrical.WarmUp;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.Label;
import org.fermix.core.life.LifeEstimate;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.Stand;
import org.fermix.core.quantity.Figure;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;

/**
 * The bench: one need and a line-up, with every battery's circuit calibrated once, ready to be
 * asked about any conditions. Immutable; the same question always has the same answer.
 */
public final class Bench {
  private final Need need;
  private final Policy policy;
  private final List<BenchCandidate> candidates;

  private Bench(Need need, Policy policy, List<BenchCandidate> candidates) {
    this.need = need;
    this.policy = policy;
    this.candidates = candidates;
  }

  /**
   * Sets up the bench.
   *
   * @throws IllegalArgumentException when two candidates bear the same letter
   */
  public static Bench of(Need need, Policy policy, List<Candidate> candidates) {
    long letters = candidates.stream().map(Candidate::letter).distinct().count();
    if (letters != candidates.size()) {
      throw new IllegalArgumentException(
          "each candidate needs a letter of its own, were "
              + candidates.stream().map(Candidate::letter).collect(Collectors.joining(", ")));
    }
    Optional<Label> today =
        candidates.stream().filter(Candidate::isToday).map(Candidate::label).findFirst();
    List<BenchCandidate> made =
        candidates.stream()
            .map(candidate -> new BenchCandidate(need, policy, candidate, today))
            .toList();
    if (need.use().history().isEmpty()) {
      return new Bench(need, policy, made);
    }
    // What the owner has seen is compared with what the model expects of today's kind of battery.
    Optional<Double> expected =
        made.stream().filter(BenchCandidate::isToday).map(BenchCandidate::modelYears).findFirst();
    return new Bench(
        need,
        policy,
        made.stream().map(each -> each.seen(expected.orElse(each.modelYears()))).toList());
  }

  /** How long one battery is expected to last in a need: what every page says of it. */
  public static LifeEstimate life(Need need, Candidate candidate) {
    BenchCandidate made = new BenchCandidate(need, Policy.USUAL, candidate);
    return made.seen(made.modelYears()).expectedLife();
  }

  /** The gates of one battery in a need; they do not depend on the conditions. */
  public static List<GateResult> gates(Need need, Label label) {
    return Gates.of(need, Policy.USUAL, label, () -> BatteryCircuit.of(label));
  }

  /** Chance that one battery starts the machine in conditions (1): what every page says of it. */
  public static double startChance(Need need, Candidate candidate, Conditions conditions) {
    return of(need, Policy.USUAL, List.of(candidate))
            .answer(conditions)
            .candidates()
            .get(0)
            .figure(Outcome.START_CHANCE)
            .value()
        / 100;
  }

  /** The need it was set up with. */
  public Need need() {
    return need;
  }

  /** The same question asked of one candidate alone; its answers are the same. */
  public Bench only(String letter) {
    return new Bench(
        need, policy, candidates.stream().filter(each -> each.letter().equals(letter)).toList());
  }

  /** The same question where the machine is kept so many years (y). */
  public Bench kept(double years) {
    Need other = need.used(need.use().kept(Given.typed(years, Unit.YEAR)));
    return new Bench(other, policy, candidates.stream().map(each -> each.kept(other)).toList());
  }

  /** What every candidate would do. */
  public BenchAnswer answer(Conditions conditions) {
    return new BenchAnswer(
        need,
        conditions,
        candidates.stream().map(candidate -> candidate.answer(conditions)).toList());
  }

  /**
   * Days parked until it no longer starts, for each candidate and way of leaving it other than that
   * of the conditions, in the order of the question.
   */
  public List<Map<Stand.Way, Figure>> standing(Conditions conditions) {
    return candidates.stream().map(candidate -> candidate.standing(conditions)).toList();
  }

  /** Every candidate's curves of some kinds, in the order of the question. */
  public List<CandidateCurves> curves(Conditions conditions, Set<CandidateCurves.Kind> asked) {
    return candidates.stream().map(candidate -> candidate.curves(conditions, asked)).toList();
  }

  /** How each candidate fails, in the order of the question; of an answer this bench gave. */
  public List<HowItFails> failing(BenchAnswer answer) {
    List<HowItFails> all = new ArrayList<>();
    for (int i = 0; i < candidates.size(); i++) {
      all.add(candidates.get(i).failing(answer.conditions(), answer.candidates().get(i)));
    }
    return List.copyOf(all);
  }

  /** What makes the band of one candidate’s figure, the largest first. */
  public List<Doubt> doubts(String letter, Outcome outcome, Conditions conditions) {
    return candidates.stream()
        .filter(each -> each.letter().equals(letter))
        .findFirst()
        .map(each -> each.futures(conditions).doubts(outcome))
        .orElse(List.of());
  }

  /**
   * What some minutes of a load do to each cold battery of a kind that warms, in the order of the
   * question; empty for lead, which such a load only empties.
   */
  public List<Optional<WarmUp>> warmUps(Conditions conditions, double amps, double seconds) {
    return candidates.stream().map(each -> each.warmUp(conditions, amps, seconds)).toList();
  }

  /**
   * Headline outcomes in some conditions of the candidates that may be bought and fail no gate, by
   * letter in the order of the question: the same numbers as an answer, without bands or working.
   */
  public Map<String, Screening.Headline> headlines(Conditions conditions) {
    Map<String, Screening.Headline> headlines = new LinkedHashMap<>();
    for (BenchCandidate each : candidates) {
      if (each.mayBeBought()) {
        headlines.put(each.letter(), each.headline(conditions));
      }
    }
    return headlines;
  }

  /** Headline outcomes of one candidate, whether or not it may be bought. */
  public Optional<Screening.Headline> headline(String letter, Conditions conditions) {
    return candidates.stream()
        .filter(each -> each.letter().equals(letter))
        .findFirst()
        .map(each -> each.headline(conditions));
  }

  /**
   * Headline outcomes over temperature and days of the candidates that may be bought and fail no
   * gate, in the order of the question.
   */
  public List<CandidateSurface> surfaces(Conditions conditions) {
    return candidates.stream()
        .filter(BenchCandidate::mayBeBought)
        .map(candidate -> new CandidateSurface(candidate, conditions))
        .toList();
  }

  /**
   * The candidates that may be bought and fail no gate, in the order of the question, ready to be
   * asked about many plausible futures.
   */
  public List<CandidateFutures> futures(Conditions conditions) {
    return candidates.stream()
        .filter(BenchCandidate::mayBeBought)
        .map(candidate -> candidate.futures(conditions))
        .toList();
  }
}
