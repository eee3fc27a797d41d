package org.fermix.web.lineup;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.electrical.CredibleRating;
import org.fermix.core.label.Label;
import org.fermix.core.quantity.Unit;
import org.fermix.core.rating.CrankingTest;
import org.fermix.core.reserve.RatedCapacity;
import org.fermix.web.chart.Markup;
import org.fermix.web.chart.Scale;
import org.fermix.web.shared.Display;

/**
 * Two labels side by side: what becomes of them on the yardstick as bars, then what is printed,
 * what differs first.
 */
public record SideBySide(
    String oneName, String otherName, List<Bar> bars, List<Row> differ, List<Row> same) {
  private static final double PERCENT = 100;

  /** One figure of both, drawn on one scale. */
  public record Bar(
      String name, String one, String other, String oneDrawn, String otherDrawn, String change) {}

  /** One thing both labels may say. */
  public record Row(String name, String one, String other) {}

  static SideBySide of(Entry one, Entry other, Display display) {
    Label left = one.candidate().label();
    Label right = other.candidate().label();
    List<Bar> bars = new ArrayList<>();
    bars.add(bar("CCA, as believed", cca(left), cca(right), Unit.AMPERE, display));
    bars.add(
        bar(
            "capacity at 20 h",
            left.capacity().value(),
            right.capacity().value(),
            Unit.AMPERE_HOUR,
            display));
    bars.add(bar("reserve capacity", reserve(left), reserve(right), Unit.MINUTE, display));
    bars.add(bar("mass", left.mass().value(), right.mass().value(), Unit.KILOGRAM, display));
    if (left.hasPrice() && right.hasPrice()) {
      bars.add(bar("price", left.price().value(), right.price().value(), Unit.MONEY, display));
    }
    Map<String, String> ours = LabelTable.row(left);
    Map<String, String> theirs = LabelTable.row(right);
    Set<String> names = new LinkedHashSet<>(ours.keySet());
    names.addAll(theirs.keySet());
    List<Row> differ = new ArrayList<>();
    List<Row> same = new ArrayList<>();
    for (String name : names) {
      Row row =
          new Row(
              name, ours.getOrDefault(name, "not stated"), theirs.getOrDefault(name, "not stated"));
      (row.one().equals(row.other()) ? same : differ).add(row);
    }
    return new SideBySide(left.name(), right.name(), bars, differ, same);
  }

  private static double cca(Label label) {
    return CredibleRating.by(CrankingTest.COLD_CRANKING, label).amps();
  }

  private static double reserve(Label label) {
    return label
        .reserveMinutes()
        .map(given -> given.value())
        .orElseGet(() -> RatedCapacity.reserveMinutes(BatteryCircuit.of(label)));
  }

  private static Bar bar(String name, double one, double other, Unit unit, Display display) {
    double most = Math.max(one, other);
    double percent = PERCENT * (other / one - 1);
    return new Bar(
        name,
        display.show(one, unit).text(),
        display.show(other, unit).text(),
        drawn(one / most),
        drawn(other / most),
        (percent > 0 ? "+" : "") + display.number(percent, 0) + "\u202f%");
  }

  private static String drawn(double share) {
    Markup out = new Markup();
    out.mark("rect", "width", Scale.percent(PERCENT * share), "height", "9", "class", "moved-left");
    return out.toString();
  }
}
