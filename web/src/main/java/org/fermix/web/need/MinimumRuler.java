package org.fermix.web.need;

import java.util.List;
import org.fermix.core.machine.Need;
import org.fermix.core.quantity.Unit;
import org.fermix.core.rating.CrankingTest;
import org.fermix.web.chart.Figures;
import org.fermix.web.chart.Scale;
import org.fermix.web.chart.Ticks;
import org.fermix.web.shared.Display;

/** The maker’s minimum and the displacement rule on one scale, so they can be seen to agree. */
public record MinimumRuler(
    List<Mark> marks, List<Ticks.Tick> ticks, String caption, String summary, Figures figures) {
  /** One mark at a share of the width. */
  public record Mark(String at, String label, String value, int row, boolean leftOf) {}

  private static final double MIDDLE = 50;

  static MinimumRuler of(Need need, Display display) {
    CrankingTest test = need.minimum().test();
    boolean cold = test.equals(CrankingTest.COLD_CRANKING);
    double rule = need.engine().ruleOfThumbCca() * (cold ? 1 : middle(test.trade()));
    double asked = need.minimum().crankingAmps().value();
    boolean typed = !need.minimum().crankingAmps().isAssumed();
    double most = Math.ceil(1.25 * Math.max(rule, asked) / 200) * 200;
    Scale scale = Scale.across(0, most);
    Mark ruleMark =
        mark(scale, rule, cold ? "displacement rule" : "displacement rule, about", 1, display);
    List<Mark> marks =
        typed
            ? List.of(mark(scale, asked, "maker’s minimum", 0, display), ruleMark)
            : List.of(ruleMark);
    List<Ticks.Tick> ticks =
        Ticks.every(scale, 0, most, most / 4, value -> display.number(value, 0));
    return new MinimumRuler(
        marks,
        ticks,
        cold ? "Cold cranking amps." : test.label() + ", the rule restated as the trade does.",
        (typed ? "Maker’s minimum " + display.show(asked, Unit.AMPERE).text() + "; " : "")
            + "displacement rule "
            + display.show(rule, Unit.AMPERE).text(),
        new Figures(
            List.of("Asked by", test.label()),
            marks.stream().map(mark -> Figures.Row.of(mark.label(), mark.value())).toList()));
  }

  private static double middle(CrankingTest.TradeRatio trade) {
    return Math.sqrt(trade.low() * trade.high());
  }

  /** Labelled to the left where the right has no room. */
  private static Mark mark(Scale scale, double amps, String label, int row, Display display) {
    return new Mark(
        scale.at(amps),
        label,
        display.show(amps, Unit.AMPERE).text(),
        row,
        scale.position(amps) > MIDDLE);
  }
}
