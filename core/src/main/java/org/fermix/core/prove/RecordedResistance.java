package org.fermix.core.prove;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.exception.MathRuntimeException;
import org.hipparchus.stat.regression.OLSMultipleLinearRegression;

/**
 * Ohmic resistance of the battery from the inrush, where voltage and current were both recorded. In
 * the first hundredths of a second the fall of voltage is R I plus what the double layer has taken
 * up, which grows with the charge that has passed: a least-squares fit of V₀ − V on I and ∫I dt.
 *
 * @param ohm (Ω), at the temperature and charge of the recording
 * @param sigmaOhm standard error of the fit (Ω)
 */
public record RecordedResistance(double ohm, double sigmaOhm) {
  private static final double BEFORE_S = 0.01;
  private static final double FIT_S = 0.06;
  private static final int LEAST = 8;

  static Optional<RecordedResistance> of(CrankRecording recording, int start, double restVolts) {
    double begins = recording.seconds(start);
    int from = recording.sampleAt(begins - BEFORE_S);
    int to = Math.min(recording.size(), recording.sampleAt(begins + FIT_S));
    double restAmps = recording.meanAmps(Math.max(0, from - (to - from)), Math.max(1, from));
    List<double[]> inputs = new ArrayList<>();
    List<Double> falls = new ArrayList<>();
    double charge = 0;
    for (int i = Math.max(1, from); i < to; i++) {
      double amps = recording.amps(i) - restAmps;
      double step = recording.seconds(i) - recording.seconds(i - 1);
      charge += 0.5 * step * (amps + recording.amps(i - 1) - restAmps);
      inputs.add(new double[] {amps, charge});
      falls.add(restVolts - recording.volts(i));
    }
    if (inputs.size() < LEAST) {
      return Optional.empty();
    }
    OLSMultipleLinearRegression fit = new OLSMultipleLinearRegression();
    fit.setNoIntercept(true);
    try {
      fit.newSampleData(
          falls.stream().mapToDouble(Double::doubleValue).toArray(),
          inputs.toArray(new double[0][]));
      double ohm = fit.estimateRegressionParameters()[0];
      return ohm > 0
          ? Optional.of(
              new RecordedResistance(ohm, fit.estimateRegressionParametersStandardErrors()[0]))
          : Optional.empty();
    } catch (MathRuntimeException currentNeverMoves) {
      return Optional.empty();
    }
  }
}
