package org.fermix.web.chart;

/**
 * Where a quantity stands along one side of a drawing: as a share of its width, so that the drawing
 * stretches with the page, or in pixels of its own. Values beyond the ends stand at the ends; the
 * figure itself is told in words beside the drawing.
 *
 * @param from value at the beginning
 * @param to value at the end; may be smaller than from
 * @param start where the beginning stands
 * @param end where the end stands; may be smaller than start
 * @param unit of positions: % or none
 * @param logarithmic both values must then be above 0
 */
public record Scale(
    double from, double to, double start, double end, String unit, boolean logarithmic) {
  private static final double LEAST = 1e-9;

  /** Across the whole width, in shares of it. */
  public static Scale across(double from, double to) {
    return new Scale(from, to, 0, 100, "%", false);
  }

  /** The same, logarithmic. */
  public static Scale acrossLog(double from, double to) {
    return new Scale(from, to, 0, 100, "%", true);
  }

  /** Between two pixels. */
  public static Scale pixels(double from, double to, double start, double end) {
    return new Scale(from, to, start, end, "", false);
  }

  /** Position of a value, between start and end. */
  public double position(double value) {
    double share =
        logarithmic
            ? Math.log(Math.max(value, LEAST) / from) / Math.log(to / from)
            : (value - from) / (to - from);
    return start + (end - start) * Math.max(0, Math.min(1, share));
  }

  /** True where a value lies between the ends. */
  public boolean holds(double value) {
    return value >= Math.min(from, to) && value <= Math.max(from, to);
  }

  /** The position of a value as an SVG attribute. */
  public String at(double value) {
    return text(position(value));
  }

  /** A position of this scale as an SVG attribute. */
  public String text(double position) {
    return unit.isEmpty() ? number(position, 1) : number(position, 2) + unit;
  }

  /** A share of the width as an SVG attribute. */
  public static String percent(double percent) {
    return number(percent, 2) + "%";
  }

  /** Pixels as an SVG attribute. */
  public static String pixels(double pixels) {
    return number(pixels, 1);
  }

  private static String number(double value, int decimals) {
    return Decimal.of(value, decimals);
  }
}
