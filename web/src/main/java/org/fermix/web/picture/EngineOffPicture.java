package org.fermix.web.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.fermix.core.bench.CandidateCurves;
import org.fermix.core.bench.HowItFails;
import org.fermix.core.bench.Outcome;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;

/** Volts against the hours something runs with the engine off, with the warning of each. */
final class EngineOffPicture extends Sketch {
  private static final int BAR_PITCH = 22;

  EngineOffPicture(Sketch.Question question) {
    super(question);
  }

  Picture draw(OptionalDouble at) {
    Lines lines = lines(Pictures.curves(Picture.Kind.ENGINE_OFF, false));
    CandidateCurves.Kind kind = CandidateCurves.Kind.ENGINE_OFF_VOLTS;
    List<Lines.Curve> curves = lines.of(kind);
    double asked = conditions.engineOffHours();
    double longest = curves.stream().mapToDouble(curve -> curve.last().x()).max().orElse(1);
    double end = Math.max(1.5 * asked, Math.min(longest, 12 * asked)) * 1.02;
    double series = bench.need().engine().series();
    double reading = within(at, 0, end, Math.min(end, 1.5 * asked));
    Optional<Given> alarm = bench.need().use().habit().alarmVolts();
    double sign = alarm.map(Given::value).orElse(HowItFails.SIGN_VOLTS * series);
    int bars = TALL + 30;
    Plot plot = new Plot(0, end, bars + BAR_PITCH * curves.size());
    Plot.Panel panel =
        panel(plot, 0, "volts at the battery", TOP, TALL, 10 * series, 14 * series, Unit.VOLT);
    plot.asked(panel, 0, asked, asked, "asked for: " + display.show(asked, Unit.HOUR).text());
    plot.threshold(
        panel,
        sign,
        (alarm.isPresent() ? "its alarm, " : "lamps dim, ") + display.show(sign, Unit.VOLT).text());
    plot.lines(panel, lines.drawn(kind));
    for (Lines.Curve curve : curves) {
      curve
          .candidate()
          .find(Outcome.ENGINE_OFF_HOURS)
          .filter(hours -> !hours.isNever() && hours.value() < end)
          .ifPresent(
              hours ->
                  plot.dot(
                      panel,
                      hours.value(),
                      curve.at(hours.value()).orElse(curve.last().y()),
                      curve.letter(),
                      curve.letter()
                          + " still "
                          + does()
                          + " after "
                          + display.show(hours).text()));
    }
    List<Plot.End> ends = new ArrayList<>();
    for (Lines.Curve curve : curves) {
      ends.add(
          new Plot.End(
              curve.letter(),
              lines.tag(curve.candidate()),
              curve.at(end).orElse(curve.last().y()),
              ""));
    }
    plot.ends(panel, ends);
    List<HowItFails> failing = bench.failing(answer);
    List<String> warnings = new ArrayList<>();
    int row = bars;
    for (HowItFails each : failing) {
      if (each.warning().isEmpty()) {
        continue;
      }
      HowItFails.Warning warning = each.warning().get();
      String words = HowItFailsWords.warning(warning, display);
      warnings.add(each.letter() + " " + words);
      plot.bar(
          row,
          Math.min(end, warning.fromHours()),
          Math.min(end, warning.offHours()),
          each.letter().equals(leader) ? "plot-bar plot-bar-leads" : "plot-bar",
          each.letter(),
          HowItFailsWords.span(warning.hours()));
      row += BAR_PITCH;
    }
    plot.foot(ticks(plot.across(), 0, end, 6, Unit.HOUR, end < 6 ? 1 : 0));
    plot.crosshair(reading);
    String caption =
        "Volts with "
            + display.show(conditions.engineOffAmps(), Unit.AMPERE, 1).text()
            + " drawn, at "
            + temperature()
            + ". A dot: the last moment it still "
            + does()
            + ". Bars: from the first sign to off."
            + " Lead fades and shows it; lithium holds to the edge.";
    return new Picture(
        Picture.Kind.ENGINE_OFF,
        plot.drawn(),
        plot.tall(),
        caption,
        caption + " " + String.join("; ", warnings) + ".",
        reader(0, end, reading, end / 60, Unit.HOUR, 1),
        List.of(read("Volts", 0, curves, reading, Unit.VOLT, 2)),
        List.of(
            fact("Still " + does() + " after", Outcome.ENGINE_OFF_HOURS),
            new Picture.Fact(
                "First sign to off",
                answer.candidates().stream()
                    .map(
                        candidate ->
                            failing.stream()
                                .filter(each -> each.letter().equals(candidate.letter()))
                                .findFirst()
                                .flatMap(HowItFails::warning)
                                .map(each -> HowItFailsWords.span(each.hours()))
                                .orElse("—"))
                    .toList())),
        heads(),
        table(curves, 0, end, "hours", Unit.HOUR, Unit.VOLT, 2));
  }
}
