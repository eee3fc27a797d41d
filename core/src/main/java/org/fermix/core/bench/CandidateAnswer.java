package org.fermix.core.bench;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.fermix.core.label.Candidate;
import org.fermix.core.quantity.Figure;

/**
 * Everything the bench says of one candidate.
 *
 * @param headline all that points are given for
 * @param chanceInAYear that it lives and still does all that is asked a year on (1)
 * @param lostAfterDays of its owner’s own lay-up, as that is left, it is beyond recovery (d); empty
 *     where it outlasts it
 */
public record CandidateAnswer(
    Candidate candidate,
    List<GateResult> gates,
    Map<Outcome, Figure> outcomes,
    Screening.Headline headline,
    double chanceInAYear,
    Optional<Double> lostAfterDays) {
  /** From here on another year is likely enough to plan with (1); engineering judgement. */
  private static final double KEPT_FROM = 0.7;

  /** Below this it is replaced before it fails (1). */
  private static final double REPLACED_BELOW = 0.4;

  /** What to do with a battery that is in the machine, by its age and its tests. */
  public enum Advice {
    KEEP,
    /** Its age leaves it open: a test would tell. */
    TEST,
    REPLACE
  }

  /** What to do with it where it is in the machine. */
  public Advice advice() {
    return chanceInAYear >= KEPT_FROM
        ? Advice.KEEP
        : chanceInAYear >= REPLACED_BELOW ? Advice.TEST : Advice.REPLACE;
  }

  /** Copies both. */
  public CandidateAnswer {
    gates = List.copyOf(gates);
    outcomes = Map.copyOf(outcomes);
  }

  /** Its letter. */
  public String letter() {
    return candidate.letter();
  }

  /** The figure, where the outcome applies to this candidate. */
  public Optional<Figure> find(Outcome outcome) {
    return Optional.ofNullable(outcomes.get(outcome));
  }

  /**
   * The figure.
   *
   * @throws IllegalArgumentException when the outcome does not apply to this candidate
   */
  public Figure figure(Outcome outcome) {
    return find(outcome)
        .orElseThrow(
            () -> new IllegalArgumentException(letter() + " has no figure for " + outcome));
  }

  /** The gates it fails. */
  public List<GateResult> failedGates() {
    return gates.stream().filter(result -> result.mark() == Mark.FAILS).toList();
  }

  /** Share of its owner’s wishes that it meets (1). */
  public double wishesMet() {
    return GateResult.wishesMet(gates);
  }

  /** True when no gate fails; gates that cannot be judged do not count as failed. */
  public boolean isEligible() {
    return failedGates().isEmpty();
  }
}
