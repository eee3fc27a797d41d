package org.fermix.web.decide;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/** A ruler as it stands on the sheet: in millimetres of paper, colours and faces written in. */
final class RulerStrip {
  private static final double LENGTH = 108;
  private static final double LEFT = 4;
  private static final double TAG = 3.6;
  private static final double PITCH = 4;
  private static final double FOOT = 4.2;
  private static final int MOST_LEVELS = 3;
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
    PaperDrawing out = new PaperDrawing(widthMm(), height, words);
    if (ruler.needAt() >= 0) {
      if (ruler.mustClear()) {
        out.box(LEFT, 0, x(ruler.needAt()) - LEFT, axis, "#f1ebdd", "none", "");
      }
      out.line(x(ruler.needAt()), 0, x(ruler.needAt()), axis, LIMIT);
    }
    out.line(LEFT, axis, LEFT + LENGTH, axis, PaperDrawing.INK);
    for (Sheet.Mark tick : ruler.ticks()) {
      out.line(x(tick.at()), axis, x(tick.at()), axis + 0.8, PaperDrawing.INK);
      if (tick.chosen()) {
        out.words(
            x(tick.at()),
            axis + 3.4,
            tick.text(),
            "middle",
            "font-size",
            "2.3",
            "class",
            "counter-small",
            "fill",
            "#4b5764");
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
    return out.drawn();
  }

  private static void tag(PaperDrawing out, Sheet.Mark tag, double y, double axis) {
    double x = x(tag.at());
    String ink = tag.chosen() ? SPRUCE : PaperDrawing.INK;
    out.line(x, y + TAG, x, axis, PaperDrawing.INK);
    out.box(
        x - TAG / 2,
        y,
        TAG,
        TAG,
        tag.chosen() ? SPRUCE : "#ffffff",
        ink,
        tag.text().equals("0") ? "0.7 0.5" : "");
    out.words(
        x,
        y + 2.8,
        tag.text(),
        "middle",
        "font-size",
        "3",
        "font-weight",
        "700",
        "class",
        tag.chosen() ? "counter-on-dark" : "counter-bold",
        "fill",
        tag.chosen() ? "#ffffff" : PaperDrawing.INK);
  }

  private static double x(double percent) {
    return LEFT + LENGTH * percent / 100;
  }
}
