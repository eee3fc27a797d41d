package org.fermix.web.picture;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import org.fermix.core.bench.CandidateCurves;
import org.fermix.core.bench.Outcome;
import org.fermix.core.quantity.Figure;
import org.fermix.core.quantity.Unit;
import org.fermix.web.chart.Ticks;

/** Charge against the days of its owner’s year that it stands. */
final class ParkedPicture extends Sketch {
  private static final int YEAR_DAYS = 365;
  private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);

  ParkedPicture(Sketch.Question question) {
    super(question);
  }

  Picture draw(OptionalDouble at) {
    Lines lines = lines(Pictures.curves(Picture.Kind.PARKED, false));
    CandidateCurves.Kind kind = CandidateCurves.Kind.PARKED_CHARGE;
    double end = emptied(lines.of(kind));
    double asked = conditions.layUpDays(bench.need());
    double reading = within(at, 0, end, Math.min(end, Math.max(14, 1.2 * asked)));
    Plot plot = new Plot(0, end, TALL);
    Plot.Panel panel = panel(plot, 0, "charge, %", TOP, TALL, 0, 100, Unit.PER_CENT);
    if (asked > 0) {
      plot.asked(
          panel,
          0,
          Math.min(end, asked),
          Math.min(end, asked),
          "stands " + display.show(asked, Unit.DAY).text());
    }
    plot.threshold(panel, 50, "half: lead below it ages by standing");
    plot.lines(panel, lines.drawn(kind));
    for (Lines.Curve curve : lines.of(kind)) {
      curve
          .candidate()
          .find(Outcome.PARKED_DAYS)
          .filter(days -> !days.isNever() && days.value() < end)
          .ifPresent(
              days ->
                  plot.dot(
                      panel,
                      days.value(),
                      curve.at(days.value()).orElse(0),
                      curve.letter(),
                      curve.letter()
                          + " no longer "
                          + does()
                          + " after "
                          + display.show(days).text()));
    }
    ends(plot, panel, lines, kind, value -> Math.round(value) + " %");
    List<Ticks.Tick> months = new ArrayList<>();
    double step = Math.max(7, Ticks.step(end, 6));
    for (int each = 0; each * step <= end; each++) {
      double day = each * step;
      months.add(
          new Ticks.Tick(
              plot.across().at(day), Math.round(day) + " d, " + date(day), each % 2 == 1));
    }
    plot.foot(months);
    plot.crosshair(reading);
    String caption =
        "Charge from "
            + date(0)
            + ", when the lay-up begins, through the months as warm as they are where it stands. A dot:"
            + " the day from which it no longer "
            + does()
            + ".";
    return new Picture(
        Picture.Kind.PARKED,
        plot.drawn(),
        plot.tall(),
        caption,
        caption + facts(each -> each.find(Outcome.PARKED_DAYS).map(this::untilDate).orElse("")),
        reader(0, end, reading, 1, Unit.DAY, 0),
        List.of(read("Charge", 0, lines.of(kind), reading, Unit.PER_CENT, 0)),
        dates(),
        heads(),
        table(lines.of(kind), 0, end, "days parked", Unit.DAY, Unit.PER_CENT, 0));
  }

  /** A year, or until the last of them is long empty. */
  private double emptied(List<Lines.Curve> curves) {
    double last =
        curves.stream()
            .flatMap(curve -> curve.points().stream())
            .filter(point -> point.y() > 5)
            .mapToDouble(CandidateCurves.Point::x)
            .max()
            .orElse(YEAR_DAYS);
    return Math.min(YEAR_DAYS, Math.max(1.5 * conditions.layUpDays(bench.need()), 1.25 * last));
  }

  private List<Picture.Fact> dates() {
    List<Picture.Fact> facts = new ArrayList<>();
    Map<String, Outcome> rows = new java.util.LinkedHashMap<>();
    rows.put(does().equals("wakes") ? "Wakes until" : "Starts until", Outcome.PARKED_DAYS);
    rows.put("Half empty", Outcome.HALF_DAYS);
    rows.put("Standing ages it from", Outcome.DAMAGE_DAYS);
    rows.put("Protection opens", Outcome.PROTECTION_DAYS);
    rows.put("Beyond recovery", Outcome.LOST_DAYS);
    rows.forEach(
        (name, outcome) -> {
          if (answer.candidates().stream().anyMatch(each -> each.find(outcome).isPresent())) {
            facts.add(
                new Picture.Fact(
                    name,
                    answer.candidates().stream()
                        .map(each -> each.find(outcome).map(this::untilDate).orElse("—"))
                        .toList()));
          }
        });
    return facts;
  }

  private String untilDate(Figure days) {
    return days.isNever() || days.value() >= YEAR_DAYS
        ? display.show(days).text()
        : display.show(days).text() + ", " + date(days.value());
  }

  private String date(double days) {
    return DAY.format(
        LocalDate.ofYearDay(2025, 1)
            .plusDays(Math.round(bench.need().use().layUp().fromDay() + days)));
  }
}
