package org.fermix.web.picture;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import org.fermix.core.bench.CandidateAnswer;
import org.fermix.core.bench.Outcome;
import org.fermix.core.quantity.Unit;
import org.fermix.web.chart.Figures;

/** Mass against today’s battery. */
final class MassPicture extends Sketch {

  MassPicture(Sketch.Question question) {
    super(question);
  }

  Picture draw() {
    List<CandidateAnswer> all = answer.candidates();
    double most = all.stream().mapToDouble(MassPicture::kg).max().orElse(1);
    Optional<CandidateAnswer> today = answer.today();
    Plot plot = new Plot(0, 1.05 * most, TOP + 30 * all.size() + 8);
    Plot.Panel panel =
        new Plot.Panel(0, Plot.up(TOP, plot.tall(), 0, 1), TOP, TOP + 30 * all.size() + 8);
    today.ifPresent(each -> plot.upright(panel, kg(each), "need"));
    int row = TOP + 8;
    for (CandidateAnswer each : all) {
      plot.bar(
          row,
          0,
          kg(each),
          each.letter().equals(leader) ? "plot-bar plot-bar-leads" : "plot-bar",
          each.letter(),
          display.show(kg(each), Unit.KILOGRAM, 1).text());
      row += 30;
    }
    plot.foot(ticks(plot.across(), 0, 1.05 * most, 6, Unit.KILOGRAM, 0));
    Function<CandidateAnswer, String> saved =
        each ->
            today
                .filter(now -> !each.candidate().isToday())
                .map(now -> kg(each) - kg(now))
                .map(kg -> (kg > 0 ? "+" : "") + display.show(kg, Unit.KILOGRAM, 1).text())
                .orElse("—");
    String caption =
        today.isPresent()
            ? "Mass of each, parts and all. The line is today’s battery."
            : "Mass of each, parts and all. Describe today’s battery to see what is saved.";
    return new Picture(
        Picture.Kind.MASS,
        plot.drawn(),
        plot.tall(),
        caption,
        caption + facts(each -> display.show(kg(each), Unit.KILOGRAM, 1).text()),
        new Picture.Reader(0, 0, 0, 1, 1, 0, 0, ""),
        List.of(),
        List.of(
            new Picture.Fact("Against today’s", all.stream().map(saved).toList()),
            new Picture.Fact(
                "Paid for each kilogram saved",
                all.stream().map(each -> perKilogram(each, today)).toList())),
        heads(),
        new Figures(
            List.of("battery", "mass"),
            all.stream()
                .map(
                    each ->
                        Figures.Row.of(
                            each.letter(), display.show(kg(each), Unit.KILOGRAM, 1).text()))
                .toList()));
  }

  /** Price over what is saved against today’s; where nothing is saved, nothing. */
  private String perKilogram(CandidateAnswer each, Optional<CandidateAnswer> today) {
    double saved = today.map(now -> kg(now) - kg(each)).orElse(0.0);
    return each.candidate().isToday() || !each.candidate().hasPrice() || saved < 0.1
        ? "—"
        : display.show(each.candidate().price() / saved, Unit.MONEY).text();
  }

  private static double kg(CandidateAnswer each) {
    return each.figure(Outcome.MASS).value();
  }
}
