package org.fermix.web.need;

import java.util.List;
import org.fermix.core.machine.Need;
import org.fermix.core.quantity.Unit;
import org.fermix.web.shared.AxisScale;
import org.fermix.web.shared.Display;

/** The maker’s minimum and the displacement rule on one scale, so they can be seen to agree. */
public record MinimumRuler(List<Tick> marks, List<Tick> ticks, String summary) {
  /** One mark at a share of the width. */
  public record Tick(String at, String label, String value, int row) {}

  static MinimumRuler of(Need need, Display display) {
    double rule = need.engine().ruleOfThumbCca();
    double asked = need.minimum().coldCrankingAmps().value();
    boolean typed = !need.minimum().coldCrankingAmps().isAssumed();
    double most = Math.ceil(1.25 * Math.max(rule, asked) / 200) * 200;
    AxisScale scale = AxisScale.linear(0, most);
    Tick ruleMark =
        new Tick(scale.at(rule), "displacement rule", display.show(rule, Unit.AMPERE).text(), 1);
    List<Tick> marks =
        typed
            ? List.of(
                new Tick(
                    scale.at(asked), "maker’s minimum", display.show(asked, Unit.AMPERE).text(), 0),
                ruleMark)
            : List.of(ruleMark);
    List<Tick> ticks =
        java.util.stream.IntStream.rangeClosed(0, 4)
            .mapToObj(
                i -> new Tick(AxisScale.text(25.0 * i), "", display.number(most * i / 4, 0), 0))
            .toList();
    return new MinimumRuler(
        marks,
        ticks,
        (typed ? "Maker’s minimum " + display.show(asked, Unit.AMPERE).text() + "; " : "")
            + "displacement rule "
            + display.show(rule, Unit.AMPERE).text());
  }
}
