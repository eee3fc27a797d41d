package org.fermix.web.bench;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.CandidateAnswer;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Enough;
import org.fermix.core.bench.HowItFails;
import org.fermix.core.bench.Policy;
import org.fermix.core.charging.ChargeSource;
import org.fermix.core.decision.Criterion;
import org.fermix.core.decision.Decision;
import org.fermix.core.decision.Flip;
import org.fermix.core.decision.Flips;
import org.fermix.core.decision.Futures;
import org.fermix.core.decision.Ranked;
import org.fermix.core.decision.Weights;
import org.fermix.core.diagnosis.Verdict;
import org.fermix.core.label.Candidate;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.Stand;
import org.fermix.core.plan.Extra;
import org.fermix.core.quantity.Figure;
import org.fermix.web.charger.Chargers;
import org.fermix.web.charger.StoredCharger;
import org.fermix.web.check.CheckFinding;
import org.fermix.web.check.Checks;
import org.fermix.web.job.OpenJob;
import org.fermix.web.lineup.LineUp;
import org.fermix.web.need.Needs;
import org.fermix.web.priority.Priorities;
import org.fermix.web.shared.Answers;
import org.fermix.web.shared.Display;
import org.springframework.stereotype.Service;

/** Sets up the core's bench for a job. */
@Service
public class Benches {
  private static final int MOST_SOURCES = 4;
  private static final long FUTURES_SEED = 20_261_127;

  private final Needs needs;
  private final Priorities priorities;
  private final LineUp lineUp;
  private final Checks checks;
  private final Chargers chargers;
  private final Answers answers;

  Benches(
      Needs needs,
      Priorities priorities,
      LineUp lineUp,
      Checks checks,
      Chargers chargers,
      Answers answers) {
    this.chargers = chargers;
    this.needs = needs;
    this.priorities = priorities;
    this.lineUp = lineUp;
    this.checks = checks;
    this.answers = answers;
  }

  /** All that an answer depends on but the conditions. */
  private record Question(Need need, Policy policy, Weights weights, List<Candidate> candidates) {}

  /** A bench with what it says in its owner's own conditions. */
  private record Own(Bench bench, Shown shown) {}

  /**
   * What a bench says in one set of conditions, by the usual weights.
   *
   * @param standing days parked, were each left otherwise, in the order of the question
   * @param failing how each fails, in the same order
   */
  record Shown(Decision decision, List<Map<Stand.Way, Figure>> standing, List<HowItFails> failing) {
    /** Copies the lists. */
    Shown {
      standing = List.copyOf(standing);
      failing = List.copyOf(failing);
    }

    static Shown of(Bench bench, Conditions conditions, Weights weights) {
      Decision decision = Decision.of(bench, conditions, weights);
      return new Shown(decision, bench.standing(conditions), bench.failing(decision.answer()));
    }
  }

  private Question question(OpenJob job) {
    return new Question(needs.of(job), policy(job), weights(job), candidates(job));
  }

  private Own own(OpenJob job) {
    return job.once(
        Own.class,
        () -> {
          Question question = question(job);
          return answers.to(question, Own.class, () -> answer(question));
        });
  }

  private static Own answer(Question question) {
    Bench bench = Bench.of(question.need(), question.policy(), question.candidates());
    return new Own(bench, Shown.of(bench, Conditions.of(bench.need()), question.weights()));
  }

  /** The bench of a job, ready to be asked. */
  public Bench of(OpenJob job) {
    return own(job).bench();
  }

  /** The schools followed, as its owner has it. */
  public Policy policy(OpenJob job) {
    Policy policy = Policy.USUAL.following(priorities.schools(job));
    return needs.keepsBattery(job) ? policy.keepingTheBattery() : policy;
  }

  /** The points its owner has spread, else where owners start. */
  public Weights weights(OpenJob job) {
    return priorities
        .weights(job)
        .orElseGet(
            () ->
                Weights.start(
                    priorities.schools(job).first(),
                    needs.coldestMorningC(job),
                    job.engineByClass().engineClass()));
  }

  /** Chargers that are owned and made for such a system, by name. */
  public Map<String, ChargeSource> sources(OpenJob job) {
    Map<String, ChargeSource> sources = new LinkedHashMap<>();
    double series = needs.of(job).engine().series();
    for (StoredCharger each : chargers.of(job)) {
      if (each.series() == series && sources.size() < MOST_SOURCES) {
        sources.put(each.name(), each.source());
      }
    }
    return sources;
  }

  /** What goes with a battery in the owner's machine, by the chargers owned and the check. */
  public List<Extra> extras(OpenJob job, CandidateAnswer battery) {
    return Extra.of(
        needs.of(job),
        battery,
        List.copyOf(sources(job).values()),
        check(job).first().filter(Verdict.Action.MEND_CHARGING::equals).isPresent());
  }

  /** The version of the points; who spreads them anew must have seen this one. */
  long pointsVersion(OpenJob job) {
    return priorities.version(job);
  }

  /** Spreads the points anew. */
  void spread(OpenJob job, long version, Map<Criterion, Integer> points) {
    priorities.spread(job, version, points);
  }

  /** What is worked out after the rest, each by its kind, depends on this. */
  private record Asked(Class<?> kind, Question question, Conditions conditions) {}

  /** Plausible futures in some conditions; remembered. */
  Futures futures(OpenJob job, Conditions conditions) {
    Question question = question(job);
    return answers.to(
        new Asked(Futures.class, question, conditions),
        Futures.class,
        () -> Futures.of(of(job), conditions, question.weights(), Futures.USUAL, FUTURES_SEED));
  }

  private record Turning(List<Flip> found) {}

  /** What would change the answer in some conditions; remembered. */
  public List<Flip> flips(OpenJob job, Conditions conditions) {
    Question question = question(job);
    return answers
        .to(
            new Asked(Turning.class, question, conditions),
            Turning.class,
            () -> new Turning(Flips.around(of(job), shown(job, conditions).decision())))
        .found();
  }

  /** How much of each rating is enough; of those that do all that is asked. */
  private record EnoughOf(List<Enough> found) {}

  List<Enough> enough(OpenJob job, Conditions conditions) {
    Question question = question(job);
    return answers
        .to(
            new Asked(EnoughOf.class, question, conditions),
            EnoughOf.class,
            () ->
                new EnoughOf(
                    question.candidates().stream()
                        .filter(each -> !each.isToday())
                        .flatMap(
                            each ->
                                Enough.of(
                                    question.need(),
                                    question.policy(),
                                    question.candidates().stream()
                                        .filter(Candidate::isToday)
                                        .findFirst(),
                                    each,
                                    conditions)
                                    .stream())
                        .toList()))
        .found();
  }

  /** The line-up, today's battery with what its tests found. */
  List<Candidate> candidates(OpenJob job) {
    return lineUp.candidates(job).stream()
        .map(candidate -> candidate.isToday() ? candidate.with(checks.tested(job)) : candidate)
        .toList();
  }

  /** The decision in the owner's own conditions, by the usual weights. */
  public Decision ownDecision(OpenJob job) {
    return own(job).shown().decision();
  }

  /**
   * What is advised in the owner's own conditions; worded once for all that a page shows of it.
   *
   * @param display in the currency of the prices
   */
  public Recommendation advice(OpenJob job, Display display) {
    return job.once(Advised.class, Advised::new)
        .as(display, () -> Recommendation.of(of(job), ownDecision(job), check(job), display));
  }

  /** Words by who reads them: two readers of one garage may differ in units. */
  private record Advised(Map<Display, Recommendation> words) {
    private static final int MOST = 8;

    Advised() {
      this(new ConcurrentHashMap<>());
    }

    Recommendation as(Display display, Supplier<Recommendation> otherwise) {
      Recommendation known = words.get(display);
      if (known == null) {
        known = otherwise.get();
        if (words.size() >= MOST) {
          words.clear();
        }
        words.put(display, known);
      }
      return known;
    }
  }

  /** What a job's bench says in some conditions; its owner's own are remembered. */
  Shown shown(OpenJob job, Conditions conditions) {
    Own own = own(job);
    return own.shown().decision().answer().conditions().equals(conditions)
        ? own.shown()
        : Shown.of(own.bench(), conditions, weights(job));
  }

  /** The rulers in the owner's own conditions. */
  public List<Ruler> rulers(OpenJob job, Display display) {
    return rulers(ownDecision(job), display);
  }

  /** The rulers of a decision. */
  public static List<Ruler> rulers(Decision decision, Display display) {
    return new Rulers(decision.answer(), display, decision.first().map(Ranked::letter).orElse(""))
        .all();
  }

  /** The table of outcomes in the owner's own conditions, as it stands when nothing was chosen. */
  public OutcomeTable table(OpenJob job, Display display) {
    Shown shown = own(job).shown();
    return OutcomeTable.of(
        shown.decision().answer(),
        shown.standing(),
        shown.failing(),
        new TableView("", false, Optional.empty(), Map.of()),
        display,
        shown.decision().first().map(Ranked::letter).orElse(""));
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
