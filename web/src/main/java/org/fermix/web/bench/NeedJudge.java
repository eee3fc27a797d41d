package org.fermix.web.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.BenchAnswer;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.CrankingDemand;
import org.fermix.core.bench.Gate;
import org.fermix.core.bench.LoadRun;
import org.fermix.core.bench.Policy;
import org.fermix.core.bench.TypicalBattery;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.decision.Decision;
import org.fermix.core.decision.Influence;
import org.fermix.core.decision.Ranked;
import org.fermix.core.decision.Weights;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Engine;
import org.fermix.core.machine.Need;
import org.fermix.web.job.OpenJob;
import org.fermix.web.need.Judge;
import org.fermix.web.shared.Answers;
import org.springframework.stereotype.Component;

/** Judges a need with the line-up of its job; with typical batteries where there is none. */
@Component
class NeedJudge implements Judge {
  private final Benches benches;
  private final Answers answers;

  NeedJudge(Benches benches, Answers answers) {
    this.benches = benches;
    this.answers = answers;
  }

  /** All that a judgement depends on. */
  private record Question(Need need, Policy policy, Weights weights, List<Candidate> candidates) {}

  /** All that the weights of assumptions depend on. */
  private record Weighed(Question question) {}

  private record Influences(List<Influence> found) {}

  /** All that the demand of a start depends on. */
  private record Cold(Engine engine, double coldestC) {}

  private record Demand(Optional<CrankingDemand> found) {}

  @Override
  public Judged judge(OpenJob job, Need need) {
    Question question = question(job, need);
    return answers.to(question, Judged.class, () -> judge(question));
  }

  @Override
  public List<Influence> influences(OpenJob job, Need need) {
    Question question = question(job, need);
    return answers
        .to(
            new Weighed(question),
            Influences.class,
            () ->
                new Influences(
                    Influence.ranked(
                        need, question.policy(), judged(question), question.weights())))
        .found();
  }

  private record Runs(Question question) {}

  private record RunsFound(List<LoadRun> found) {}

  @Override
  public List<LoadRun> runs(OpenJob job, Need need) {
    Question question = question(job, need);
    return answers
        .to(
            new Runs(question),
            RunsFound.class,
            () -> new RunsFound(LoadRun.of(need, question.policy(), judged(question))))
        .found();
  }

  private Question question(OpenJob job, Need need) {
    return new Question(need, benches.policy(job), benches.weights(job), benches.candidates(job));
  }

  private static boolean isTypical(Question question) {
    return question.candidates().stream().allMatch(Candidate::isToday);
  }

  private static List<Candidate> judged(Question question) {
    if (!isTypical(question)) {
      return question.candidates();
    }
    List<Candidate> candidates = new ArrayList<>(question.candidates());
    char letter = 'A';
    for (Label label : TypicalBattery.of(question.need())) {
      candidates.add(new Candidate(Character.toString(letter++), label, 0));
    }
    return candidates;
  }

  private Judged judge(Question question) {
    Need need = question.need();
    Bench bench = Bench.of(need, question.policy(), judged(question));
    Conditions conditions = Conditions.of(need);
    Decision decision = Decision.of(bench, conditions, question.weights());
    BenchAnswer answer = decision.answer();
    return new Judged(
        answer,
        decision.leader().map(Ranked::letter),
        isTypical(question),
        kinds(need),
        demand(need));
  }

  /**
   * It rests on engine and cold alone, and is asked again with every other figure that is typed.
   */
  private Optional<CrankingDemand> demand(Need need) {
    return answers
        .to(
            new Cold(need.engine(), need.climate().coldestMorningC().value()),
            Demand.class,
            () -> new Demand(CrankingDemand.of(need)))
        .found();
  }

  private static List<Kind> kinds(Need need) {
    List<Kind> kinds = new ArrayList<>();
    for (Chemistry chemistry : Chemistry.all()) {
      Bench.gates(need, TypicalBattery.of(need, chemistry)).stream()
          .filter(gate -> gate.gate() == Gate.CHARGED)
          .forEach(gate -> kinds.add(new Kind(chemistry, gate)));
    }
    return kinds;
  }
}
