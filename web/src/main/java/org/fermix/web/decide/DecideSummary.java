package org.fermix.web.decide;

import org.fermix.web.job.OpenJob;
import org.fermix.web.job.Stop;
import org.fermix.web.job.StopSummary;
import org.fermix.web.shared.Display;
import org.springframework.stereotype.Component;

/** The Decide stop's line on the rail: what is settled. */
@Component
class DecideSummary implements StopSummary {
  private final Settlements settlements;

  DecideSummary(Settlements settlements) {
    this.settlements = settlements;
  }

  @Override
  public Stop stop() {
    return Stop.DECIDE;
  }

  @Override
  public Line line(OpenJob job, Display display) {
    return settlements
        .standing(job)
        .map(
            settled ->
                settled.letter().equals("0")
                    ? "buy nothing"
                    : settled.letter()
                        + " settled"
                        + (settled.sheet().choice().price().isEmpty()
                            ? ""
                            : ", " + settled.sheet().choice().price()))
        .map(words -> new Line(words, State.DONE))
        .orElse(new Line("not decided", State.OPEN));
  }
}
