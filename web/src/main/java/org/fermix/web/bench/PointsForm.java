package org.fermix.web.bench;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.fermix.core.decision.Criterion;
import org.fermix.core.decision.Weights;
import org.fermix.web.chart.Markup;
import org.fermix.web.shared.NumberText;

/** Twelve points on the bench, spread by buttons or by typing. */
final class PointsForm {
  private static final int PITCH = 9;

  private PointsForm() {}

  /**
   * One of the things points go to.
   *
   * @param name of its field
   * @param drawn twelve pips, the given ones filled
   */
  public record Row(String name, String word, String value, String drawn) {}

  static List<Row> rows(Weights weights) {
    List<Row> rows = new ArrayList<>();
    for (Criterion each : Criterion.values()) {
      Markup out = new Markup();
      for (int i = 0; i < Weights.SPREAD; i++) {
        out.mark(
            "circle",
            "cx",
            Integer.toString(5 + PITCH * i),
            "cy",
            "7",
            "r",
            "3.4",
            "class",
            i < weights.of(each) ? "pip pip-given" : "pip");
      }
      rows.add(
          new Row(
              "points" + each.name(),
              RankingBars.word(each),
              Integer.toString(weights.of(each)),
              out.toString()));
    }
    return rows;
  }

  /** What was typed, where it is whole points that come to twelve. */
  static Optional<Map<Criterion, Integer>> read(Map<String, String> parameters) {
    Map<Criterion, Integer> points = new EnumMap<>(Criterion.class);
    int sum = 0;
    for (Criterion each : Criterion.values()) {
      String typed = parameters.getOrDefault("points" + each.name(), "").strip();
      NumberText.Result number = NumberText.read(typed.isEmpty() ? "0" : typed);
      if (!number.isNumber()
          || number.value() != Math.rint(number.value())
          || number.value() < 0
          || number.value() > Weights.SPREAD) {
        return Optional.empty();
      }
      points.put(each, (int) number.value());
      sum += (int) number.value();
    }
    return sum == Weights.SPREAD ? Optional.of(points) : Optional.empty();
  }
}
