package org.fermix.web.recordings;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.fermix.core.quantity.Unit;
import org.fermix.web.chart.Labels;
import org.fermix.web.chart.Path;
import org.fermix.web.chart.Scale;
import org.fermix.web.chart.Ticks;
import org.fermix.web.shared.Display;

/**
 * Recorded starts laid over each other, with what was found in each.
 *
 * @param across marks of the seconds
 * @param up marks of the volts
 * @param marks of the newest
 */
public record Waveforms(
    int width,
    int height,
    List<Ticks.Tick> across,
    List<Ticks.Tick> up,
    List<Line> lines,
    Optional<WaveMarks> marks,
    List<Row> rows) {
  private static final int WIDTH = 760;
  private static final int HEIGHT = 300;
  private static final int LEFT = 40;
  private static final int RIGHT = 90;
  private static final int BOTTOM = 26;
  private static final int TOP = 8;
  private static final int NAME_GAP = 14;
  private static final int NAME_DROP = 4;
  private static final int MOST_TICKS = 8;
  private static final double BEFORE_S = 0.2;

  /** One recording's line, named at its end, with its lowest point marked. */
  public record Line(
      String name,
      String path,
      String style,
      String endY,
      String lowX,
      String lowY,
      String lowText) {}

  /** What was found in one recording. */
  public record Row(UUID id, String name, String samples, String style, List<String> cells) {}

  /** The columns of the table, in the order of the cells. */
  static List<String> heads() {
    return List.of(
        "Rest",
        "Inrush",
        "Cranking",
        "Current",
        "Speed",
        "For",
        "After",
        "Resistance",
        "What happened");
  }

  /**
   * Draws them.
   *
   * @param mostSeconds drawn after the start; 0 for the whole
   */
  public static Waveforms of(List<Recording> recordings, double mostSeconds, Display display) {
    if (recordings.isEmpty()) {
      return new Waveforms(
          WIDTH, HEIGHT, List.of(), List.of(), List.of(), Optional.empty(), List.of());
    }
    double longest = 1;
    double least = 40;
    double most = 0;
    for (Recording recording : recordings) {
      List<Double> points = recording.points();
      for (int i = 0; i < points.size(); i += 2) {
        if (isBeyond(points.get(i), mostSeconds)) {
          break;
        }
        longest = Math.max(longest, points.get(i));
        least = Math.min(least, points.get(i + 1));
        most = Math.max(most, points.get(i + 1));
      }
    }
    least = Math.floor(least - 0.2);
    most = Math.ceil(most + 0.2);
    double last = mostSeconds > 0 ? Math.min(mostSeconds, longest) : longest;
    Scale x = Scale.pixels(-BEFORE_S, last, LEFT, WIDTH - RIGHT);
    Scale y = Scale.pixels(least, most, HEIGHT - BOTTOM, TOP);
    double step = Ticks.step(last, MOST_TICKS);
    List<Line> lines = new ArrayList<>();
    List<Row> rows = new ArrayList<>();
    double[] ends =
        Labels.apart(
            recordings.stream()
                .mapToDouble(recording -> y.position(end(recording, mostSeconds)) + NAME_DROP)
                .toArray(),
            NAME_GAP);
    for (int i = 0; i < recordings.size(); i++) {
      lines.add(line(recordings.get(i), i, mostSeconds, x, y, y.text(ends[i]), display));
      rows.add(row(recordings.get(i), i, display));
    }
    return new Waveforms(
        WIDTH,
        HEIGHT,
        Ticks.every(x, 0, last, step, seconds -> display.number(seconds, step < 1 ? 1 : 0)),
        Ticks.every(
            y,
            least,
            most,
            Math.max(1, Ticks.step(most - least, MOST_TICKS)),
            volts -> display.number(volts, 0)),
        lines,
        Optional.of(WaveMarks.of(recordings.get(recordings.size() - 1), x, y, display)),
        rows);
  }

  /**
   * Draws an old battery’s start under a new one’s, whose marks are shown.
   *
   * @param old empty where it was not recorded
   */
  public static Waveforms pair(Optional<Recording> old, Recording fresh, Display display) {
    List<Recording> both = new ArrayList<>();
    old.ifPresent(both::add);
    both.add(fresh);
    Waveforms drawn = of(both, 0, display);
    List<Line> lines = new ArrayList<>();
    for (int i = 0; i < both.size(); i++) {
      Line line = drawn.lines().get(i);
      lines.add(
          new Line(
              line.name(),
              line.path(),
              both.get(i).equals(fresh) ? "wave" : "wave wave-old",
              line.endY(),
              line.lowX(),
              line.lowY(),
              line.lowText()));
    }
    return new Waveforms(
        drawn.width(),
        drawn.height(),
        drawn.across(),
        drawn.up(),
        lines,
        drawn.marks(),
        drawn.rows());
  }

  /** The last voltage drawn of a recording (V). */
  private static double end(Recording recording, double mostSeconds) {
    List<Double> points = recording.points();
    double end = 12;
    for (int i = 0; i < points.size() && !isBeyond(points.get(i), mostSeconds); i += 2) {
      end = points.get(i + 1);
    }
    return end;
  }

  private static boolean isBeyond(double seconds, double mostSeconds) {
    return mostSeconds > 0 && seconds > mostSeconds;
  }

  private static Line line(
      Recording recording,
      int number,
      double mostSeconds,
      Scale x,
      Scale y,
      String endY,
      Display display) {
    Path path = new Path();
    List<Double> points = recording.points();
    for (int i = 0; i < points.size() && !isBeyond(points.get(i), mostSeconds); i += 2) {
      path.to(x.position(points.get(i)), y.position(points.get(i + 1)));
    }
    Map<String, Double> found = recording.features();
    double lowest = found.getOrDefault("lowestVolts", 0.0);
    return new Line(
        recording.name(),
        path.toString(),
        style(number),
        endY,
        x.at(found.getOrDefault("lowestSeconds", 0.0)),
        y.at(lowest),
        display.show(lowest, Unit.VOLT, 2).text());
  }

  private static String style(int number) {
    return "wave wave-" + number % 4;
  }

  private static Row row(Recording recording, int number, Display display) {
    Map<String, Double> found = recording.features();
    String happened =
        found.getOrDefault("stalled", 0.0) > 0
            ? "stuck at a compression"
            : found.getOrDefault("fired", 0.0) > 0 ? "fired" : "did not fire";
    return new Row(
        recording.id(),
        recording.name(),
        display.number(recording.samples(), 0),
        style(number),
        List.of(
            shown(found, "restVolts", Unit.VOLT, 2, display),
            shown(found, "lowestVolts", Unit.VOLT, 2, display),
            shown(found, "crankingVolts", Unit.VOLT, 2, display),
            shown(found, "crankingAmps", Unit.AMPERE, 0, display),
            shown(found, "rpm", Unit.RPM, 0, display),
            shown(found, "crankingSeconds", Unit.SECOND, 2, display),
            shown(found, "recoveredVolts", Unit.VOLT, 2, display),
            shown(found, "milliohm", Unit.MILLIOHM, 2, display),
            happened));
  }

  private static String shown(
      Map<String, Double> found, String name, Unit unit, int decimals, Display display) {
    Double value = found.get(name);
    return value == null ? "not recorded" : display.show(value, unit, decimals).text();
  }
}
