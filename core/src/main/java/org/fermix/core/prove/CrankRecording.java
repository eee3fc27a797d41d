package org.fermix.core.prove;

import java.util.Optional;
import org.fermix.core.quantity.Check;

/**
 * A logger's record of a start: voltage, and current where it was measured, over time. Arrays are
 * copied in and never handed out whole.
 */
public final class CrankRecording {
  /** Most samples taken. */
  public static final int MOST_SAMPLES = 2_000_000;

  private static final int LEAST_SAMPLES = 20;

  private final double[] seconds;
  private final double[] volts;
  private final Optional<double[]> amps;

  private CrankRecording(double[] seconds, double[] volts, Optional<double[]> amps) {
    this.seconds = seconds;
    this.volts = volts;
    this.amps = amps;
  }

  /**
   * A recording without current.
   *
   * @throws IllegalArgumentException naming the sample when times do not rise or a voltage cannot
   *     be
   */
  public static CrankRecording ofVolts(double[] seconds, double[] volts) {
    return of(seconds, volts, Optional.empty());
  }

  /** A recording with current (A), positive when drawn. */
  public static CrankRecording withAmps(double[] seconds, double[] volts, double[] amps) {
    return of(seconds, volts, Optional.of(amps));
  }

  private static CrankRecording of(double[] seconds, double[] volts, Optional<double[]> amps) {
    Check.within("number of samples", seconds.length, LEAST_SAMPLES, MOST_SAMPLES, "");
    if (volts.length != seconds.length
        || (amps.isPresent() && amps.get().length != seconds.length)) {
      throw new IllegalArgumentException("each time needs one voltage and one current");
    }
    for (int i = 0; i < seconds.length; i++) {
      Check.within("time of sample " + (i + 1), seconds[i], -1e9, 1e9, "s");
      Check.within("voltage of sample " + (i + 1), volts[i], -5, 60, "V");
      if (amps.isPresent()) {
        Check.within("current of sample " + (i + 1), amps.get()[i], -5000, 5000, "A");
      }
      if (i > 0 && seconds[i] <= seconds[i - 1]) {
        throw new IllegalArgumentException(
            "time must rise from sample to sample, but sample "
                + (i + 1)
                + " is at "
                + seconds[i]
                + " s after "
                + seconds[i - 1]
                + " s");
      }
    }
    return new CrankRecording(seconds.clone(), volts.clone(), amps.map(double[]::clone));
  }

  /** Number of samples. */
  public int size() {
    return seconds.length;
  }

  /** Time of a sample (s). */
  public double seconds(int sample) {
    return seconds[sample];
  }

  /** Voltage of a sample (V). */
  public double volts(int sample) {
    return volts[sample];
  }

  /** True when current was recorded. */
  public boolean hasAmps() {
    return amps.isPresent();
  }

  /** Current of a sample (A); 0 where none was recorded. */
  public double amps(int sample) {
    return amps.isPresent() ? amps.get()[sample] : 0;
  }

  /** The first sample at or after a time; the number of samples when all are earlier. */
  public int sampleAt(double time) {
    int found = java.util.Arrays.binarySearch(seconds, time);
    return found >= 0 ? found : -found - 1;
  }

  /** Mean spacing of the samples (s). */
  public double meanSpacing() {
    return (seconds[seconds.length - 1] - seconds[0]) / (seconds.length - 1);
  }

  /** Voltages from one sample to before another (V). */
  double[] voltsBetween(int from, int to) {
    return java.util.Arrays.copyOfRange(volts, from, to);
  }

  /** Mean voltage from one sample to before another (V). */
  double meanVolts(int from, int to) {
    double sum = 0;
    for (int i = from; i < to; i++) {
      sum += volts[i];
    }
    return sum / Math.max(1, to - from);
  }

  /** Mean current from one sample to before another (A). */
  double meanAmps(int from, int to) {
    double sum = 0;
    for (int i = from; i < to; i++) {
      sum += amps(i);
    }
    return sum / Math.max(1, to - from);
  }
}
