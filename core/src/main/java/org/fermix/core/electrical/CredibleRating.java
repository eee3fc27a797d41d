package org.fermix.core.electrical;

import org.fermix.core.label.CrankingRating;
import org.fermix.core.label.Label;
import org.fermix.core.rating.CrankingTest;

/**
 * The cranking rating a label is believed to have. A label that promises more cold cranking amps
 * per true ampere-hour than any battery of its chemistry holds is read as the most that is
 * credible: lithium labels often print a short warm pulse, and others a slip or a lead-equivalent
 * capacity.
 *
 * @param rating the printed one, or the most credible by SAE J537
 * @param asPrinted false when the printed one is not believed
 */
public record CredibleRating(CrankingRating rating, boolean asPrinted) {
  /** Reads a label. */
  public static CredibleRating of(Label label) {
    return calibrate(label).rating();
  }

  /** A label's circuit with the rating it was calibrated from. */
  record Calibrated(CredibleRating rating, BatteryCircuit circuit) {}

  static Calibrated calibrate(Label label) {
    CrankingRating printed = label.cranking();
    double mostCca = mostColdAmps(label);
    if (printed.test().equals(CrankingTest.COLD_CRANKING)) {
      return printed.amps() <= mostCca
          ? new Calibrated(
              new CredibleRating(printed, true), BatteryCircuit.calibrated(label, printed))
          : capped(label);
    }
    return BatteryCircuit.calibratedIfPossible(label, printed)
        .filter(circuit -> circuit.ratedAmps(CrankingTest.COLD_CRANKING) <= mostCca)
        .map(circuit -> new Calibrated(new CredibleRating(printed, true), circuit))
        .orElseGet(() -> capped(label));
  }

  /** The most cold cranking amps believed of a label's capacity (A). */
  static double mostColdAmps(Label label) {
    return label.chemistry().plausibility().mostCcaPerAmpHour() * label.capacity().value();
  }

  static Calibrated capped(Label label) {
    CrankingRating most = new CrankingRating(mostColdAmps(label), CrankingTest.COLD_CRANKING);
    return new Calibrated(new CredibleRating(most, false), BatteryCircuit.calibrated(label, most));
  }
}
