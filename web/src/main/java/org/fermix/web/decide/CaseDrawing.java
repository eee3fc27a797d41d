package org.fermix.web.decide;

import org.fermix.web.chart.Decimal;
import org.fermix.web.chart.Markup;

/**
 * The case from above and from the side of its posts, to a true scale on paper: a user unit is a
 * millimetre of paper. Colours and faces are written in, since the PDF reads no style sheet here.
 */
final class CaseDrawing {
  private static final int[] SCALES = {1, 2, 4, 5, 10, 20};
  private static final double MOST_LENGTH = 70;
  private static final double MOST_DEPTH = 40;
  private static final double LEFT = 3;
  private static final double TOP = 8;
  private static final double BETWEEN = 24;
  private static final double POST = 4;
  private static final double TEXT = 3;
  private static final String INK = "#101e2e";

  private final Sheet.Case body;
  private final double scale;
  private final Markup out = new Markup();

  CaseDrawing(Sheet.Case body) {
    this.body = body;
    double fits = SCALES[SCALES.length - 1];
    for (int i = SCALES.length - 1; i >= 0; i--) {
      if (body.lengthMm() / SCALES[i] <= MOST_LENGTH
          && Math.max(body.widthMm(), body.heightMm()) / SCALES[i] <= MOST_DEPTH) {
        fits = SCALES[i];
      }
    }
    this.scale = fits;
  }

  /** The scale as it is said: 1 : 4. */
  String scale() {
    return "1 : " + Decimal.of(scale, 0);
  }

  private double widthMm() {
    return LEFT + 2 * length() + 2 * BETWEEN;
  }

  double heightMm() {
    return TOP + Math.max(paper(body.widthMm()), paper(body.heightMm())) + 7;
  }

  private double paper(double mm) {
    return mm / scale;
  }

  private double length() {
    return paper(body.lengthMm());
  }

  /** The whole drawing, with what it shows in words for those who do not see it. */
  String drawn(String words) {
    out.open(
        "svg",
        "xmlns",
        "http://www.w3.org/2000/svg",
        "width",
        mm(widthMm()) + "mm",
        "height",
        mm(heightMm()) + "mm",
        "viewBox",
        "0 0 " + mm(widthMm()) + " " + mm(heightMm()),
        "role",
        "img",
        "aria-label",
        words,
        "alt",
        words);
    out.line("title", words);
    out.line("desc", words);
    above();
    side();
    out.close("svg");
    return out.toString();
  }

  private void above() {
    double depth = paper(body.widthMm());
    if (body.trayLengthMm() > 0) {
      rect(
          LEFT - paper(body.trayLengthMm() - body.lengthMm()) / 2 - 0.6,
          TOP - paper(body.trayWidthMm() - body.widthMm()) / 2 - 0.6,
          paper(body.trayLengthMm()) + 1.2,
          paper(body.trayWidthMm()) + 1.2,
          "none",
          "1.4 1");
    }
    rect(LEFT, TOP, length(), depth, "#ffffff", "");
    double y = TOP + depth - Math.min(POST + 3, depth / 3);
    double in = Math.min(10, length() / 4);
    double plus = body.positiveRight() ? LEFT + length() - in : LEFT + in;
    double minus = body.positiveRight() ? LEFT + in : LEFT + length() - in;
    post(plus, y, true);
    post(minus, y, false);
    measureAcross(LEFT, TOP - 3, length(), body.measures().get(0));
    measureDown(LEFT + length() + 3, TOP, depth, body.measures().get(1));
    text(
        LEFT,
        heightMm() - 1.5,
        body.trayLengthMm() > 0
            ? "from above, posts towards you; dashed: the tray"
            : "from above, posts towards you",
        "start");
  }

  private void side() {
    double x = LEFT + length() + BETWEEN;
    double height = paper(body.heightMm());
    rect(x, TOP, length(), height, "#ffffff", "");
    double in = Math.min(10, length() / 4);
    double wide = Math.min(POST, length() / 6);
    double left = x + in - wide / 2;
    double right = x + length() - in - wide / 2;
    box(left, TOP, wide, body.positiveRight() ? "#ffffff" : INK);
    box(right, TOP, wide, body.positiveRight() ? INK : "#ffffff");
    measureDown(x + length() + 3, TOP, height, body.measures().get(2));
    text(x, heightMm() - 1.5, "from the side of the posts; plus is dark", "start");
  }

  private void box(double x, double y, double wide, String fill) {
    out.mark(
        "rect",
        "x",
        mm(x),
        "y",
        mm(y),
        "width",
        mm(wide),
        "height",
        mm(wide * 0.8),
        "fill",
        fill,
        "stroke",
        INK,
        "stroke-width",
        "0.35");
  }

  private void rect(double x, double y, double w, double h, String fill, String dashes) {
    out.mark(
        "rect",
        "x",
        mm(x),
        "y",
        mm(y),
        "width",
        mm(w),
        "height",
        mm(h),
        "fill",
        fill,
        "stroke",
        INK,
        "stroke-width",
        dashes.isEmpty() ? "0.4" : "0.3",
        "stroke-dasharray",
        dashes.isEmpty() ? "none" : dashes);
  }

  private void post(double x, double y, boolean plus) {
    out.mark(
        "circle",
        "cx",
        mm(x),
        "cy",
        mm(y),
        "r",
        mm(POST / 2),
        "fill",
        plus ? INK : "#ffffff",
        "stroke",
        INK,
        "stroke-width",
        "0.4");
    line(x - 1, y, x + 1, y, plus ? "#ffffff" : INK);
    if (plus) {
      line(x, y - 1, x, y + 1, "#ffffff");
    }
  }

  private void measureAcross(double x, double y, double wide, String words) {
    line(x, y, x + wide, y, INK);
    line(x, y - 1, x, y + 1, INK);
    line(x + wide, y - 1, x + wide, y + 1, INK);
    text(x + wide / 2, y - 1.2, words, "middle");
  }

  private void measureDown(double x, double y, double high, String words) {
    line(x, y, x, y + high, INK);
    line(x - 1, y, x + 1, y, INK);
    line(x - 1, y + high, x + 1, y + high, INK);
    text(x + 1.6, y + high / 2 + 1, words, "start");
  }

  private void line(double x1, double y1, double x2, double y2, String colour) {
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

  private void text(double x, double y, String words, String anchor) {
    out.line(
        "text",
        words,
        "x",
        mm(x),
        "y",
        mm(y),
        "font-size",
        mm(TEXT),
        "font-family",
        "Overpass",
        "text-anchor",
        anchor,
        "fill",
        INK);
  }

  private static String mm(double value) {
    return Decimal.of(value, 2);
  }
}
