package org.fermix.web.check;

import java.util.Locale;
import java.util.stream.Collectors;
import org.fermix.core.diagnosis.Cause;
import org.fermix.core.diagnosis.Diagnosis;
import org.fermix.core.diagnosis.Evidence;
import org.fermix.core.diagnosis.ReadingKind;
import org.fermix.core.diagnosis.Verdict;

/** The verdict in words: what to do, why, and whether the machine may be left. */
public final class VerdictWords {
  private VerdictWords() {}

  static String headline(Verdict verdict, boolean started) {
    if (!started) {
      return "Nothing is known yet. Do not buy.";
    }
    if (!verdict.settled()) {
      return verdict.measured().stream()
          .filter(Verdict.Action::killsTheNext)
          .findFirst()
          .map(each -> "Do not buy yet: " + first(each) + " first.")
          .orElse("Not settled. Do not buy yet.");
    }
    return switch (verdict.action()) {
      case CHARGE_AND_RETEST -> "Do not buy: charge it fully and test again.";
      case MEND_CONNECTION -> "Do not buy: clean or replace the connection.";
      case MEND_CHARGING -> "Do not buy yet: mend the charging first.";
      case FIND_DRAIN -> "Do not buy yet: find the drain first.";
      case DRIVE_MORE -> "Do not buy: it is driven too little to fill it.";
      case WAKE_PROTECTION -> "Do not buy: wake its protection with the right charger.";
      case LOOK_AT_STARTER -> "Do not buy: look at the starter and the engine.";
      case TOO_SMALL -> "Healthy, but too small for this engine or this cold.";
      case REPLACE_NOW -> "Replace it now.";
      case REPLACE_BEFORE_WINTER -> "Replace it before winter.";
      case KEEP ->
          verdict.cause() == Cause.DISCHARGED
              ? "Keep it: charged, it is sound."
              : "Keep it: it is sound.";
    };
  }

  /** What to do before anything is bought, as it follows “do not buy yet:”. */
  public static String first(Verdict.Action action) {
    return switch (action) {
      case CHARGE_AND_RETEST -> "charge it fully and test again";
      case MEND_CONNECTION -> "clean or replace the connection";
      case MEND_CHARGING -> "mend the charging";
      case FIND_DRAIN -> "find the drain";
      case DRIVE_MORE -> "drive it longer, or charge it once a week";
      case WAKE_PROTECTION -> "wake its protection with the right charger";
      case LOOK_AT_STARTER -> "have the starter and the engine looked at";
      case TOO_SMALL -> "see how much the machine needs";
      case REPLACE_NOW, REPLACE_BEFORE_WINTER -> "choose the next one";
      case KEEP -> "keep it";
    };
  }

  /** What was measured out of its limits besides, in one sentence; empty without any. */
  static String also(Verdict verdict) {
    if (verdict.also().isEmpty()) {
      return "";
    }
    return "Found as well, and to be mended in any case: "
        + verdict.also().stream().map(VerdictWords::first).collect(Collectors.joining("; "))
        + (verdict.also().stream().anyMatch(Verdict.Action::killsTheNext)
            ? ". It would kill a new battery too."
            : ".");
  }

  /**
   * What to rule out before a new one is bought, as a sentence after another; empty for nothing.
   */
  public static String guard(Verdict verdict) {
    return verdict.guards().isEmpty()
        ? ""
        : " Before you buy, rule out what would kill the new one too: "
            + verdict.guards().stream()
                .map(VerdictWords::ruledOutBy)
                .collect(Collectors.joining("; "))
            + ".";
  }

  private static String ruledOutBy(ReadingKind kind) {
    return switch (kind) {
      case TRIPS -> "say how it is driven";
      case LOOK -> "look at the clamps";
      case CHARGING_VOLTS -> "measure the charging voltage";
      default -> "measure the drain";
    };
  }

  /** As short as the rail needs it. */
  static String line(Verdict verdict, boolean started) {
    if (!started) {
      return "no readings yet";
    }
    if (!verdict.settled()) {
      return verdict.measured().stream()
          .filter(Verdict.Action::killsTheNext)
          .findFirst()
          .map(each -> first(each) + " first")
          .orElse("likeliest: " + cause(verdict.cause()));
    }
    return switch (verdict.action()) {
      case CHARGE_AND_RETEST -> "charge and test again";
      case MEND_CONNECTION -> "mend the connection";
      case MEND_CHARGING -> "mend the charging first";
      case FIND_DRAIN -> "find the drain first";
      case DRIVE_MORE -> "driven too little";
      case WAKE_PROTECTION -> "wake its protection";
      case LOOK_AT_STARTER -> "look at the starter";
      case TOO_SMALL -> "healthy but too small";
      case REPLACE_NOW -> "replace now";
      case REPLACE_BEFORE_WINTER -> "replace before winter";
      case KEEP -> "keep";
    };
  }

  /** A cause in a few words. */
  public static String cause(Cause cause) {
    return switch (cause) {
      case WORN -> "battery worn";
      case DISCHARGED -> "run down";
      case LITTLE -> "driven too little";
      case CONNECTION -> "connection";
      case CHARGING -> "charging";
      case DRAIN -> "drain";
      case PROTECTION -> "protection open";
      case STARTER -> "starter or engine";
      case SMALL -> "too small";
      case SOUND -> "nothing wrong";
    };
  }

  static String doNow(Verdict verdict, boolean started) {
    if (!started) {
      return "Say what the machine does; Fermix then asks for as little as settles the matter.";
    }
    if (!verdict.settled()) {
      return verdict.next().isPresent()
          ? "More than one cause still fits. Take the reading below; stop whenever one cause is likely"
              + " enough for you."
          : "More than one cause still fits and nothing is left to measure here. A workshop’s test of"
              + " battery and charging, often free, would settle it.";
    }
    return switch (verdict.action()) {
      case CHARGE_AND_RETEST ->
          "Charge it fully, off the machine if you can, rest it overnight, and test it then. A battery"
              + " cannot be judged below three quarters charge.";
      case MEND_CONNECTION ->
          "Clean posts and clamps to bare metal, tighten, follow both leads to their far ends, and"
              + " crank again before anything else.";
      case MEND_CHARGING ->
          "Have regulator, alternator or stator and their wiring mended; any battery would suffer the"
              + " same.";
      case FIND_DRAIN ->
          "Pull fuses one by one until the current falls; until it is mended take the negative lead"
              + " off when you leave it.";
      case DRIVE_MORE ->
          "Charge it fully now, then once a week or after each longer stand; or drive it longer. A"
              + " new battery would stay as empty, and age by it.";
      case WAKE_PROTECTION ->
          "Use a charger with a wake function or the battery’s own button. An ordinary charger and the"
              + " machine itself cannot do it.";
      case LOOK_AT_STARTER ->
          "The battery holds up. Have the starter, its contactor and the engine’s freedom to turn"
              + " looked at.";
      case TOO_SMALL ->
          "It does what its label promises, which is not enough here. The need and the bench say how"
              + " much would be.";
      case REPLACE_NOW ->
          "Go on to the need and the line-up. Take the old one back for its deposit.";
      case REPLACE_BEFORE_WINTER ->
          "It will do for now. Choose at leisure, before the first cold morning.";
      case KEEP ->
          verdict.cause() == Cause.DISCHARGED
              ? "It was run down, and what emptied it may do so again: a lamp, a door, a drain, short"
                  + " trips. Look for that."
              : "Nothing to do. Test it again in half a year.";
    };
  }

  private static boolean charges(Verdict verdict, String how) {
    return verdict.rests().stream()
        .map(Diagnosis.Support::evidence)
        .anyMatch(each -> each.kind() == ReadingKind.CHARGING_VOLTS && each.outcome().equals(how));
  }

  static String safety(Verdict verdict, boolean lead) {
    return switch (verdict.cause()) {
      case CHARGING ->
          charges(verdict, "low")
              ? "It is never filled: keep it charged from the mains until that is mended."
              : lead
                  ? "An overcharged battery gasses: park it in the open and do not charge it further."
                  : "Overvoltage can harm lithium: do not run the engine for long until it is mended.";
      case DISCHARGED, LITTLE, DRAIN, WORN ->
          lead
              ? "A flat lead battery freezes at about −10 °C: keep it charged or bring it in."
              : "Lithium left flat is soon lost: charge it within days.";
      case CONNECTION ->
          "A loose clamp can arc and get hot: leave the machine off until it is tight.";
      case PROTECTION -> "Leave it off the machine until it is awake and charged.";
      default -> "Safe to leave as it stands.";
    };
  }

  /** A reading's outcome in a few words. */
  public static String evidence(Evidence evidence, boolean lead) {
    if (evidence.kind() == ReadingKind.AGE) {
      return switch (evidence.outcome()) {
        case "young" -> "it is young for its kind";
        case "middle" -> "it is in the middle of its life";
        default -> "it is older than its kind usually gets";
      };
    }
    if (evidence.kind() == ReadingKind.NEED) {
      return evidence.outcome().equals("enough")
          ? "by the model its rating is enough for this engine"
          : "by the model its rating is short for this engine in your cold";
    }
    if (evidence.kind() == ReadingKind.TRIPS) {
      return evidence.outcome().equals("short")
          ? "driven so, no battery becomes full"
          : "it is driven far enough to fill it";
    }
    String title =
        evidence.kind() == ReadingKind.BOOST
            ? "a try on another battery"
            : ReadingSheet.of(evidence.kind(), lead).title().toLowerCase(Locale.ROOT);
    return title + ": " + evidence.outcome().replace('_', ' ');
  }
}
