package org.fermix.web.bench;

import java.util.List;
import org.fermix.core.quantity.Figure;
import org.fermix.core.quantity.Origin;
import org.fermix.core.quantity.Term;
import org.fermix.core.quantity.Unit;
import org.fermix.core.quantity.Working;
import org.fermix.web.shared.Display;

/** A working as it is drawn. */
public record WorkingView(
    String title,
    String value,
    String band,
    String formula,
    String source,
    String validity,
    List<Line> lines,
    String uncertainty,
    List<String> remarks,
    int assumptions) {

  /** One input. */
  public record Line(String meaning, String value, String origin, String note, boolean assumed) {}

  static WorkingView of(String title, Figure figure, Display display) {
    Working working = figure.working();
    return new WorkingView(
        title,
        display.show(figure).text(),
        display.band(figure),
        working.equation().formula(),
        working.equation().source(),
        display.words(working.equation().validity()),
        working.terms().stream().map(term -> line(term, display)).toList(),
        RemarkWords.of(working.uncertainty(), display),
        working.remarks().stream().map(remark -> RemarkWords.of(remark, display)).toList(),
        working.assumptions().size());
  }

  private static Line line(Term term, Display display) {
    Unit unit = term.given().unit();
    int decimals = unit == Unit.PER_CENT && Math.abs(term.given().value()) < 10 ? 2 : -1;
    Display.Shown shown =
        decimals < 0
            ? display.show(term.given().value(), unit)
            : display.show(term.given().value(), unit, decimals);
    return new Line(
        display.words(term.meaning()),
        shown.text(),
        word(term.given().origin()),
        term.given().note(),
        term.given().isAssumed());
  }

  private static String word(Origin origin) {
    return switch (origin) {
      case TYPED -> "typed";
      case LABEL -> "label";
      case MAKER -> "maker";
      case ASSUMED -> "assumed";
      case DERIVED -> "worked out";
      case TABLE -> "table";
    };
  }
}
