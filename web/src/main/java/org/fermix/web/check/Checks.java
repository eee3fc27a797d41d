package org.fermix.web.check;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.fermix.core.check.Suspect;
import org.fermix.core.diagnosis.Diagnosis;
import org.fermix.core.diagnosis.Evidence;
import org.fermix.core.diagnosis.ReadingKind;
import org.fermix.core.diagnosis.Symptom;
import org.fermix.core.diagnosis.Verdict;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.Tested;
import org.fermix.core.machine.Charging;
import org.fermix.core.machine.Need;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;
import org.fermix.web.account.Submissions;
import org.fermix.web.job.OpenJob;
import org.fermix.web.lineup.LineUp;
import org.fermix.web.need.Needs;
import org.fermix.web.shared.Answers;
import org.fermix.web.shared.Display;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * What a job's readings say: the core's diagnosis and verdict, and what they found of the battery.
 */
@Service
public class Checks {
  /** A reading expected to remove less doubt is not asked for (bit). */
  private static final double WORTH_BITS = 0.03;

  private static final int MOST_ASKED = 6;

  /** Readings that need a starter to be turned. */
  private static final Set<ReadingKind> NEEDS_STARTER =
      EnumSet.of(
          ReadingKind.CRANKING_VOLTS,
          ReadingKind.CABLE_DROP,
          ReadingKind.BOOST,
          ReadingKind.AFTER_TRY,
          ReadingKind.TWO_WAYS);

  private final Needs needs;
  private final LineUp lineUp;
  private final ReadingLog log;
  private final Answers answers;

  Checks(Needs needs, LineUp lineUp, ReadingLog log, Answers answers) {
    this.needs = needs;
    this.lineUp = lineUp;
    this.log = log;
    this.answers = answers;
  }

  /**
   * Where a check stands.
   *
   * @param counting readings that count, oldest first, each with its judgement
   * @param workedOut what follows from the machine and the label without a reading
   */
  record State(
      Suspect suspect,
      List<Judged> counting,
      List<Evidence> workedOut,
      Diagnosis diagnosis,
      Verdict verdict) {
    boolean isStarted() {
      return !counting.isEmpty();
    }

    /** The readings worth their minutes now, at most so many at once; what it does always is. */
    List<Diagnosis.Next> helpful() {
      return next().stream()
          .filter(
              next ->
                  next.kind() == ReadingKind.SYMPTOM
                      || next.gainBits() >= WORTH_BITS
                      || (verdict.settled() && verdict.guards().contains(next.kind())))
          .limit(MOST_ASKED)
          .toList();
    }

    /**
     * Readings that could be taken: what it does before all others, then, where one is to be
     * bought, what would kill it too, then the most telling first.
     */
    List<Diagnosis.Next> next() {
      return diagnosis.next().stream().sorted(Comparator.comparing(this::order)).toList();
    }

    private int order(Diagnosis.Next next) {
      if (next.kind() == ReadingKind.SYMPTOM) {
        return -1;
      }
      int guard = verdict.settled() ? verdict.guards().indexOf(next.kind()) : -1;
      return guard >= 0 ? guard : ReadingKind.values().length;
    }
  }

  /** A reading with what the core says of it. */
  record Judged(Reading reading, Judgement judgement) {}

  /** The state of a job's check. */
  State state(OpenJob job, Display display) {
    return state(job, log.counting(job), display);
  }

  /** What the state would be with a reading that is only typed yet. */
  State stateWith(OpenJob job, Reading draft, Display display) {
    List<Reading> readings = new ArrayList<>(log.counting(job));
    readings.removeIf(reading -> reading.kind() == draft.kind());
    readings.add(draft);
    return state(job, readings, display);
  }

  private State state(OpenJob job, List<Reading> readings, Display display) {
    Suspect suspect = asCharged(suspect(job), readings, display);
    List<Judged> counting = new ArrayList<>();
    List<Evidence> evidence = new ArrayList<>(suspect.workedOut(failedAtC(readings)));
    List<Evidence> workedOut = List.copyOf(evidence);
    Set<ReadingKind> cannot = EnumSet.of(ReadingKind.AGE, ReadingKind.NEED);
    // What is stated in the need is not asked for again here.
    workedOut.forEach(each -> cannot.add(each.kind()));
    if (!suspect.need().engine().turns()) {
      cannot.addAll(NEEDS_STARTER);
    }
    boolean startsNow = false;
    for (Reading reading : readings) {
      if (reading.isCannot()) {
        cannot.add(reading.kind());
        continue;
      }
      Judgement judgement = Judgement.of(reading.kind(), reading.facts(), suspect, display);
      counting.add(new Judged(reading, judgement));
      evidence.addAll(judgement.all());
      startsNow |=
          reading.kind() == ReadingKind.SYMPTOM
              && judgement.all().stream().allMatch(Checks::startsNow);
    }
    // A reading that was taken but settles nothing is not asked for again at once.
    Diagnosis diagnosis = Diagnosis.of(suspect.chemistry(), evidence, cannot);
    return new State(
        suspect,
        counting,
        workedOut,
        diagnosis,
        Verdict.of(diagnosis, startsNow, suspect.winterChance(tested(counting))));
  }

  private static boolean startsNow(Evidence evidence) {
    return evidence.equals(Symptom.STARTS_WELL.evidence())
        || evidence.equals(Symptom.READS_LOW.evidence());
  }

  /** What a request asks several times: the state whatever its units. */
  private record Kept(State state) {}

  private State asKept(OpenJob job) {
    return job.once(Kept.class, () -> keptAnswer(job)).state();
  }

  /** All that a check's state depends on; a reading that was taken never changes. */
  private record Question(Suspect suspect, List<UUID> counting) {}

  private Kept keptAnswer(OpenJob job) {
    List<Reading> counting = log.counting(job);
    return answers.to(
        new Question(suspect(job), counting.stream().map(Reading::id).toList()),
        Kept.class,
        () -> new Kept(state(job, counting, Display.USUAL)));
  }

  private Suspect suspect(OpenJob job) {
    return Suspect.of(
        needs.of(job), lineUp.candidates(job).stream().filter(Candidate::isToday).findFirst());
  }

  /** What the charging was found to give in this check counts for the trips as well. */
  private static Suspect asCharged(Suspect suspect, List<Reading> readings, Display display) {
    Need need = suspect.need();
    return readings.stream()
        .filter(reading -> reading.kind() == ReadingKind.CHARGING_VOLTS && !reading.isCannot())
        .filter(
            reading ->
                Judgement.of(reading.kind(), reading.facts(), suspect, display)
                    .evidence()
                    .isPresent())
        .flatMap(reading -> reading.facts().number("fast").stream())
        .filter(volts -> Charging.REGULATED_VOLTS.allows(volts))
        .findFirst()
        .map(
            volts ->
                Suspect.of(
                    need.charged(need.charging().at(Given.typed(volts, Unit.VOLT))),
                    suspect.today()))
        .orElse(suspect);
  }

  /** Temperature at which it failed: said with what it does, else with the cranking voltage. */
  private static Optional<Double> failedAtC(List<Reading> readings) {
    return Stream.of(ReadingKind.SYMPTOM, ReadingKind.CRANKING_VOLTS)
        .flatMap(
            kind ->
                readings.stream()
                    .filter(reading -> reading.kind() == kind && !reading.isCannot())
                    .flatMap(reading -> reading.facts().number("temperature").stream()))
        .findFirst();
  }

  private static Tested tested(List<Judged> counting) {
    return Tested.found(
        counting.stream().flatMap(each -> each.judgement().crankingShare().stream()).findFirst(),
        counting.stream().flatMap(each -> each.judgement().capacityShare().stream()).findFirst());
  }

  /** What the check has found so far, for the later stops. */
  public CheckFinding finding(OpenJob job) {
    State state = asKept(job);
    return state.isStarted() ? new CheckFinding(Optional.of(state.verdict())) : CheckFinding.NONE;
  }

  /** What tests found of today's battery. */
  public Tested tested(OpenJob job) {
    return tested(asKept(job).counting());
  }

  /** True when so many more readings go into the log of the battery being checked. */
  @Transactional(readOnly = true)
  public boolean hasRoom(OpenJob job, int more) {
    return log.hasRoom(job, more);
  }

  /**
   * Takes down a reading by its fields, metric.
   *
   * @return false when the log is full: nothing was taken down
   */
  @Transactional
  public boolean take(OpenJob job, ReadingKind kind, String instrument, Map<String, String> facts) {
    return log.take(job, Submissions.number(), kind, instrument, facts);
  }

  /** As above, taken at another time than now. */
  @Transactional
  public boolean take(
      OpenJob job,
      ReadingKind kind,
      String instrument,
      Map<String, String> facts,
      Instant takenAt) {
    return log.take(job, Submissions.number(), kind, instrument, facts, takenAt);
  }
}
