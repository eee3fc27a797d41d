package org.fermix.web.shared;

import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * Maps a quantity onto a horizontal axis, as a share of its width in per cent, so that a drawing
 * stretches with the page. Values beyond the ends stand at the ends; the figure itself is told in
 * words beside the drawing.
 *
 * @param left value at the left end
 * @param right value at the right end; may be smaller than left
 * @param logarithmic both ends must then be above 0
 */
public record AxisScale(double left, double right, boolean logarithmic) {
  /** A linear axis. */
  public static AxisScale linear(double left, double right) {
    return new AxisScale(left, right, false);
  }

  /** A logarithmic axis. */
  public static AxisScale log(double left, double right) {
    return new AxisScale(left, right, true);
  }

  /** Position of a value (% of the width), 0 to 100. */
  public double percent(double value) {
    double share =
        logarithmic
            ? Math.log(Math.max(value, 1e-9) / left) / Math.log(right / left)
            : (value - left) / (right - left);
    return 100 * Math.max(0, Math.min(1, share));
  }

  /** A position as an SVG attribute. */
  public static String text(double percent) {
    return BigDecimal.valueOf(percent).setScale(2, RoundingMode.HALF_UP).toPlainString() + "%";
  }

  /** The position of a value as an SVG attribute. */
  public String at(double value) {
    return text(percent(value));
  }
}
