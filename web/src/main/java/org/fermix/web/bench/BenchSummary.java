package org.fermix.web.bench;

import java.util.List;
import org.fermix.core.decision.Decision;
import org.fermix.core.decision.Ranked;
import org.fermix.web.job.OpenJob;
import org.fermix.web.job.Stop;
import org.fermix.web.job.StopSummary;
import org.fermix.web.shared.Display;
import org.springframework.stereotype.Component;

/** The Bench stop's line on the rail. */
@Component
class BenchSummary implements StopSummary {
  private final Benches benches;

  BenchSummary(Benches benches) {
    this.benches = benches;
  }

  @Override
  public Stop stop() {
    return Stop.BENCH;
  }

  @Override
  public Line line(OpenJob job, Display display) {
    Decision decision = benches.ownDecision(job);
    if (decision.answer().forSale().isEmpty()) {
      return new Line("nothing to compare yet", State.OPEN);
    }
    List<Ranked> ranked = decision.ranked();
    if (ranked.isEmpty()) {
      return new Line("all fail a gate", State.ATTENTION);
    }
    Ranked leader = ranked.get(0);
    if (!leader.meets()) {
      return new Line("none does it all; " + leader.letter() + " nearest", State.ATTENTION);
    }
    boolean close =
        ranked.size() > 1
            && ranked.get(1).meets()
            && leader.points() - ranked.get(1).points() < Recommendation.CLOSE_POINTS;
    return new Line(
        leader.letter() + " leads" + (close ? ", " + ranked.get(1).letter() + " close" : ""),
        State.DONE);
  }
}
