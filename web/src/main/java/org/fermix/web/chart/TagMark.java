package org.fermix.web.chart;

/**
 * A candidate's letter standing on a scale: a label with a cut corner on a stem, or struck through
 * below the line.
 *
 * @param at position across, as an SVG attribute
 * @param top pixel row of its box
 * @param stem pixel row its stem ends at
 * @param style of the tag: tag-plain, tag-leader, tag-today or tag-failed
 * @param title in words
 */
public record TagMark(
    String letter, String at, int top, int stem, String style, boolean below, String title) {
  /** Pixel rows from one tag to the next above it. */
  public static final int PITCH = 22;

  /** How a tag looks. */
  public static String style(boolean today, boolean leads, boolean fails) {
    return fails ? "tag-failed" : leads ? "tag-leader" : today ? "tag-today" : "tag-plain";
  }

  /** The same with nothing under it. */
  public TagMark withoutStem() {
    return new TagMark(letter, at, top, top, style, below, title);
  }

  /** Draws it. */
  public void draw(Markup out) {
    out.open(
        "svg",
        "x",
        at,
        "y",
        Integer.toString(top),
        "class",
        "tag " + style,
        "data-letter",
        letter,
        "width",
        "1",
        "height",
        "1",
        "overflow",
        "visible");
    out.line("title", title);
    if (!below && stem > top) {
      out.mark(
          "line",
          "x1",
          "0",
          "x2",
          "0",
          "y1",
          "18",
          "y2",
          Integer.toString(stem - top),
          "class",
          "stem");
    }
    out.mark("path", "d", "M-9 0H5L9 4V18H-9Z");
    out.line("text", letter, "x", "0", "y", "13.5", "text-anchor", "middle");
    if (below) {
      out.mark("line", "x1", "-12", "x2", "12", "y1", "9", "y2", "9", "class", "strike");
    }
    out.close("svg");
  }
}
