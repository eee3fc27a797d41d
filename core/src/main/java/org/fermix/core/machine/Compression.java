package org.fermix.core.machine;

/**
 * Torque of the gas in the cylinders while the starter turns them: polytropic compression and
 * expansion of exponent 1.25 (textbook), reversible, so that its mean over a cycle is zero and only
 * ripple and the first compression come from it.
 */
public final class Compression {
  /** Polytropic exponent of cold cranking with heat lost to the walls; textbook 1.2 to 1.3. */
  public static final double POLYTROPIC_EXPONENT = 1.25;

  /** The same with an automatic decompressor, as large motorcycle cylinders have; estimate. */
  public static final double DECOMPRESSED_SHARE = 0.2;

  private static final double ATMOSPHERE_PA = 1e5;

  /** Places on a cycle at which the torque is worked out beforehand. */
  private static final int GRID = 720;

  private final int cylinders;
  private final double cycleRadians;
  private final double sweptM3;
  private final double clearanceM3;
  private final double heldShare;
  private final double[] cycleNm;

  Compression(Engine engine) {
    cylinders = engine.cylinders();
    cycleRadians = engine.engineClass().twoStroke() ? 2 * Math.PI : 4 * Math.PI;
    sweptM3 = engine.displacementLitres() / 1000 / cylinders;
    clearanceM3 = sweptM3 / (engine.engineClass().drag().compressionRatio() - 1);
    heldShare =
        engine.displacementLitres() / cylinders
                >= engine.engineClass().drag().decompressorFromLitres()
            ? DECOMPRESSED_SHARE
            : engine.engineClass().drag().compressionHeld();
    cycleNm = new double[GRID + 1];
    for (int i = 0; i <= GRID; i++) {
      cycleNm[i] = sum(cycleRadians * i / GRID);
    }
  }

  /** Highest pressure in a cylinder while cranking, absolute (Pa). */
  public double peakPressurePa() {
    double ratio = (sweptM3 + clearanceM3) / clearanceM3;
    return ATMOSPHERE_PA * (1 + heldShare * (Math.pow(ratio, POLYTROPIC_EXPONENT) - 1));
  }

  /** Compressions felt in one turn of the crankshaft (1). */
  public double perRevolution() {
    return cylinders * 2 * Math.PI / cycleRadians;
  }

  /**
   * Torque against the starter at a crank angle in steady cranking (N·m); negative where the gas
   * pushes.
   *
   * @param angle turned since one cylinder began its compression (rad)
   */
  public double torque(double angle) {
    double place = own(angle, 0) * GRID / cycleRadians;
    int below = Math.min(GRID - 1, (int) place);
    return cycleNm[below] + (place - below) * (cycleNm[below + 1] - cycleNm[below]);
  }

  private double sum(double angle) {
    double sum = 0;
    for (int i = 0; i < cylinders; i++) {
      double own = own(angle, i);
      if (own < 2 * Math.PI) {
        sum += torque(own, sweptM3 + clearanceM3);
      }
    }
    return sum;
  }

  /**
   * As {@link #torque(double)} in the first turns after a rest, during which the pressure has
   * leaked away: the stroke in which the engine rested starts at atmospheric pressure.
   *
   * @param restAngle where it rested, not above {@code angle} (rad)
   */
  public double torqueFromRest(double angle, double restAngle) {
    if (angle - restAngle >= 2 * Math.PI) {
      return torque(angle);
    }
    double sum = 0;
    for (int i = 0; i < cylinders; i++) {
      double rested = own(restAngle, i);
      double own = own(angle, i);
      if (rested < 2 * Math.PI && angle - restAngle < 2 * Math.PI - rested) {
        sum += rested < Math.PI ? torque(own, volume(rested)) : 0;
      } else if (own < 2 * Math.PI) {
        sum += torque(own, sweptM3 + clearanceM3);
      }
    }
    return sum;
  }

  private double own(double angle, int cylinder) {
    double own = angle - cylinder * cycleRadians / cylinders;
    return own - cycleRadians * Math.floor(own / cycleRadians);
  }

  private double volume(double own) {
    return clearanceM3 + sweptM3 * 0.5 * (1 + Math.cos(own));
  }

  private double torque(double own, double atmosphericM3) {
    double ratio = atmosphericM3 / volume(own);
    // Two square roots give the exponent of five quarters in a fraction of a power's time.
    double gaugePa = ATMOSPHERE_PA * heldShare * (ratio * Math.sqrt(Math.sqrt(ratio)) - 1);
    return gaugePa * sweptM3 * 0.5 * Math.sin(own);
  }
}
