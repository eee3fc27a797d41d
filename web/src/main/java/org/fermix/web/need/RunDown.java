package org.fermix.web.need;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.fermix.core.bench.CandidateCurves;
import org.fermix.core.bench.LoadRun;
import org.fermix.core.machine.Need;
import org.fermix.core.quantity.Unit;
import org.fermix.web.chart.Markup;
import org.fermix.web.chart.Path;
import org.fermix.web.chart.Scale;
import org.fermix.web.chart.Ticks;
import org.fermix.web.shared.Display;

/**
 * The batteries run down side by side: volts over hours, where the alarm warns and where no start
 * is kept any more, and what each thing of the ledger gets from each battery.
 *
 * @param letters of the batteries
 * @param warned when the machine warns on each, in words; empty without an alarm
 * @param things what each gets
 */
public record RunDown(
    String drawn,
    int height,
    String summary,
    List<String> letters,
    List<String> starts,
    List<String> warned,
    List<Thing> things) {
  static final int WIDTH = 640;
  private static final int HEIGHT = 200;
  private static final int LEFT = 40;
  private static final int FOOT = 24;
  private static final int RIGHT = 28;
  private static final double LOOK = 4;
  private static final double GAP = 13;

  /** One thing of the ledger. */
  public record Thing(String name, List<Cell> cells) {}

  /** What it gets from one battery. */
  public record Cell(String words, String style) {}

  static RunDown of(Need need, List<LoadRun> runs, Display display) {
    double wanted = need.use().engineOffHours().value();
    double longest = runs.stream().mapToDouble(run -> last(run.points()).x()).max().orElse(1);
    double most = Math.max(0.5, Math.min(longest, Math.max(1, LOOK * wanted)));
    double series = need.engine().series();
    Scale across = Scale.pixels(0, most, LEFT, WIDTH - RIGHT);
    Scale up = Scale.pixels(14 * series, 10 * series, 8, HEIGHT - FOOT);
    Markup out = new Markup();
    axes(out, across, up, most, series, display);
    if (wanted > 0) {
      line(
          out,
          across.at(wanted),
          "8",
          across.at(wanted),
          Scale.pixels(HEIGHT - FOOT),
          "asked-line");
      text(out, "asked", across.position(wanted) + 3, 18, "tick");
    }
    need.use()
        .habit()
        .alarmVolts()
        .ifPresent(
            volts -> {
              line(
                  out,
                  Scale.pixels(LEFT),
                  up.at(volts.value()),
                  Scale.pixels(WIDTH - RIGHT),
                  up.at(volts.value()),
                  "alarm-line");
              text(out, "it warns", WIDTH - RIGHT - 56, up.position(volts.value()) + 12, "tick");
            });
    List<double[]> labels = new ArrayList<>();
    List<LoadRun> byEnd =
        runs.stream()
            .sorted(java.util.Comparator.comparingDouble(run -> -endVolts(run, most)))
            .toList();
    for (LoadRun run : byEnd) {
      Path path = new Path();
      CandidateCurves.Point end = run.points().get(0);
      for (CandidateCurves.Point point : run.points()) {
        if (point.x() <= most) {
          path.to(across.position(point.x()), up.position(point.y()));
          end = point;
        }
      }
      out.mark("path", "d", path.toString(), "class", "run-line");
      double x = across.position(end.x()) + 4;
      double y = up.position(end.y()) + 4;
      while (isTaken(labels, x, y)) {
        y -= GAP;
      }
      labels.add(new double[] {x, y});
      text(out, run.candidate().letter(), x, y, "run-letter");
      if (run.startsUntil() > 0 && run.startsUntil() <= most) {
        out.mark(
            "circle",
            "cx",
            across.at(run.startsUntil()),
            "cy",
            up.at(voltsAt(run, run.startsUntil())),
            "r",
            "3.2",
            "class",
            "run-start");
      }
    }
    return new RunDown(
        out.toString(),
        HEIGHT,
        runs.size() + " batteries run down over " + display.show(most, Unit.HOUR).text(),
        runs.stream().map(run -> run.candidate().letter()).toList(),
        runs.stream()
            .map(
                run ->
                    run.startsUntil() > 0
                        ? display.show(run.startsUntil(), Unit.HOUR).text()
                        : "none kept")
            .toList(),
        need.use().habit().alarmVolts().isEmpty()
            ? List.of()
            : runs.stream().map(run -> warned(run, display)).toList(),
        things(need, runs, display));
  }

  private static String warned(LoadRun run, Display display) {
    OptionalDouble at = run.warnsAt();
    if (at.isEmpty()) {
      return "never, before it stops";
    }
    boolean late = run.startsUntil() > 0 && at.getAsDouble() > run.startsUntil();
    return display.show(at.getAsDouble(), Unit.HOUR).text() + (late ? ", too late to start" : "");
  }

  private static void axes(
      Markup out, Scale across, Scale up, double most, double series, Display display) {
    String foot = Scale.pixels(HEIGHT - FOOT);
    line(out, Scale.pixels(LEFT), foot, Scale.pixels(WIDTH - RIGHT), foot, "axis");
    for (int volts = 10; volts <= 14; volts++) {
      line(
          out,
          Scale.pixels(LEFT),
          up.at(volts * series),
          Scale.pixels(WIDTH - RIGHT),
          up.at(volts * series),
          "grid-line");
      text(
          out,
          display.number(volts * series, series < 1 ? 1 : 0) + " V",
          2,
          up.position(volts * series) + 4,
          "tick");
    }
    for (Ticks.Tick tick :
        Ticks.every(
            across,
            0,
            most,
            Ticks.step(most, 7),
            hours -> display.number(hours, hours == Math.rint(hours) ? 0 : 1) + " h")) {
      out.line(
          "text",
          tick.label(),
          "x",
          tick.at(),
          "y",
          Scale.pixels(HEIGHT - 8),
          "class",
          "tick",
          "text-anchor",
          "middle");
    }
  }

  private static void line(Markup out, String x1, String y1, String x2, String y2, String style) {
    out.mark("line", "x1", x1, "y1", y1, "x2", x2, "y2", y2, "class", style);
  }

  private static void text(Markup out, String words, double x, double y, String style) {
    out.line("text", words, "x", Scale.pixels(x), "y", Scale.pixels(y), "class", style);
  }

  private static boolean isTaken(List<double[]> labels, double x, double y) {
    return labels.stream()
        .anyMatch(each -> Math.abs(each[0] - x) < GAP && Math.abs(each[1] - y) < GAP);
  }

  private static CandidateCurves.Point last(List<CandidateCurves.Point> points) {
    return points.get(points.size() - 1);
  }

  private static double endVolts(LoadRun run, double most) {
    return voltsAt(run, most);
  }

  private static double voltsAt(LoadRun run, double hours) {
    double volts = run.points().get(0).y();
    for (CandidateCurves.Point point : run.points()) {
      if (point.x() <= hours) {
        volts = point.y();
      }
    }
    return volts;
  }

  private static List<Thing> things(Need need, List<LoadRun> runs, Display display) {
    List<Thing> things = new ArrayList<>();
    for (int i = 0; i < need.use().habit().ledger().items().size(); i++) {
      int at = i;
      things.add(
          new Thing(
              need.use().habit().ledger().items().get(i).name(),
              runs.stream().map(run -> cell(run.things().get(at), display)).toList()));
    }
    return things;
  }

  private static Cell cell(LoadRun.Thing thing, Display display) {
    String watts =
        Math.abs(thing.firstWatts() - thing.lastWatts()) < 0.5
            ? display.number(thing.firstWatts(), 0) + " W"
            : display.number(thing.firstWatts(), 0)
                + " → "
                + display.number(thing.lastWatts(), 0)
                + " W";
    return thing.stopsAfter().isEmpty()
        ? new Cell(watts + " ✓", "clears")
        : new Cell(
            watts
                + ", stops after "
                + display.show(thing.stopsAfter().getAsDouble(), Unit.HOUR).text()
                + " ✕",
            "fails");
  }
}
