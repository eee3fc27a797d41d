package org.fermix.benchmarks;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.BenchAnswer;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Policy;
import org.fermix.core.casing.CaseSize;
import org.fermix.core.casing.TerminalSide;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.decision.Decision;
import org.fermix.core.decision.Flip;
import org.fermix.core.decision.Flips;
import org.fermix.core.decision.Weights;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.CrankingRating;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Climate;
import org.fermix.core.machine.Engine;
import org.fermix.core.machine.EngineClass;
import org.fermix.core.machine.MakersMinimum;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.Oil;
import org.fermix.core.machine.Tray;
import org.fermix.core.machine.Use;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** One bench answer for eight candidates of four chemistries, on one thread. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class BenchAnswerBenchmark {
  private final Need need = need();
  private final List<Candidate> candidates = candidates();
  private final Bench ready = Bench.of(need, Policy.USUAL, candidates);

  /** From labels to answer: circuits calibrated, gates judged, every outcome with its band. */
  @Benchmark
  public BenchAnswer fromLabels() {
    return Bench.of(need, Policy.USUAL, candidates).answer(Conditions.of(need));
  }

  /** The same with circuits already calibrated, as when one condition is moved. */
  @Benchmark
  public BenchAnswer oneConditionMoved() {
    return ready.answer(Conditions.of(need).atTemperature(-12));
  }

  /** The search for what would change the decision. */
  @Benchmark
  public List<Flip> turningPoints() {
    return Flips.around(ready, Decision.of(ready, Conditions.of(need), Weights.USUAL));
  }

  private static List<Candidate> candidates() {
    String[] chemistries = {"flooded", "efb", "agm", "lfp"};
    List<Candidate> candidates = new ArrayList<>();
    for (int i = 0; i < 8; i++) {
      String chemistry = chemistries[i % 4];
      double ampHours = chemistry.equals("lfp") ? 36 + i : 60 + 2 * i;
      candidates.add(
          new Candidate(
              String.valueOf((char) ('A' + i)),
              new Label(
                  "Example " + i,
                  Chemistry.of(chemistry),
                  CrankingRating.cca(560 + 25 * i),
                  Optional.of(Given.label(ampHours, Unit.AMPERE_HOUR)),
                  Optional.of(Given.label(95 + 4 * i, Unit.MINUTE)),
                  Optional.of(Given.label(15 + i, Unit.KILOGRAM)),
                  new CaseSize(278, 175, 190),
                  TerminalSide.RIGHT,
                  Given.typed(90 + 30 * i, Unit.MONEY)),
              0));
    }
    return candidates;
  }

  private static Need need() {
    return new Need(
        Engine.usual(
            EngineClass.find("diesel-car").orElseThrow(),
            Given.typed(1.9, Unit.LITRE),
            4,
            Oil.find("5W-30").orElseThrow()),
        new MakersMinimum(Given.maker(520, Unit.AMPERE), Optional.empty()),
        Optional.of(new Tray(new CaseSize(278, 175, 190), TerminalSide.RIGHT)),
        new Climate(
            Given.typed(-16, Unit.CELSIUS),
            Given.typed(-6, Unit.CELSIUS),
            Given.typed(22, Unit.CELSIUS)),
        new Use(
            Given.typed(28, Unit.DAY),
            Given.typed(18, Unit.MILLIAMPERE),
            Given.typed(6, Unit.AMPERE),
            Given.typed(2, Unit.HOUR),
            Given.typed(2, Unit.COUNT),
            Given.typed(8, Unit.YEAR)),
        Given.typed(14.2, Unit.VOLT));
  }
}
