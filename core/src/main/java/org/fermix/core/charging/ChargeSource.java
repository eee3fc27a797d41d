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
  /** Refuses sources that cannot be. */
  public ChargeSource {
    Check.within("charging current", amps, 0.05, 500, "A");
    Check.within("top voltage", topVolts, 10, 18, "V");
    floatVolts.ifPresent(volts -> Check.within("float voltage", volts, 10, 18, "V"));
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

  /** An alternator or stator by its regulated voltage. */
  public static ChargeSource onEngine(Kind kind, double amps, double regulatedVolts) {
    return new ChargeSource(kind, amps, regulatedVolts, OptionalDouble.empty(), false, 0, false);
  }
}
