package org.fermix.core.label;

import java.util.Optional;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Limits;
import org.fermix.core.quantity.Unit;

/**
 * What a label or its sheet says of the battery's own protection; what is empty is not stated.
 *
 * @param continuousAmps current it passes for as long as there is charge (A)
 * @param crankingAmps current it passes for the seconds of a start (A)
 * @param shortAmps current it passes for parts of a second (A)
 * @param opensBelowVolts voltage under load below which it opens (V, of this battery)
 * @param reservePercent charge at which it disconnects to keep a start, 5 to 60 %
 * @param builtIn whether there is one at all, where that is said in so many words
 */
public record ProtectionClaim(
    Optional<Given> continuousAmps,
    Optional<Given> crankingAmps,
    Optional<Given> shortAmps,
    Optional<Given> opensBelowVolts,
    Optional<Given> reservePercent,
    Optional<Boolean> builtIn) {
  /** What it passes, for long or for a moment. */
  public static final Limits AMPS = new Limits("current of a protection", 1, 20_000, Unit.AMPERE);

  /** Where it opens under load. */
  public static final Limits OPENS_BELOW = new Limits("protection voltage", 1, 30, Unit.VOLT);

  /** Charge at which it keeps a start back. */
  public static final Limits START_RESERVE = new Limits("start reserve", 5, 60, Unit.PER_CENT);

  /** Nothing is stated. */
  public static final ProtectionClaim NONE =
      new ProtectionClaim(
          Optional.empty(),
          Optional.empty(),
          Optional.empty(),
          Optional.empty(),
          Optional.empty(),
          Optional.empty());

  /** There is one; nothing more is stated. */
  public static final ProtectionClaim BUILT_IN = NONE.saying(true);

  /** Limits alone. */
  public ProtectionClaim(
      Optional<Given> continuousAmps,
      Optional<Given> crankingAmps,
      Optional<Given> shortAmps,
      Optional<Given> opensBelowVolts,
      Optional<Given> reservePercent) {
    this(
        continuousAmps, crankingAmps, shortAmps, opensBelowVolts, reservePercent, Optional.empty());
  }

  /** The same, said in so many words. */
  public ProtectionClaim saying(boolean there) {
    return new ProtectionClaim(
        continuousAmps,
        crankingAmps,
        shortAmps,
        opensBelowVolts,
        reservePercent,
        Optional.of(there));
  }

  /** True where a protection is stated, in words or by any of its limits. */
  public boolean isStated() {
    return builtIn.orElse(
        continuousAmps.isPresent()
            || crankingAmps.isPresent()
            || shortAmps.isPresent()
            || opensBelowVolts.isPresent()
            || reservePercent.isPresent());
  }

  /** Refuses limits no protection has. */
  public ProtectionClaim {
    amps(continuousAmps);
    amps(crankingAmps);
    amps(shortAmps);
    opensBelowVolts.ifPresent(volts -> OPENS_BELOW.check(volts.value()));
    reservePercent.ifPresent(share -> START_RESERVE.check(share.value()));
  }

  private static void amps(Optional<Given> amps) {
    amps.ifPresent(given -> AMPS.check(given.value()));
  }
}
