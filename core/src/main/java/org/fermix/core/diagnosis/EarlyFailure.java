package org.fermix.core.diagnosis;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Why a lithium battery failed long before its time, each reason with what tells it. They are not
 * weighed against each other: most are settled by one look. Common practice, no source.
 *
 * @param reason what may have been the matter
 * @param told what the readings say of it; empty while nothing was read that tells
 */
public record EarlyFailure(Reason reason, Optional<Boolean> told) {
  /** What kills a lithium battery early. */
  public enum Reason {
    /** The machine or charger gave more volts than it stands. */
    OVERCHARGED,
    /** It never became full: regulated too low, or driven too little. */
    NEVER_FULL,
    /** Its protection opened, and nothing at hand could close it: it stood empty. */
    NOT_WOKEN,
    /** A charger with a desulfating stage, or one that does not know lithium. */
    WRONG_CHARGER,
    /** A cell or its electronics: a matter of its warranty. */
    DEFECT,
    /** Nobody said how to charge, store or wake it. */
    NO_INSTRUCTIONS
  }

  /** Reasons with what the readings say of each; what was found so first. */
  public static List<EarlyFailure> of(Diagnosis diagnosis) {
    List<EarlyFailure> reasons = new ArrayList<>();
    reasons.add(told(diagnosis, Reason.OVERCHARGED, ReadingKind.CHARGING_VOLTS, List.of("high")));
    Optional<Boolean> lowVolts = found(diagnosis, ReadingKind.CHARGING_VOLTS, List.of("low"));
    Optional<Boolean> little = found(diagnosis, ReadingKind.TRIPS, List.of("short"));
    reasons.add(new EarlyFailure(Reason.NEVER_FULL, either(lowVolts, little)));
    reasons.add(told(diagnosis, Reason.NOT_WOKEN, ReadingKind.WAKE, List.of("wakes")));
    reasons.add(new EarlyFailure(Reason.WRONG_CHARGER, Optional.empty()));
    reasons.add(told(diagnosis, Reason.DEFECT, ReadingKind.FAULT_LIGHT, List.of("cell")));
    reasons.add(new EarlyFailure(Reason.NO_INSTRUCTIONS, Optional.empty()));
    reasons.sort((a, b) -> Integer.compare(order(a.told()), order(b.told())));
    return List.copyOf(reasons);
  }

  /** Found where either is; ruled out only where both are. */
  private static Optional<Boolean> either(Optional<Boolean> one, Optional<Boolean> other) {
    if (one.orElse(false) || other.orElse(false)) {
      return Optional.of(true);
    }
    return one.isPresent() && other.isPresent() ? Optional.of(false) : Optional.empty();
  }

  private static int order(Optional<Boolean> told) {
    return told.map(each -> each ? 0 : 2).orElse(1);
  }

  private static EarlyFailure told(
      Diagnosis diagnosis, Reason reason, ReadingKind kind, List<String> outcomes) {
    return new EarlyFailure(reason, found(diagnosis, kind, outcomes));
  }

  private static Optional<Boolean> found(
      Diagnosis diagnosis, ReadingKind kind, List<String> outcomes) {
    return diagnosis.supports().stream()
        .map(Diagnosis.Support::evidence)
        .filter(evidence -> evidence.kind() == kind)
        .map(evidence -> outcomes.contains(evidence.outcome()))
        .findFirst();
  }
}
