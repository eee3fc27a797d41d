package org.fermix.web.bench;

import java.util.List;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Policy;
import org.fermix.core.decision.Decision;
import org.fermix.core.decision.Weights;
import org.fermix.core.label.Candidate;
import org.fermix.core.machine.Need;
import org.fermix.web.check.CheckFinding;
import org.fermix.web.check.Checks;
import org.fermix.web.job.OpenJob;
import org.fermix.web.lineup.LineUp;
import org.fermix.web.need.Needs;
import org.fermix.web.shared.Answers;
import org.springframework.stereotype.Service;

/** Sets up the core's bench for a job. */
@Service
public class Benches {
  private final Needs needs;
  private final LineUp lineUp;
  private final Checks checks;
  private final Answers answers;

  Benches(Needs needs, LineUp lineUp, Checks checks, Answers answers) {
    this.needs = needs;
    this.lineUp = lineUp;
    this.checks = checks;
    this.answers = answers;
  }

  /** All that an answer depends on but the conditions. */
  private record Question(Need need, Policy policy, List<Candidate> candidates) {}

  /** A bench with the decision in its owner's own conditions, by the usual weights. */
  private record Own(Bench bench, Decision decision) {}

  private Own own(OpenJob job) {
    return job.once(
        Own.class,
        () -> {
          Question question = new Question(needs.of(job), policy(job), candidates(job));
          return answers.to(question, Own.class, () -> answer(question));
        });
  }

  private static Own answer(Question question) {
    Bench bench = Bench.of(question.need(), question.policy(), question.candidates());
    return new Own(bench, Decision.of(bench, Conditions.of(bench.need()), Weights.USUAL));
  }

  /** The bench of a job, ready to be asked. */
  public Bench of(OpenJob job) {
    return own(job).bench();
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
  public Decision ownDecision(OpenJob job) {
    return own(job).decision();
  }

  /** What the check has found of today’s battery. */
  public CheckFinding check(OpenJob job) {
    return job.once(CheckFinding.class, () -> checks.finding(job));
  }

  /** The currency of its prices. */
  public String currency(OpenJob job) {
    return needs.currency(job);
  }
}
