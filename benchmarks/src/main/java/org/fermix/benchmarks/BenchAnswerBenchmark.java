package org.fermix.benchmarks;

import java.util.EnumSet;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.BenchAnswer;
import org.fermix.core.bench.CandidateCurves;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Policy;
import org.fermix.core.decision.Decision;
import org.fermix.core.decision.Flip;
import org.fermix.core.decision.Flips;
import org.fermix.core.decision.Weights;
import org.fermix.core.label.Candidate;
import org.fermix.core.machine.Need;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import org.openjdk.jmh.infra.Blackhole;

/** One bench answer for eight candidates of four chemistries, on one thread. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class BenchAnswerBenchmark {
  private final Need need = Questions.need();
  private final List<Candidate> candidates = Questions.candidates();
  private final Bench ready = Questions.asked(Bench.of(need, Policy.USUAL, candidates));

  /** From labels to answer: circuits calibrated, gates judged, every outcome with its band. */
  @Benchmark
  public BenchAnswer fromLabels() {
    return Bench.of(need, Policy.USUAL, candidates).answer(Conditions.of(need));
  }

  /** As above, and every curve at 61 points. */
  @Benchmark
  public void fromLabelsWithCurves(Blackhole hole) {
    Bench bench = Bench.of(need, Policy.USUAL, candidates);
    hole.consume(bench.answer(Conditions.of(need)));
    List<CandidateCurves> curves =
        bench.curves(Conditions.of(need), EnumSet.allOf(CandidateCurves.Kind.class));
    hole.consume(curves);
  }

  /** Outcomes with circuits already calibrated, as when one condition is moved. */
  @Benchmark
  public BenchAnswer oneConditionMoved() {
    return ready.answer(Conditions.of(need).atTemperature(-12));
  }

  /** The search for what would change the decision. */
  @Benchmark
  public List<Flip> turningPoints() {
    return Flips.around(ready, Decision.of(ready, Conditions.of(need), Weights.USUAL));
  }
}
