package org.fermix.core.bench;

import java.util.List;
import java.util.stream.Collectors;
import org.fermix.core.label.Candidate;
import org.fermix.core.machine.Need;

/**
 * The bench: one need and a line-up, with every battery's circuit calibrated once, ready to be
 * asked about any conditions. Immutable; the same question always has the same answer.
 */
public final class Bench {
  private final Need need;
  private final List<BenchCandidate> candidates;

  private Bench(Need need, List<BenchCandidate> candidates) {
    this.need = need;
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
    return new Bench(
        need,
        candidates.stream().map(candidate -> new BenchCandidate(need, policy, candidate)).toList());
  }

  /** The need it was set up with. */
  public Need need() {
    return need;
  }

  /** What every candidate would do. */
  public BenchAnswer answer(Conditions conditions) {
    return new BenchAnswer(
        need,
        conditions,
        candidates.stream().map(candidate -> candidate.answer(conditions)).toList());
  }

  /** Every candidate's curves, in the order of the question. */
  public List<CandidateCurves> curves(Conditions conditions) {
    return candidates.stream().map(candidate -> candidate.curves(conditions)).toList();
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
