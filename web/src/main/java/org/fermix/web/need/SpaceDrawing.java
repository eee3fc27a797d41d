package org.fermix.web.need;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import org.fermix.core.casing.CaseCode;
import org.fermix.core.casing.CaseSize;
import org.fermix.core.casing.TerminalSide;
import org.fermix.core.fit.Fit;
import org.fermix.core.label.Candidate;
import org.fermix.core.machine.Tray;
import org.fermix.core.quantity.Unit;
import org.fermix.web.chart.Figures;
import org.fermix.web.chart.Markup;
import org.fermix.web.chart.Scale;
import org.fermix.web.shared.Display;

/**
 * The tray to scale, plan over elevation, with a battery laid in and the largest standard case that
 * goes in; in pixels of its own. The places of its fields stand beside it.
 *
 * @param measured false while the tray is not known and a usual one is drawn in outline
 * @param planTop pixel row the plan begins at
 * @param postsTop pixel row of the leads' ends
 * @param elevationTop pixel row the elevation begins at
 * @param drawn what stands still
 * @param measures the sizes as text, where there are no fields
 */
public record SpaceDrawing(
    boolean measured,
    double height,
    double planTop,
    double planWidth,
    double planHeight,
    double postsTop,
    double elevationTop,
    double elevationHeight,
    String drawn,
    String measures,
    String summary,
    Figures figures) {
  /** Pixels across. */
  public static final int WIDTH = 380;

  /** Pixels left of the tray, for the sizes that stand upright. */
  public static final int LEFT = 70;

  private static final double WIDEST = 262;
  private static final double WORDY = 190;
  private static final double DEEPEST = 200;
  private static final double TALLEST = 165;
  private static final double TOP = 40;
  private static final double POSTS = 34;
  private static final double GAP = 30;
  private static final double FOOT = 16;
  private static final double POST_MM = 22;

  /** Drawn in outline while nothing is measured. */
  private static final CaseSize USUAL = new CaseSize(278, 175, 200);

  /** Where the fields go. */
  public double middleX() {
    return LEFT + planWidth / 2;
  }

  /** True where there is no room for words beside both leads. */
  public boolean narrow() {
    return planWidth < WORDY;
  }

  static SpaceDrawing of(Optional<Tray> tray, Optional<Candidate> laidIn, Display display) {
    return new Drawn(tray, laidIn, display).drawing();
  }

  /** The sides of a case as it stands. */
  private record Stood(double length, double width, double height, boolean posts) {
    static Stood of(CaseSize size, Fit.Orientation how) {
      return switch (how) {
        case UPRIGHT, TURNED_ROUND ->
            new Stood(size.lengthMm(), size.widthMm(), size.heightMm(), true);
        case ACROSS -> new Stood(size.widthMm(), size.lengthMm(), size.heightMm(), false);
        case LYING -> new Stood(size.lengthMm(), size.heightMm(), size.widthMm(), false);
      };
    }
  }

  /** One drawing being made. */
  private static final class Drawn {
    private final Optional<Tray> tray;
    private final Optional<Candidate> laidIn;
    private final Display display;
    private final CaseSize space;
    private final Optional<Stood> stood;
    private final Optional<CaseCode> largest;
    private final double scale;
    private final double planHeight;
    private final double elevationTop;
    private final Markup out = new Markup();

    Drawn(Optional<Tray> tray, Optional<Candidate> laidIn, Display display) {
      this.tray = tray;
      this.laidIn = laidIn;
      this.display = display;
      this.space = tray.map(Tray::space).orElse(USUAL);
      this.stood =
          laidIn.map(
              candidate ->
                  Stood.of(
                      candidate.label().size(),
                      tray.map(each -> Fit.of(candidate.label(), each).orientation())
                          .orElse(Fit.Orientation.UPRIGHT)));
      this.largest = tray.flatMap(each -> each.standardCases().stream().findFirst());
      double most = Math.max(space.lengthMm(), stood.map(Stood::length).orElse(0.0));
      double deepest = Math.max(space.widthMm(), stood.map(Stood::width).orElse(0.0));
      double tallest = Math.max(space.heightMm(), stood.map(Stood::height).orElse(0.0));
      this.scale = Math.min(WIDEST / most, Math.min(DEEPEST / deepest, TALLEST / tallest));
      this.planHeight = space.widthMm() * scale;
      double above = Math.max(0, stood.map(Stood::height).orElse(0.0) - space.heightMm()) * scale;
      double below = Math.max(0, stood.map(Stood::width).orElse(0.0) - space.widthMm()) * scale;
      this.elevationTop = TOP + planHeight + Math.max(POSTS, below) + GAP + above;
    }

    SpaceDrawing drawing() {
      double elevation = space.heightMm() * scale;
      plan();
      elevation();
      return new SpaceDrawing(
          tray.isPresent(),
          elevationTop + elevation + FOOT,
          TOP,
          space.lengthMm() * scale,
          planHeight,
          TOP + planHeight + 4,
          elevationTop,
          elevation,
          out.toString(),
          measures(),
          summary(),
          figures());
    }

    private void plan() {
      double width = space.lengthMm() * scale;
      dimension(LEFT, TOP - 14, LEFT + width, TOP - 14);
      dimension(LEFT - 14, TOP, LEFT - 14, TOP + planHeight);
      tray(TOP, width, planHeight);
      stood.ifPresent(
          each -> {
            double length = each.length() * scale;
            double depth = each.width() * scale;
            // The terminals stand at the front, so that a shorter case leaves room at the back.
            double top = TOP + planHeight - depth;
            laid(top, length, depth, width, planHeight, TOP);
            if (each.posts()) {
              posts(top + depth, length);
            }
            label(top + Math.min(26, depth / 2));
          });
      largest.ifPresent(
          each ->
              rect(
                  LEFT,
                  TOP + planHeight - each.size().widthMm() * scale,
                  each.size().lengthMm() * scale,
                  each.size().widthMm() * scale,
                  "tray-standard"));
      words(LEFT + width - 8, TOP + planHeight / 2 + 4, "from above", "end");
    }

    private void elevation() {
      double width = space.lengthMm() * scale;
      double height = space.heightMm() * scale;
      dimension(LEFT - 14, elevationTop, LEFT - 14, elevationTop + height);
      tray(elevationTop, width, height);
      out.mark(
          "line",
          "x1",
          px(LEFT - 6),
          "x2",
          px(LEFT + width + 8),
          "y1",
          px(elevationTop),
          "y2",
          px(elevationTop),
          "class",
          "tray-lid");
      words(LEFT + width + 12, elevationTop + 4, "lid", "start");
      stood.ifPresent(
          each -> {
            double length = each.length() * scale;
            double tall = each.height() * scale;
            double top = elevationTop + height - tall;
            laid(top, length, tall, width, height, elevationTop);
            double free = space.heightMm() - each.height();
            if (free >= 1 && tray.isPresent()) {
              words(
                  Math.max(LEFT + width, LEFT + length) + 12,
                  elevationTop + 19,
                  millimetres(free),
                  "start");
              words(Math.max(LEFT + width, LEFT + length) + 12, elevationTop + 33, "free", "start");
            }
          });
      largest.ifPresent(
          each ->
              rect(
                  LEFT,
                  elevationTop + height - each.size().heightMm() * scale,
                  each.size().lengthMm() * scale,
                  each.size().heightMm() * scale,
                  "tray-standard"));
      words(LEFT + width - 8, elevationTop + height / 2 + 4, "from the terminal side", "end");
    }

    private void tray(double top, double width, double height) {
      rect(LEFT - 4, top - 4, width + 8, height + 8, "tray-wall");
      rect(LEFT, top, width, height, tray.isPresent() ? "tray-space" : "tray-space tray-unknown");
    }

    private void laid(
        double top, double length, double depth, double width, double height, double trayTop) {
      if (tray.isPresent() && length < width - 1) {
        rect(LEFT + length, trayTop, width - length, height, "tray-spare");
      }
      rect(LEFT, top, length, depth, "tray-case");
      if (tray.isPresent() && length > width + 0.5) {
        rect(LEFT + width, top, length - width, depth, "tray-excess");
      }
      if (tray.isPresent() && depth > height + 0.5) {
        rect(LEFT, top, length, depth - height, "tray-excess");
      }
    }

    private void rect(double x, double y, double width, double height, String style) {
      out.mark(
          "rect", "x", px(x), "y", px(y), "width", px(width), "height", px(height), "class", style);
    }

    private void posts(double front, double length) {
      boolean right =
          laidIn.map(each -> each.label().positiveSide()).orElse(TerminalSide.RIGHT)
              == TerminalSide.RIGHT;
      double inset = Math.min(POST_MM * scale, length / 5);
      double y = front - inset;
      post(LEFT + (right ? length - inset : inset), y, "+");
      post(LEFT + (right ? inset : length - inset), y, "\u2212");
    }

    private void post(double x, double y, String sign) {
      out.mark("circle", "cx", px(x), "cy", px(y), "r", "8", "class", "tray-post");
      out.line(
          "text",
          sign,
          "x",
          px(x),
          "y",
          px(y + 4.5),
          "class",
          "tray-sign",
          "text-anchor",
          "middle");
    }

    private void label(double y) {
      laidIn.ifPresent(
          candidate -> {
            CaseSize size = candidate.label().size();
            out.line(
                "text",
                candidate.letter()
                    + "  "
                    + display.show(size.lengthMm(), Unit.MILLIMETRE).number()
                    + " × "
                    + display.show(size.widthMm(), Unit.MILLIMETRE).number()
                    + " × "
                    + millimetres(size.heightMm()),
                "x",
                px(LEFT + 8),
                "y",
                px(y),
                "class",
                "tray-measure");
          });
    }

    private void dimension(double x1, double y1, double x2, double y2) {
      boolean flat = y1 == y2;
      out.mark("line", "x1", px(x1), "y1", px(y1), "x2", px(x2), "y2", px(y2), "class", "axis");
      end(x1, y1, flat);
      end(x2, y2, flat);
    }

    private void end(double x, double y, boolean flat) {
      out.mark(
          "line",
          "x1",
          px(flat ? x : x - 4),
          "y1",
          px(flat ? y - 4 : y),
          "x2",
          px(flat ? x : x + 4),
          "y2",
          px(flat ? y + 4 : y),
          "class",
          "axis");
    }

    private void words(double x, double y, String text, String anchor) {
      out.line("text", text, "x", px(x), "y", px(y), "class", "tray-view", "text-anchor", anchor);
    }

    private String measures() {
      Markup text = new Markup();
      double middle = LEFT + space.lengthMm() * scale / 2;
      measure(text, middle, TOP - 20, millimetres(space.lengthMm()), "middle");
      measure(text, 2, TOP + planHeight / 2 + 4, millimetres(space.widthMm()), "start");
      measure(
          text,
          2,
          elevationTop + space.heightMm() * scale / 2 + 4,
          millimetres(space.heightMm()),
          "start");
      boolean right = tray.map(Tray::positiveSide).orElse(TerminalSide.RIGHT) == TerminalSide.RIGHT;
      measure(
          text,
          right ? LEFT + space.lengthMm() * scale : LEFT,
          TOP + planHeight + 20,
          "+ lead",
          right ? "end" : "start");
      return tray.isPresent() ? text.toString() : "";
    }

    private static void measure(Markup text, double x, double y, String words, String anchor) {
      text.line(
          "text", words, "x", px(x), "y", px(y), "class", "tray-measure", "text-anchor", anchor);
    }

    private String summary() {
      if (tray.isEmpty()) {
        return "The tray is not measured yet";
      }
      return "Tray "
          + millimetres(space.lengthMm())
          + " long, "
          + millimetres(space.widthMm())
          + " wide, "
          + millimetres(space.heightMm())
          + " high; positive terminal on the "
          + (tray.get().positiveSide() == TerminalSide.RIGHT ? "right" : "left")
          + laidIn.map(each -> "; laid in: " + each.letter()).orElse("");
    }

    private Figures figures() {
      List<Figures.Row> rows = new ArrayList<>();
      rows.add(row("Length", space.lengthMm(), CaseSize::lengthMm));
      rows.add(row("Width", space.widthMm(), CaseSize::widthMm));
      rows.add(row("Height", space.heightMm(), CaseSize::heightMm));
      return new Figures(
          List.of(
              "Tray",
              tray.isPresent() ? "Inside" : "As usually",
              largest.map(CaseCode::code).orElse("Standard case"),
              laidIn.map(Candidate::letter).orElse("Laid in")),
          rows);
    }

    private Figures.Row row(String name, double inside, ToDoubleFunction<CaseSize> side) {
      return Figures.Row.of(
          name,
          millimetres(inside),
          largest.map(each -> millimetres(side.applyAsDouble(each.size()))).orElse(""),
          laidIn.map(each -> millimetres(side.applyAsDouble(each.label().size()))).orElse(""));
    }

    private String millimetres(double mm) {
      return display.show(mm, Unit.MILLIMETRE).text();
    }

    private static String px(double value) {
      return Scale.pixels(value);
    }
  }
}
