package org.fermix.core.label;

import java.util.Optional;
import org.fermix.core.quantity.Check;
import org.fermix.core.quantity.Given;

/**
 * What a label or its sheet says of the battery's own protection; what is empty is not stated.
 *
 * @param continuousAmps current it passes for as long as there is charge (A)
 * @param crankingAmps current it passes for the seconds of a start (A)
 * @param shortAmps current it passes for parts of a second (A)
 * @param opensBelowVolts voltage under load below which it opens (V, of this battery)
 * @param reservePercent charge at which it disconnects to keep a start, 5 to 60 %
 */
public record ProtectionClaim(
    Optional<Given> continuousAmps,
    Optional<Given> crankingAmps,
    Optional<Given> shortAmps,
    Optional<Given> opensBelowVolts,
    Optional<Given> reservePercent) {
  /** Nothing is stated. */
  public static final ProtectionClaim NONE =
      new ProtectionClaim(
          Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

  /** Refuses limits no protection has. */
  public ProtectionClaim {
    amps("continuous current", continuousAmps);
    amps("cranking current", crankingAmps);
    amps("short-time current", shortAmps);
    opensBelowVolts.ifPresent(
        volts -> Check.within("protection voltage", volts.value(), 1, 30, "V"));
    reservePercent.ifPresent(share -> Check.within("start reserve", share.value(), 5, 60, "%"));
  }

  private static void amps(String name, Optional<Given> amps) {
    amps.ifPresent(given -> Check.within(name, given.value(), 1, 20_000, "A"));
  }
}
