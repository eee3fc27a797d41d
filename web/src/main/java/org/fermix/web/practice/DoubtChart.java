package org.fermix.web.practice;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.fermix.standins.Practice;

/** Doubt left after each reading, of two paths, as two falling staircases. */
record DoubtChart(
    int width,
    int height,
    String own,
    String best,
    List<Tick> across,
    List<Tick> up,
    String summary) {
  private static final int WIDTH = 460;
  private static final int HEIGHT = 190;
  private static final int LEFT = 34;
  private static final int BOTTOM = 24;
  private static final int TOP = 10;
  private static final int RIGHT = 10;

  /** A mark on an axis. */
  record Tick(String text, String at) {}

  static DoubtChart of(double firstBits, List<Practice.Step> own, List<Practice.Step> best) {
    int longest = Math.max(2, Math.max(own.size(), best.size()));
    double most = firstBits;
    for (List<Practice.Step> path : List.of(own, best)) {
      for (Practice.Step step : path) {
        most = Math.max(most, step.doubtBits());
      }
    }
    most = Math.ceil(most);
    List<Tick> across = new ArrayList<>();
    for (int i = 0; i <= longest; i++) {
      across.add(new Tick(Integer.toString(i), text(x(i, longest))));
    }
    List<Tick> up = new ArrayList<>();
    for (int bits = 0; bits <= most; bits++) {
      up.add(new Tick(Integer.toString(bits), text(y(bits, most))));
    }
    return new DoubtChart(
        WIDTH,
        HEIGHT,
        staircase(firstBits, own, longest, most),
        staircase(firstBits, best, longest, most),
        across,
        up,
        String.format(
            Locale.ROOT,
            "Doubt left in bits, from %.1f at first: yours %.1f after %d, the other %.1f after %d",
            firstBits,
            last(firstBits, own),
            own.size(),
            last(firstBits, best),
            best.size()));
  }

  private static double last(double firstBits, List<Practice.Step> path) {
    return path.isEmpty() ? firstBits : path.get(path.size() - 1).doubtBits();
  }

  private static String staircase(
      double firstBits, List<Practice.Step> path, int longest, double most) {
    StringBuilder line =
        new StringBuilder("M" + text(x(0, longest)) + " " + text(y(firstBits, most)));
    for (int i = 0; i < path.size(); i++) {
      line.append("H").append(text(x(i + 1, longest)));
      line.append("V").append(text(y(path.get(i).doubtBits(), most)));
    }
    return line.toString();
  }

  private static double x(double readings, int longest) {
    return LEFT + (WIDTH - LEFT - RIGHT) * readings / longest;
  }

  private static double y(double bits, double most) {
    return TOP + (HEIGHT - TOP - BOTTOM) * (1 - bits / most);
  }

  private static String text(double value) {
    return String.format(Locale.ROOT, "%.1f", value);
  }
}
