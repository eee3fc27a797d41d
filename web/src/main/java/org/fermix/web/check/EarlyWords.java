package org.fermix.web.check;

import java.util.List;
import java.util.Locale;
import org.fermix.core.diagnosis.Cause;
import org.fermix.core.diagnosis.EarlyFailure;
import org.fermix.core.diagnosis.Evidence;
import org.fermix.core.diagnosis.ReadingKind;

/** Why a lithium battery failed early, in words. */
final class EarlyWords {
  private EarlyWords() {}

  /**
   * A reason as it is shown.
   *
   * @param mark found, ruled out or open
   * @param tells what tells it
   */
  record Reason(String mark, String words, String tells) {}

  /** Reasons, where a lithium battery is suspected that is not known to be old. */
  static List<Reason> of(Checks.State state) {
    Cause cause = state.verdict().cause();
    boolean suspected = cause == Cause.WORN || cause == Cause.PROTECTION;
    boolean old = state.workedOut().contains(new Evidence(ReadingKind.AGE, "old"));
    if (!state.isStarted() || state.suspect().chemistry().isLead() || !suspected || old) {
      return List.of();
    }
    return EarlyFailure.of(state.diagnosis()).stream()
        .map(
            each ->
                new Reason(
                    each.told().map(found -> found ? "found" : "ruled out").orElse("open"),
                    words(each.reason()),
                    tells(each.reason())))
        .toList();
  }

  private static String words(EarlyFailure.Reason reason) {
    return switch (reason) {
      case OVERCHARGED -> "overcharged by the machine";
      case NEVER_FULL -> "never charged full: too few volts, or driven too little";
      case NOT_WOKEN -> "its protection opened and nothing at hand could close it";
      case WRONG_CHARGER -> "a charger that does not know lithium, or one that desulfates";
      case DEFECT -> "a faulty cell or its electronics";
      case NO_INSTRUCTIONS -> "nobody said how to charge, store and wake it";
    };
  }

  private static String tells(EarlyFailure.Reason reason) {
    return switch (reason) {
      case OVERCHARGED, NEVER_FULL ->
          ReadingSheet.title(ReadingKind.CHARGING_VOLTS, false)
              + (reason == EarlyFailure.Reason.OVERCHARGED
                  ? "."
                  : ", and "
                      + ReadingSheet.title(ReadingKind.TRIPS, false).toLowerCase(Locale.ROOT)
                      + ".");
      case NOT_WOKEN -> ReadingSheet.title(ReadingKind.WAKE, false) + ".";
      case WRONG_CHARGER -> "The charger’s handbook: its modes, its top volts, whether they pulse.";
      case DEFECT ->
          ReadingSheet.title(ReadingKind.FAULT_LIGHT, false)
              + "; then its warranty, with the readings of this page.";
      case NO_INSTRUCTIONS -> "What came with it. Ask its seller for the maker’s sheet.";
    };
  }
}
