package org.fermix.core.prove;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.fermix.core.quantity.Band;
import org.fermix.core.quantity.Check;
import org.fermix.core.quantity.Spread;
import org.hipparchus.linear.LUDecomposition;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;

/**
 * Health over repeated tests, as a straight line with its band. Before any test the line is what
 * the life estimate says, loosely; each test pulls it by its own accuracy (a linear least-squares
 * fit with prior knowledge, textbook Bayesian regression). With one test it is mostly the estimate,
 * with many the tests alone.
 */
public final class HealthTrend {
  /** Share of the rated cranking amps at which a starting battery's life ends (1); handbook. */
  public static final double END_SHARE = 0.70;

  /** What new batteries show of their rating, and how far they scatter (1); common practice. */
  private static final double NEW_SHARE = 1.1;

  private static final double DAYS_PER_YEAR = 365.25;
  private static final double FARTHEST_YEARS = 30;

  private final LocalDate fitted;
  private final List<Test> tests;
  private final RealVector line;
  private final RealMatrix spread;

  private HealthTrend(LocalDate fitted, List<Test> tests, RealVector line, RealMatrix spread) {
    this.fitted = fitted;
    this.tests = tests;
    this.line = line;
    this.spread = spread;
  }

  /**
   * One test.
   *
   * @param share of the rated cold cranking amps it found, brought to full charge and 25 °C (1)
   * @param sigma standard deviation of such a test (1), 0.005 to 0.5: a tester about 0.08, pulses
   *     or a recording on one machine about 0.05
   */
  public record Test(LocalDate day, double share, double sigma) {
    /** Refuses what cannot be. */
    public Test {
      Check.within("share of cranking amps", share, 0, 3, "");
      Check.within("accuracy of the test", sigma, 0.005, 0.5, "");
    }
  }

  /**
   * The trend.
   *
   * @param fitted day it was fitted
   * @param expectedYears from the life estimate, 0.5 to 60 y
   * @throws IllegalArgumentException when a test is from before it was fitted
   */
  public static HealthTrend of(LocalDate fitted, double expectedYears, List<Test> tests) {
    Check.within("expected life", expectedYears, 0.5, 60, "y");
    List<Test> sorted = tests.stream().sorted(Comparator.comparing(Test::day)).toList();
    double fall = (NEW_SHARE - END_SHARE) / expectedYears;
    // Normal equations of prior and tests together; two unknowns: share when new, change a year.
    RealMatrix normal =
        MatrixUtils.createRealDiagonalMatrix(
            new double[] {
              1 / (Spread.HEALTH_WHEN_NEW.sigma() * Spread.HEALTH_WHEN_NEW.sigma()),
              1 / Math.pow(Spread.FALL_OF_HEALTH.sigma() * fall, 2)
            });
    RealVector right =
        normal.operate(MatrixUtils.createRealVector(new double[] {NEW_SHARE, -fall}));
    for (Test test : sorted) {
      if (test.day().isBefore(fitted)) {
        throw new IllegalArgumentException(
            "a test of " + test.day() + " is from before the battery was fitted on " + fitted);
      }
      RealVector row = MatrixUtils.createRealVector(new double[] {1, years(fitted, test.day())});
      double weight = 1 / (test.sigma() * test.sigma());
      normal = normal.add(row.outerProduct(row).scalarMultiply(weight));
      right = right.add(row.mapMultiply(weight * test.share()));
    }
    var solver = new LUDecomposition(normal).getSolver();
    return new HealthTrend(fitted, sorted, solver.solve(right), solver.getInverse());
  }

  /** The tests, oldest first. */
  public List<Test> tests() {
    return tests;
  }

  /** Share of the rated cranking amps on a day (1), with where it lies eight times in ten. */
  public Band on(LocalDate day) {
    double years = years(fitted, day);
    double sigma = sigma(years);
    return new Band(share(years) - Band.SIGMAS * sigma, share(years) + Band.SIGMAS * sigma);
  }

  /** The middle of {@link #on}. */
  public double expectedOn(LocalDate day) {
    return share(years(fitted, day));
  }

  /** Change a year (1/y); below 0 while it ages. */
  public double changePerYear() {
    return line.getEntry(1);
  }

  /** The day it is expected to reach a share; empty when it does not within thirty years. */
  public Optional<LocalDate> reaches(double endShare) {
    return day(
        years -> share(years) - Check.within("share of cranking amps", endShare, 0.1, 1.5, ""));
  }

  /** The earliest day one in ten reaches a share: when to be careful from. */
  public Optional<LocalDate> mayReach(double endShare) {
    return day(years -> share(years) - Band.SIGMAS * sigma(years) - endShare);
  }

  private Optional<LocalDate> day(java.util.function.DoubleUnaryOperator above) {
    double last = tests.isEmpty() ? 0 : years(fitted, tests.get(tests.size() - 1).day());
    double step = 1 / DAYS_PER_YEAR;
    for (double years = last; years <= last + FARTHEST_YEARS; years += step) {
      if (above.applyAsDouble(years) <= 0) {
        return Optional.of(fitted.plusDays(Math.round(years * DAYS_PER_YEAR)));
      }
    }
    return Optional.empty();
  }

  private double share(double years) {
    return line.getEntry(0) + line.getEntry(1) * years;
  }

  private double sigma(double years) {
    RealVector row = MatrixUtils.createRealVector(new double[] {1, years});
    return Math.sqrt(Math.max(0, row.dotProduct(spread.operate(row))));
  }

  private static double years(LocalDate from, LocalDate to) {
    return ChronoUnit.DAYS.between(from, to) / DAYS_PER_YEAR;
  }
}
