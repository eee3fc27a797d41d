package org.fermix.web.fitting;

import org.fermix.web.job.OpenJob;
import org.fermix.web.job.Stop;
import org.fermix.web.job.StopSummary;
import org.fermix.web.shared.Display;
import org.springframework.stereotype.Component;

/** The line of the sixth stop on the rail: how far the work has come. */
@Component
class FitSummary implements StopSummary {
  private final Fittings fittings;

  FitSummary(Fittings fittings) {
    this.fittings = fittings;
  }

  @Override
  public Stop stop() {
    return Stop.FIT;
  }

  @Override
  public Line line(OpenJob job, Display display) {
    if (!fittings.isBegun(job)) {
      return new Line("after deciding", State.OPEN);
    }
    Fittings.Work work = fittings.of(job);
    if (work.letter().equals("0")) {
      return new Line("nothing to fit", State.DONE);
    }
    if (work.steps().isEmpty()) {
      return new Line("after deciding", State.OPEN);
    }
    long done = work.done();
    int all = work.steps().size();
    return done == 0
        ? new Line(all + " steps", State.OPEN)
        : new Line(done + " of " + all + " done", done == all ? State.DONE : State.OPEN);
  }
}
