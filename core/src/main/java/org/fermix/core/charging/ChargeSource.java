package org.fermix.core.charging;

import java.util.OptionalDouble;
import org.fermix.core.quantity.Check;

/**
 * Something that charges: what the machine carries, or a charger on the bench. 12 V figures.
 *
 * @param kind what it is
 * @param amps it can spare for the battery, 0.05 to 500 A
 * @param topVolts it holds, 10 to 18 V
 * @param floatVolts it falls back to when done; empty when it switches off or has none
 * @param desulfates it has a stage of pulses or equalising that cannot be switched off
 * @param startsFromVolts it starts only when the battery shows this much; 0 when it can wake any
 * @param wakesProtection it can wake a battery whose protection has opened
 */
public record ChargeSource(
    Kind kind,
    double amps,
    double topVolts,
    OptionalDouble floatVolts,
    boolean desulfates,
    double startsFromVolts,
    boolean wakesProtection) {
  private static final double LEAST_V = 10;
  private static final double MOST_V = 18;

  /** Refuses sources that cannot be. */
  public ChargeSource {
    Check.within("charging current", amps, 0.05, 500, "A");
    Check.within("top voltage", topVolts, LEAST_V, MOST_V, "V");
    floatVolts.ifPresent(volts -> Check.within("float voltage", volts, LEAST_V, MOST_V, "V"));
    Check.within("lowest starting voltage", startsFromVolts, 0, 14, "V");
  }

  /** What charges. */
  public enum Kind {
    ALTERNATOR,
    /** Stator with a regulator-rectifier, as on small engines. */
    STATOR,
    CHARGER,
    /** Small, left connected. */
    MAINTAINER,
    /** Sun or wind. */
    SOLAR
  }

  /** True for what is bolted to the machine's engine. */
  public boolean isOnEngine() {
    return kind == Kind.ALTERNATOR || kind == Kind.STATOR;
  }

  /**
   * An alternator or stator by its regulated voltage (V for six cells); below the least it charges
   * nothing, above the most it harms all, whatever the figure.
   */
  public static ChargeSource onEngine(Kind kind, double amps, double regulatedVolts) {
    double volts = Math.max(LEAST_V, Math.min(MOST_V, regulatedVolts));
    return new ChargeSource(kind, amps, volts, OptionalDouble.empty(), false, 0, false);
  }
}
