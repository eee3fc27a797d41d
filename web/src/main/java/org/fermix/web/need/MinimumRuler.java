package org.fermix.web.need;

import java.util.List;
import org.fermix.core.machine.Need;
import org.fermix.core.quantity.Unit;
import org.fermix.web.chart.Figures;
import org.fermix.web.chart.Scale;
import org.fermix.web.chart.Ticks;
import org.fermix.web.shared.Display;

/** The maker’s minimum and the displacement rule on one scale, so they can be seen to agree. */
public record MinimumRuler(
    List<Mark> marks, List<Ticks.Tick> ticks, String summary, Figures figures) {
  /** One mark at a share of the width. */
  public record Mark(String at, String label, String value, int row) {}

  static MinimumRuler of(Need need, Display display) {
    double rule = need.engine().ruleOfThumbCca();
    double asked = need.minimum().coldCrankingAmps().value();
    boolean typed = !need.minimum().coldCrankingAmps().isAssumed();
    double most = Math.ceil(1.25 * Math.max(rule, asked) / 200) * 200;
    Scale scale = Scale.across(0, most);
    Mark ruleMark =
        new Mark(scale.at(rule), "displacement rule", display.show(rule, Unit.AMPERE).text(), 1);
    List<Mark> marks =
        typed
            ? List.of(
                new Mark(
                    scale.at(asked), "maker’s minimum", display.show(asked, Unit.AMPERE).text(), 0),
                ruleMark)
            : List.of(ruleMark);
    List<Ticks.Tick> ticks =
        Ticks.every(scale, 0, most, most / 4, value -> display.number(value, 0));
    return new MinimumRuler(
        marks,
        ticks,
        (typed ? "Maker’s minimum " + display.show(asked, Unit.AMPERE).text() + "; " : "")
            + "displacement rule "
            + display.show(rule, Unit.AMPERE).text(),
        new Figures(
            List.of("Asked by", "Cold cranking amps"),
            marks.stream().map(mark -> Figures.Row.of(mark.label(), mark.value())).toList()));
  }
}
