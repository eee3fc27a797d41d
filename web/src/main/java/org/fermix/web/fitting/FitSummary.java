package org.fermix.web.fitting;

import java.util.List;
import java.util.stream.Collectors;
import org.fermix.web.job.OpenJob;
import org.fermix.web.job.Stop;
import org.fermix.web.job.StopSummary;
import org.fermix.web.shared.Display;
import org.springframework.stereotype.Component;

/** The line of the sixth stop on the rail: how far the work has come. */
@Component
class FitSummary implements StopSummary {
  private final Fittings fittings;
  private final List<BesideFitting> beside;

  FitSummary(Fittings fittings, List<BesideFitting> beside) {
    this.fittings = fittings;
    this.beside = List.copyOf(beside);
  }

  @Override
  public Stop stop() {
    return Stop.FIT;
  }

  @Override
  public Line line(OpenJob job, Display display) {
    String proved =
        beside.stream().flatMap(each -> each.line(job).stream()).collect(Collectors.joining(", "));
    if (!fittings.isBegun(job) && proved.isEmpty()) {
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
    String words = done == 0 ? all + " steps" : done + " of " + all + " done";
    return new Line(
        proved.isEmpty() ? words : words + ", " + proved, done == all ? State.DONE : State.OPEN);
  }
}
