package org.fermix.web.picture;

import java.util.List;
import java.util.OptionalDouble;
import org.fermix.core.bench.CandidateCurves;
import org.fermix.core.bench.Outcome;
import org.fermix.core.quantity.Unit;
import org.fermix.web.chart.Ticks;

/** Charge over a week of ordinary days, from half. */
final class FillingPicture extends Sketch {

  FillingPicture(Sketch.Question question) {
    super(question);
  }

  Picture draw(OptionalDouble at) {
    Lines lines = lines(Pictures.curves(Picture.Kind.FILLING, false));
    CandidateCurves.Kind kind = CandidateCurves.Kind.FILLING;
    double reading = within(at, 0, 7, 3);
    Plot plot = new Plot(0, 7, TALL);
    Plot.Panel panel = panel(plot, 0, "charge, %", TOP, TALL, 0, 100, Unit.PER_CENT);
    plot.lines(panel, lines.drawn(kind));
    ends(plot, panel, lines, kind, value -> Math.round(value) + " %");
    plot.foot(Ticks.every(plot.across(), 0, 7, 1, day -> Math.round(day) + " d"));
    plot.crosshair(reading);
    String caption =
        "A week of your ordinary days in the coldest month, begun half empty: "
            + display.show(bench.need().use().driving().minutesPerDay(), Unit.MINUTE).text()
            + " of running a day at "
            + display.show(bench.need().regulatedVolts().value(), Unit.VOLT).text()
            + ". Where a line levels off is what daily use keeps it at.";
    return new Picture(
        Picture.Kind.FILLING,
        plot.drawn(),
        plot.tall(),
        caption,
        caption + sentence(lines.of(kind), value -> Math.round(value) + " %", " ends the week at "),
        reader(0, 7, reading, 0.5, Unit.DAY, 1),
        List.of(read("Charge", 0, lines.of(kind), reading, Unit.PER_CENT, 0)),
        List.of(
            fact("Reached in daily use", Outcome.CHARGE_REACHED),
            fact("Flat after", Outcome.FLAT_DAYS)),
        heads(),
        table(lines.of(kind), 0, 7, "days", Unit.DAY, Unit.PER_CENT, 0));
  }
}
