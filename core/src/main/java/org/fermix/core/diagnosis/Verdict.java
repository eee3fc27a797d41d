package org.fermix.core.diagnosis;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.fermix.core.quantity.Check;

/**
 * What to do, from a diagnosis and what is known of the winter to come.
 *
 * @param action what to do now
 * @param sureness likelihood of the cause behind it (1)
 * @param settled false while another reading should come first
 * @param rests the readings that speak most for it, strongest first
 * @param contradicted readings that hardly fit it; one of them may be wrong
 * @param next the single reading that would help most; empty when none is left
 */
public record Verdict(
    Action action,
    Cause cause,
    double sureness,
    boolean settled,
    List<Diagnosis.Support> rests,
    List<Diagnosis.Support> contradicted,
    Optional<Diagnosis.Next> next) {
  /** A next reading that would remove less doubt than this is not worth asking for (bit). */
  private static final double WORTH_BITS = 0.05;

  private static final double LIKELY = 0.8;

  /** Copies the lists. */
  public Verdict {
    rests = List.copyOf(rests);
    contradicted = List.copyOf(contradicted);
  }

  /** What to do. */
  public enum Action {
    CHARGE_AND_RETEST,
    MEND_CONNECTION,
    MEND_CHARGING,
    FIND_DRAIN,
    WAKE_PROTECTION,
    /** Look at the starter and the engine. */
    LOOK_AT_STARTER,
    /** The battery is healthy but too small for this engine or these conditions. */
    TOO_SMALL,
    REPLACE_NOW,
    REPLACE_BEFORE_WINTER,
    KEEP;

    /** True when a new battery would not cure it: do not buy yet. */
    public boolean saysDoNotBuy() {
      return this != REPLACE_NOW && this != REPLACE_BEFORE_WINTER && this != TOO_SMALL;
    }
  }

  /**
   * The verdict.
   *
   * @param startsNow the machine still starts by itself
   * @param winterChance chance of a start on the coldest morning with the battery as measured,
   *     where that could be worked out (1)
   */
  public static Verdict of(Diagnosis diagnosis, boolean startsNow, OptionalDouble winterChance) {
    winterChance.ifPresent(chance -> Check.within("chance of a start", chance, 0, 1, ""));
    Cause cause = diagnosis.leading();
    return new Verdict(
        action(cause, diagnosis, startsNow, winterChance),
        cause,
        diagnosis.sureness(),
        diagnosis.isSettled(),
        diagnosis.supports().stream()
            .filter(support -> support.bits() > 0 && !support.contradicts())
            .sorted((a, b) -> Double.compare(b.bits(), a.bits()))
            .toList(),
        diagnosis.supports().stream().filter(Diagnosis.Support::contradicts).toList(),
        diagnosis.next().stream().findFirst().filter(next -> next.gainBits() >= WORTH_BITS));
  }

  private static Action action(
      Cause cause, Diagnosis diagnosis, boolean startsNow, OptionalDouble winterChance) {
    return switch (cause) {
      case WORN -> {
        if (!diagnosis.isSettled() && !wasJudgedCharged(diagnosis)) {
          yield Action.CHARGE_AND_RETEST;
        }
        yield startsNow ? Action.REPLACE_BEFORE_WINTER : Action.REPLACE_NOW;
      }
      case DISCHARGED -> Action.CHARGE_AND_RETEST;
      case CONNECTION -> Action.MEND_CONNECTION;
      case CHARGING -> Action.MEND_CHARGING;
      case DRAIN -> Action.FIND_DRAIN;
      case PROTECTION -> Action.WAKE_PROTECTION;
      case STARTER -> Action.LOOK_AT_STARTER;
      case SMALL -> Action.TOO_SMALL;
      case SOUND ->
          winterChance.isPresent() && winterChance.getAsDouble() < LIKELY
              ? Action.TOO_SMALL
              : Action.KEEP;
    };
  }

  /** A battery must be charged before it can be condemned. */
  private static boolean wasJudgedCharged(Diagnosis diagnosis) {
    return diagnosis.supports().stream()
        .map(support -> support.evidence().kind())
        .anyMatch(
            kind ->
                kind == ReadingKind.TESTER
                    || kind == ReadingKind.LOAD_TEST
                    || kind == ReadingKind.AFTER_CHARGE);
  }
}
