package org.fermix.core.electrical;

import java.util.List;
import org.fermix.core.label.CrankingRating;
import org.fermix.core.label.Label;
import org.fermix.core.quantity.Band;
import org.fermix.core.rating.CrankingTest;

/**
 * One battery's cranking figure by every test: the printed one as printed, the others by running
 * the tests on its circuit. Bands hold what products scatter by; for lithium and sodium, whose
 * labels follow no standard, they are three times as wide (engineering estimate).
 */
public record Yardstick(List<Conversion> conversions) {
  private static final double NOT_LEAD_FACTOR = 3;

  /** Copies the list. */
  public Yardstick {
    conversions = List.copyOf(conversions);
  }

  /**
   * The rating by one test.
   *
   * @param amps (A)
   * @param band where the battery's own figure lies eight times in ten (A)
   * @param printed true for the figure on the label
   * @param laterStages how the circuit does in what the test asks afterwards, at this current
   */
  public record Conversion(
      CrankingTest test,
      double amps,
      Band band,
      boolean printed,
      List<RatingStages.Run> laterStages) {
    /** Copies the list. */
    public Conversion {
      laterStages = List.copyOf(laterStages);
    }
  }

  /** The yardstick of a label. */
  public static Yardstick of(Label label) {
    CredibleRating.Calibrated calibrated = CredibleRating.calibrate(label);
    return of(calibrated.circuit(), calibrated.rating().rating());
  }

  /** The yardstick of a circuit calibrated from a printed rating. */
  public static Yardstick of(BatteryCircuit circuit, CrankingRating printed) {
    return new Yardstick(
        CrankingTest.all().stream().map(test -> conversion(circuit, printed, test)).toList());
  }

  /** The conversion to one test. */
  public Conversion to(CrankingTest test) {
    return conversions.stream().filter(each -> each.test().equals(test)).findFirst().orElseThrow();
  }

  private static Conversion conversion(
      BatteryCircuit circuit, CrankingRating printed, CrankingTest test) {
    boolean same = printed.test().equals(test);
    double amps = same ? printed.amps() : circuit.ratedAmps(test);
    double sigma = same ? 0 : Math.hypot(printed.test().trade().sigma(), test.trade().sigma());
    if (!circuit.chemistry().isLead()) {
      sigma = Math.hypot(NOT_LEAD_FACTOR * sigma, circuit.resistanceSigma());
    }
    return new Conversion(
        test, amps, Band.ratio(amps, sigma), same, RatingStages.later(circuit, test, amps));
  }
}
