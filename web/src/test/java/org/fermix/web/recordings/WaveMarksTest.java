package org.fermix.web.recordings;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.fermix.web.chart.Scale;
import org.fermix.web.shared.Display;
import org.junit.jupiter.api.Test;

/** Marks and lines of recorded starts stand where the figures say. */
class WaveMarksTest {
  private static final Scale X = Scale.pixels(-0.2, 3, 40, 670);
  private static final Scale Y = Scale.pixels(7, 13, 274, 8);

  private static Recording recording(double crankingSeconds) {
    return new Recording(
        new UUID(0, 1),
        new UUID(0, 2),
        null,
        "cold",
        Instant.EPOCH,
        2000,
        Map.of(
            "restVolts", 12.6,
            "lowestVolts", 8.0,
            "lowestSeconds", 0.02,
            "crankingVolts", 10.0,
            "crankingSeconds", crankingSeconds,
            "recoveredVolts", 12.4,
            "rippleHertz", 6.25,
            "rippleVolts", 0.8),
        List.of(-0.2, 12.6, 0.0, 8.0, 1.0, 10.0, 2.0, 10.0, 3.0, 12.4));
  }

  @Test
  void marksStandAtTheirSecondsAndVolts() {
    WaveMarks marks = WaveMarks.of(recording(1.5), X, Y, Display.USUAL);
    assertThat(marks.end()).hasValueSatisfying(end -> assertThat(end.x()).isEqualTo(X.at(1.5)));
    assertThat(marks.recovered())
        .hasValueSatisfying(
            spot -> {
              assertThat(spot.x()).isEqualTo(X.at(2.5));
              assertThat(spot.y()).isEqualTo(Y.at(12.4));
            });
    assertThat(marks.steady())
        .hasValueSatisfying(
            steady ->
                assertThat(steady.label().replace('\u00a0', ' '))
                    .isEqualTo("mean 10.00 V, 6.3 compressions/s, 0.80 V deep"));
  }

  /** What lies beyond the window is not marked, and the line ends with it. */
  @Test
  void aWindowCutsMarksAndLine() {
    Waveforms first = Waveforms.of(List.of(recording(1.5)), 1, Display.USUAL);
    assertThat(first.marks()).hasValueSatisfying(marks -> assertThat(marks.end()).isEmpty());
    Waveforms whole = Waveforms.of(List.of(recording(1.5)), 0, Display.USUAL);
    assertThat(first.lines().get(0).path().chars().filter(sign -> sign == 'L').count())
        .isEqualTo(2);
    assertThat(whole.lines().get(0).path().chars().filter(sign -> sign == 'L').count())
        .isEqualTo(4);
    assertThat(whole.marks()).hasValueSatisfying(marks -> assertThat(marks.end()).isPresent());
  }

  /** A try too short for a steady part has none marked; without recordings nothing is drawn. */
  @Test
  void shortAndEmptyAreDrawnToo() {
    assertThat(WaveMarks.of(recording(0.2), X, Y, Display.USUAL).steady()).isEmpty();
    Waveforms none = Waveforms.of(List.of(), 0, Display.USUAL);
    assertThat(none.lines()).isEmpty();
    assertThat(none.marks()).isEmpty();
  }
}
