package org.fermix.web.check;

import org.fermix.web.job.OpenJob;
import org.fermix.web.job.Stop;
import org.fermix.web.job.StopSummary;
import org.fermix.web.shared.Display;
import org.springframework.stereotype.Component;

/** The Check stop's line on the rail. */
@Component
class CheckSummary implements StopSummary {
  private final Checks checks;

  CheckSummary(Checks checks) {
    this.checks = checks;
  }

  @Override
  public Stop stop() {
    return Stop.CHECK;
  }

  @Override
  public Line line(OpenJob job, Display display) {
    Checks.State state = checks.state(job, display);
    String line = VerdictWords.line(state.verdict(), state.isStarted());
    if (!state.isStarted()) {
      return new Line(line, State.OPEN);
    }
    return new Line(
        line,
        state.verdict().settled() && !state.verdict().action().saysDoNotBuy()
            ? State.DONE
            : State.ATTENTION);
  }
}
