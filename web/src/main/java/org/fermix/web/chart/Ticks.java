package org.fermix.web.chart;

import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleFunction;

/** Marks on a scale. */
public final class Ticks {
  private static final double SLACK = 1e-9;

  private Ticks() {}

  /**
   * A mark.
   *
   * @param minor left out on narrow screens
   */
  public record Tick(String at, String label, boolean minor) {}

  /** Marks at given values, every second one minor. */
  public static List<Tick> at(Scale scale, DoubleFunction<String> label, double... values) {
    List<Tick> ticks = new ArrayList<>();
    for (int i = 0; i < values.length; i++) {
      ticks.add(new Tick(scale.at(values[i]), label.apply(values[i]), i % 2 == 1));
    }
    return ticks;
  }

  /** Marks at whole steps from one value to another, both included. */
  public static List<Tick> every(
      Scale scale, double from, double to, double step, DoubleFunction<String> label) {
    double signed = to < from ? -Math.abs(step) : Math.abs(step);
    int count = (int) Math.floor((to - from) / signed + SLACK);
    double[] values = new double[count + 1];
    for (int i = 0; i <= count; i++) {
      values[i] = from + i * signed;
    }
    return at(scale, label, values);
  }

  /** A step of 1, 2 or 5 and its tens that parts a span into no more than so many. */
  public static double step(double span, int most) {
    double rough = span / most;
    double ten = Math.pow(10, Math.floor(Math.log10(rough)));
    for (double step : new double[] {1, 2, 5}) {
      if (step * ten >= rough * (1 - SLACK)) {
        return step * ten;
      }
    }
    return 10 * ten;
  }
}
