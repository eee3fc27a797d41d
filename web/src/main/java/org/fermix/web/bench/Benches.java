package org.fermix.web.bench;

import java.util.List;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Policy;
import org.fermix.core.decision.Decision;
import org.fermix.core.decision.Weights;
import org.fermix.core.label.Candidate;
import org.fermix.web.check.CheckFinding;
import org.fermix.web.check.Checks;
import org.fermix.web.job.OpenJob;
import org.fermix.web.lineup.LineUp;
import org.fermix.web.need.Needs;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Sets up the core's bench for a job. */
@Service
public class Benches {
  private final Needs needs;
  private final LineUp lineUp;
  private final Checks checks;

  Benches(Needs needs, LineUp lineUp, Checks checks) {
    this.needs = needs;
    this.lineUp = lineUp;
    this.checks = checks;
  }

  /** The bench of a job, ready to be asked. */
  @Transactional(readOnly = true)
  public Bench of(OpenJob job) {
    return job.once(Bench.class, () -> Bench.of(needs.of(job), policy(job), candidates(job)));
  }

  private Policy policy(OpenJob job) {
    return needs.keepsBattery(job) ? Policy.USUAL.keepingTheBattery() : Policy.USUAL;
  }

  /** The line-up, today's battery with what its tests found. */
  private List<Candidate> candidates(OpenJob job) {
    return lineUp.candidates(job).stream()
        .map(candidate -> candidate.isToday() ? candidate.with(checks.tested(job)) : candidate)
        .toList();
  }

  /** The decision in the owner's own conditions, by the usual weights. */
  @Transactional(readOnly = true)
  public Decision ownDecision(OpenJob job) {
    return job.once(
        Decision.class,
        () -> {
          Bench bench = of(job);
          return Decision.of(bench, Conditions.of(bench.need()), Weights.USUAL);
        });
  }

  /** What the check has found of today’s battery. */
  @Transactional(readOnly = true)
  public CheckFinding check(OpenJob job) {
    return job.once(CheckFinding.class, () -> checks.finding(job));
  }

  /** The currency of its prices. */
  @Transactional(readOnly = true)
  public String currency(OpenJob job) {
    return needs.currency(job);
  }
}
