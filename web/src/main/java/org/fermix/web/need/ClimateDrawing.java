package org.fermix.web.need;

import java.time.Month;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.fermix.core.machine.Climate;
import org.fermix.core.machine.LongestLayUp;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.Seasons;
import org.fermix.core.quantity.Unit;
import org.fermix.web.chart.Figures;
import org.fermix.web.chart.Markup;
import org.fermix.web.chart.Scale;
import org.fermix.web.chart.Ticks;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Months;

/**
 * The year of the machine: each month’s mean, its usual coldest morning, the coldest start asked
 * for, and the lay-up as a stretch; the coldest month stands in the middle.
 *
 * @param layUpAt where its field stands across
 * @param layUpLeft true where the field stands left of there for want of room
 * @param winterAt where the coldest month’s mean stands across
 */
public record ClimateDrawing(
    String layUpAt,
    boolean layUpLeft,
    String winterAt,
    int winterTop,
    String summerAt,
    int summerTop,
    int coldestTop,
    int height,
    String drawn,
    String measures,
    String summary,
    Figures figures) {
  private static final int HEAD = 34;
  private static final int TALL = 150;
  private static final int FOOT = 22;
  private static final double MONTH = 100 / 12.0;
  private static final double ROOM_K = 3;
  private static final double FIELD_SHARE = 0.22;
  private static final int MOST_LINES = 5;
  private static final double NEAR_END = 74;

  static ClimateDrawing of(Need need, Display display) {
    return new Drawn(need, display).drawing();
  }

  /** One drawing being made. */
  private static final class Drawn {
    private final Need need;
    private final Display display;
    private final Climate climate;
    private final LongestLayUp layUp;
    private final int firstMonth;
    private final Scale degrees;
    private final Markup out = new Markup();

    Drawn(Need need, Display display) {
      this.need = need;
      this.display = display;
      this.climate = need.climate();
      this.layUp = need.use().layUp();
      this.firstMonth =
          1 + Math.floorMod((int) Math.rint(climate.coldestMonth().value()) - 1 - 6, 12);
      double low =
          Math.min(
                  climate.coldestMorningC().value(),
                  climate.winterMeanC().value() - Climate.MORNING_K)
              - ROOM_K;
      // Room for the field under the line of the coldest morning.
      low -= FIELD_SHARE * (climate.summerMeanC().value() - low);
      double high =
          Math.max(climate.summerMeanC().value(), climate.coldestMorningC().value()) + ROOM_K;
      this.degrees = Scale.pixels(high, low, HEAD, HEAD + TALL);
    }

    ClimateDrawing drawing() {
      layUp();
      grid();
      months();
      double coldest = climate.coldestMorningC().value();
      String y = degrees.at(coldest);
      out.mark("line", "x1", "0", "x2", "100%", "y1", y, "y2", y, "class", "mark-need");
      double middle = shareOf(layUp.fromDay() + layUp.days().value() / 2);
      double winterAt = monthMiddle((int) Math.rint(climate.coldestMonth().value()));
      double winterY = degrees.position(climate.winterMeanC().value());
      double coldestY = degrees.position(coldest);
      return new ClimateDrawing(
          Scale.percent(middle),
          middle > NEAR_END,
          Scale.percent(winterAt),
          (int) Math.max(HEAD, winterY - 32),
          Scale.percent(MONTH),
          (int) Math.max(2, degrees.position(climate.summerMeanC().value()) - 30),
          (int) Math.min(HEAD + TALL - 26, coldestY + 3),
          HEAD + TALL + FOOT,
          out.toString(),
          measures(winterAt, winterY, coldestY, middle),
          summary(),
          figures());
    }

    private void layUp() {
      double days = Math.min(365, layUp.days().value());
      if (days <= 0) {
        return;
      }
      double from = shareOf(layUp.fromDay());
      double width = days / 365 * 100;
      stretch(from, Math.min(width, 100 - from));
      if (from + width > 100) {
        stretch(0, from + width - 100);
      }
      handle("from", from, "Laid up from, drag or press the arrow keys");
      handle("to", (from + width) % 100, "Laid up until, drag or press the arrow keys");
    }

    /** What the stretch is taken hold of by. */
    private void handle(String edge, double at, String words) {
      out.mark(
          "rect",
          "x",
          Scale.percent(Math.min(at, 99)),
          "y",
          px(HEAD + TALL - 28),
          "width",
          "7",
          "height",
          "28",
          "class",
          "lay-up-handle",
          "data-edge",
          edge,
          "data-first",
          Integer.toString(month(0)),
          "tabindex",
          "0",
          "role",
          "slider",
          "aria-valuenow",
          Long.toString(Math.round(layUp.days().value())),
          "aria-valuetext",
          display.show(layUp.days().value(), Unit.DAY).text()
              + " from "
              + Months.name(layUp.fromMonth().value()),
          "aria-label",
          words);
    }

    private void stretch(double from, double width) {
      out.mark(
          "rect",
          "x",
          Scale.percent(from),
          "y",
          px(HEAD - 8),
          "width",
          Scale.percent(width),
          "height",
          px(TALL + 8),
          "class",
          "shade");
    }

    private void grid() {
      double span = Math.abs(shown(degrees.from()) - shown(degrees.to()));
      double step = Ticks.step(span, MOST_LINES);
      for (double at = Math.ceil(shown(degrees.to()) / step) * step;
          at <= shown(degrees.from());
          at += step) {
        String y = degrees.at(Unit.CELSIUS.metric(at, display.system()));
        out.mark("line", "x1", "0", "x2", "100%", "y1", y, "y2", y, "class", "grid-line");
        out.line(
            "text",
            display.number(at, 0) + "°",
            "x",
            "100%",
            "y",
            y,
            "dy",
            "-3",
            "class",
            "tick",
            "text-anchor",
            "end");
      }
    }

    private void months() {
      Seasons seasons = climate.seasons();
      String foot = px(HEAD + TALL);
      out.mark("line", "x1", "0", "x2", "100%", "y1", foot, "y2", foot, "class", "axis");
      for (int i = 0; i < 12; i++) {
        int month = month(i);
        double mean = seasons.inMonth(month);
        String x = Scale.percent((i + 0.5) * MONTH);
        out.mark(
            "line",
            "x1",
            x,
            "x2",
            x,
            "y1",
            degrees.at(mean),
            "y2",
            degrees.at(mean - Climate.MORNING_K),
            "class",
            "month-cold");
        if (i > 0) {
          out.mark(
              "line",
              "x1",
              Scale.percent((i - 0.5) * MONTH),
              "x2",
              x,
              "y1",
              degrees.at(seasons.inMonth(month(i - 1))),
              "y2",
              degrees.at(mean),
              "class",
              "month-mean");
        }
        out.open("g", "class", i % 2 == 1 ? "minor" : "");
        out.line(
            "text",
            name(month),
            "x",
            x,
            "y",
            px(HEAD + TALL + 15),
            "class",
            "tick",
            "text-anchor",
            "middle");
        out.close("g");
      }
    }

    private static String name(int month) {
      return Month.of(month).getDisplayName(TextStyle.SHORT, Locale.ENGLISH);
    }

    private int month(int index) {
      return 1 + Math.floorMod(firstMonth - 1 + index, 12);
    }

    private double monthMiddle(int month) {
      return (Math.floorMod(month - firstMonth, 12) + 0.5) * MONTH;
    }

    private double shareOf(double day) {
      double from = (firstMonth - 1) * Seasons.DAYS_PER_MONTH;
      double share = (day - from) / 365.25;
      return 100 * (share - Math.floor(share));
    }

    private double shown(double celsius) {
      return Unit.CELSIUS.shown(celsius, display.system());
    }

    private String measures(double winterAt, double winterY, double coldestY, double middle) {
      Markup text = new Markup();
      text.line(
          "text",
          temperature(climate.coldestMorningC().value()) + " coldest morning",
          "x",
          "0",
          "y",
          px(coldestY + 14),
          "class",
          "tick");
      text.line(
          "text",
          temperature(climate.winterMeanC().value()),
          "x",
          Scale.percent(winterAt),
          "y",
          px(winterY - 8),
          "class",
          "tick",
          "text-anchor",
          "middle");
      text.line(
          "text",
          display.show(layUp.days().value(), Unit.DAY).text() + " laid up",
          "x",
          Scale.percent(middle),
          "y",
          px(HEAD - 14),
          "class",
          "tick",
          "text-anchor",
          "middle");
      return text.toString();
    }

    private String temperature(double celsius) {
      return display.show(celsius, Unit.CELSIUS).text();
    }

    private String summary() {
      return "The year from "
          + name(firstMonth)
          + ": coldest month "
          + temperature(climate.winterMeanC().value())
          + ", warmest "
          + temperature(climate.summerMeanC().value())
          + ", coldest morning "
          + temperature(climate.coldestMorningC().value())
          + "; laid up "
          + display.show(layUp.days().value(), Unit.DAY).text()
          + " from "
          + Months.name(layUp.fromMonth().value());
    }

    private Figures figures() {
      Seasons seasons = climate.seasons();
      Seasons standing = seasons.in(layUp.place());
      List<Figures.Row> rows = new ArrayList<>();
      for (int i = 0; i < 12; i++) {
        int month = month(i);
        rows.add(
            Figures.Row.of(
                Months.name(month),
                temperature(seasons.inMonth(month)),
                temperature(seasons.inMonth(month) - Climate.MORNING_K),
                temperature(standing.inMonth(month))));
      }
      return new Figures(
          List.of(
              "Month",
              "Mean",
              "Coldest morning",
              "Where it stands, " + need.use().layUp().place().name()),
          rows);
    }

    private static String px(double value) {
      return Scale.pixels(value);
    }
  }
}
