package org.fermix.web.fitting;

import com.google.errorprone.annotations.CanIgnoreReturnValue;
import org.fermix.core.plan.WorkStep;
import org.fermix.web.chart.Markup;

/** A small line drawing where a hand or a direction matters: the case, its posts, and an arrow. */
@CanIgnoreReturnValue
final class StepDrawing {
  private final Markup out = new Markup();

  private StepDrawing() {}

  /** Empty where no drawing helps. */
  static String of(WorkStep.Kind kind) {
    StepDrawing drawing = new StepDrawing();
    switch (kind) {
      case NEGATIVE_OFF -> drawing.posts().arrow(22, true).sign(8, "1");
      case POSITIVE_OFF -> drawing.posts().arrow(58, true).sign(76, "2");
      case LIFT_OUT -> drawing.posts().arrow(40, true);
      case LIFT_IN -> drawing.posts().arrow(40, false);
      case HOLD_DOWN -> drawing.posts().bar();
      case POSITIVE_ON -> drawing.posts().arrow(58, false).cross(22);
      case NEGATIVE_ON -> drawing.posts().arrow(22, false).sign(8, "2");
      case VENT -> drawing.posts().hose();
      default -> {
        return "";
      }
    }
    return drawing.out.toString();
  }

  private StepDrawing posts() {
    out.mark("rect", "x", "12", "y", "26", "width", "56", "height", "24", "class", "step-case");
    out.mark("rect", "x", "17", "y", "21", "width", "10", "height", "5", "class", "step-case");
    out.mark("rect", "x", "53", "y", "21", "width", "10", "height", "5", "class", "step-post");
    out.line("text", "−", "x", "22", "y", "38", "text-anchor", "middle", "class", "step-sign");
    out.line("text", "+", "x", "58", "y", "38", "text-anchor", "middle", "class", "step-sign");
    return this;
  }

  private StepDrawing arrow(int x, boolean up) {
    String at = Integer.toString(x);
    int tip = up ? 2 : 17;
    int wing = up ? 6 : -6;
    out.mark("line", "x1", at, "x2", at, "y1", "2", "y2", "17", "class", "step-arrow");
    out.mark(
        "path",
        "d",
        "M"
            + (x - 4)
            + " "
            + (tip + wing)
            + "L"
            + x
            + " "
            + tip
            + "L"
            + (x + 4)
            + " "
            + (tip + wing),
        "class",
        "step-arrow");
    return this;
  }

  private StepDrawing sign(int x, String words) {
    out.line(
        "text",
        words,
        "x",
        Integer.toString(x),
        "y",
        "12",
        "text-anchor",
        "middle",
        "class",
        "step-sign");
    return this;
  }

  private StepDrawing cross(int x) {
    out.mark(
        "path",
        "d",
        "M" + (x - 5) + " 8L" + (x + 5) + " 18M" + (x + 5) + " 8L" + (x - 5) + " 18",
        "class",
        "step-never");
    return this;
  }

  private StepDrawing bar() {
    out.mark("path", "d", "M6 50V18H74V50", "class", "step-arrow");
    return this;
  }

  private StepDrawing hose() {
    out.mark("path", "d", "M68 32H76V10", "class", "step-arrow");
    return this;
  }
}
