package org.fermix.standins;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.diagnosis.Cause;
import org.fermix.core.diagnosis.Diagnosis;
import org.fermix.core.diagnosis.Evidence;
import org.fermix.core.diagnosis.ReadingKind;
import org.fermix.core.machine.Engine;
import org.fermix.core.rating.CrankingTest;

/**
 * A hidden fault to find. The same number always gives the same machine, and a reading comes out
 * the same whichever path it stands on, so that two paths can be compared.
 */
public final class Practice {
  /** Most readings the most informative path takes. */
  public static final int MOST_READINGS = 9;

  private static final String GENERATOR = "L64X128MixRandom";

  private final long seed;
  private final HiddenMachine machine;

  /** The machine of a number. */
  public Practice(long seed) {
    this.seed = seed;
    machine = new Fleet(generator(seed)).machine();
  }

  private static RandomGenerator generator(long seed) {
    return RandomGeneratorFactory.of(GENERATOR).create(seed);
  }

  /**
   * What its owner knows.
   *
   * @param ratedAmps cold cranking amps on the label (A)
   * @param ampHours on the label (Ah)
   */
  public record Story(
      Engine engine,
      Chemistry chemistry,
      double ratedAmps,
      double ampHours,
      double ageYears,
      double temperatureC) {}

  /**
   * A reading on a path.
   *
   * @param doubtBits left after it (bit)
   * @param leading likeliest cause after it
   */
  public record Step(
      ReadingKind kind, TakenReading reading, double doubtBits, Cause leading, double sureness) {}

  /** What its owner knows. */
  public Story story() {
    HiddenMachine.Truth truth = machine.truth();
    return new Story(
        truth.usual(),
        machine.chemistry(),
        truth.whenNew().ratedAmps(CrankingTest.COLD_CRANKING),
        truth.whenNew().ratedAmpHours(),
        truth.ageYears(),
        truth.temperatureC());
  }

  /** The fault. */
  public Cause cause() {
    return machine.cause();
  }

  /** Readings that can be taken of it. */
  public List<ReadingKind> readings() {
    return List.of(ReadingKind.values()).stream()
        .filter(kind -> kind != ReadingKind.AGE && kind != ReadingKind.NEED)
        .filter(kind -> kind.appliesTo(machine.chemistry()))
        .toList();
  }

  private TakenReading read(ReadingKind kind) {
    return new HiddenMachine(
            machine.truth(),
            HiddenMachine.Instruments.USUAL,
            generator(seed ^ (31L * kind.name().hashCode())))
        .read(kind);
  }

  /** Doubt before any reading (bit). */
  public double firstDoubtBits() {
    return diagnosis(List.of()).doubtBits();
  }

  private Diagnosis diagnosis(List<Step> taken) {
    List<Evidence> evidence = new ArrayList<>(machine.workedOut());
    Set<ReadingKind> done = EnumSet.of(ReadingKind.AGE, ReadingKind.NEED);
    for (Step step : taken) {
      step.reading().evidence().ifPresent(evidence::add);
      done.add(step.kind());
    }
    return Diagnosis.of(machine.chemistry(), evidence, done);
  }

  /** The readings of a path, in its order, with what each left open. */
  public List<Step> path(List<ReadingKind> kinds) {
    List<Step> steps = new ArrayList<>();
    for (ReadingKind kind : kinds) {
      add(steps, kind);
    }
    return steps;
  }

  private void add(List<Step> steps, ReadingKind kind) {
    Step blank = new Step(kind, read(kind), 0, Cause.SOUND, 0);
    steps.add(blank);
    Diagnosis after = diagnosis(steps);
    steps.set(
        steps.size() - 1,
        new Step(kind, blank.reading(), after.doubtBits(), after.leading(), after.sureness()));
  }

  /**
   * The path that begins with what the machine does and then takes whatever is expected to remove
   * most doubt, until one cause is likely enough to act on.
   */
  public List<Step> mostInformativePath() {
    List<Step> steps = new ArrayList<>();
    add(steps, ReadingKind.SYMPTOM);
    Optional<ReadingKind> next = next(steps);
    while (next.isPresent()) {
      add(steps, next.get());
      next = next(steps);
    }
    return steps;
  }

  private Optional<ReadingKind> next(List<Step> steps) {
    Diagnosis diagnosis = diagnosis(steps);
    return diagnosis.isSettled() || steps.size() >= MOST_READINGS
        ? Optional.empty()
        : diagnosis.next().stream().map(Diagnosis.Next::kind).findFirst();
  }
}
