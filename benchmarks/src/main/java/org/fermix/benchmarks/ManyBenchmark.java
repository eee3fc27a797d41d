package org.fermix.benchmarks;

import java.util.List;
import java.util.concurrent.TimeUnit;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Policy;
import org.fermix.core.decision.Futures;
import org.fermix.core.decision.Shortlist;
import org.fermix.core.decision.Weights;
import org.fermix.core.electrical.QuickCalibration;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Need;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Many futures and a whole catalogue, on one thread. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class ManyBenchmark {
  /** Plausible futures of a line-up. */
  @State(Scope.Benchmark)
  public static class FuturesQuestion {
    /** Candidates that pass every gate. */
    @Param({"2", "4", "8"})
    public int candidates;

    /** Futures. */
    @Param({"2500", "5000", "10000"})
    public int futures;

    private final Need need = Questions.need();

    Bench bench() {
      return Questions.asked(
          Bench.of(need, Policy.USUAL, Questions.candidates().subList(0, candidates)));
    }
  }

  private static final int CATALOGUE = 100_000;
  private final Need need = Questions.need();
  private final List<Label> mixed = Questions.catalogue(CATALOGUE);
  private final List<Label> passing = Questions.allPassing(CATALOGUE);

  /** Calibration and response surfaces included. */
  @Benchmark
  public Futures futures(FuturesQuestion question) {
    return Futures.of(
        question.bench(), Conditions.of(question.need), Weights.USUAL, question.futures, 3);
  }

  /** A catalogue of all cases and chemistries, of which most fail a gate. */
  @Benchmark
  public Shortlist catalogue() {
    return shortlist(mixed);
  }

  /** The same number of batteries that all pass every gate: the worst case. */
  @Benchmark
  public Shortlist catalogueAllPassing() {
    Shortlist found = shortlist(passing);
    if (!found.failing().isEmpty()) {
      throw new IllegalStateException("kept out by a gate: " + found.failing());
    }
    return found;
  }

  private Shortlist shortlist(List<Label> labels) {
    return Shortlist.of(
        need, Policy.USUAL, Conditions.of(need), Weights.USUAL, new QuickCalibration(), labels);
  }
}
