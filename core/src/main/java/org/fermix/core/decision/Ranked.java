package org.fermix.core.decision;

import java.util.List;
import org.fermix.core.bench.CandidateAnswer;

/**
 * One ranked candidate with the parts its points are the sum of.
 *
 * @param meets true when it does all that is asked
 */
public record Ranked(CandidateAnswer answer, List<Weighing> weighings, boolean meets) {
  /** Copies the list. */
  public Ranked {
    weighings = List.copyOf(weighings);
  }

  /** Its letter. */
  public String letter() {
    return answer.letter();
  }

  /** Sum of the parts. */
  public double points() {
    return weighings.stream().mapToDouble(Weighing::points).sum();
  }

  /** The part of one criterion. */
  public Weighing weighing(Criterion criterion) {
    return weighings.stream()
        .filter(weighing -> weighing.criterion() == criterion)
        .findFirst()
        .orElseThrow();
  }
}
