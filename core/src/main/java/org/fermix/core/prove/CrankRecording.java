package org.fermix.core.prove;

import java.util.Arrays;
import java.util.Optional;
import org.fermix.core.quantity.Check;

/**
 * A logger's record of a start: voltage, and current where it was measured, over time. Arrays are
 * copied in and never handed out whole.
 */
public final class CrankRecording {
  /** Most samples taken. */
  public static final int MOST_SAMPLES = 2_000_000;

  /** Fewest samples a start can be told from. */
  public static final int LEAST_SAMPLES = 20;

  /**
   * Times and, in half the memory and to a ten-millionth, volts and amps; the first of them count.
   */
  private final double[] seconds;

  private final int size;
  private final float[] volts;
  private final Optional<float[]> amps;

  private CrankRecording(int size, double[] seconds, float[] volts, Optional<float[]> amps) {
    this.size = size;
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
    if (volts.length != seconds.length
        || (amps.isPresent() && amps.get().length != seconds.length)) {
      throw new IllegalArgumentException("each time needs one voltage and one current");
    }
    Rows rows = new Rows(amps.isPresent());
    for (int i = 0; i < seconds.length; i++) {
      rows.add(seconds[i], volts[i], amps.isPresent() ? amps.get()[i] : 0);
    }
    return rows.recording();
  }

  /** A recording being read, sample by sample, in as little memory as it needs. */
  public static final class Rows {
    private final boolean withAmps;
    private double[] seconds = new double[1 << 12];
    private float[] volts = new float[1 << 12];
    private float[] amps;
    private int size;

    /** Nothing read yet. */
    public Rows(boolean withAmps) {
      this.withAmps = withAmps;
      amps = new float[withAmps ? seconds.length : 0];
    }

    /**
     * Takes one sample.
     *
     * @param time later than the last one (s)
     * @param voltage −5 to 60 V
     * @param current −5,000 to 5,000 A; 0 where none is recorded
     * @throws IllegalArgumentException naming the sample that cannot be
     */
    public void add(double time, double voltage, double current) {
      if (size == MOST_SAMPLES) {
        throw new IllegalArgumentException("at most 2,000,000 samples are taken");
      }
      if (!(Math.abs(time) <= 1e9 && voltage >= -5 && voltage <= 60 && Math.abs(current) <= 5000)) {
        Check.within("time of sample " + (size + 1), time, -1e9, 1e9, "s");
        Check.within("voltage of sample " + (size + 1), voltage, -5, 60, "V");
        Check.within("current of sample " + (size + 1), current, -5000, 5000, "A");
      }
      if (size > 0 && time <= seconds[size - 1]) {
        throw new IllegalArgumentException(
            "time must rise from sample to sample, but sample "
                + (size + 1)
                + " is at "
                + time
                + " s after "
                + seconds[size - 1]
                + " s");
      }
      if (size == seconds.length) {
        int longer = Math.min(MOST_SAMPLES, size + (size >> 1));
        seconds = Arrays.copyOf(seconds, longer);
        volts = Arrays.copyOf(volts, longer);
        amps = withAmps ? Arrays.copyOf(amps, longer) : amps;
      }
      seconds[size] = time;
      volts[size] = (float) voltage;
      if (withAmps) {
        amps[size] = (float) current;
      }
      size++;
    }

    /** Samples taken so far. */
    public int size() {
      return size;
    }

    /** Time of the last sample (s); below all others when there is none. */
    public double lastSeconds() {
      return size == 0 ? Double.NEGATIVE_INFINITY : seconds[size - 1];
    }

    /**
     * The recording; nothing more can be added.
     *
     * @throws IllegalArgumentException when it is too short
     */
    public CrankRecording recording() {
      Check.within("number of samples", size, LEAST_SAMPLES, MOST_SAMPLES, "");
      CrankRecording whole =
          new CrankRecording(size, seconds, volts, withAmps ? Optional.of(amps) : Optional.empty());
      seconds = new double[0];
      volts = new float[0];
      amps = new float[0];
      size = 0;
      return whole;
    }
  }

  /** Number of samples. */
  public int size() {
    return size;
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
    int found = Arrays.binarySearch(seconds, 0, size, time);
    return found >= 0 ? found : -found - 1;
  }

  /** Mean spacing of the samples (s). */
  public double meanSpacing() {
    return (seconds[size - 1] - seconds[0]) / (size - 1);
  }

  /** Voltages from one sample to before another (V). */
  double[] voltsBetween(int from, int to) {
    double[] between = new double[to - from];
    for (int i = from; i < to; i++) {
      between[i - from] = volts[i];
    }
    return between;
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
