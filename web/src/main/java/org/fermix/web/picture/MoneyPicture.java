package org.fermix.web.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.fermix.core.bench.CandidateCurves;
import org.fermix.core.bench.Outcome;
import org.fermix.core.quantity.Figure;
import org.fermix.core.quantity.Unit;

/** Money over the years kept, with replacements as steps and who has spent least. */
final class MoneyPicture extends Sketch {

  MoneyPicture(Sketch.Question question) {
    super(question);
  }

  Picture draw(OptionalDouble at) {
    Lines lines = lines(Pictures.curves(Picture.Kind.MONEY, false));
    CandidateCurves.Kind kind = CandidateCurves.Kind.MONEY_STEPS;
    List<Lines.Curve> steps = lines.of(kind);
    double kept = bench.need().use().yearsKept().value();
    double most = 1.1 * Math.max(1, largest(steps));
    double reading = within(at, 0, kept, 0.75 * kept);
    int lane = TALL + 26;
    Plot plot = new Plot(0, kept, lane + 24);
    Plot.Panel panel = panel(plot, 0, "spent so far", TOP, TALL, 0, most, Unit.MONEY);
    plot.lines(panel, lines.drawn(kind));
    bracket(plot, panel, steps);
    List<Lines.Curve> expected = lines.of(CandidateCurves.Kind.MONEY);
    List<Plot.End> ends = new ArrayList<>();
    for (Lines.Curve curve : steps) {
      ends.add(
          new Plot.End(
              curve.letter(),
              lines.tag(curve.candidate()),
              curve.last().y(),
              display.show(curve.last().y(), Unit.MONEY).text()));
    }
    plot.ends(panel, ends);
    cheapest(plot, steps, kept, lane);
    plot.foot(ticks(plot.across(), 0, kept, 6, Unit.YEAR, kept < 4 ? 1 : 0));
    plot.crosshair(reading);
    String caption =
        "Price, and every replacement at its likely life. The bracket is where the leader’s first"
            + " falls, eight times in ten. Underneath: who has cost least so far; its edges are where"
            + " one pays back against another.";
    return new Picture(
        Picture.Kind.MONEY,
        plot.drawn(),
        plot.tall(),
        caption,
        caption
            + sentence(
                expected,
                value -> display.show(value, Unit.MONEY).text(),
                " is expected to cost by the end "),
        reader(0, kept, reading, kept / 40, Unit.YEAR, 1),
        List.of(read("Spent", 0, steps, reading, Unit.MONEY, 0)),
        List.of(
            new Picture.Fact(
                "Mean of early and late failures, by " + display.show(kept, Unit.YEAR).text(),
                answer.candidates().stream()
                    .map(
                        candidate ->
                            expected.stream()
                                .filter(curve -> curve.letter().equals(candidate.letter()))
                                .findFirst()
                                .map(curve -> display.show(curve.last().y(), Unit.MONEY).text())
                                .orElse("—"))
                    .toList()),
            fact("A year, as on the ruler", Outcome.COST_PER_YEAR),
            fact("Lasts", Outcome.LASTS)),
        heads(),
        table(steps, 0, kept, "years", Unit.YEAR, Unit.MONEY, 0));
  }

  private void bracket(Plot plot, Plot.Panel panel, List<Lines.Curve> steps) {
    steps.stream()
        .filter(curve -> curve.letter().equals(leader))
        .findFirst()
        .ifPresent(
            curve -> {
              Figure life = curve.candidate().figure(Outcome.LASTS);
              double end = plot.across().to();
              if (life.band().low() >= end) {
                return;
              }
              double y =
                  panel.up().position(curve.points().get(0).y())
                      + (panel.up().position(0) - panel.up().position(curve.points().get(0).y())
                              > 40
                          ? 20
                          : -14);
              plot.note(
                  0.5 * (life.band().low() + Math.min(end, life.band().high())),
                  y,
                  leader
                      + " replaced: "
                      + display.number(life.band().low(), 1)
                      + " to "
                      + display.show(life.band().high(), Unit.YEAR, 1).text(),
                  "middle");
              plot.span(life.band().low(), Math.min(end, life.band().high()), y + 5);
            });
  }

  /** Who has spent least up to each moment: the edges are where one pays back. */
  private void cheapest(Plot plot, List<Lines.Curve> steps, double kept, int y) {
    String holder = "";
    double from = 0;
    int parts = 480;
    for (int i = 0; i <= parts; i++) {
      double year = kept * (i + 0.5) / (parts + 1);
      String least = "";
      double lowest = Double.MAX_VALUE;
      for (Lines.Curve curve : steps) {
        double spent = curve.at(year).orElse(Double.MAX_VALUE);
        if (spent < lowest) {
          lowest = spent;
          least = curve.letter();
        }
      }
      if (!least.equals(holder)) {
        if (!holder.isEmpty()) {
          plot.lane(from, year, y, holder, holder.equals(leader));
        }
        holder = least;
        from = i == 0 ? 0 : year;
      }
    }
    if (!holder.isEmpty()) {
      plot.lane(from, kept, y, holder, holder.equals(leader));
    }
    plot.endNote("least spent so far", y + 13);
  }
}
