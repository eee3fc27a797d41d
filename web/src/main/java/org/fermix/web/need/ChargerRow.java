package org.fermix.web.need;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.fermix.core.bench.CandidateAnswer;
import org.fermix.core.bench.Refill;
import org.fermix.core.charging.ChargeJudgement;
import org.fermix.core.label.Candidate;
import org.fermix.core.machine.Need;
import org.fermix.core.quantity.Unit;
import org.fermix.web.charger.StoredCharger;
import org.fermix.web.chart.Markup;
import org.fermix.web.chart.Scale;
import org.fermix.web.shared.Display;

/**
 * One charger that is owned, under the windows of the chemistries: from the volts it starts on to
 * those it holds, and what it does to each battery of the line-up.
 *
 * @param drawn on the scale of the windows
 * @param style of its words: clears, close or fails
 */
public record ChargerRow(UUID id, String name, String drawn, String style, String words) {
  private static final int TEETH = 4;

  static List<ChargerRow> of(
      List<StoredCharger> chargers,
      Need need,
      List<CandidateAnswer> candidates,
      Scale scale,
      Display display) {
    return chargers.stream().map(charger -> of(charger, need, candidates, scale, display)).toList();
  }

  private static ChargerRow of(
      StoredCharger charger,
      Need need,
      List<CandidateAnswer> candidates,
      Scale scale,
      Display display) {
    if (charger.series() != need.engine().series()) {
      return new ChargerRow(
          charger.id(),
          charger.name(),
          "",
          "fails",
          "made for " + display.show(12 * charger.series(), Unit.VOLT, 0).text() + " \u2715");
    }
    if (candidates.isEmpty()) {
      return new ChargerRow(
          charger.id(), charger.name(), drawn(charger, scale), "", "no battery to judge it on yet");
    }
    List<String> harmed = new ArrayList<>();
    List<String> partly = new ArrayList<>();
    String why = "";
    double slowest = 0;
    for (CandidateAnswer each : candidates) {
      Refill refill = Refill.of(need, each.candidate(), charger.source());
      switch (refill.way()) {
        case HARMS -> {
          harmed.add(each.letter());
          why = why.isEmpty() ? why(charger, need, each.candidate()) : why;
        }
        case NEVER_FULL -> partly.add(each.letter());
        case FILLS -> slowest = Math.max(slowest, refill.hours().orElse(0));
      }
    }
    return new ChargerRow(
        charger.id(),
        charger.name(),
        drawn(charger, scale),
        !harmed.isEmpty() ? "fails" : !partly.isEmpty() ? "close" : "clears",
        words(harmed, partly, why, display.show(slowest, Unit.HOUR, 0).text()));
  }

  private static String words(
      List<String> harmed, List<String> partly, String why, String slowest) {
    if (!harmed.isEmpty()) {
      return "not for " + String.join(", ", harmed) + ": " + why + " \u2715";
    }
    return partly.isEmpty()
        ? "fills each, up to " + slowest + " from half \u2713"
        : "never fills " + String.join(", ", partly) + " \u2248";
  }

  private static String why(StoredCharger charger, Need need, Candidate candidate) {
    return candidate.labels().stream()
        .filter(each -> Refill.of(need, each, charger.source()).way() == Refill.Way.HARMS)
        .flatMap(
            each ->
                ChargeJudgement.of(
                    charger.source(), each.chemistry(), each.capacity().value(), Refill.ROOM_C)
                    .findings()
                    .stream())
        .map(
            finding ->
                switch (finding.code()) {
                  case DESULFATE_HARMS -> "its pulses harm";
                  case TOO_MUCH_CURRENT -> "too many amps";
                  case LOSES_WATER, DRIES_OUT, GEL_BUBBLES, PROTECTION_OPENS, LOAD_DUMP ->
                      "too many volts";
                  case TOO_COLD, TOO_HOT -> "its temperature";
                  default -> "";
                })
        .filter(word -> !word.isEmpty())
        .findFirst()
        .orElse("see its manual");
  }

  /** An I-bar from where it starts to where it ends; teeth beyond where it desulfates. */
  private static String drawn(StoredCharger charger, Scale scale) {
    Markup out = new Markup();
    String from = scale.at(charger.startsFromVolts());
    String to = scale.at(charger.topVolts());
    out.mark("line", "x1", from, "x2", to, "y1", "10", "y2", "10", "class", "charger-bar");
    for (String end : List.of(from, to)) {
      out.mark("line", "x1", end, "x2", end, "y1", "5", "y2", "15", "class", "charger-bar");
    }
    if (charger.isDesulfating()) {
      double at = scale.position(charger.topVolts());
      for (int i = 0; i < 2 * TEETH; i++) {
        out.mark(
            "line",
            "x1",
            Scale.percent(at + 1.5 * i),
            "x2",
            Scale.percent(at + 1.5 * (i + 1)),
            "y1",
            i % 2 == 0 ? "14" : "6",
            "y2",
            i % 2 == 0 ? "6" : "14",
            "class",
            "charger-teeth");
      }
    }
    return out.toString();
  }
}
