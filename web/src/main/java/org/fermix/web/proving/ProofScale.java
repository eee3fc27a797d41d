package org.fermix.web.proving;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.fermix.core.prove.Compared;
import org.fermix.core.prove.ProofResult;
import org.fermix.web.chart.Markup;
import org.fermix.web.chart.Scale;
import org.fermix.web.chart.TagMark;
import org.fermix.web.chart.Ticks;
import org.fermix.web.shared.Display;

/**
 * Old and new on one scale: paired tags with an arrow from the old to the new, what was foretold as
 * a bar on the axis, and what the machine needs shaded.
 *
 * @param height in pixels
 */
record ProofScale(String drawn, int height, String summary) {
  private static final int AXIS = 26;
  private static final int FOOT = 18;
  private static final int TAG = 18;
  private static final int MOST_TICKS = 4;

  /** Tags closer than this share of the width stand above each other. */
  private static final double CLOSE = 12;

  /** Nearer to an end than this a mark has no room for its figure (%). */
  private static final double EDGE = 4;

  static ProofScale of(Compared compared, String letter, Display display) {
    List<Double> values = new ArrayList<>();
    compared.old().map(ProofResult::value).ifPresent(values::add);
    compared.fresh().map(ProofResult::value).ifPresent(values::add);
    compared
        .forecast()
        .ifPresent(
            each -> {
              values.add(each.band().low());
              values.add(each.band().high());
            });
    if (values.isEmpty()) {
      return new ProofScale("", 0, "");
    }
    double low = values.stream().mapToDouble(Double::doubleValue).min().orElse(0);
    double high = values.stream().mapToDouble(Double::doubleValue).max().orElse(1);
    double span = Math.max(high - low, 0.02 * Math.abs(high));
    Optional<Double> least =
        compared
            .forecast()
            .map(each -> each.least())
            .filter(each -> each > 0 && each > low - 0.8 * span && each < high);
    double from = Math.min(low, least.orElse(low)) - 0.12 * span;
    double to = high + 0.12 * span;
    double step = Ticks.step(to - from, MOST_TICKS);
    Scale scale = Scale.across(from, to);
    boolean close =
        compared.old().isPresent()
            && compared.fresh().isPresent()
            && Math.abs(
                    scale.position(compared.old().get().value())
                        - scale.position(compared.fresh().get().value()))
                < CLOSE;
    int axis = close ? AXIS + TAG + 3 : AXIS;
    Markup out = new Markup();
    String foot = Integer.toString(axis);
    least.ifPresent(
        each -> {
          out.mark(
              "rect",
              "x",
              "0",
              "y",
              "0",
              "width",
              scale.at(each),
              "height",
              foot,
              "class",
              "shade");
          out.mark(
              "line",
              "x1",
              scale.at(each),
              "x2",
              scale.at(each),
              "y1",
              "0",
              "y2",
              foot,
              "class",
              "need");
        });
    compared
        .forecast()
        .ifPresent(
            each -> {
              double left = scale.position(each.band().low());
              double right = scale.position(each.band().high());
              out.mark(
                  "rect",
                  "x",
                  Scale.percent(left),
                  "y",
                  Integer.toString(axis - 4),
                  "width",
                  Scale.percent(right - left),
                  "height",
                  "4",
                  "class",
                  "whisker whisker-leader");
            });
    out.mark("line", "x1", "0", "x2", "100%", "y1", foot, "y2", foot, "class", "axis");
    double first = Math.ceil(from / step) * step;
    int digits = step >= 1 ? 0 : step >= 0.1 ? 1 : 2;
    int marks = 0;
    for (Ticks.Tick tick :
        Ticks.every(scale, first, to, step, value -> display.number(value, digits))) {
      out.mark(
          "line",
          "x1",
          tick.at(),
          "x2",
          tick.at(),
          "y1",
          foot,
          "y2",
          Integer.toString(axis + 4),
          "class",
          "axis");
      double place = scale.position(first + marks * step);
      marks++;
      if (place < EDGE || place > 100 - EDGE) {
        continue;
      }
      out.line(
          "text",
          tick.label(),
          "x",
          tick.at(),
          "y",
          Integer.toString(axis + 15),
          "class",
          "tick",
          "text-anchor",
          "middle");
    }
    String summary = "";
    if (compared.old().isPresent() && compared.fresh().isPresent()) {
      arrow(out, scale, compared.old().get().value(), compared.fresh().get().value(), close);
    }
    if (compared.old().isPresent()) {
      double value = compared.old().get().value();
      String words = "old: " + ProofWords.value(compared.measure(), value, display);
      new TagMark("0", scale.at(value), 1, axis, "tag-today", false, words).draw(out);
      summary = words;
    }
    if (compared.fresh().isPresent()) {
      double value = compared.fresh().get().value();
      String words = "new, " + letter + ": " + ProofWords.value(compared.measure(), value, display);
      new TagMark(letter, scale.at(value), close ? TAG + 4 : 1, axis, "tag-leader", false, words)
          .draw(out);
      summary = summary.isEmpty() ? words : summary + "; " + words;
    }
    if (compared.forecast().isPresent()) {
      summary +=
          (summary.isEmpty() ? "" : "; ")
              + "foretold: "
              + ProofWords.value(compared.measure(), compared.forecast().get().value(), display);
    }
    return new ProofScale(out.toString(), axis + FOOT, summary);
  }

  private static void arrow(Markup out, Scale scale, double old, double fresh, boolean close) {
    if (close) {
      return;
    }
    String y = "10";
    boolean right = fresh >= old;
    out.mark("line", "x1", scale.at(old), "x2", scale.at(fresh), "y1", y, "y2", y, "class", "axis");
    out.open(
        "svg", "x", scale.at(fresh), "y", "5", "width", "1", "height", "10", "overflow", "visible");
    out.mark(
        "path",
        "d",
        right ? "M-15 0L-9 5L-15 10" : "M15 0L9 5L15 10",
        "class",
        "axis",
        "fill",
        "none");
    out.close("svg");
  }
}
