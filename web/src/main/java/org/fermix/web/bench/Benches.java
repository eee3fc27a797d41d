package org.fermix.web.bench;

import org.fermix.core.bench.Bench;
import org.fermix.core.bench.Policy;
import org.fermix.web.garage.OpenJob;
import org.fermix.web.lineup.LineUp;
import org.fermix.web.need.Needs;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Sets up the core's bench for a job. */
@Service
public class Benches {
  private final Needs needs;
  private final LineUp lineUp;

  Benches(Needs needs, LineUp lineUp) {
    this.needs = needs;
    this.lineUp = lineUp;
  }

  /** The bench of a job, ready to be asked. */
  @Transactional(readOnly = true)
  public Bench of(OpenJob job) {
    return Bench.of(needs.of(job), Policy.USUAL, lineUp.candidates(job));
  }

  /** The currency of its prices. */
  @Transactional(readOnly = true)
  public String currency(OpenJob job) {
    return needs.currency(job);
  }
}
