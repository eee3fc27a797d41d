package org.fermix.core.storage;

import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.quantity.Check;
import org.fermix.core.quantity.Table;
import org.hipparchus.analysis.interpolation.LinearInterpolator;
import org.hipparchus.analysis.polynomials.PolynomialSplineFunction;

/**
 * Where a lead battery's electrolyte turns to slush; handbook table {@code freezing.csv}, straight
 * lines between its rows. Lithium and sodium electrolytes do not freeze in this range.
 */
public final class Freezing {
  /** Warn when it can come this close (K); engineering estimate. */
  public static final double MARGIN_K = 5;

  private static final Table TABLE = Table.read(Freezing.class, "freezing.csv");
  private static final PolynomialSplineFunction BY_CHARGE = by("charge");
  private static final PolynomialSplineFunction BY_GRAVITY = by("specific_gravity");

  private Freezing() {}

  /**
   * Freezing point at a charge (°C).
   *
   * @param charge 0 to 1
   */
  public static double pointC(double charge) {
    return BY_CHARGE.value(Check.within("charge", charge, 0, 1, ""));
  }

  /**
   * Freezing point at a specific gravity (°C).
   *
   * @param specificGravity at 25 °C, 1.120 to 1.265
   */
  public static double pointOfGravityC(double specificGravity) {
    return BY_GRAVITY.value(Check.within("specific gravity", specificGravity, 1.12, 1.265, ""));
  }

  /** True when a battery of this chemistry and charge may freeze at a temperature. */
  public static boolean threatens(Chemistry chemistry, double charge, double temperatureC) {
    return chemistry.isLead() && temperatureC < pointC(charge) + MARGIN_K;
  }

  /**
   * The charge below which it may freeze at a temperature, with the margin (1); 0 when it may not
   * freeze even empty, 1 when even full is not safe.
   */
  public static double chargeNeeded(Chemistry chemistry, double temperatureC) {
    if (!chemistry.isLead() || temperatureC >= pointC(0) + MARGIN_K) {
      return 0;
    }
    if (temperatureC <= pointC(1) + MARGIN_K) {
      return 1;
    }
    return org.fermix.core.quantity.Roots.crossing(
        charge -> pointC(charge) + MARGIN_K - temperatureC, 0, 1, 1e-4);
  }

  private static PolynomialSplineFunction by(String column) {
    return new LinearInterpolator()
        .interpolate(
            TABLE.rows().stream().mapToDouble(row -> row.number(column)).toArray(),
            TABLE.rows().stream().mapToDouble(row -> row.number("freezes_c")).toArray());
  }
}
