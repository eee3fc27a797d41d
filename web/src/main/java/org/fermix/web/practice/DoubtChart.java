package org.fermix.web.practice;

import java.util.List;
import java.util.Locale;
import org.fermix.standins.Practice;
import org.fermix.web.chart.Path;
import org.fermix.web.chart.Scale;
import org.fermix.web.chart.Ticks;

/** Doubt left after each reading, of two paths, as two falling staircases. */
record DoubtChart(
    int width,
    int height,
    String own,
    String best,
    List<Ticks.Tick> across,
    List<Ticks.Tick> up,
    String summary) {
  private static final int WIDTH = 460;
  private static final int HEIGHT = 190;
  private static final int LEFT = 34;
  private static final int BOTTOM = 24;
  private static final int TOP = 10;
  private static final int RIGHT = 10;

  static DoubtChart of(double firstBits, List<Practice.Step> own, List<Practice.Step> best) {
    int longest = Math.max(2, Math.max(own.size(), best.size()));
    double most = firstBits;
    for (List<Practice.Step> path : List.of(own, best)) {
      for (Practice.Step step : path) {
        most = Math.max(most, step.doubtBits());
      }
    }
    most = Math.ceil(most);
    Scale x = Scale.pixels(0, longest, LEFT, WIDTH - RIGHT);
    Scale y = Scale.pixels(0, most, HEIGHT - BOTTOM, TOP);
    return new DoubtChart(
        WIDTH,
        HEIGHT,
        staircase(firstBits, own, x, y),
        staircase(firstBits, best, x, y),
        Ticks.every(x, 0, longest, 1, DoubtChart::whole),
        Ticks.every(y, 0, most, 1, DoubtChart::whole),
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

  private static String staircase(double firstBits, List<Practice.Step> path, Scale x, Scale y) {
    Path line = new Path().to(x.position(0), y.position(firstBits));
    for (int i = 0; i < path.size(); i++) {
      line.step(x.position(i + 1), y.position(path.get(i).doubtBits()));
    }
    return line.toString();
  }

  private static String whole(double value) {
    return Long.toString(Math.round(value));
  }
}
