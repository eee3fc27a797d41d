package org.fermix.core.reserve;

import java.util.function.DoubleUnaryOperator;
import org.fermix.core.quantity.Check;

/** What runs with the engine off: how its current follows the voltage. */
public sealed interface Load {
  /** The current drawn at a terminal voltage (A). */
  double amps(double volts);

  /** The same amperes at any voltage, 0 to 1,000 A. */
  record Current(double currentA) implements Load {
    /** Refuses impossible loads. */
    public Current {
      Check.within("load current", currentA, 0, 1000, "A");
    }

    @Override
    public double amps(double volts) {
      return currentA;
    }
  }

  /**
   * The same power at any voltage, as behind a converter.
   *
   * @param watts delivered, 0 to 12,000 W
   * @param efficiency of the converter, 0.3 to 1; 1 where there is none
   */
  record Power(double watts, double efficiency) implements Load {
    /** Refuses impossible loads. */
    public Power {
      Check.within("load power", watts, 0, 12000, "W");
      Check.within("converter efficiency", efficiency, 0.3, 1, "");
    }

    @Override
    public double amps(double volts) {
      return watts / efficiency / Math.max(1, volts);
    }
  }

  /** Several things at once: the sum of what each draws (A at V). */
  record Varying(DoubleUnaryOperator ampsAtVolts) implements Load {
    @Override
    public double amps(double volts) {
      return ampsAtVolts.applyAsDouble(volts);
    }
  }

  /** A heater or lamp: power grows with the square of the voltage, 0.01 to 10,000 Ω. */
  record Resistance(double ohms) implements Load {
    /** Refuses impossible loads. */
    public Resistance {
      Check.within("load resistance", ohms, 0.01, 10000, "Ω");
    }

    /** The resistance that draws a power at a voltage. */
    public static Resistance drawing(double watts, double volts) {
      Check.within("load power", watts, 0.1, 12000, "W");
      Check.within("voltage", volts, 1, 60, "V");
      return new Resistance(volts * volts / watts);
    }

    @Override
    public double amps(double volts) {
      return volts / ohms;
    }

    /** Power at a voltage (W). */
    public double watts(double volts) {
      return volts * volts / ohms;
    }
  }
}
