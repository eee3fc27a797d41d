package org.fermix.web.decide;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import org.fermix.web.chart.Decimal;
import org.fermix.web.chart.Markup;

/** A ruler as it stands on the sheet: in millimetres of paper, colours and faces written in. */
final class RulerStrip {
  private static final double LENGTH = 108;
  private static final double LEFT = 4;
  private static final double TAG = 3.6;
  private static final double PITCH = 4;
  private static final double FOOT = 4.2;
  private static final int MOST_LEVELS = 3;
  private static final String INK = "#101e2e";
  private static final String SPRUCE = "#0f5747";
  private static final String LIMIT = "#a3261c";

  private RulerStrip() {}

  /** How high it is on paper (mm). */
  static double heightMm(Sheet.Ruler ruler) {
    return axis(levels(sorted(ruler))) + FOOT;
  }

  private static double axis(List<Integer> levels) {
    return 1.2 + PITCH * (1 + levels.stream().mapToInt(level -> level).max().orElse(0));
  }

  private static List<Sheet.Mark> sorted(Sheet.Ruler ruler) {
    return ruler.tags().stream().sorted(Comparator.comparingDouble(Sheet.Mark::at)).toList();
  }

  /** The lowest row with room for each; three rows at the most, then they overlap. */
  private static List<Integer> levels(List<Sheet.Mark> tags) {
    double[] ends = new double[MOST_LEVELS];
    Arrays.fill(ends, -PITCH);
    List<Integer> levels = new ArrayList<>();
    for (Sheet.Mark tag : tags) {
      int level = 0;
      while (level < MOST_LEVELS - 1 && x(tag.at()) - ends[level] < PITCH) {
        level++;
      }
      ends[level] = x(tag.at());
      levels.add(level);
    }
    return levels;
  }

  private static double widthMm() {
    return LENGTH + 2 * LEFT;
  }

  static String of(Sheet.Ruler ruler) {
    List<Sheet.Mark> tags = sorted(ruler);
    List<Integer> levels = levels(tags);
    double axis = axis(levels);
    double height = axis + FOOT;
    String words = ruler.title() + ", " + ruler.caption() + ": " + String.join("; ", ruler.said());
    Markup out = new Markup();
    out.open(
        "svg",
        "xmlns",
        "http://www.w3.org/2000/svg",
        "width",
        mm(widthMm()) + "mm",
        "height",
        mm(height) + "mm",
        "viewBox",
        "0 0 " + mm(widthMm()) + " " + mm(height),
        "role",
        "img",
        "aria-label",
        words,
        "alt",
        words);
    out.line("title", words);
    out.line("desc", words);
    if (ruler.needAt() >= 0) {
      if (ruler.mustClear()) {
        out.mark(
            "rect",
            "x",
            mm(LEFT),
            "y",
            "0",
            "width",
            mm(x(ruler.needAt()) - LEFT),
            "height",
            mm(axis),
            "fill",
            "#f1ebdd");
      }
      line(out, x(ruler.needAt()), 0, x(ruler.needAt()), axis, LIMIT);
    }
    line(out, LEFT, axis, LEFT + LENGTH, axis, INK);
    for (Sheet.Mark tick : ruler.ticks()) {
      line(out, x(tick.at()), axis, x(tick.at()), axis + 0.8, INK);
      if (tick.chosen()) {
        text(out, x(tick.at()), axis + 3.4, tick.text(), "2.3", "#4b5764");
      }
    }
    // The highest first, so that its stem runs behind those below and strikes no letter out.
    List<Integer> order = new ArrayList<>();
    for (int i = 0; i < tags.size(); i++) {
      order.add(i);
    }
    order.sort(Comparator.comparing((Integer i) -> -levels.get(i)));
    for (int i : order) {
      tag(out, tags.get(i), axis - 0.6 - TAG - PITCH * levels.get(i), axis);
    }
    out.close("svg");
    return out.toString();
  }

  private static void tag(Markup out, Sheet.Mark tag, double y, double axis) {
    double x = x(tag.at());
    line(out, x, y + TAG, x, axis, INK);
    out.mark(
        "rect",
        "x",
        mm(x - TAG / 2),
        "y",
        mm(y),
        "width",
        mm(TAG),
        "height",
        mm(TAG),
        "fill",
        tag.chosen() ? SPRUCE : "#ffffff",
        "stroke",
        tag.chosen() ? SPRUCE : INK,
        "stroke-width",
        "0.3",
        "stroke-dasharray",
        tag.text().equals("0") ? "0.7 0.5" : "none");
    out.line(
        "text",
        tag.text(),
        "x",
        mm(x),
        "y",
        mm(y + 2.8),
        "font-size",
        "3",
        "font-family",
        "Overpass",
        "font-weight",
        "700",
        "text-anchor",
        "middle",
        "class",
        tag.chosen() ? "counter-on-dark" : "counter-bold",
        "fill",
        tag.chosen() ? "#ffffff" : INK);
  }

  private static double x(double percent) {
    return LEFT + LENGTH * percent / 100;
  }

  private static void line(Markup out, double x1, double y1, double x2, double y2, String colour) {
    out.mark(
        "line",
        "x1",
        mm(x1),
        "y1",
        mm(y1),
        "x2",
        mm(x2),
        "y2",
        mm(y2),
        "stroke",
        colour,
        "stroke-width",
        "0.3");
  }

  private static void text(
      Markup out, double x, double y, String words, String size, String colour) {
    out.line(
        "text",
        words,
        "x",
        mm(x),
        "y",
        mm(y),
        "font-size",
        size,
        "font-family",
        "Overpass",
        "text-anchor",
        "middle",
        "class",
        "counter-small",
        "fill",
        colour);
  }

  private static String mm(double value) {
    return Decimal.of(value, 2);
  }
}
