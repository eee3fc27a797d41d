package org.fermix.web.need;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Mark;
import org.fermix.core.casing.CaseCode;
import org.fermix.core.casing.TerminalSide;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.Tray;
import org.fermix.core.quantity.Unit;
import org.fermix.core.rating.CrankingTest;
import org.fermix.web.shared.Display;

/**
 * One line of what a need asks of a battery.
 *
 * @param name goes in, cranks, starts, runs, is filled
 */
public record Asks(String name, String text) {
  /** The five lines; four where nothing is cranked. */
  static List<Asks> of(Need need, Judge.Judged judged, Display display) {
    List<Asks> asks = new ArrayList<>();
    asks.add(
        new Asks(
            "Goes in",
            need.tray()
                .map(tray -> space(tray, display))
                .orElse("tray not measured: nothing can be said of fit")));
    Conditions conditions = Conditions.of(need);
    if (need.engine().turns()) {
      asks.add(new Asks("Cranks", cranks(need, display)));
      asks.add(
          new Asks(
              "Starts",
              "at "
                  + display.show(conditions.temperatureC(), Unit.CELSIUS).text()
                  + " after "
                  + display.show(conditions.daysParked(), Unit.DAY).text()
                  + " with "
                  + display.show(need.use().drainMilliamps().value(), Unit.MILLIAMPERE).text()
                  + " drawn"));
    }
    asks.add(
        new Asks(
            "Runs",
            conditions.hasEngineOffLoad()
                ? display.show(conditions.engineOffAmps(), Unit.AMPERE, 1).text()
                    + " for "
                    + display.show(conditions.engineOffHours(), Unit.HOUR).text()
                    + " with the engine off"
                    + (need.engine().turns() ? ", then starts" : "")
                : "nothing with the engine off"));
    asks.add(new Asks("Is filled", filled(need, judged, display)));
    return asks;
  }

  private static String space(Tray tray, Display display) {
    return "up to "
        + display.show(tray.space().lengthMm(), Unit.MILLIMETRE).number()
        + " × "
        + display.show(tray.space().widthMm(), Unit.MILLIMETRE).number()
        + " × "
        + display.show(tray.space().heightMm(), Unit.MILLIMETRE).text()
        + (tray.positiveSide() == TerminalSide.RIGHT ? ", + right" : ", + left")
        + tray.standardCases().stream()
            .findFirst()
            .map(CaseCode::code)
            .map(code -> ": " + code + " at most")
            .orElse("");
  }

  private static String cranks(Need need, Display display) {
    String amps =
        display.show(need.minimum().crankingAmps().value(), Unit.AMPERE).text()
            + " "
            + (need.minimum().test().equals(CrankingTest.COLD_CRANKING)
                ? "CCA"
                : need.minimum().test().label());
    if (need.minimum().crankingAmps().isAssumed()) {
      return "no minimum typed; about " + amps + " by the displacement rule";
    }
    return amps
        + need.minimum()
            .reserveMinutes()
            .map(each -> " and " + display.show(each.value(), Unit.MINUTE).text() + " RC")
            .orElse("")
        + need.minimum()
            .ampHours()
            .map(each -> " and " + display.show(each.value(), Unit.AMPERE_HOUR).text())
            .orElse("")
        + ", the maker’s figures";
  }

  private static String filled(Need need, Judge.Judged judged, Display display) {
    List<String> not =
        judged.kinds().stream()
            .filter(each -> each.charged().mark() == Mark.FAILS)
            .map(each -> each.chemistry().shortName())
            .toList();
    List<String> partly =
        judged.kinds().stream()
            .filter(each -> each.charged().mark() == Mark.CLOSE)
            .map(each -> each.chemistry().shortName())
            .toList();
    String volts = "by " + display.show(need.regulatedVolts().value(), Unit.VOLT, 1).text();
    if (not.isEmpty() && partly.isEmpty()) {
      return volts + ": any kind";
    }
    return volts
        + (not.isEmpty() ? "" : ": never " + not.stream().collect(Collectors.joining(", ")))
        + (partly.isEmpty()
            ? ""
            : (not.isEmpty() ? ": " : "; ") + "less well: " + String.join(", ", partly));
  }
}
