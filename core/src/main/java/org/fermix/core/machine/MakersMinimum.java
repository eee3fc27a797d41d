package org.fermix.core.machine;

import java.util.Optional;
import org.fermix.core.label.CrankingRating;
import org.fermix.core.label.Label;
import org.fermix.core.quantity.Given;
import org.fermix.core.rating.CrankingTest;

/**
 * The floor the machine's maker sets, for each rating separately.
 *
 * @param crankingAmps assumed from the displacement rule where the maker is silent (A)
 * @param test that the maker asks it by: cold cranking amps, marine ones, EN
 * @param reserveMinutes where the maker states it (min)
 * @param ampHours where the maker states it, at the 20-hour rate (Ah)
 */
public record MakersMinimum(
    Given crankingAmps,
    CrankingTest test,
    Optional<Given> reserveMinutes,
    Optional<Given> ampHours) {
  /** Without ampere-hours. */
  public MakersMinimum(Given crankingAmps, CrankingTest test, Optional<Given> reserveMinutes) {
    this(crankingAmps, test, reserveMinutes, Optional.empty());
  }

  /** By cold cranking amps, SAE. */
  public MakersMinimum(Given coldCrankingAmps, Optional<Given> reserveMinutes) {
    this(coldCrankingAmps, CrankingTest.COLD_CRANKING, reserveMinutes);
  }

  /** Refuses what no maker asks. */
  public MakersMinimum {
    CrankingRating.AMPS.check(crankingAmps.value());
    reserveMinutes.ifPresent(minutes -> Label.RESERVE.check(minutes.value()));
    ampHours.ifPresent(given -> Label.CAPACITY.check(given.value()));
  }
}
