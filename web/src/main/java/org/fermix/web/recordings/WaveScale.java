package org.fermix.web.recordings;

import java.util.Locale;

/**
 * Where seconds and volts stand in the drawing of recorded starts.
 *
 * @param from first second drawn (s)
 * @param to last second drawn (s)
 * @param least lowest voltage drawn (V)
 * @param most highest voltage drawn (V)
 */
record WaveScale(double from, double to, double least, double most) {
  static final int WIDTH = 760;
  static final int HEIGHT = 300;
  private static final int LEFT = 40;
  private static final int RIGHT = 90;
  private static final int BOTTOM = 26;
  private static final int TOP = 8;

  double x(double seconds) {
    return LEFT + (WIDTH - LEFT - RIGHT) * (seconds - from) / (to - from);
  }

  double y(double volts) {
    return TOP + (HEIGHT - TOP - BOTTOM) * (most - volts) / (most - least);
  }

  boolean holds(double seconds) {
    return seconds >= from && seconds <= to;
  }

  static String text(double value) {
    return String.format(Locale.ROOT, "%.1f", value);
  }
}
