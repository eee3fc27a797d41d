package org.fermix.web.recordings;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.fermix.core.quantity.Unit;
import org.fermix.web.chart.Scale;
import org.fermix.web.shared.Display;

/**
 * What was found in a recording, marked on its line: steady cranking with its beat, the end of
 * cranking, and the voltage a second later.
 *
 * @param name of the recording
 * @param steady cranking, where there is any
 * @param end of cranking
 * @param recovered a second later
 */
public record WaveMarks(
    String name, Optional<Stretch> steady, Optional<Spot> end, Optional<Spot> recovered) {
  /** Inrush is over by then (s). */
  private static final double STEADY_FROM_S = 0.3;

  private static final double LABEL_DROP = 17;

  /** A level over a stretch of time. */
  public record Stretch(String fromX, String toX, String y, String labelY, String label) {}

  /** A point with a label. */
  public record Spot(String x, String y, String label) {}

  static WaveMarks of(Recording recording, Scale x, Scale y, Display display) {
    Map<String, Double> found = recording.features();
    double endS = found.getOrDefault("crankingSeconds", 0.0);
    double crankingVolts = found.getOrDefault("crankingVolts", 0.0);
    double recoveredVolts = found.getOrDefault("recoveredVolts", 0.0);
    Optional<Stretch> steady =
        endS > STEADY_FROM_S
            ? Optional.of(
                new Stretch(
                    x.at(STEADY_FROM_S),
                    x.at(endS),
                    y.at(crankingVolts),
                    y.text(
                        y.position(crankingVolts - 0.5 * found.getOrDefault("rippleVolts", 0.0))
                            + LABEL_DROP),
                    beat(found, crankingVolts, display)))
            : Optional.empty();
    return new WaveMarks(
        recording.name(),
        steady,
        spot(endS, crankingVolts, "cranking ends", x, y),
        spot(
            endS + 1,
            recoveredVolts,
            display.show(recoveredVolts, Unit.VOLT, 2).text() + " a second later",
            x,
            y));
  }

  private static Optional<Spot> spot(double seconds, double volts, String label, Scale x, Scale y) {
    return x.holds(seconds)
        ? Optional.of(new Spot(x.at(seconds), y.at(volts), label))
        : Optional.empty();
  }

  private static String beat(Map<String, Double> found, double crankingVolts, Display display) {
    List<String> parts = new ArrayList<>();
    parts.add("mean " + display.show(crankingVolts, Unit.VOLT, 2).text());
    Double hertz = found.get("rippleHertz");
    if (hertz != null) {
      parts.add(display.number(hertz, 1) + " compressions/s");
      parts.add(
          display.show(found.getOrDefault("rippleVolts", 0.0), Unit.VOLT, 2).text() + " deep");
    }
    return String.join(", ", parts);
  }
}
