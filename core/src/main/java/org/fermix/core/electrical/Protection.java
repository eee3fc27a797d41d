package org.fermix.core.electrical;

import java.util.Optional;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.chemistry.ProtectionParameters;
import org.fermix.core.quantity.Check;

/**
 * When a battery's own protection disconnects it, at the battery's voltage.
 *
 * @param crankVolts opens below this under load (V)
 * @param lowestCharge opens at this charge, kept as a start reserve where it is high, 0 to 0.5
 * @param mostA opens above this current when it lasts (A)
 * @param delaySeconds how long a limit must be passed (s)
 * @param assumed true when the maker states nothing and the usual figures stand in
 */
public record Protection(
    double crankVolts, double lowestCharge, double mostA, double delaySeconds, boolean assumed) {
  /** Refuses limits no protection has. */
  public Protection {
    Check.within("protection voltage", crankVolts, 0, 30, "V");
    Check.within("protection charge", lowestCharge, 0, 0.5, "");
    Check.within("protection current", mostA, 1, 20000, "A");
    Check.within("protection delay", delaySeconds, 0, 60, "s");
  }

  /** What is usual for the chemistry; empty where it needs none. */
  public static Optional<Protection> usual(Chemistry chemistry, double ampHours, double series) {
    return chemistry.protection().map(usual -> usual(usual, ampHours, series));
  }

  private static Protection usual(ProtectionParameters usual, double ampHours, double series) {
    return new Protection(
        usual.crankVolts() * series,
        usual.lowestCharge(),
        usual.currentPerAmpHour() * ampHours,
        usual.delaySeconds(),
        true);
  }

  /** Why it would open. */
  public enum Cause {
    /** It does not. */
    NONE,
    LOW_VOLTS,
    LOW_CHARGE,
    HIGH_CURRENT
  }

  /** Whether a load of some seconds opens it. */
  public Cause opensAt(double volts, double charge, double currentA, double seconds) {
    if (charge <= lowestCharge) {
      return Cause.LOW_CHARGE;
    }
    if (seconds < delaySeconds) {
      return Cause.NONE;
    }
    if (currentA > mostA) {
      return Cause.HIGH_CURRENT;
    }
    return volts < crankVolts ? Cause.LOW_VOLTS : Cause.NONE;
  }
}
