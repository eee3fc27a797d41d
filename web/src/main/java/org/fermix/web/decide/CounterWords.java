package org.fermix.web.decide;

import java.time.LocalDate;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.fermix.core.casing.TerminalSide;
import org.fermix.core.label.Beside;
import org.fermix.core.label.CrankingRating;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Need;
import org.fermix.core.plan.CounterChecks;
import org.fermix.core.quantity.Unit;
import org.fermix.web.lineup.BesideWords;
import org.fermix.web.lineup.Piece;
import org.fermix.web.shared.Display;

/** What to look for on the battery itself, before it is paid for. */
final class CounterWords {
  private CounterWords() {}

  /** The papers to ask for, by the battery’s name. */
  private static String papers(Label label, Need need) {
    String name = " “" + label.name() + "”";
    if (!label.chemistry().isLead()) {
      return "the manual of"
          + name
          + ": charging limits, coldest charge, how it is woken, the cold test behind its rating";
    }
    return "the maker’s sheet of"
        + name
        + " with its charging volts"
        + (need.engine().engineClass().traits().powersport()
            ? ", and how it is filled if it comes dry"
            : "");
  }

  /** What to look for on one that stands beside it, in a line. */
  static String beside(
      Piece piece, Beside.Role role, CounterChecks checks, Need need, Display display) {
    Label label = piece.label();
    return (piece.count() > 1 ? piece.count() + " of “" : "“")
        + label.name()
        + "” "
        + BesideWords.purpose(role)
        + ": made after "
        + month(checks.madeAfter())
        + checks
            .leastMassKg()
            .map(least -> ", over " + display.show(least, Unit.KILOGRAM).text())
            .orElse("")
        + ", at rest "
        + display.show(checks.goodVolts(), Unit.VOLT, 1).text()
        + " or more; ask for "
        + papers(label, need);
  }

  static List<String> of(Piece piece, CounterChecks checks, Need need, Display display) {
    Label label = piece.label();
    List<String> lines = new ArrayList<>();
    if (piece.count() > 1) {
      lines.add(piece.count() + " of them, alike and of one date; each is looked at");
    }
    lines.add(
        "Made after "
            + month(checks.madeAfter())
            + (label.chemistry().isLead()
                ? ": six months on the shelf at most"
                : ": a year on the shelf at most"));
    CrankingRating otherwise = checks.otherwise();
    lines.add(
        display.show(checks.rated().amps(), Unit.AMPERE).text()
            + " stands beside "
            + checks.rated().test().label()
            + ", or “"
            + condition(checks, display)
            + "”. By "
            + otherwise.test().label()
            + " it would read about "
            + display.show(otherwise.amps(), Unit.AMPERE).text());
    lines.add(
        checks
            .capacity()
            .map(
                capacity ->
                    display.show(capacity.value(), Unit.AMPERE_HOUR).text()
                        + " stands beside "
                        + display.number(checks.capacityHours(), 0)
                        + " h, not 100 h"
                        + (label.chemistry().isLead() ? "" : "; ask for watt-hours"))
            .orElse("Ask for its ampere-hours, and at how many hours"));
    checks
        .leastMassKg()
        .ifPresent(
            least ->
                lines.add(
                    "Mass near "
                        + display.show(label.mass().value(), Unit.KILOGRAM).text()
                        + "; under "
                        + display.show(least, Unit.KILOGRAM).text()
                        + ", ask why"));
    lines.add(
        "Rest voltage at the counter "
            + display.show(checks.goodVolts(), Unit.VOLT, 1).text()
            + " or more; "
            + display.show(checks.refuseVolts(), Unit.VOLT, 1).text()
            + " or less, take another");
    lines.add(
        label.positiveSide() == TerminalSide.LEFT
            ? "Posts towards you: plus on the left"
            : "Posts towards you: plus on the right");
    lines.add("Ask for " + papers(label, need));
    return lines;
  }

  private static String condition(CounterChecks checks, Display display) {
    var test = checks.rated().test();
    return display.show(test.temperatureC(), Unit.CELSIUS).text()
        + ", "
        + display.number(test.seconds(), 0)
        + " s, "
        + display.show(test.minimumVolts(), Unit.VOLT, 1).text();
  }

  private static String month(LocalDate day) {
    return day.getMonth().getDisplayName(TextStyle.FULL, Locale.ENGLISH) + " " + day.getYear();
  }
}
