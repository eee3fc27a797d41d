package org.fermix.core.diagnosis;

import java.util.Optional;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.label.CrankingRating;
import org.fermix.core.quantity.Check;
import org.fermix.core.quantity.Table;
import org.hipparchus.analysis.interpolation.LinearInterpolator;
import org.hipparchus.analysis.polynomials.PolynomialSplineFunction;

/**
 * The carbon-pile test of a lead battery: half its cold cranking amps (SAE) for 15 s, read under
 * load. Least volts by temperature from {@code load-test.csv}.
 *
 * @param voltsAt15s under load, 0 to 40 V
 * @param temperatureC of the battery, −40 to 60 °C
 * @param charge before the test, 0 to 1
 */
public record LoadTest(double voltsAt15s, double temperatureC, double charge) {
  /** Below this charge nothing can be judged (1): charge it and test again. */
  public static final double LEAST_CHARGE = 0.75;

  /** Seconds under load (s). */
  public static final double SECONDS = 15;

  private static final double COLLAPSED_VOLTS = 5;

  private static final Table TABLE = Table.read(LoadTest.class, "load-test.csv");
  private static final double[] TEMPERATURES =
      TABLE.rows().stream().mapToDouble(row -> row.number("temperature_c")).toArray();
  private static final PolynomialSplineFunction LEAST =
      new LinearInterpolator()
          .interpolate(
              TEMPERATURES,
              TABLE.rows().stream().mapToDouble(row -> row.number("minimum_volts")).toArray());

  /** Refuses what cannot be. */
  public LoadTest {
    ReadingLimits.VOLTS.check(voltsAt15s);
    ReadingLimits.TEMPERATURE.check(temperatureC);
    Check.within("charge before the test", charge, 0, 1, "");
  }

  /** The judgement. */
  public enum Grade {
    PASSES,
    FAILS,
    /** Not charged enough to be judged. */
    CHARGE_FIRST,
    /** The table is for lead. */
    NOT_FOR_THIS
  }

  /** Current to draw (A): half the rating by SAE J537. */
  public static double loadAmps(double coldCrankingAmps) {
    return CrankingRating.AMPS.check(coldCrankingAmps) / 2;
  }

  /** Least volts of a 12 V battery at a temperature (V); beyond the table its ends hold. */
  public static double leastVolts(double temperatureC) {
    return LEAST.value(
        Math.max(TEMPERATURES[0], Math.min(TEMPERATURES[TEMPERATURES.length - 1], temperatureC)));
  }

  /** True where nearly nothing is left under the load: a protection opened, or a cell is open. */
  static boolean collapses(double loadedVolts, double series) {
    return loadedVolts < COLLAPSED_VOLTS * series;
  }

  /** Volts above the least (V); below 0 where it fails. */
  public double margin(double series) {
    return voltsAt15s - series * leastVolts(temperatureC);
  }

  /** Judges it. */
  public Grade judge(Chemistry chemistry, double series) {
    if (!chemistry.isLead()) {
      return Grade.NOT_FOR_THIS;
    }
    if (charge < LEAST_CHARGE) {
      return Grade.CHARGE_FIRST;
    }
    return margin(series) >= 0 ? Grade.PASSES : Grade.FAILS;
  }

  /** As evidence; empty where nothing can be judged. */
  public Optional<Evidence> evidence(Chemistry chemistry, double series) {
    return switch (judge(chemistry, series)) {
      case PASSES -> Optional.of(new Evidence(ReadingKind.LOAD_TEST, "passes"));
      case FAILS ->
          Optional.of(
              new Evidence(
                  ReadingKind.LOAD_TEST, collapses(voltsAt15s, series) ? "collapses" : "fails"));
      case CHARGE_FIRST, NOT_FOR_THIS -> Optional.empty();
    };
  }
}
