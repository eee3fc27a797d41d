package org.fermix.web.recordings;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.fermix.core.quantity.Unit;
import org.fermix.web.shared.Display;

/** Recorded starts laid over each other, with what was found in each. */
record Waveforms(
    int width,
    int height,
    List<Tick> across,
    List<Tick> up,
    List<Line> lines,
    Optional<WaveMarks> marks,
    List<Row> rows) {
  private static final int NAME_GAP = 14;

  /** A mark on an axis. */
  record Tick(String text, String at) {}

  /** One recording's line, named at its end, with its lowest point marked. */
  record Line(
      String name,
      String path,
      String style,
      String endY,
      String lowX,
      String lowY,
      String lowText) {}

  /** What was found in one recording. */
  record Row(UUID id, String name, String samples, String style, List<String> cells) {}

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
  static Waveforms of(List<Recording> recordings, double mostSeconds, Display display) {
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
    WaveScale scale =
        new WaveScale(
            -0.2, mostSeconds > 0 ? Math.min(mostSeconds, longest) : longest, least, most);
    List<Tick> across = new ArrayList<>();
    double step = scale.to() <= 1 ? 0.2 : 0.5;
    while (scale.to() / step > 8) {
      step *= 2;
    }
    for (double t = 0; t <= scale.to() + 1e-9; t += step) {
      across.add(new Tick(display.number(t, step < 1 ? 1 : 0), text(scale.x(t))));
    }
    List<Tick> up = new ArrayList<>();
    for (double v = least; v <= most; v += most - least > 8 ? 2 : 1) {
      up.add(new Tick(display.number(v, 0), text(scale.y(v))));
    }
    List<Line> lines = new ArrayList<>();
    List<Row> rows = new ArrayList<>();
    for (int i = 0; i < recordings.size(); i++) {
      lines.add(line(recordings.get(i), i, mostSeconds, scale, display));
      rows.add(row(recordings.get(i), i, display));
    }
    Optional<WaveMarks> marks =
        recordings.isEmpty()
            ? Optional.empty()
            : Optional.of(WaveMarks.of(recordings.get(recordings.size() - 1), scale, display));
    return new Waveforms(WaveScale.WIDTH, WaveScale.HEIGHT, across, up, apart(lines), marks, rows);
  }

  /** Names at the line ends moved down until no two stand in each other's way. */
  private static List<Line> apart(List<Line> lines) {
    List<Line> byHeight =
        lines.stream()
            .sorted(Comparator.comparingDouble((Line line) -> Double.parseDouble(line.endY())))
            .toList();
    Map<Line, String> moved = new HashMap<>();
    double last = -NAME_GAP;
    for (Line line : byHeight) {
      last = Math.max(last + NAME_GAP, Double.parseDouble(line.endY()));
      moved.put(line, text(last));
    }
    return lines.stream()
        .map(
            line ->
                new Line(
                    line.name(),
                    line.path(),
                    line.style(),
                    moved.getOrDefault(line, line.endY()),
                    line.lowX(),
                    line.lowY(),
                    line.lowText()))
        .toList();
  }

  private static boolean isBeyond(double seconds, double mostSeconds) {
    return mostSeconds > 0 && seconds > mostSeconds;
  }

  private static Line line(
      Recording recording, int number, double mostSeconds, WaveScale scale, Display display) {
    StringBuilder path = new StringBuilder();
    List<Double> points = recording.points();
    double end = 12;
    for (int i = 0; i < points.size() && !isBeyond(points.get(i), mostSeconds); i += 2) {
      end = points.get(i + 1);
      path.append(i == 0 ? "M" : "L")
          .append(text(scale.x(points.get(i))))
          .append(' ')
          .append(text(scale.y(points.get(i + 1))));
    }
    Map<String, Double> found = recording.features();
    return new Line(
        recording.name(),
        path.toString(),
        style(number),
        text(scale.y(end) + 4),
        text(scale.x(found.getOrDefault("lowestSeconds", 0.0))),
        text(scale.y(found.getOrDefault("lowestVolts", 0.0))),
        display.show(found.getOrDefault("lowestVolts", 0.0), Unit.VOLT, 2).text());
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

  private static String text(double value) {
    return WaveScale.text(value);
  }
}
