package org.fermix.web.decide;

import org.fermix.web.job.OpenJob;
import org.fermix.web.job.Stop;
import org.fermix.web.job.StopSummary;
import org.fermix.web.shared.Display;
import org.springframework.stereotype.Component;

/** The Decide stop's line on the rail; nothing is recorded there yet. */
@Component
class DecideSummary implements StopSummary {
  @Override
  public Stop stop() {
    return Stop.DECIDE;
  }

  @Override
  public Line line(OpenJob job, Display display) {
    return new Line("not decided", State.OPEN);
  }
}
