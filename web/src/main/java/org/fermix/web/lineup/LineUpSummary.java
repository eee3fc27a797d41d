package org.fermix.web.lineup;

import org.fermix.core.label.Candidate;
import org.fermix.web.job.OpenJob;
import org.fermix.web.job.Stop;
import org.fermix.web.job.StopSummary;
import org.fermix.web.shared.Display;
import org.springframework.stereotype.Component;

/** The Line-up stop's line on the rail. */
@Component
class LineUpSummary implements StopSummary {
  private final LineUp lineUp;

  LineUpSummary(LineUp lineUp) {
    this.lineUp = lineUp;
  }

  @Override
  public Stop stop() {
    return Stop.LINE_UP;
  }

  @Override
  public Line line(OpenJob job, Display display) {
    long candidates =
        lineUp.candidates(job).stream().filter(candidate -> !candidate.isToday()).count();
    boolean today = lineUp.candidates(job).stream().anyMatch(Candidate::isToday);
    if (candidates == 0) {
      return new Line(today ? "only today’s battery" : "no candidates yet", State.OPEN);
    }
    return new Line(
        candidates
            + (candidates == 1 ? " candidate" : " candidates")
            + (today ? " and today’s" : ""),
        State.DONE);
  }
}
