package org.fermix.web.decide;

import com.google.errorprone.annotations.CanIgnoreReturnValue;
import org.fermix.web.chart.Decimal;
import org.fermix.web.chart.Markup;

/**
 * A drawing on the sheet: a user unit is a millimetre of paper, and colours and faces are written
 * in, since the PDF reads no style sheet there.
 */
@CanIgnoreReturnValue
final class PaperDrawing {
  static final String INK = "#101e2e";

  private final Markup out = new Markup();

  /**
   * Opens it.
   *
   * @param words what it shows, for those who do not see it
   */
  PaperDrawing(double widthMm, double heightMm, String words) {
    out.open(
        "svg",
        "xmlns",
        "http://www.w3.org/2000/svg",
        "width",
        mm(widthMm) + "mm",
        "height",
        mm(heightMm) + "mm",
        "viewBox",
        "0 0 " + mm(widthMm) + " " + mm(heightMm),
        "role",
        "img",
        "aria-label",
        words,
        "alt",
        words);
    out.line("title", words);
    out.line("desc", words);
  }

  PaperDrawing line(double x1, double y1, double x2, double y2, String colour) {
    return mark(
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

  /** A box; dashes empty for a solid line. */
  PaperDrawing box(
      double x, double y, double w, double h, String fill, String stroke, String dashes) {
    return mark(
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
        stroke,
        "stroke-width",
        "0.35",
        "stroke-dasharray",
        dashes.isEmpty() ? "none" : dashes);
  }

  PaperDrawing mark(String element, String... attributes) {
    out.mark(element, attributes);
    return this;
  }

  /** Words, with what differs of their style. */
  PaperDrawing words(double x, double y, String words, String anchor, String... style) {
    String[] all = new String[style.length + 8];
    String[] usual = {"x", mm(x), "y", mm(y), "font-family", "Overpass", "text-anchor", anchor};
    System.arraycopy(usual, 0, all, 0, usual.length);
    System.arraycopy(style, 0, all, usual.length, style.length);
    out.line("text", words, all);
    return this;
  }

  /** The whole of it. */
  String drawn() {
    return out.close("svg").toString();
  }

  static String mm(double value) {
    return Decimal.of(value, 2);
  }
}
