package org.fermix.core.bench;

import java.util.List;
import java.util.Optional;
import org.fermix.core.machine.Need;

/** What every candidate would do in one set of conditions, in the order of the question. */
public record BenchAnswer(Need need, Conditions conditions, List<CandidateAnswer> candidates) {
  /** Copies the list. */
  public BenchAnswer {
    candidates = List.copyOf(candidates);
  }

  /** The answer for a letter, if it is in the line-up. */
  public Optional<CandidateAnswer> find(String letter) {
    return candidates.stream().filter(answer -> answer.letter().equals(letter)).findFirst();
  }

  /** Today's battery, if it was described. */
  public Optional<CandidateAnswer> today() {
    return candidates.stream().filter(answer -> answer.candidate().isToday()).findFirst();
  }

  /** The candidates that could be bought. */
  public List<CandidateAnswer> forSale() {
    return candidates.stream().filter(answer -> !answer.candidate().isToday()).toList();
  }
}
