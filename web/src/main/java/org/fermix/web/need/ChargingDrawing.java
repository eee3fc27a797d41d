package org.fermix.web.need;

import java.util.ArrayList;
import java.util.List;
import org.fermix.core.bench.Finding;
import org.fermix.core.bench.GateResult;
import org.fermix.core.chemistry.ChargingWindow;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.machine.Need;
import org.fermix.core.quantity.Unit;
import org.fermix.web.chart.Figures;
import org.fermix.web.chart.Markup;
import org.fermix.web.chart.Scale;
import org.fermix.web.chart.Ticks;
import org.fermix.web.shared.Display;

/**
 * The regulated voltage as a mark over each chemistry’s window at 25 °C; the words beside are the
 * bench’s own gate, which takes the battery’s temperature in the coldest month.
 *
 * @param low least voltage of the scale
 */
public record ChargingDrawing(
    double low, double high, String voltsAt, List<Row> rows, String axis, Figures figures) {
  /** The scale its rows stand on. */
  Scale scale() {
    return Scale.across(low, high);
  }

  /** One chemistry. */
  public record Row(String chemistryId, String name, String drawn, String style, String words) {}

  private static final double LEAST = 12.6;
  private static final double MOST = 16;
  private static final int ROW_TALL = 20;
  private static final double ROOM = 0.2;

  static ChargingDrawing of(Need need, List<Judge.Kind> kinds, Display display) {
    double series = need.engine().series();
    double volts = need.regulatedVolts().value();
    double low = Math.min(LEAST * series, volts - ROOM);
    double high = Math.max(MOST * series, volts + ROOM);
    Scale scale = Scale.across(low, high);
    List<Row> rows = new ArrayList<>();
    List<Figures.Row> figures = new ArrayList<>();
    for (Judge.Kind kind : kinds) {
      Chemistry chemistry = kind.chemistry();
      GateResult gate = kind.charged();
      String words = words(gate);
      rows.add(
          new Row(
              chemistry.id(),
              chemistry.shortName(),
              drawn(chemistry.charging(), series, scale, volts),
              style(gate),
              words));
      figures.add(figures(chemistry, series, display, words));
    }
    Markup axis = new Markup();
    axis.mark("line", "x1", "0", "x2", "100%", "y1", "0.5", "y2", "0.5", "class", "axis");
    for (Ticks.Tick tick :
        Ticks.every(
            scale,
            Math.ceil(low / series) * series,
            high,
            series,
            value -> display.number(value, series < 1 ? 1 : 0) + " V")) {
      axis.mark("line", "x1", tick.at(), "x2", tick.at(), "y1", "0", "y2", "4", "class", "axis");
      axis.line(
          "text",
          tick.label(),
          "x",
          tick.at(),
          "y",
          "16",
          "class",
          "tick",
          "text-anchor",
          "middle");
    }
    return new ChargingDrawing(
        low,
        high,
        scale.at(volts),
        rows,
        axis.toString(),
        new Figures(
            List.of("Chemistry", "Charges from", "Full from", "Window", "Never above", "Here"),
            figures));
  }

  private static Figures.Row figures(
      Chemistry chemistry, double series, Display display, String words) {
    ChargingWindow window = chemistry.charging();
    return Figures.Row.of(
        chemistry.displayName(),
        volts(series * window.chargesFromVolts(), display),
        volts(series * window.fullFromVolts(), display),
        display.number(series * window.absorptionLowVolts(), 1)
            + " to "
            + volts(series * window.absorptionHighVolts(), display),
        volts(series * window.neverExceedVolts(), display),
        words);
  }

  private static String volts(double value, Display display) {
    return display.show(value, Unit.VOLT, 1).text();
  }

  private static String drawn(ChargingWindow window, double series, Scale scale, double volts) {
    Markup out = new Markup();
    String middle = Integer.toString(ROW_TALL / 2);
    line(
        out,
        scale,
        series * window.chargesFromVolts(),
        series * window.fullFromVolts(),
        middle,
        "charge-partly");
    double full = scale.position(series * window.fullFromVolts());
    double top = scale.position(series * window.absorptionHighVolts());
    out.mark(
        "rect",
        "x",
        Scale.percent(full),
        "y",
        "5",
        "width",
        Scale.percent(Math.max(0, top - full)),
        "height",
        "10",
        "class",
        "charge-full");
    line(
        out,
        scale,
        series * window.absorptionHighVolts(),
        series * window.neverExceedVolts(),
        middle,
        "axis");
    String never = scale.at(series * window.neverExceedVolts());
    out.mark("line", "x1", never, "x2", never, "y1", "3", "y2", "17", "class", "charge-never");
    String at = scale.at(volts);
    out.mark(
        "line",
        "x1",
        at,
        "x2",
        at,
        "y1",
        "0",
        "y2",
        Integer.toString(ROW_TALL),
        "class",
        "charge-volts");
    return out.toString();
  }

  private static void line(
      Markup out, Scale scale, double from, double to, String y, String style) {
    out.mark("line", "x1", scale.at(from), "x2", scale.at(to), "y1", y, "y2", y, "class", style);
  }

  private static String style(GateResult gate) {
    return switch (gate.mark()) {
      case CLEARS -> "clears";
      case CLOSE -> "close";
      case FAILS -> "fails";
      case UNKNOWN -> "unknown";
    };
  }

  private static String words(GateResult gate) {
    Finding.Code code = gate.findings().get(0).code();
    return switch (code) {
      case VOLTS_FULL -> "fills \u2713";
      case VOLTS_FULL_UNBALANCED -> "fills; balance it now and then \u2713";
      case VOLTS_NOT_MEASURED -> "measure the volts ?";
      case VOLTS_PARTLY -> "never quite full \u2248";
      case VOLTS_TOO_LOW -> "gains nothing \u2715";
      case VOLTS_TOO_HIGH -> "harmed \u2715";
      case VOLTS_ABOVE_WINDOW -> "fills, rather high \u2248";
      case LOCKED_IN_COLD -> "none in the cold \u2248";
      default -> "not known ?";
    };
  }
}
