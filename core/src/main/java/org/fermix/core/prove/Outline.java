package org.fermix.core.prove;

import java.util.ArrayList;
import java.util.List;

/**
 * A recorded start in few points: the lowest and the highest of each short stretch, so that neither
 * dip nor ripple is lost.
 *
 * @param points in the order of time
 */
public record Outline(List<Point> points) {
  private static final int POINTS = 1200;
  private static final double BEFORE_S = 0.2;
  private static final double AFTER_S = 1.5;

  /** Copies the list. */
  public Outline {
    points = List.copyOf(points);
  }

  /**
   * A point.
   *
   * @param seconds from the start of cranking (s)
   * @param volts (V)
   */
  public record Point(double seconds, double volts) {}

  /** The outline from shortly before the start until it has recovered. */
  public static Outline of(CrankRecording recording, CrankFeatures features) {
    double start = features.startSeconds();
    int first = recording.sampleAt(start - BEFORE_S);
    int last =
        Math.min(
            recording.size(), recording.sampleAt(start + features.crankingSeconds() + AFTER_S));
    int stretch = Math.max(1, (last - first) / (POINTS / 2));
    List<Point> points = new ArrayList<>();
    for (int i = first; i < last; i += stretch) {
      int low = i;
      int high = i;
      for (int k = i; k < Math.min(last, i + stretch); k++) {
        low = recording.volts(k) < recording.volts(low) ? k : low;
        high = recording.volts(k) > recording.volts(high) ? k : high;
      }
      points.add(point(recording, Math.min(low, high), start));
      if (low != high) {
        points.add(point(recording, Math.max(low, high), start));
      }
    }
    return new Outline(points);
  }

  private static Point point(CrankRecording recording, int sample, double startSeconds) {
    return new Point(recording.seconds(sample) - startSeconds, recording.volts(sample));
  }
}
