package org.fermix.core.machine;

import java.util.Optional;
import org.fermix.core.label.CrankingRating;
import org.fermix.core.label.Label;
import org.fermix.core.quantity.Given;

/**
 * The floor the machine's maker sets, for each rating separately.
 *
 * @param coldCrankingAmps by SAE; assumed from the displacement rule where the maker is silent (A)
 * @param reserveMinutes where the maker states it (min)
 */
public record MakersMinimum(Given coldCrankingAmps, Optional<Given> reserveMinutes) {
  /** Refuses what no maker asks. */
  public MakersMinimum {
    CrankingRating.AMPS.check(coldCrankingAmps.value());
    reserveMinutes.ifPresent(minutes -> Label.RESERVE.check(minutes.value()));
  }
}
