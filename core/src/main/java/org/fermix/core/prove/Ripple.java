package org.fermix.core.prove;

import java.util.Optional;
import org.hipparchus.complex.Complex;
import org.hipparchus.stat.regression.SimpleRegression;
import org.hipparchus.transform.DftNormalization;
import org.hipparchus.transform.FastFourierTransformer;
import org.hipparchus.transform.TransformType;

/**
 * The beat of the compressions in the cranking voltage: the strongest frequency of its Fourier
 * transform once the slow fall is taken off.
 *
 * @param hertz compressions a second (Hz)
 * @param depthVolts from valley to crest (V)
 * @param clearness share of all unsteadiness that is this beat and its overtones, 0 to 1
 */
public record Ripple(double hertz, double depthVolts, double clearness) {
  private static final double SLOWEST_HZ = 1.5;
  private static final double FASTEST_HZ = 80;
  private static final int GRID = 4096;
  private static final int PADDED = 4 * GRID;
  private static final double LEAST_CLEARNESS = 0.25;

  /**
   * The beat between two samples; empty where it is not clear or there is too little to go by.
   *
   * @param from first sample
   * @param to after the last one
   */
  static Optional<Ripple> between(CrankRecording recording, int from, int to) {
    double length = recording.seconds(to - 1) - recording.seconds(from);
    if (to - from < 16 || length < 0.2) {
      return Optional.empty();
    }
    double[] even = evened(recording, from, to, length);
    double power = 0;
    double[] padded = new double[PADDED];
    for (int i = 0; i < GRID; i++) {
      double window = 0.5 * (1 - Math.cos(2 * Math.PI * i / (GRID - 1)));
      power += even[i] * even[i] / GRID;
      padded[i] = even[i] * window;
    }
    Complex[] spectrum =
        new FastFourierTransformer(DftNormalization.STANDARD)
            .transform(padded, TransformType.FORWARD);
    double resolution = (GRID - 1) / length / PADDED;
    int lowest = (int) Math.ceil(Math.max(SLOWEST_HZ, 1.5 / length) / resolution);
    int highest =
        (int)
            Math.min(
                PADDED / 2.0 - 2,
                Math.min(FASTEST_HZ, 0.45 / recording.meanSpacing()) / resolution);
    int best = -1;
    for (int i = lowest; i <= highest; i++) {
      if (best < 0 || spectrum[i].norm() > spectrum[best].norm()) {
        best = i;
      }
    }
    if (best <= lowest || best >= highest || power <= 0) {
      return Optional.empty();
    }
    double amplitude = spectrum[best].norm() * 4 / GRID;
    double clearness = Math.min(1, amplitude * amplitude / 2 / power);
    double hertz = (best + offset(spectrum, best)) * resolution;
    return clearness < LEAST_CLEARNESS
        ? Optional.empty()
        : Optional.of(new Ripple(hertz, 2 * amplitude, clearness));
  }

  /** The top of the parabola through a peak and its neighbours, in places of the spectrum. */
  private static double offset(Complex[] spectrum, int peak) {
    double below = Math.log(spectrum[peak - 1].norm());
    double at = Math.log(spectrum[peak].norm());
    double above = Math.log(spectrum[peak + 1].norm());
    double bend = below - 2 * at + above;
    return bend == 0 ? 0 : 0.5 * (below - above) / bend;
  }

  /** Evenly spaced, without the straight line through it. */
  private static double[] evened(CrankRecording recording, int from, int to, double length) {
    double[] even = new double[GRID];
    SimpleRegression line = new SimpleRegression();
    int at = from;
    for (int i = 0; i < GRID; i++) {
      double time = recording.seconds(from) + length * i / (GRID - 1);
      while (at < to - 2 && recording.seconds(at + 1) < time) {
        at++;
      }
      double share =
          (time - recording.seconds(at)) / (recording.seconds(at + 1) - recording.seconds(at));
      even[i] =
          recording.volts(at)
              + Math.max(0, Math.min(1, share)) * (recording.volts(at + 1) - recording.volts(at));
      line.addData(i, even[i]);
    }
    for (int i = 0; i < GRID; i++) {
      even[i] -= line.predict(i);
    }
    return even;
  }
}
