package org.fermix.web.picture;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.DoubleFunction;
import java.util.function.Function;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.BenchAnswer;
import org.fermix.core.bench.CandidateAnswer;
import org.fermix.core.bench.CandidateCurves;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Outcome;
import org.fermix.core.quantity.Figure;
import org.fermix.core.quantity.Unit;
import org.fermix.web.chart.Figures;
import org.fermix.web.chart.Scale;
import org.fermix.web.chart.Ticks;
import org.fermix.web.shared.Display;

/**
 * What every picture of the bench is drawn with: panels, marks, tags, what is read, facts, tables.
 */
abstract class Sketch {
  static final int TALL = 320;
  static final int TOP = 18;
  private static final int TABLE_ROWS = 8;

  /** What is drawn: a bench and its answer, who leads, and how figures are shown. */
  record Question(Bench bench, BenchAnswer answer, String leader, Display display) {}

  final Bench bench;
  final BenchAnswer answer;
  final Conditions conditions;
  final String leader;
  final Display display;

  Sketch(Question question) {
    bench = question.bench();
    answer = question.answer();
    conditions = answer.conditions();
    leader = question.leader();
    display = question.display();
  }

  Lines lines(Set<CandidateCurves.Kind> kinds) {
    return new Lines(answer, bench.curves(conditions, kinds), leader);
  }

  Plot.Panel panel(
      Plot plot,
      int number,
      String title,
      int top,
      int bottom,
      double low,
      double high,
      Unit unit) {
    return plot.panel(
        number,
        title,
        top,
        bottom,
        low,
        high,
        ticks(Plot.up(top, bottom, low, high), low, high, 4, unit, 0));
  }

  /** Marks at round figures of the reader’s own units. */
  List<Ticks.Tick> ticks(Scale scale, double from, double to, int most, Unit unit, int decimals) {
    double first = unit.shown(from, display.system());
    double last = unit.shown(to, display.system());
    double step = Ticks.step(Math.abs(last - first), most);
    double begin = first < last ? Math.ceil(first / step) * step : Math.floor(first / step) * step;
    List<Ticks.Tick> ticks = new ArrayList<>();
    int count = (int) Math.floor(Math.abs(last - begin) / step + 1e-9);
    int places = step < 1 ? Math.max(1, decimals) : 0;
    for (int i = 0; i <= count; i++) {
      double value = begin + Math.signum(last - first) * i * step;
      ticks.add(
          new Ticks.Tick(
              scale.at(unit.metric(value, display.system())),
              label(value, unit, places),
              i % 2 == 1));
    }
    return ticks;
  }

  String label(double shown, Unit unit, int places) {
    if (unit == Unit.MONEY) {
      return display.show(shown, unit).text();
    }
    String unitText = display.fieldUnit(unit);
    return display.number(shown, places)
        + (unit == Unit.CELSIUS ? "°" : unitText.isEmpty() ? "" : " " + unitText);
  }

  void ends(
      Plot plot,
      Plot.Panel panel,
      Lines lines,
      CandidateCurves.Kind kind,
      DoubleFunction<String> words) {
    endsNamed(plot, panel, lines, kind, curve -> words.apply(curve.last().y()));
  }

  void endsNamed(
      Plot plot,
      Plot.Panel panel,
      Lines lines,
      CandidateCurves.Kind kind,
      Function<Lines.Curve, String> words) {
    List<Plot.End> ends = new ArrayList<>();
    for (Lines.Curve curve : lines.of(kind)) {
      double from = plot.across().from();
      double to = plot.across().to();
      double y = curve.at(to).orElse(from < to ? curve.last().y() : curve.points().get(0).y());
      ends.add(new Plot.End(curve.letter(), lines.tag(curve.candidate()), y, words.apply(curve)));
    }
    plot.ends(panel, ends);
  }

  Function<Lines.Curve, String> steady(Outcome outcome) {
    return curve ->
        curve.candidate().find(outcome).map(figure -> display.show(figure).text()).orElse("");
  }

  Picture.Reader reader(double from, double to, double at, double step, Unit unit, int decimals) {
    double offset = unit.shown(0, display.system());
    return new Picture.Reader(
        from,
        to,
        at,
        step,
        unit.shown(1, display.system()) - offset,
        offset,
        decimals,
        display.fieldUnit(unit));
  }

  Picture.Read read(
      String name, int panel, List<Lines.Curve> curves, double at, Unit unit, int decimals) {
    double offset = unit.shown(0, display.system());
    return new Picture.Read(
        name,
        panel,
        unit.shown(1, display.system()) - offset,
        offset,
        decimals,
        display.fieldUnit(unit),
        answer.candidates().stream()
            .map(
                candidate ->
                    curves.stream()
                        .filter(curve -> curve.letter().equals(candidate.letter()))
                        .findFirst()
                        .map(
                            curve ->
                                curve.at(at).isPresent()
                                    ? display
                                        .show(curve.at(at).getAsDouble(), unit, decimals)
                                        .text()
                                    : "off")
                        .orElse("—"))
            .toList());
  }

  Picture.Fact fact(String name, Outcome outcome) {
    return new Picture.Fact(
        name,
        answer.candidates().stream()
            .map(each -> each.find(outcome).map(figure -> display.show(figure).text()).orElse("—"))
            .toList());
  }

  List<Picture.Head> heads() {
    return answer.candidates().stream()
        .map(
            each ->
                new Picture.Head(
                    each.letter(),
                    each.candidate().label().chemistry().id(),
                    each.candidate().label().chemistry().shortName(),
                    each.letter().equals(leader)))
        .toList();
  }

  Figures table(
      List<Lines.Curve> curves,
      double from,
      double to,
      String axis,
      Unit across,
      Unit up,
      int decimals) {
    List<String> heads = new ArrayList<>(List.of(axis));
    curves.forEach(curve -> heads.add(curve.letter()));
    List<Figures.Row> rows = new ArrayList<>();
    for (int i = 0; i <= TABLE_ROWS; i++) {
      double x = from + (to - from) * i / TABLE_ROWS;
      rows.add(
          new Figures.Row(
              display.show(x, across, across == Unit.SECOND || across == Unit.YEAR ? 2 : 0).text(),
              curves.stream()
                  .map(
                      curve ->
                          curve.at(x).isPresent()
                              ? display.show(curve.at(x).getAsDouble(), up, decimals).text()
                              : "off")
                  .toList()));
    }
    return new Figures(heads, rows);
  }

  String facts(Function<CandidateAnswer, String> words) {
    StringBuilder all = new StringBuilder();
    for (CandidateAnswer each : answer.candidates()) {
      all.append(' ').append(each.letter()).append(": ").append(words.apply(each)).append('.');
    }
    return all.toString();
  }

  static String sentence(List<Lines.Curve> curves, DoubleFunction<String> words, String verb) {
    StringBuilder all = new StringBuilder();
    for (Lines.Curve curve : curves) {
      all.append(' ')
          .append(curve.letter())
          .append(verb)
          .append(words.apply(curve.last().y()))
          .append('.');
    }
    return all.toString();
  }

  String floor(Figure floor) {
    return floor.isNever() ? "no start" : display.show(floor).text();
  }

  /** What it does when it is wanted: start an engine, or wake a car that has none to turn. */
  String does() {
    return bench.need().engine().turns() ? "starts" : "wakes";
  }

  String temperature() {
    return display.show(conditions.temperatureC(), Unit.CELSIUS).text();
  }

  String after() {
    return conditions.daysParked() > 0
        ? " after " + display.show(conditions.daysParked(), Unit.DAY).text() + " parked"
        : "";
  }

  static double largest(List<Lines.Curve> curves) {
    return curves.stream()
        .flatMap(curve -> curve.points().stream())
        .mapToDouble(CandidateCurves.Point::y)
        .max()
        .orElse(1);
  }

  static double within(OptionalDouble at, double from, double to, double otherwise) {
    double asked = at.orElse(otherwise);
    return Math.max(Math.min(from, to), Math.min(Math.max(from, to), asked));
  }
}
