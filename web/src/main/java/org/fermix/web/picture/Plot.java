package org.fermix.web.picture;

import java.util.List;
import org.fermix.core.bench.CandidateCurves.Point;
import org.fermix.web.chart.Decimal;
import org.fermix.web.chart.Labels;
import org.fermix.web.chart.Markup;
import org.fermix.web.chart.Path;
import org.fermix.web.chart.Scale;
import org.fermix.web.chart.TagMark;
import org.fermix.web.chart.Ticks;

/**
 * Draws lines over one axis, in one panel or several under each other. Across, positions are shares
 * of the width, so that it stretches with the page while its type does not; lines are stretched
 * with it.
 */
final class Plot {
  /** Share of the width that the lines take; the rest is for tags at their ends (%). */
  static final double LINES_WIDE = 86;

  private static final int PATH_WIDE = 1000;
  private static final int TICK_ROOM = 22;
  private static final int TAG_TALL = 20;
  private static final double HALF_TAG = 9;
  private static final double TAG_AT = LINES_WIDE + 3.2;
  private static final double WORDS_AT = LINES_WIDE + 5.6;

  private final Scale across;
  private final int height;
  private final Markup out = new Markup();

  /** What stands over the lines: words and tags. */
  private final Markup over = new Markup();

  /**
   * A plot.
   *
   * @param from value at the left end, in the unit it is worked out in
   * @param to value at the right end; may be smaller
   * @param height of all panels together, without the marks under them (px)
   */
  Plot(double from, double to, int height) {
    this.across = new Scale(from, to, 0, LINES_WIDE, "%", false);
    this.height = height;
  }

  /** Room one panel takes, with its own scale up. */
  record Panel(int number, Scale up, int top, int bottom) {}

  /**
   * One candidate’s line.
   *
   * @param style as {@link Lines#style}
   */
  record Line(String letter, String style, List<Point> points) {
    Line {
      points = List.copyOf(points);
    }
  }

  /** A tag at the end of a line, with a few words. */
  record End(String letter, String style, double y, String words) {}

  int tall() {
    return height + TICK_ROOM;
  }

  Scale across() {
    return across;
  }

  /** A panel between two pixel rows, with marks at given values. */
  Panel panel(
      int number,
      String title,
      int top,
      int bottom,
      double low,
      double high,
      List<Ticks.Tick> ticks) {
    Panel panel = new Panel(number, new Scale(low, high, bottom, top, "", false), top, bottom);
    for (Ticks.Tick tick : ticks) {
      out.mark(
          "line",
          "x1",
          "0",
          "x2",
          across.text(LINES_WIDE),
          "y1",
          tick.at(),
          "y2",
          tick.at(),
          "class",
          "grid-line");
      double at = Double.parseDouble(tick.at());
      over.line(
          "text", tick.label(), "x", "0", "y", Scale.pixels(Math.max(11, at - 3)), "class", "tick");
    }
    over.line(
        "text",
        title,
        "x",
        across.text(LINES_WIDE),
        "y",
        Scale.pixels(top - 5.0),
        "text-anchor",
        "end",
        "class",
        "plot-title");
    return panel;
  }

  /** The scale up of a panel that is yet to be drawn, for its marks. */
  static Scale up(int top, int bottom, double low, double high) {
    return new Scale(low, high, bottom, top, "", false);
  }

  /** What is asked, as a hatched stretch from one value across to another, its edge a limit. */
  void asked(Panel panel, double from, double to, double edge, String words) {
    double left = Math.min(across.position(from), across.position(to));
    double right = Math.max(across.position(from), across.position(to));
    out.mark(
        "rect",
        "x",
        across.text(left),
        "width",
        across.text(Math.max(0, right - left)),
        "y",
        Integer.toString(panel.top()),
        "height",
        Integer.toString(panel.bottom() - panel.top()),
        "class",
        "shade");
    upright(panel, edge, "need");
    boolean atLeft = across.position(edge) < LINES_WIDE / 2;
    over.line(
        "text",
        words,
        "x",
        across.at(edge),
        "dx",
        atLeft ? "5" : "-5",
        "y",
        Scale.pixels(panel.top() + 13.0),
        "text-anchor",
        atLeft ? "start" : "end",
        "class",
        "plot-asked");
  }

  /** What must not be fallen below, as a hatched stretch at the foot. */
  void floor(Panel panel, double value, String words) {
    double y = panel.up().position(value);
    out.mark(
        "rect",
        "x",
        "0",
        "width",
        across.text(LINES_WIDE),
        "y",
        Scale.pixels(y),
        "height",
        Scale.pixels(Math.max(0, panel.bottom() - y)),
        "class",
        "shade");
    level(panel, value, "need");
    over.line(
        "text",
        words,
        "x",
        across.text(LINES_WIDE),
        "dx",
        "-4",
        "y",
        Scale.pixels(Math.min(panel.bottom() - 4.0, y + 13)),
        "text-anchor",
        "end",
        "class",
        "plot-asked");
  }

  /** A threshold all across, named at its left end. */
  void threshold(Panel panel, double value, String words) {
    level(panel, value, "plot-threshold");
    over.line(
        "text",
        words,
        "x",
        across.text(LINES_WIDE * 0.5),
        "y",
        Scale.pixels(panel.up().position(value) - 4),
        "text-anchor",
        "middle",
        "class",
        "plot-note");
  }

  private void level(Panel panel, double value, String style) {
    String y = Scale.pixels(panel.up().position(value));
    out.mark("line", "x1", "0", "x2", across.text(LINES_WIDE), "y1", y, "y2", y, "class", style);
  }

  /** A line up and down. */
  void upright(Panel panel, double value, String style) {
    out.mark(
        "line",
        "x1",
        across.at(value),
        "x2",
        across.at(value),
        "y1",
        Integer.toString(panel.top()),
        "y2",
        Integer.toString(panel.bottom()),
        "class",
        style);
  }

  /** The lines of one panel, each kept within it. */
  void lines(Panel panel, List<Line> lines) {
    Scale inside = new Scale(across.from(), across.to(), 0, PATH_WIDE, "", false);
    out.open(
        "svg",
        "x",
        "0",
        "y",
        Integer.toString(panel.top()),
        "width",
        across.text(LINES_WIDE),
        "height",
        Integer.toString(panel.bottom() - panel.top()),
        "viewBox",
        "0 " + panel.top() + " " + PATH_WIDE + " " + (panel.bottom() - panel.top()),
        "preserveAspectRatio",
        "none");
    for (Line line : lines) {
      Path path = new Path();
      StringBuilder read = new StringBuilder();
      for (Point point : line.points()) {
        path.to(inside.position(point.x()), panel.up().position(point.y()));
        read.append(read.isEmpty() ? "" : " ").append(Decimal.figures(point.x(), 4)).append(',');
        read.append(Decimal.figures(point.y(), 4));
      }
      out.mark(
          "path",
          "d",
          path.toString(),
          "class",
          "plot-line " + line.style(),
          "vector-effect",
          "non-scaling-stroke",
          "data-letter",
          line.letter(),
          "data-panel",
          Integer.toString(panel.number()),
          "data-read",
          read.toString());
    }
    out.close("svg");
  }

  /** A dot on a line with a letter over it: where something ends. */
  void dot(Panel panel, double x, double y, String letter, String title) {
    out.open("g", "data-letter", letter);
    out.line("title", title);
    out.mark(
        "circle",
        "cx",
        across.at(x),
        "cy",
        Scale.pixels(panel.up().position(y)),
        "r",
        "3.2",
        "class",
        "plot-dot");
    out.close("g");
  }

  /** Tags beside the ends of lines, moved apart. */
  void ends(Panel panel, List<End> ends) {
    double[] wished = ends.stream().mapToDouble(end -> panel.up().position(end.y())).toArray();
    double[] moved = Labels.apart(wished, TAG_TALL);
    double below = 0;
    for (double each : moved) {
      below = Math.max(below, each - (panel.bottom() - HALF_TAG));
    }
    for (int i = 0; i < moved.length; i++) {
      moved[i] = Math.max(panel.top() + HALF_TAG, moved[i] - below);
    }
    moved = Labels.apart(moved, TAG_TALL);
    for (int i = 0; i < moved.length; i++) {
      End end = ends.get(i);
      double y = moved[i];
      out.mark(
          "line",
          "x1",
          across.text(LINES_WIDE),
          "x2",
          across.text(TAG_AT - 1),
          "y1",
          Scale.pixels(wished[i]),
          "y2",
          Scale.pixels(y),
          "class",
          "stem");
      new TagMark(
              end.letter(),
              across.text(TAG_AT),
              (int) Math.round(y - HALF_TAG),
              0,
              end.style(),
              false,
              "")
          .withoutStem()
          .draw(over);
      over.line(
          "text",
          end.words(),
          "x",
          across.text(WORDS_AT),
          "y",
          Scale.pixels(y + 4),
          "class",
          "plot-end",
          "data-letter",
          end.letter());
    }
  }

  /** A bar along the axis in a row of its own. */
  void bar(int row, double from, double to, String style, String letter, String words) {
    double left = across.position(from);
    out.mark(
        "rect",
        "x",
        across.text(left),
        "width",
        across.text(Math.max(0.4, across.position(to) - left)),
        "y",
        Integer.toString(row),
        "height",
        "9",
        "class",
        style,
        "data-letter",
        letter);
    new TagMark(letter, across.text(TAG_AT), row - 5, 0, "tag-plain", false, "")
        .withoutStem()
        .draw(over);
    over.line(
        "text",
        words,
        "x",
        across.text(WORDS_AT),
        "y",
        Scale.pixels(row + 8.5),
        "class",
        "plot-end",
        "data-letter",
        letter);
  }

  /** A bracket over a stretch. */
  void span(double from, double to, double y) {
    for (double[] line :
        new double[][] {{from, to, y, y}, {from, from, y - 4, y + 4}, {to, to, y - 4, y + 4}}) {
      out.mark(
          "line",
          "x1",
          across.at(line[0]),
          "x2",
          across.at(line[1]),
          "y1",
          Scale.pixels(line[2]),
          "y2",
          Scale.pixels(line[3]),
          "class",
          "plot-span");
    }
  }

  /** Words beside the lines, where tags stand. */
  void endNote(String words, int y) {
    over.line(
        "text",
        words,
        "x",
        across.text(LINES_WIDE + 1),
        "y",
        Integer.toString(y),
        "class",
        "plot-end");
  }

  /** Words anywhere. */
  void note(double x, double y, String words, String anchor) {
    over.line(
        "text",
        words,
        "x",
        across.at(x),
        "y",
        Scale.pixels(y),
        "text-anchor",
        anchor,
        "class",
        "plot-note");
  }

  /** A box between two values in a lane. */
  void lane(double from, double to, int y, String letter, boolean leads) {
    double left = across.position(from);
    double wide = across.position(to) - left;
    out.mark(
        "rect",
        "x",
        across.text(left),
        "width",
        across.text(Math.max(0, wide)),
        "y",
        Integer.toString(y),
        "height",
        "18",
        "class",
        leads ? "plot-lane plot-lane-leads" : "plot-lane");
    if (wide > 2.5) {
      over.line(
          "text",
          letter,
          "x",
          across.text(left + wide / 2),
          "y",
          Integer.toString(y + 13),
          "text-anchor",
          "middle",
          "class",
          leads ? "plot-lane-letter plot-lane-letter-leads" : "plot-lane-letter");
    }
  }

  /** Marks along the foot. */
  void foot(List<Ticks.Tick> ticks) {
    out.mark(
        "line",
        "x1",
        "0",
        "x2",
        across.text(LINES_WIDE),
        "y1",
        Integer.toString(height),
        "y2",
        Integer.toString(height),
        "class",
        "axis");
    for (int i = 0; i < ticks.size(); i++) {
      Ticks.Tick tick = ticks.get(i);
      over.line(
          "text",
          tick.label(),
          "x",
          tick.at(),
          "y",
          Integer.toString(height + 15),
          "text-anchor",
          i == 0 ? "start" : i == ticks.size() - 1 ? "end" : "middle",
          "class",
          tick.minor() ? "tick minor" : "tick");
    }
  }

  /** The line one reads at. */
  void crosshair(double at) {
    out.mark(
        "line",
        "x1",
        across.at(at),
        "x2",
        across.at(at),
        "y1",
        "0",
        "y2",
        Integer.toString(height),
        "class",
        "crosshair");
  }

  /** All that was drawn. */
  String drawn() {
    return out.toString() + over;
  }
}
