package org.fermix.web.decide;

import org.fermix.web.chart.Decimal;

/** The case from above and from the side of its posts, to a true scale on paper. */
final class CaseDrawing {
  private static final int[] SCALES = {1, 2, 4, 5, 10, 20};
  private static final double MOST_LENGTH = 70;
  private static final double MOST_DEPTH = 40;

  /** Where several cases share the sheet each is drawn so much smaller. */
  private static final double SHARED = 0.6;

  private static final double LEFT = 3;
  private static final double TOP = 8;
  private static final double BETWEEN = 24;
  private static final double POST = 4;
  private static final String PAPER = "#ffffff";

  private final Sheet.Case body;
  private final double scale;

  /**
   * Draws it.
   *
   * @param alone true where it is the only one on its sheet
   */
  CaseDrawing(Sheet.Case body, boolean alone) {
    this.body = body;
    double share = alone ? 1 : SHARED;
    double fits = SCALES[SCALES.length - 1];
    for (int i = SCALES.length - 1; i >= 0; i--) {
      if (body.lengthMm() / SCALES[i] <= share * MOST_LENGTH
          && Math.max(body.widthMm(), body.heightMm()) / SCALES[i] <= share * MOST_DEPTH) {
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
    PaperDrawing out = new PaperDrawing(widthMm(), heightMm(), words);
    above(out);
    side(out);
    return out.drawn();
  }

  private void above(PaperDrawing out) {
    double depth = paper(body.widthMm());
    if (body.trayLengthMm() > 0) {
      out.box(
          LEFT - paper(body.trayLengthMm() - body.lengthMm()) / 2 - 0.6,
          TOP - paper(body.trayWidthMm() - body.widthMm()) / 2 - 0.6,
          paper(body.trayLengthMm()) + 1.2,
          paper(body.trayWidthMm()) + 1.2,
          "none",
          PaperDrawing.INK,
          "1.4 1");
    }
    out.box(LEFT, TOP, length(), depth, PAPER, PaperDrawing.INK, "");
    double y = TOP + depth - Math.min(POST + 3, depth / 3);
    double in = Math.min(10, length() / 4);
    post(out, body.positiveRight() ? LEFT + length() - in : LEFT + in, y, true);
    post(out, body.positiveRight() ? LEFT + in : LEFT + length() - in, y, false);
    measureAcross(out, LEFT, TOP - 3, length(), body.measures().get(0));
    measureDown(out, LEFT + length() + 3, TOP, depth, body.measures().get(1));
    text(
        out,
        LEFT,
        heightMm() - 1.5,
        body.trayLengthMm() > 0
            ? "from above, posts towards you; dashed: the tray"
            : "from above, posts towards you",
        "start");
  }

  private void side(PaperDrawing out) {
    double x = LEFT + length() + BETWEEN;
    double height = paper(body.heightMm());
    out.box(x, TOP, length(), height, PAPER, PaperDrawing.INK, "");
    double in = Math.min(10, length() / 4);
    double wide = Math.min(POST, length() / 6);
    boolean right = body.positiveRight();
    out.box(
        x + in - wide / 2,
        TOP,
        wide,
        0.8 * wide,
        right ? PAPER : PaperDrawing.INK,
        PaperDrawing.INK,
        "");
    out.box(
        x + length() - in - wide / 2,
        TOP,
        wide,
        0.8 * wide,
        right ? PaperDrawing.INK : PAPER,
        PaperDrawing.INK,
        "");
    measureDown(out, x + length() + 3, TOP, height, body.measures().get(2));
    text(out, x, heightMm() - 1.5, "from the side of the posts; plus is dark", "start");
  }

  private static void post(PaperDrawing out, double x, double y, boolean plus) {
    out.mark(
        "circle",
        "cx",
        PaperDrawing.mm(x),
        "cy",
        PaperDrawing.mm(y),
        "r",
        PaperDrawing.mm(POST / 2),
        "fill",
        plus ? PaperDrawing.INK : PAPER,
        "stroke",
        PaperDrawing.INK,
        "stroke-width",
        "0.4");
    out.line(x - 1, y, x + 1, y, plus ? PAPER : PaperDrawing.INK);
    if (plus) {
      out.line(x, y - 1, x, y + 1, PAPER);
    }
  }

  private static void measureAcross(
      PaperDrawing out, double x, double y, double wide, String words) {
    out.line(x, y, x + wide, y, PaperDrawing.INK);
    out.line(x, y - 1, x, y + 1, PaperDrawing.INK);
    out.line(x + wide, y - 1, x + wide, y + 1, PaperDrawing.INK);
    text(out, x + wide / 2, y - 1.2, words, "middle");
  }

  private static void measureDown(PaperDrawing out, double x, double y, double high, String words) {
    out.line(x, y, x, y + high, PaperDrawing.INK);
    out.line(x - 1, y, x + 1, y, PaperDrawing.INK);
    out.line(x - 1, y + high, x + 1, y + high, PaperDrawing.INK);
    text(out, x + 1.6, y + high / 2 + 1, words, "start");
  }

  private static void text(PaperDrawing out, double x, double y, String words, String anchor) {
    out.words(x, y, words, anchor, "font-size", "3", "fill", PaperDrawing.INK);
  }
}
