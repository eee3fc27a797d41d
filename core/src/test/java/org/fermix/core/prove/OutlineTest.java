package org.fermix.core.prove;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Comparator;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A long recording in few points keeps what an eye looks for. */
class OutlineTest {
  private static final int RATE = 20_000;

  /** Four seconds at 20 kHz: rest, a dip one sample wide, ripple, recovery. */
  private static CrankRecording recording() {
    int samples = 4 * RATE;
    double[] seconds = new double[samples];
    double[] volts = new double[samples];
    for (int i = 0; i < samples; i++) {
      double t = i / (double) RATE;
      seconds[i] = t;
      volts[i] =
          t < 1
              ? 12.6
              : t < 3 ? 10 + 0.5 * Math.sin(2 * Math.PI * 8 * t) - dip(t) : 12.5 - 0.1 * (4 - t);
    }
    return CrankRecording.ofVolts(seconds, volts);
  }

  private static double dip(double t) {
    return t >= 1 && t < 1.02 ? 2.5 : 0;
  }

  @Test
  void dipAndRippleAreKept() {
    CrankRecording recording = recording();
    CrankFeatures features = CrankFeatures.of(recording, 1);
    List<Outline.Point> points = Outline.of(recording, features).points();
    assertThat(points).hasSizeLessThan(1400);
    assertThat(points).isSortedAccordingTo(Comparator.comparingDouble(Outline.Point::seconds));
    assertThat(points.get(0).seconds()).isBetween(-0.21, 0.0);
    double lowest = points.stream().mapToDouble(Outline.Point::volts).min().orElseThrow();
    double least = lowestOf(recording);
    assertThat(lowest).isCloseTo(least, within(1e-9));
    double crest =
        points.stream()
            .filter(point -> point.seconds() > 0.5 && point.seconds() < 1.5)
            .mapToDouble(Outline.Point::volts)
            .max()
            .orElseThrow();
    assertThat(crest).isCloseTo(10.5, within(0.001));
  }

  private static double lowestOf(CrankRecording recording) {
    double lowest = Double.MAX_VALUE;
    for (int i = 0; i < recording.size(); i++) {
      lowest = Math.min(lowest, recording.volts(i));
    }
    return lowest;
  }

  /** A short one is kept as it is, to the precision that a recording is held in. */
  @Test
  void aShortOneIsKeptWhole() {
    double[] seconds = new double[60];
    double[] volts = new double[60];
    for (int i = 0; i < 60; i++) {
      seconds[i] = i * 0.05;
      volts[i] = i < 10 ? 12.6 : i < 40 ? 9.8 : 12.4;
    }
    CrankRecording recording = CrankRecording.ofVolts(seconds, volts);
    List<Outline.Point> points = Outline.of(recording, CrankFeatures.of(recording, 1)).points();
    assertThat(points).hasSizeBetween(30, 60);
    assertThat(points)
        .extracting(Outline.Point::volts)
        .contains((double) 12.6f, (double) 9.8f, (double) 12.4f);
  }
}
