package org.fermix.web.decide;

import java.util.Optional;
import org.fermix.web.job.OpenJob;
import org.springframework.stereotype.Service;

/** What was settled on, for the stops that come after. */
@Service
public class Taken {
  private final Settlements settlements;

  Taken(Settlements settlements) {
    this.settlements = settlements;
  }

  /** The letter taken, {@code 0} where today's is kept; empty while nothing is settled. */
  public Optional<String> letter(OpenJob job) {
    return settlements.standing(job).map(StoredSettlement::letter);
  }
}
