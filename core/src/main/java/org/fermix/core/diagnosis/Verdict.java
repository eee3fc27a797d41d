package org.fermix.core.diagnosis;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.fermix.core.quantity.Check;

/**
 * What to do, from a diagnosis and what is known of the winter to come.
 *
 * @param action what to do now
 * @param sureness likelihood of the cause behind it (1)
 * @param measured what was measured out of its limits and calls for an action of its own, whatever
 *     the odds; what would kill the next battery too first
 * @param settled false while another reading should come first, or one contradicts
 * @param rests the readings that speak most for it, strongest first
 * @param contradicted readings that hardly fit it; one of them may be wrong
 * @param guards readings still to be taken before a new battery is bought: of what would kill it
 *     too; none unless one is to be bought
 * @param next the single reading that would help most; empty when none is left
 */
public record Verdict(
    Action action,
    Cause cause,
    double sureness,
    List<Action> measured,
    boolean settled,
    List<Diagnosis.Support> rests,
    List<Diagnosis.Support> contradicted,
    List<ReadingKind> guards,
    Optional<Diagnosis.Next> next) {
  /** A next reading that would remove less doubt than this is not worth asking for (bit). */
  private static final double WORTH_BITS = 0.05;

  /** What tells of faults that would kill the next battery too, the quickest first. */
  private static final List<ReadingKind> GUARDS =
      List.of(ReadingKind.TRIPS, ReadingKind.LOOK, ReadingKind.CHARGING_VOLTS, ReadingKind.DRAIN);

  private static final double LIKELY = 0.8;

  /** Nothing is replaced on less than an even chance (1). */
  private static final double EVEN = 0.5;

  /** Copies the lists. */
  public Verdict {
    measured = List.copyOf(measured);
    rests = List.copyOf(rests);
    contradicted = List.copyOf(contradicted);
    guards = List.copyOf(guards);
  }

  /** What was measured out of its limits besides what the verdict says. */
  public List<Action> also() {
    return measured.stream().filter(each -> each != action).toList();
  }

  /** What to do. */
  public enum Action {
    CHARGE_AND_RETEST,
    MEND_CONNECTION,
    MEND_CHARGING,
    FIND_DRAIN,
    /** It is driven too little: longer drives, or a charger now and then. */
    DRIVE_MORE,
    WAKE_PROTECTION,
    /** Look at the starter and the engine. */
    LOOK_AT_STARTER,
    /** The battery is healthy but too small for this engine or these conditions. */
    TOO_SMALL,
    REPLACE_NOW,
    REPLACE_BEFORE_WINTER,
    KEEP;

    /** True for a fault that would kill the next battery too. */
    public boolean killsTheNext() {
      return this == MEND_CHARGING || this == FIND_DRAIN;
    }

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
    Action action = action(cause, diagnosis, startsNow, winterChance);
    List<Diagnosis.Support> contradicted =
        diagnosis.supports().stream().filter(Diagnosis.Support::contradicts).toList();
    return new Verdict(
        action,
        cause,
        diagnosis.sureness(),
        measured(diagnosis),
        diagnosis.isSettled() && contradicted.isEmpty(),
        diagnosis.supports().stream()
            .filter(support -> support.bits() > 0 && !support.contradicts())
            .sorted((a, b) -> Double.compare(b.bits(), a.bits()))
            .toList(),
        contradicted,
        action.saysDoNotBuy() ? List.of() : guards(diagnosis),
        diagnosis.next().stream().findFirst().filter(next -> next.gainBits() >= WORTH_BITS));
  }

  private static Action action(
      Cause cause, Diagnosis diagnosis, boolean startsNow, OptionalDouble winterChance) {
    return switch (cause) {
      case WORN -> {
        if (diagnosis.sureness() < EVEN || !wasJudgedCharged(diagnosis)) {
          yield Action.CHARGE_AND_RETEST;
        }
        yield startsNow ? Action.REPLACE_BEFORE_WINTER : Action.REPLACE_NOW;
      }
      // It has been charged and tested already: there is nothing left to repeat.
      case DISCHARGED -> passedCharged(diagnosis) ? Action.KEEP : Action.CHARGE_AND_RETEST;
      case CONNECTION -> Action.MEND_CONNECTION;
      case CHARGING -> Action.MEND_CHARGING;
      case DRAIN -> Action.FIND_DRAIN;
      case LITTLE -> Action.DRIVE_MORE;
      case PROTECTION -> Action.WAKE_PROTECTION;
      case STARTER -> Action.LOOK_AT_STARTER;
      case SMALL -> Action.TOO_SMALL;
      case SOUND ->
          winterChance.isPresent() && winterChance.getAsDouble() < LIKELY
              ? Action.TOO_SMALL
              : Action.KEEP;
    };
  }

  /** True when, of a reading, an outcome was found. */
  private static boolean found(Diagnosis diagnosis, ReadingKind kind, String... outcomes) {
    return diagnosis.supports().stream()
        .map(Diagnosis.Support::evidence)
        .anyMatch(
            evidence -> evidence.kind() == kind && List.of(outcomes).contains(evidence.outcome()));
  }

  /** What was measured out of its limits or is more likely than not, as actions. */
  private static List<Action> measured(Diagnosis diagnosis) {
    List<Action> actions = new ArrayList<>();
    if (found(diagnosis, ReadingKind.CHARGING_VOLTS, "low", "high")) {
      actions.add(Action.MEND_CHARGING);
    }
    if (found(diagnosis, ReadingKind.DRAIN, "high")) {
      actions.add(Action.FIND_DRAIN);
    }
    if (found(diagnosis, ReadingKind.CABLE_DROP, "high")
        || found(diagnosis, ReadingKind.TWO_WAYS, "leads_lose")
        || found(diagnosis, ReadingKind.LOOK, "loose_or_dirty")) {
      actions.add(Action.MEND_CONNECTION);
    }
    if (found(diagnosis, ReadingKind.TRIPS, "short")) {
      actions.add(Action.DRIVE_MORE);
    }
    for (Cause cause : List.of(Cause.CHARGING, Cause.DRAIN, Cause.CONNECTION, Cause.LITTLE)) {
      Action likely = mending(cause);
      if (diagnosis.of(cause) >= EVEN && !actions.contains(likely)) {
        actions.add(likely);
      }
    }
    if ((found(diagnosis, ReadingKind.REST_VOLTS, "low", "flat") && !passedCharged(diagnosis))
        || failedUnsettled(diagnosis)) {
      actions.add(Action.CHARGE_AND_RETEST);
    }
    return actions;
  }

  private static List<ReadingKind> guards(Diagnosis diagnosis) {
    return GUARDS.stream()
        .filter(kind -> diagnosis.next().stream().anyMatch(next -> next.kind() == kind))
        .toList();
  }

  private static Action mending(Cause cause) {
    return switch (cause) {
      case CHARGING -> Action.MEND_CHARGING;
      case DRAIN -> Action.FIND_DRAIN;
      case LITTLE -> Action.DRIVE_MORE;
      default -> Action.MEND_CONNECTION;
    };
  }

  /** A failed test of the battery that does not settle that it is worn: charge and repeat it. */
  private static boolean failedUnsettled(Diagnosis diagnosis) {
    return diagnosis.of(Cause.WORN) < Diagnosis.SETTLED
        && (found(diagnosis, ReadingKind.TESTER, "bad")
            || found(diagnosis, ReadingKind.LOAD_TEST, "fails")
            || found(diagnosis, ReadingKind.AFTER_CHARGE, "falls", "falls_twice")
            || found(diagnosis, ReadingKind.CAPACITY, "spent"));
  }

  /** Charged since it was found low, and sound in every test then. */
  private static boolean passedCharged(Diagnosis diagnosis) {
    return !failedUnsettled(diagnosis)
        && (found(diagnosis, ReadingKind.TESTER, "good")
            || found(diagnosis, ReadingKind.LOAD_TEST, "passes")
            || found(diagnosis, ReadingKind.AFTER_CHARGE, "holds")
            || found(diagnosis, ReadingKind.CAPACITY, "kept"));
  }

  /** A battery must be charged before it can be condemned. */
  private static boolean wasJudgedCharged(Diagnosis diagnosis) {
    return found(diagnosis, ReadingKind.REST_VOLTS, "full", "cell_short")
        || found(diagnosis, ReadingKind.GRAVITY, "one_cell_low")
        || found(diagnosis, ReadingKind.FAULT_LIGHT, "cell")
        || diagnosis.supports().stream()
            .map(support -> support.evidence().kind())
            .anyMatch(
                kind ->
                    kind == ReadingKind.TESTER
                        || kind == ReadingKind.LOAD_TEST
                        || kind == ReadingKind.AFTER_CHARGE
                        || kind == ReadingKind.CAPACITY);
  }
}
