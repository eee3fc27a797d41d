package org.fermix.core.machine;

import java.util.stream.DoubleStream;
import java.util.stream.IntStream;

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

  /** A stalled cylinder of half a litre loses its pressure within tenths of a second; estimate. */
  private static final double LEAK_SECONDS = 0.3;

  private static final double LEAK_REFERENCE_M3 = 0.5e-3;
  private static final double ATMOSPHERE_PA = 1e5;

  /** At least so many places on a cycle have their torque worked out beforehand. */
  private static final int LEAST_GRID = 360;

  private final int cylinders;
  private final double cycleRadians;
  private final double sweptM3;
  private final double clearanceM3;
  private final double heldShare;

  /** {@link #raised} of the volume when the valves have closed. */
  private final double raisedFull;

  /** What it comes to at dead centre, as a ratio less 1 (1). */
  private final double mostRise;

  private final double[] strokeNm;
  private final double[] expansionNm;
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
    raisedFull = raised(sweptM3 + clearanceM3);
    mostRise = raisedFull / raised(clearanceM3) - 1;
    int apart = (LEAST_GRID + cylinders - 1) / cylinders;
    strokeNm = new double[apart * cylinders + 1];
    expansionNm = new double[strokeNm.length];
    for (int i = 0; i < strokeNm.length; i++) {
      double own = cycleRadians * i / (strokeNm.length - 1);
      if (own < 2 * Math.PI) {
        double lever = ATMOSPHERE_PA * heldShare * sweptM3 * 0.5 * Math.sin(own);
        expansionNm[i] = lever / raised(volume(own));
        strokeNm[i] = expansionNm[i] * raisedFull - lever;
      }
    }
    cycleNm = cycle(apart);
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
    return between(cycleNm, own(angle, 0));
  }

  /** One cylinder's stroke, added up as often as there are cylinders, each later by its share. */
  private double[] cycle(int apart) {
    int grid = strokeNm.length - 1;
    double[] all = new double[grid + 1];
    for (int i = 0; i <= grid; i++) {
      for (int cylinder = 0; cylinder < cylinders; cylinder++) {
        all[i] += strokeNm[Math.floorMod(i - cylinder * apart, grid)];
      }
    }
    return all;
  }

  private double between(double[] table, double own) {
    int grid = table.length - 1;
    double place = own * grid / cycleRadians;
    int below = Math.min(grid - 1, (int) place);
    return table[below] + (place - below) * (table[below + 1] - table[below]);
  }

  /** How long a compression is held while the crankshaft stands still (s); estimate. */
  public double leakSeconds() {
    return LEAK_SECONDS * Math.cbrt(Math.pow(sweptM3 / LEAK_REFERENCE_M3, 2));
  }

  /** Number of the dead centre a crank angle is nearest to; it changes between two compressions. */
  public int nearestDeadCentre(double angle) {
    return (int) Math.floor((angle - Math.PI) / (cycleRadians / cylinders) + 0.5);
  }

  /** Gauge pressure of the cylinder nearest its dead centre, as a share of its peak (1). */
  public double pressureShare(double angle) {
    double own = angle - nearestDeadCentre(angle) * cycleRadians / cylinders;
    return (raisedFull / raised(volume(own)) - 1) / mostRise;
  }

  /** The first turns after a rest, during which the pressure has leaked away. */
  public FromRest fromRest(double restAngle) {
    return new FromRest(restAngle);
  }

  /**
   * See {@link #fromRest}: the strokes in which the engine rested start at atmospheric pressure.
   */
  public final class FromRest {
    private final double restAngle;
    private final double[] rested;
    private final double[] started;

    /** From here on every stroke has begun with its valves (rad). */
    private final double usualFrom;

    private FromRest(double restAngle) {
      this.restAngle = restAngle;
      rested =
          IntStream.range(0, cylinders)
              .mapToDouble(cylinder -> own(restAngle, cylinder))
              .filter(own -> own < 2 * Math.PI)
              .toArray();
      // A stroke caught in compression starts at atmospheric pressure there; one already expanding
      // has nothing left to expand.
      started =
          DoubleStream.of(rested).map(from -> from < Math.PI ? raised(volume(from)) : 0).toArray();
      usualFrom = 2 * Math.PI - DoubleStream.of(rested).min().orElse(2 * Math.PI);
    }

    /** Torque against the starter at a crank angle (N·m). */
    public double torque(double angle) {
      double sum = Compression.this.torque(angle);
      double turned = angle - restAngle;
      if (turned >= usualFrom) {
        return sum;
      }
      for (int i = 0; i < rested.length; i++) {
        if (turned < 2 * Math.PI - rested[i]) {
          double own = rested[i] + turned;
          sum +=
              started[i] == 0
                  ? -between(strokeNm, own)
                  : between(expansionNm, own) * (started[i] - raisedFull);
        }
      }
      return sum;
    }
  }

  private double own(double angle, int cylinder) {
    double own = angle - cylinder * cycleRadians / cylinders;
    return own - cycleRadians * Math.floor(own / cycleRadians);
  }

  private double volume(double own) {
    return clearanceM3 + sweptM3 * 0.5 * (1 + Math.cos(own));
  }

  /** To the polytropic exponent of five quarters; two square roots take less time than a power. */
  private static double raised(double volumeM3) {
    return volumeM3 * Math.sqrt(Math.sqrt(volumeM3));
  }
}
