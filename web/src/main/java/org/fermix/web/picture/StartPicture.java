package org.fermix.web.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import org.fermix.core.bench.CandidateCurves;
import org.fermix.core.bench.Outcome;
import org.fermix.core.electrical.WarmUp;
import org.fermix.core.quantity.Unit;

/** A start in time: volts, amps and speed, of the first try or the third. */
final class StartPicture extends Sketch {
  private static final double LAMPS_A = 10;
  private static final double LAMPS_S = 180;
  private static final int PANELS_TALL = 390;

  StartPicture(Sketch.Question question) {
    super(question);
  }

  Picture draw(OptionalDouble at, boolean third) {
    List<CandidateCurves.Kind> kinds = List.copyOf(Pictures.curves(Picture.Kind.START, third));
    Lines lines = lines(Pictures.curves(Picture.Kind.START, third));
    List<Lines.Curve> volts = lines.of(kinds.get(0));
    double end = volts.stream().mapToDouble(curve -> curve.last().x()).max().orElse(1);
    double reading = within(at, 0, end, 0.75 * end);
    double series = bench.need().engine().series();
    double fire = bench.need().engine().fireRpm(conditions.temperatureC());
    double leastVolts = bench.need().engine().engineClass().start().voltageFloor() * series;
    Function<Lines.Curve, String> none = curve -> "";
    double mostAmps = largest(lines.of(kinds.get(1)));
    double mostRpm = Math.max(1.2 * fire, largest(lines.of(kinds.get(2))));
    Plot plot = new Plot(0, end, PANELS_TALL);
    Plot.Panel voltsPanel =
        panel(plot, 0, "volts at the battery", TOP, 124, 4 * series, 14 * series, Unit.VOLT);
    Plot.Panel ampsPanel = panel(plot, 1, "amps", 152, 258, 0, mostAmps, Unit.AMPERE);
    Plot.Panel rpmPanel = panel(plot, 2, "rpm", 286, PANELS_TALL, 0, mostRpm, Unit.RPM);
    plot.floor(
        voltsPanel, leastVolts, "must stay above " + display.show(leastVolts, Unit.VOLT).text());
    plot.floor(rpmPanel, fire, "must turn above " + display.show(fire, Unit.RPM).text());
    plot.lines(voltsPanel, lines.drawn(kinds.get(0)));
    plot.lines(ampsPanel, lines.drawn(kinds.get(1)));
    plot.lines(rpmPanel, lines.drawn(kinds.get(2)));
    endsNamed(plot, voltsPanel, lines, kinds.get(0), third ? none : steady(Outcome.CRANKING_VOLTS));
    endsNamed(plot, rpmPanel, lines, kinds.get(2), third ? none : steady(Outcome.CRANKING_SPEED));
    plot.foot(ticks(plot.across(), 0, end, 5, Unit.SECOND, 1));
    plot.crosshair(reading);
    String which = third ? "The third try" : "The first try";
    String caption =
        which
            + " at "
            + temperature()
            + after()
            + ", the key held, the engine not firing: inrush, first compression, ripple."
            + (third ? "" : " Beside the tags: once it turns steadily.")
            + (third ? " A line that is missing never comes to a third try." : "");
    return new Picture(
        Picture.Kind.START,
        plot.drawn(),
        plot.tall(),
        caption,
        caption
            + sentence(
                lines.of(kinds.get(2)),
                value -> display.show(value, Unit.RPM).text(),
                " at the end turns "),
        reader(0, end, reading, end / 60, Unit.SECOND, 2),
        List.of(
            read("Volts", 0, lines.of(kinds.get(0)), reading, Unit.VOLT, 2),
            read("Amps", 1, lines.of(kinds.get(1)), reading, Unit.AMPERE, 0),
            read("Turning", 2, lines.of(kinds.get(2)), reading, Unit.RPM, 0)),
        startFacts(),
        heads(),
        table(lines.of(kinds.get(0)), 0, end, "seconds", Unit.SECOND, Unit.VOLT, 2));
  }

  /** Tries, and what lamps would do first for what a load warms. */
  private List<Picture.Fact> startFacts() {
    List<Picture.Fact> facts =
        new ArrayList<>(
            List.of(
                fact("Comes to start at try", Outcome.FIRST_TRY),
                fact("Steady speed", Outcome.CRANKING_SPEED)));
    List<Optional<WarmUp>> warmUps = bench.warmUps(conditions, LAMPS_A, LAMPS_S);
    if (warmUps.stream().anyMatch(Optional::isPresent)) {
      facts.add(
          new Picture.Fact(
              "Three minutes of lamps ("
                  + display.show(LAMPS_A, Unit.AMPERE).text()
                  + ") first: it warms, its amps, its charge",
              warmUps.stream().map(each -> each.map(this::warmed).orElse("—")).toList()));
    }
    return facts;
  }

  private String warmed(WarmUp warmUp) {
    double more = 100 * (warmUp.currentGain() - 1);
    return "+"
        + display.show(warmUp.gainedK(), Unit.KELVIN, 1).number()
        + (display.isUs() ? " °F, " : " K, ")
        + (more >= 0 ? "+" : "−")
        + display.number(Math.abs(more), 0)
        + " %, −"
        + display.number(100 * warmUp.chargeCost(), 1)
        + " %";
  }
}
