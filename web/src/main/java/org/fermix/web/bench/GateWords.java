package org.fermix.web.bench;

import java.util.stream.Collectors;
import org.fermix.core.bench.Finding;
import org.fermix.core.bench.Gate;
import org.fermix.core.bench.GateResult;
import org.fermix.core.quantity.Unit;
import org.fermix.web.shared.Display;

/** Words for what a gate found. */
public final class GateWords {
  private GateWords() {}

  /** What one of the owner’s own gates is called. */
  static String name(Gate gate) {
    return switch (gate) {
      case SCHOOL -> "By your school";
      case BUDGET -> "Within the budget";
      case SELF_RESCUE -> "Brought back without help";
      case IN_STOCK -> "Can be had now";
      case PROVEN -> "Proven type";
      case NO_CHANGES -> "Nothing else to change";
      case LASTS -> "Lasts as long as it is kept";
      default -> "";
    };
  }

  /** All findings of a gate in one phrase. */
  public static String of(GateResult result, Display display) {
    return result.findings().stream()
        .map(finding -> of(finding, display))
        .collect(Collectors.joining("; "));
  }

  /** What would open a failed gate. */
  public static String opens(GateResult result, Display display) {
    Finding first = result.findings().get(0);
    return switch (first.code()) {
      case TOO_LONG, TOO_WIDE, TOO_HIGH -> "a smaller case or a larger tray would open it";
      case WRONG_SIDE -> "the same battery with its terminals the other way round would open it";
      case CRANKING, CRANKING_AT_MOST ->
          "at least " + display.show(first.needed(), Unit.AMPERE).text() + " would open it";
      case NO_CLEARANCE ->
          "at least "
              + millimetres(first.needed(), display)
              + " free over the terminals would open it";
      case PROTECTION_NOT_STATED -> "the seller’s word that a protection is built in would open it";
      case NO_PROTECTION -> "nothing opens it here: a pack without protection is not for starting";
      case KIND_NOT_STATED -> "the exact chemistry, from the seller or the sheet, would open it";
      case STARTER_ABOVE_PROTECTION ->
          "one whose protection passes at least "
              + display.show(first.needed(), Unit.AMPERE).text()
              + " for a start would open it";
      case TOO_COLD_TO_DISCHARGE ->
          "its maker’s word that it may be used at "
              + display.show(first.found(), Unit.CELSIUS).text()
              + " would settle it";
      case CAPACITY ->
          "at least " + display.show(first.needed(), Unit.AMPERE_HOUR).text() + " would open it";
      case APPROVAL_FAILS ->
          "another battery, or the word of whoever issued the list, would open it";
      case APPROVAL_NOT_STATED, APPROVAL_UNCLEAR -> "its seller’s answer would settle it";
      case SCHOOL_BARS_CRANKING, SCHOOL_BARS_ALTERNATOR, SCHOOL_WANTS_VOLTS ->
          "another school would open it";
      case OVER_BUDGET, NO_RESCUE, NOT_IN_STOCK, SOLD_SINCE, EXPECTED_LIFE ->
          "it is your own must: to like it would open it";
      case STOPS_AT_LIGHTS -> "an EFB or an AGM would open it";
      case BARRED_HERE, BARRED_FROM_CRANKING, BARRED_FROM_ALTERNATOR ->
          "its maker’s written consent would open it";
      case RESERVE ->
          "at least " + display.show(first.needed(), Unit.MINUTE).text() + " would open it";
      case VOLTS_TOO_LOW ->
          "at least " + volts(first.needed(), display) + " at the battery would open it";
      case VOLTS_TOO_HIGH ->
          "a regulator at or below " + volts(first.needed(), display) + " would open it";
      default -> "";
    };
  }

  private static String of(Finding finding, Display display) {
    double found = finding.found();
    double needed = finding.needed();
    return switch (finding.code()) {
      case TOO_LONG -> millimetres(found, display) + " too long";
      case TOO_WIDE -> millimetres(found, display) + " too wide";
      case TOO_HIGH -> millimetres(found, display) + " too high";
      case WRONG_SIDE -> "positive on the wrong side";
      case TRAY_NOT_MEASURED -> "measure the tray";
      case AS_TODAYS -> "no larger than today’s";
      case LARGER_THAN_TODAYS ->
          "measure the tray: " + millimetres(found, display) + " larger than today’s";
      case OTHER_SIDE_THAN_TODAYS ->
          "measure the leads: positive is on the other side than today’s";
      case COVER_TERMINALS ->
          "fits, " + millimetres(found, display) + " over the terminals: cover them";
      case GOES_IN ->
          found < 0.5
              ? "fits, nothing to spare"
              : "fits, " + millimetres(found, display) + " spare";
      case WANTS_SPACER -> "fits, spacer " + millimetres(Math.max(found, needed), display);
      case GOES_IN_TURNED -> "fits turned round, " + millimetres(found, display) + " spare";
      case GOES_IN_ACROSS -> "fits across the tray, " + millimetres(found, display) + " spare";
      case GOES_IN_LYING -> "fits lying, if its maker allows it";
      case WANTS_ADAPTER -> "fits, terminal adapter needed";
      case NO_ADAPTER -> "its terminals do not take these leads";
      case WAY_IN_TOO_NARROW -> "does not pass the way in, by " + millimetres(found, display);
      case ONLY_TILTED -> "passes the way in only tilted: its acid must not run";
      case WRONG_VOLTAGE ->
          volts(found, display) + " battery, " + volts(needed, display) + " needed";
      case CRANKING -> display.show(found, Unit.AMPERE).text();
      case CRANKING_AT_MOST -> display.show(found, Unit.AMPERE).text() + " at the most";
      case CRANKING_IN_DOUBT ->
          "about "
              + display.show(found, Unit.AMPERE).text()
              + ", not settled: ask for the cold test";
      case CRANKING_NOT_ASKED ->
          display.show(found, Unit.AMPERE).text() + (found < needed ? ", below the rule" : "");
      case NO_CLEARANCE -> "only " + millimetres(found, display) + " over the terminals";
      case PROTECTED -> "stated";
      case PROTECTION_NOT_STATED -> "no protection stated";
      case NO_PROTECTION -> "no protection";
      case KIND_NOT_STATED -> "lithium of a kind not stated";
      case SCHOOL_BARS_CRANKING -> "your school: only lead starts engines";
      case SCHOOL_BARS_ALTERNATOR -> "your school: not straight on an alternator";
      case SCHOOL_WANTS_VOLTS ->
          volts(found, display) + ", your school wants " + volts(needed, display);
      case WITHIN_BUDGET, OVER_BUDGET ->
          money(found, display)
              + (found > needed ? ", " + money(found - needed, display) + " over it" : "");
      case PRICE_NOT_KNOWN -> "no price typed";
      case KEEPS_A_START -> "keeps a start back";
      case TAKES_A_BOOST -> "warns, and takes a boost";
      case NO_RESCUE -> "keeps no start back";
      case IN_STOCK -> "in stock";
      case NOT_IN_STOCK -> "not in stock";
      case STOCK_NOT_STATED -> "not known: ask";
      case SOLD_SINCE -> "sold since " + Math.round(found);
      case PROVEN_KIND -> "lead";
      case SOLD_SINCE_NOT_STATED -> "not known since when it is sold";
      case NOTHING_TO_CHANGE -> "nothing";
      case EXPECTED_LIFE ->
          "about "
              + display.show(found, Unit.YEAR).text()
              + " of "
              + display.show(needed, Unit.YEAR).text();
      case SELF_BUILT -> "self-built: for the house, not for starting";
      case SECOND_BATTERY -> "a second battery and its parts";
      case EXPERIMENTAL_BASIS -> "experimental: yours to decide and to enter";
      case APPROVAL_NOT_ASKED -> "no document speaks of its kind";
      case APPROVED -> "meets all of " + finding.named();
      case APPROVED_LONG_AGO -> "meets all of " + finding.named() + ": look it up again";
      case APPROVAL_FAILS -> "not on the list: “" + finding.named() + "” " + more(found);
      case APPROVAL_NOT_STATED -> "“" + finding.named() + "” not stated " + more(found);
      case APPROVAL_UNCLEAR -> "“" + finding.named() + "” not settled " + more(found);
      case NOT_EVALUATED -> "not as evaluated: “" + finding.named() + "” " + more(found);
      case STOPS_AT_LIGHTS -> "the engine stops at lights: EFB or AGM";
      case STOPS_NOT_SAID -> "does the engine stop at lights? today’s is made for it";
      case LESS_THAN_TODAYS -> "today’s is AGM: EFB only where the book allows it";
      case BARRED_HERE -> "its maker bars it from such a machine";
      case BARRED_FROM_CRANKING -> "its maker bars it from starting engines";
      case BARRED_FROM_ALTERNATOR ->
          needed > 0
              ? "its maker bars it from an alternator"
              : "its maker bars alternators: ask whether a stator counts";
      case BELOW_STATED_COLD -> "its maker’s limit is " + display.show(needed, Unit.CELSIUS).text();
      case ABOVE_STATED_HEAT ->
          display.show(found, Unit.CELSIUS).text()
              + " on a hot day, its maker’s limit is "
              + display.show(needed, Unit.CELSIUS).text();
      case CAPACITY -> display.show(found, Unit.AMPERE_HOUR).text();
      case RESERVE -> display.show(found, Unit.MINUTE).text();
      case RESERVE_NOT_STATED -> "not stated; about " + display.show(found, Unit.MINUTE).text();
      case RESERVE_NOT_ASKED -> "not asked for";
      case VOLTS_TOO_LOW -> "never charged: needs " + volts(needed, display);
      case VOLTS_PARTLY -> "slowly, never full: wants " + volts(needed, display);
      case VOLTS_FULL -> "charges fully";
      case VOLTS_FULL_UNBALANCED ->
          "charges fully; " + volts(needed, display) + " now and then to balance";
      case VOLTS_NOT_MEASURED ->
          "measure the charging voltage: it could miss " + volts(needed, display);
      case LOCKED_IN_COLD ->
          "takes none below "
              + display.show(needed, Unit.CELSIUS).text()
              + ", your winter’s mean is "
              + display.show(found, Unit.CELSIUS).text();
      case VOLTS_ABOVE_WINDOW -> "a little high: " + volts(needed, display) + " is usual";
      case VOLTS_TOO_HIGH -> "harmed above " + volts(needed, display);
      case WITHIN_LIMITS -> "within";
      case STARTER_ABOVE_PROTECTION ->
          "passes "
              + display.show(found, Unit.AMPERE).text()
              + ", the starter takes "
              + display.show(needed, Unit.AMPERE, 0).text();
      case TOO_COLD_TO_DISCHARGE ->
          "its kind is usually used down to "
              + display.show(needed, Unit.CELSIUS).text()
              + " only: ask its maker";
      case TOO_HOT_TO_CHARGE ->
          "its place gets to "
              + display.show(found, Unit.CELSIUS, 0).text()
              + ", its kind charges to "
              + display.show(needed, Unit.CELSIUS).text();
      case APPROVAL_TO_BE_SHOWN -> "show an approval for this aircraft first";
      case APPROVAL_MISSING -> "no approval for this aircraft";
    };
  }

  private static String millimetres(double value, Display display) {
    return display.show(value, Unit.MILLIMETRE).text();
  }

  private static String volts(double value, Display display) {
    return display.show(value, Unit.VOLT, 1).text();
  }

  private static String money(double value, Display display) {
    return display.show(value, Unit.MONEY).text();
  }

  private static String more(double found) {
    return found > 1 ? "and " + Math.round(found - 1) + " more" : "";
  }
}
