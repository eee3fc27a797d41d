package org.fermix.web.picture;

import java.util.List;
import java.util.OptionalDouble;
import org.fermix.core.bench.CandidateCurves;
import org.fermix.core.bench.Outcome;
import org.fermix.core.bench.Policy;
import org.fermix.core.electrical.Cranking;
import org.fermix.core.quantity.Unit;

/** The chance of a start against the temperature. */
final class ColdPicture extends Sketch {
  private static final double COLDEST_C = -40;
  private static final double WARMEST_C = 20;
  private static final double LIKELY = 100 * Cranking.chance(Policy.LIKELY);

  ColdPicture(Sketch.Question question) {
    super(question);
  }

  Picture draw(OptionalDouble at) {
    Lines lines = lines(Pictures.curves(Picture.Kind.COLD, false));
    CandidateCurves.Kind kind = CandidateCurves.Kind.START_CHANCE;
    double reading =
        within(at, COLDEST_C, WARMEST_C, Math.max(COLDEST_C, conditions.temperatureC() - 6));
    Plot plot = new Plot(WARMEST_C, COLDEST_C, TALL);
    Plot.Panel panel = panel(plot, 0, "chance of a start, %", TOP, TALL, 0, 100, Unit.PER_CENT);
    plot.asked(
        panel,
        WARMEST_C,
        conditions.temperatureC(),
        conditions.temperatureC(),
        "four in five down to " + temperature());
    plot.threshold(panel, LIKELY, "");
    plot.lines(panel, lines.drawn(kind));
    endsNamed(
        plot,
        panel,
        lines,
        kind,
        curve -> curve.candidate().find(Outcome.START_FLOOR).map(this::floor).orElse(""));
    plot.foot(ticks(plot.across(), WARMEST_C, COLDEST_C, 6, Unit.CELSIUS, 0));
    plot.crosshair(reading);
    String caption =
        "Chance that this engine starts"
            + after()
            + ", against the temperature of battery and engine. Where a line leaves four in five is its"
            + " start floor, as on the ruler.";
    return new Picture(
        Picture.Kind.COLD,
        plot.drawn(),
        plot.tall(),
        caption,
        caption
            + facts(
                candidate -> candidate.find(Outcome.START_FLOOR).map(this::floor).orElse("none")),
        reader(WARMEST_C, COLDEST_C, reading, 1, Unit.CELSIUS, 0),
        List.of(read("Chance", 0, lines.of(kind), reading, Unit.PER_CENT, 0)),
        List.of(
            fact(
                "Chance at " + temperature() + ", need " + Math.round(LIKELY) + " %",
                Outcome.START_CHANCE),
            fact("Start floor", Outcome.START_FLOOR)),
        heads(),
        table(lines.of(kind), WARMEST_C, COLDEST_C, "temperature", Unit.CELSIUS, Unit.CHANCE, 0));
  }
}
