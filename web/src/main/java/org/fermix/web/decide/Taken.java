package org.fermix.web.decide;

import java.util.Optional;
import org.fermix.web.job.OpenJob;
import org.fermix.web.lineup.LineUp;
import org.springframework.stereotype.Service;

/** What was settled on, for the stops that come after. */
@Service
public class Taken {
  private final Settlements settlements;
  private final LineUp lineUp;

  Taken(Settlements settlements, LineUp lineUp) {
    this.settlements = settlements;
    this.lineUp = lineUp;
  }

  /** True where the battery settled on is no longer under its letter: another may bear it now. */
  public boolean isGone(OpenJob job) {
    return settlements
        .standing(job)
        .filter(settled -> !settled.letter().equals("0"))
        .filter(
            settled ->
                lineUp
                    .labelId(job, settled.letter())
                    .filter(id -> id.equals(settled.labelId()))
                    .isEmpty())
        .isPresent();
  }

  /** The letter taken, {@code 0} where today's is kept; empty while nothing is settled. */
  public Optional<String> letter(OpenJob job) {
    return settlements.standing(job).map(StoredSettlement::letter);
  }
}
