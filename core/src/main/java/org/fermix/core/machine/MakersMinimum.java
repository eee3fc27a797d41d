package org.fermix.core.machine;

import java.util.Optional;
import org.fermix.core.quantity.Check;
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
    Check.within("minimum cranking amps", coldCrankingAmps.value(), 0, 3000, "A");
    reserveMinutes.ifPresent(
        minutes -> Check.within("minimum reserve capacity", minutes.value(), 0, 2000, "min"));
  }
}
