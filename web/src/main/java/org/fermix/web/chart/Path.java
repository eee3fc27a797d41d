package org.fermix.web.chart;

import com.google.errorprone.annotations.CanIgnoreReturnValue;
import java.util.ArrayList;
import java.util.List;

/** The outline of a drawing’s line, as the d of an SVG path. */
@CanIgnoreReturnValue
public final class Path {
  private final List<String> parts = new ArrayList<>();

  /** A straight line on to a point; the first point begins it. */
  public Path to(double x, double y) {
    parts.add((parts.isEmpty() ? "M" : "L") + Scale.pixels(x) + " " + Scale.pixels(y));
    return this;
  }

  /** A step: across first, then up or down. */
  public Path step(double x, double y) {
    parts.add("H" + Scale.pixels(x) + "V" + Scale.pixels(y));
    return this;
  }

  /** A curve that leaves and arrives level. */
  public Path level(double bendX, double otherBendX, double x, double fromY, double y) {
    parts.add(
        "C"
            + String.join(
                " ",
                Scale.pixels(bendX),
                Scale.pixels(fromY),
                Scale.pixels(otherBendX),
                Scale.pixels(y),
                Scale.pixels(x),
                Scale.pixels(y)));
    return this;
  }

  @Override
  public String toString() {
    return String.join("", parts);
  }
}
