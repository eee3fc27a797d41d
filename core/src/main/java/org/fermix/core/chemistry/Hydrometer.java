package org.fermix.core.chemistry;

import org.fermix.core.quantity.Check;
import org.hipparchus.analysis.interpolation.LinearInterpolator;
import org.hipparchus.analysis.polynomials.PolynomialSplineFunction;

/**
 * Charge of a flooded lead battery from the specific gravity of its acid; BCI service literature
 * (from memory, widely printed), for acid of 1.265 at full charge.
 */
public final class Hydrometer {
  /** A spread between cells above this points to a failing cell (1); handbook. */
  public static final double CELL_SPREAD_ALARM = 0.050;

  private static final PolynomialSplineFunction CHARGE =
      new LinearInterpolator()
          .interpolate(
              new double[] {1.120, 1.155, 1.190, 1.225, 1.265},
              new double[] {0, 0.25, 0.50, 0.75, 1});
  private static final double REFERENCE_C = (80 - 32) / 1.8;
  private static final double PER_KELVIN = 0.004 / (10 / 1.8);

  private Hydrometer() {}

  /**
   * A reading corrected to 26.7 °C (80 °F): 0.004 for each 10 °F.
   *
   * @param specificGravity as read, 1.000 to 1.350
   * @param temperatureC of the acid, −40 to 60 °C
   */
  public static double corrected(double specificGravity, double temperatureC) {
    Check.within("specific gravity", specificGravity, 1.0, 1.35, "");
    Check.within("acid temperature", temperatureC, -40, 60, "°C");
    return specificGravity + PER_KELVIN * (temperatureC - REFERENCE_C);
  }

  /** Charge from a corrected reading (1); below the empty gravity 0, above the full one 1. */
  public static double charge(double correctedGravity) {
    Check.within("specific gravity", correctedGravity, 0.95, 1.4, "");
    return CHARGE.value(Math.max(1.120, Math.min(1.265, correctedGravity)));
  }

  /** Rested voltage of a 12 V battery from its gravity: SG + 0.845 a cell (handbook rule) (V). */
  public static double restVolts(double correctedGravity) {
    return 6 * (Check.within("specific gravity", correctedGravity, 0.95, 1.4, "") + 0.845);
  }
}
