package org.fermix.core.electrical;

import java.util.Optional;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.chemistry.ProtectionParameters;
import org.fermix.core.label.Label;
import org.fermix.core.label.ProtectionClaim;
import org.fermix.core.quantity.Check;
import org.fermix.core.quantity.Given;

/**
 * When a battery's own protection disconnects it, at the battery's voltage. What its maker does not
 * state is assumed as usual for the chemistry, or not to limit at all.
 *
 * @param crankVolts opens below this under load (V)
 * @param lowestCharge opens at this charge whatever happens, 0 to 0.5
 * @param reserveCharge disconnects here when its start reserve is armed, 0 where it has none
 * @param continuousA passes no more than this for long (A)
 * @param mostA passes no more than this for the seconds of a start (A)
 * @param shortA passes no more than this for parts of a second (A)
 * @param delaySeconds how long a limit must be passed (s)
 * @param assumed true when the maker states nothing and the usual figures stand in
 */
public record Protection(
    double crankVolts,
    double lowestCharge,
    double reserveCharge,
    double continuousA,
    double mostA,
    double shortA,
    double delaySeconds,
    boolean assumed) {
  private static final double NO_LIMIT_A = Double.POSITIVE_INFINITY;

  /** Refuses limits no protection has. */
  public Protection {
    Check.within("protection voltage", crankVolts, 0, 30, "V");
    Check.within("protection charge", lowestCharge, 0, 0.5, "");
    Check.within("start reserve", reserveCharge, 0, 0.6, "");
    Check.within("protection delay", delaySeconds, 0, 60, "s");
  }

  /** The protection of a battery by its label; empty where its chemistry needs none. */
  public static Optional<Protection> of(Label label) {
    return label
        .chemistry()
        .protection()
        .map(
            usual ->
                usual(usual, label.capacity().value(), label.build().series())
                    .stating(label.sheet().protection()));
  }

  /** What is usual for a battery; empty where it needs none. */
  public static Optional<Protection> usual(BatteryCircuit battery) {
    return usual(battery.chemistry(), battery.ratedAmpHours(), battery.series());
  }

  /** What is usual for the chemistry; empty where it needs none. */
  public static Optional<Protection> usual(Chemistry chemistry, double ampHours, double series) {
    return chemistry.protection().map(usual -> usual(usual, ampHours, series));
  }

  private static Protection usual(ProtectionParameters usual, double ampHours, double series) {
    return new Protection(
        usual.crankVolts() * series,
        usual.lowestCharge(),
        0,
        NO_LIMIT_A,
        usual.currentPerAmpHour() * ampHours,
        NO_LIMIT_A,
        usual.delaySeconds(),
        true);
  }

  private Protection stating(ProtectionClaim claim) {
    return new Protection(
        claim.opensBelowVolts().map(Given::value).orElse(crankVolts),
        lowestCharge,
        claim.reservePercent().map(each -> each.value() / 100).orElse(reserveCharge),
        claim.continuousAmps().map(Given::value).orElse(continuousA),
        claim.crankingAmps().map(Given::value).orElse(mostA),
        claim.shortAmps().map(Given::value).orElse(shortA),
        delaySeconds,
        claim.equals(ProtectionClaim.NONE));
  }

  /** True when it can keep a start back. */
  public boolean hasReserve() {
    return reserveCharge > 0;
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
