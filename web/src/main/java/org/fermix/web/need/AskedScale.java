package org.fermix.web.need;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.stream.IntStream;
import org.fermix.core.quantity.Band;
import org.fermix.web.chart.Figures;
import org.fermix.web.chart.Labels;
import org.fermix.web.chart.Markup;
import org.fermix.web.chart.Scale;
import org.fermix.web.chart.TagMark;
import org.fermix.web.chart.Ticks;

/**
 * What is asked of a rating, with what asks it, on one scale with the candidates: hatched up to
 * what is asked, each mark with its words in a row of its own.
 *
 * @param fieldAt where the field of what is asked stands across, as an SVG attribute
 * @param fieldLeft true where it stands left of its mark for want of room
 * @param height in pixels
 */
public record AskedScale(
    String fieldAt,
    boolean fieldLeft,
    int fieldTop,
    int height,
    String drawn,
    String measures,
    String summary,
    Figures figures) {
  /** What asks: the rule, the model, the maker. */
  record Asker(String words, String value, double at, String style, Optional<Band> band) {}

  /** A battery on the scale. */
  record Standing(String letter, double at, String style, String words) {}

  private static final int ROW = 17;
  private static final double TAG_WIDTH_PERCENT = 5.2;
  private static final int FOOT = 20;
  private static final double MIDDLE = 55;
  private static final double NEAR_END = 62;
  private static final int MOST_TICKS = 5;

  /** Where nothing is asked and nobody stands, so that there is a scale at all. */
  private static final double UNASKED = 100;

  /**
   * Makes one.
   *
   * @param asked where the field stands and the hatching ends; the first asker where none is asked
   * @param askers from the topmost row downwards, the field’s own row below them
   */
  static AskedScale of(
      String title,
      String unit,
      Optional<Double> asked,
      double fieldAt,
      List<Asker> askers,
      List<Standing> standing,
      DoubleFunction<String> number) {
    double largest = standing.isEmpty() && askers.isEmpty() ? UNASKED : Math.max(fieldAt, 1);
    for (Asker asker : askers) {
      largest = Math.max(largest, asker.band().map(Band::high).orElse(asker.at()));
    }
    for (Standing each : standing) {
      largest = Math.max(largest, each.at());
    }
    double step = Ticks.step(1.06 * largest, MOST_TICKS);
    double most = step * Math.ceil(1.06 * largest / step);
    Scale scale = Scale.across(0, most);
    double[] at = standing.stream().mapToDouble(each -> scale.position(each.at())).toArray();
    int[] levels = Labels.rows(at, TAG_WIDTH_PERCENT);
    int high = IntStream.of(levels).max().orElse(-1) + 1;
    int fieldTop = askers.size() * ROW;
    int axis = fieldTop + 30 + high * TagMark.PITCH;
    Markup out = new Markup();
    asked.ifPresent(
        value ->
            out.mark(
                "rect",
                "x",
                "0",
                "y",
                Integer.toString(fieldTop),
                "width",
                scale.at(value),
                "height",
                Integer.toString(axis - fieldTop),
                "class",
                "shade"));
    out.mark(
        "line",
        "x1",
        "0",
        "x2",
        "100%",
        "y1",
        Integer.toString(axis),
        "y2",
        Integer.toString(axis),
        "class",
        "axis");
    for (Ticks.Tick tick :
        Ticks.every(scale, 0, most, step, value -> number.apply(value) + " " + unit)) {
      tick(out, tick, axis);
    }
    for (int i = 0; i < askers.size(); i++) {
      asker(out, askers.get(i), scale, i, axis);
    }
    asked.ifPresent(value -> line(out, scale.at(value), fieldTop - ROW / 2, axis, "mark-need"));
    IntStream.range(0, standing.size())
        .boxed()
        .sorted(Comparator.comparingInt((Integer i) -> levels[i]).reversed())
        .forEach(
            i -> {
              Standing each = standing.get(i);
              new TagMark(
                      each.letter(),
                      Scale.percent(at[i]),
                      axis - 26 - TagMark.PITCH * levels[i],
                      axis,
                      each.style(),
                      false,
                      each.words())
                  .draw(out);
            });
    List<Figures.Row> rows = new ArrayList<>();
    asked.ifPresent(value -> rows.add(Figures.Row.of("Asked", number.apply(value) + " " + unit)));
    askers.forEach(each -> rows.add(Figures.Row.of(each.words(), each.value())));
    standing.forEach(each -> rows.add(Figures.Row.of(each.letter(), each.words())));
    Markup words = new Markup();
    asked.ifPresent(
        value ->
            words.line(
                "text",
                number.apply(value) + " " + unit,
                "x",
                scale.at(value),
                "y",
                Integer.toString(fieldTop + 14),
                "dx",
                scale.position(value) > NEAR_END ? "-6" : "6",
                "text-anchor",
                scale.position(value) > NEAR_END ? "end" : "start",
                "class",
                "tick"));
    return new AskedScale(
        scale.at(fieldAt),
        scale.position(fieldAt) > NEAR_END,
        fieldTop,
        axis + FOOT,
        out.toString(),
        words.toString(),
        title
            + ": "
            + String.join(
                "; ", rows.stream().map(row -> row.name() + " " + row.cells().get(0)).toList()),
        new Figures(List.of(title, "Value"), rows));
  }

  private static void tick(Markup out, Ticks.Tick tick, int axis) {
    out.open("g", "class", tick.minor() ? "minor" : "");
    line(out, tick.at(), axis, axis + 4, "axis");
    out.line(
        "text",
        tick.label(),
        "x",
        tick.at(),
        "y",
        Integer.toString(axis + 16),
        "class",
        "tick",
        "text-anchor",
        tick.at().equals("0.00%") ? "start" : tick.at().equals("100.00%") ? "end" : "middle");
    out.close("g");
  }

  private static void asker(Markup out, Asker asker, Scale scale, int row, int axis) {
    asker
        .band()
        .ifPresent(
            band ->
                out.mark(
                    "rect",
                    "x",
                    scale.at(band.low()),
                    "y",
                    Integer.toString(axis - 4),
                    "width",
                    Scale.percent(scale.position(band.high()) - scale.position(band.low())),
                    "height",
                    "4",
                    "class",
                    "whisker whisker-leader"));
    line(out, scale.at(asker.at()), row * ROW + 3, axis, asker.style());
    boolean left = scale.position(asker.at()) > MIDDLE;
    out.line(
        "text",
        asker.words() + " " + asker.value(),
        "x",
        scale.at(asker.at()),
        "y",
        Integer.toString(row * ROW + 12),
        "dx",
        left ? "-5" : "5",
        "text-anchor",
        left ? "end" : "start",
        "class",
        "asker");
  }

  private static void line(Markup out, String at, int from, int to, String style) {
    out.mark(
        "line",
        "x1",
        at,
        "x2",
        at,
        "y1",
        Integer.toString(from),
        "y2",
        Integer.toString(to),
        "class",
        style);
  }
}
