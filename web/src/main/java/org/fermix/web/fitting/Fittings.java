package org.fermix.web.fitting;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.fermix.core.bench.CandidateAnswer;
import org.fermix.core.decision.Decision;
import org.fermix.core.decision.Ranked;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Need;
import org.fermix.core.plan.WorkPlan;
import org.fermix.core.plan.WorkStep;
import org.fermix.web.bench.Benches;
import org.fermix.web.decide.Taken;
import org.fermix.web.job.OpenJob;
import org.fermix.web.job.ReadAhead;
import org.fermix.web.lineup.LineUp;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The work of fitting in a job: which battery, its steps, and how far it has come. */
@Service
public class Fittings implements ReadAhead {
  /** So far a device's clock may be ahead. */
  private static final Duration AHEAD = Duration.ofMinutes(5);

  private static final Duration OLDEST = Duration.ofDays(400);

  private final FitTickRepository stored;
  private final Benches benches;
  private final Taken taken;
  private final LineUp lineUp;
  private final Clock clock;

  Fittings(FitTickRepository stored, Benches benches, Taken taken, LineUp lineUp, Clock clock) {
    this.stored = stored;
    this.benches = benches;
    this.taken = taken;
    this.lineUp = lineUp;
    this.clock = clock;
  }

  private record Ticks(Map<String, FitTick> byStep) {}

  /**
   * The work.
   *
   * @param letter of the one that is fitted; {@code 0} where today's is kept; empty where nobody
   *     knows yet
   * @param settled false where it is only the one that leads
   * @param gone true where the one settled on is no longer in the line-up
   */
  record Work(
      String letter,
      boolean settled,
      boolean gone,
      Optional<Candidate> fitted,
      Need need,
      Optional<Label> old,
      List<WorkStep> steps,
      Map<String, FitTick> ticks) {
    Work {
      steps = List.copyOf(steps);
      ticks = Map.copyOf(ticks);
    }

    long done() {
      return steps.stream().filter(step -> ticks.containsKey(step.kind().name())).count();
    }

    /** The first that is neither done nor skipped. */
    Optional<WorkStep> next() {
      return steps.stream().filter(step -> !ticks.containsKey(step.kind().name())).findFirst();
    }

    Optional<WorkStep> find(String kind) {
      return steps.stream().filter(step -> step.kind().name().equals(kind)).findFirst();
    }
  }

  /**
   * The battery that comes in, for what is done with it besides the work.
   *
   * @param labelId of its label in the line-up
   * @param old the one that is there; empty where nobody has described it
   * @param cleaned true where tray and clamps were ticked as cleaned
   */
  public record Incoming(
      String letter, UUID labelId, Label label, Need need, Optional<Label> old, boolean cleaned) {}

  /** The battery that comes in; empty while nobody knows which. */
  @Transactional(readOnly = true)
  public Optional<Incoming> incoming(OpenJob job) {
    Work work = of(job);
    return work.fitted()
        .flatMap(
            fitted ->
                lineUp
                    .labelId(job, work.letter())
                    .map(
                        id ->
                            new Incoming(
                                work.letter(),
                                id,
                                fitted.label(),
                                work.need(),
                                work.old(),
                                work.ticks().containsKey(WorkStep.Kind.CLEAN.name()))));
  }

  @Override
  public int order() {
    return 0;
  }

  @Override
  @Transactional(readOnly = true)
  public void read(UUID garageId, List<OpenJob> jobs) {
    Map<UUID, Map<String, FitTick>> all = new HashMap<>();
    for (FitTick tick :
        stored.findByGarageIdAndJobIdIn(garageId, jobs.stream().map(OpenJob::jobId).toList())) {
      all.computeIfAbsent(tick.jobId(), key -> new HashMap<>()).put(tick.step(), tick);
    }
    jobs.forEach(job -> job.knows(new Ticks(all.getOrDefault(job.jobId(), Map.of()))));
  }

  /** What stands of each step: its tick, or that it was taken back. */
  Map<String, FitTick> standing(OpenJob job) {
    return marks(job);
  }

  /** True once there is something to say on the rail: settled, or work begun. */
  boolean isBegun(OpenJob job) {
    return taken.letter(job).isPresent() || !ticks(job).isEmpty();
  }

  private Map<String, FitTick> ticks(OpenJob job) {
    Map<String, FitTick> ticks = new HashMap<>(marks(job));
    ticks.values().removeIf(each -> each.undone);
    return ticks;
  }

  private Map<String, FitTick> marks(OpenJob job) {
    return job.once(
            Ticks.class,
            () -> {
              Map<String, FitTick> ticks = new HashMap<>();
              stored
                  .findByGarageIdAndJobIdIn(job.garageId(), List.of(job.jobId()))
                  .forEach(tick -> ticks.put(tick.step(), tick));
              return new Ticks(ticks);
            })
        .byStep();
  }

  /** The work as it stands; made anew from the battery that is taken, ticks kept. */
  @Transactional(readOnly = true)
  Work of(OpenJob job) {
    Decision decision = benches.ownDecision(job);
    Optional<String> settled = taken.letter(job);
    boolean gone = taken.isGone(job);
    String letter = gone ? "" : settled.or(() -> decision.leader().map(Ranked::letter)).orElse("");
    Optional<CandidateAnswer> fitted =
        decision.answer().forSale().stream()
            .filter(each -> each.letter().equals(letter))
            .findFirst();
    Need need = decision.answer().need();
    return new Work(
        letter,
        settled.isPresent(),
        gone,
        fitted.map(CandidateAnswer::candidate),
        need,
        decision.answer().today().map(each -> each.candidate().label()),
        fitted.map(each -> steps(job, decision, each)).orElse(List.of()),
        ticks(job));
  }

  private List<WorkStep> steps(OpenJob job, Decision decision, CandidateAnswer fitted) {
    Need need = decision.answer().need();
    return WorkPlan.of(
        need,
        fitted.candidate(),
        decision.answer().today().map(each -> each.candidate().label()),
        benches.extras(job, fitted));
  }

  /** Ticks a step, or says why it is skipped; again and the newer note stands. */
  @Transactional
  public void tick(OpenJob job, String step, boolean skipped, String note) {
    lineUp.hold(job);
    job.forget();
    FitTick before = marks(job).get(step);
    if (before != null && !before.undone) {
      before.skipped = skipped;
      before.note = note;
      stored.save(before);
    } else {
      remove(Optional.ofNullable(before));
      stored.save(new FitTick(job.garageId(), job.jobId(), step, skipped, note, clock.instant()));
    }
    stored.flush();
    job.forget();
  }

  /** What was done with a step. */
  enum Made {
    DONE,
    SKIPPED,
    UNDONE
  }

  /** What became of a tick that came later. */
  enum Sent {
    KEPT,
    /** It stands so already: it was sent before, or done alike elsewhere. */
    SAME,
    /** Something else was done with the step in between. */
    CONFLICT,
    /** Its time lies in the future, or years ago. */
    CLOCK
  }

  /**
   * What became of it.
   *
   * @param stands what stands now; empty where the step is not ticked
   */
  record Later(Sent result, Optional<FitTick> stands) {}

  /**
   * Takes down a tick made while there was no connection, with its own time; the same one again
   * changes nothing.
   *
   * @param at when it was made; empty for now
   * @param seen time of the tick that stood when it was made, as its device knew it
   */
  @Transactional
  Later later(
      OpenJob job,
      String step,
      Made made,
      String note,
      Optional<Instant> at,
      Optional<Instant> seen) {
    lineUp.hold(job);
    job.forget();
    Optional<FitTick> mark = Optional.ofNullable(marks(job).get(step));
    Optional<FitTick> before = mark.filter(each -> !each.undone);
    Instant now = clock.instant();
    if (at.filter(each -> each.isAfter(now.plus(AHEAD)) || each.isBefore(now.minus(OLDEST)))
        .isPresent()) {
      return new Later(Sent.CLOCK, mark);
    }
    boolean skips = made == Made.SKIPPED;
    if (made == Made.UNDONE ? before.isEmpty() : isSame(before, skips, note)) {
      return new Later(Sent.SAME, mark);
    }
    if (!mark.map(each -> millis(each.at())).equals(seen.map(Fittings::millis))) {
      return new Later(Sent.CONFLICT, mark);
    }
    remove(mark);
    if (made == Made.UNDONE) {
      stored.save(FitTick.takenBack(before.orElseThrow(), now));
      stored.flush();
    } else {
      stored.save(new FitTick(job.garageId(), job.jobId(), step, skips, note, at.orElse(now)));
      stored.flush();
    }
    job.forget();
    return new Later(Sent.KEPT, Optional.ofNullable(marks(job).get(step)));
  }

  private void remove(Optional<FitTick> mark) {
    mark.ifPresent(
        each -> {
          stored.delete(each);
          stored.flush();
        });
  }

  private static boolean isSame(Optional<FitTick> before, boolean skips, String note) {
    return before.filter(each -> each.skipped == skips && each.note.equals(note)).isPresent();
  }

  private static Instant millis(Instant instant) {
    return instant.truncatedTo(ChronoUnit.MILLIS);
  }

  /** Takes a tick back. */
  @Transactional
  void untick(OpenJob job, String step) {
    lineUp.hold(job);
    job.forget();
    FitTick before = ticks(job).get(step);
    if (before != null) {
      remove(Optional.of(before));
      stored.save(FitTick.takenBack(before, clock.instant()));
      stored.flush();
    }
    job.forget();
  }
}
