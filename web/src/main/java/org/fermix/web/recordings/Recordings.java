package org.fermix.web.recordings;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.fermix.core.diagnosis.ReadingKind;
import org.fermix.core.machine.Engine;
import org.fermix.core.prove.CrankFeatures;
import org.fermix.core.prove.CrankRecording;
import org.fermix.core.prove.Outline;
import org.fermix.web.account.Submissions;
import org.fermix.web.battery.Batteries;
import org.fermix.web.check.Checks;
import org.fermix.web.job.Jobs;
import org.fermix.web.job.OpenJob;
import org.fermix.web.shared.NotHere;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** A machine's recorded starts. */
@Service
public class Recordings {
  /** Most recordings of one machine that can be laid over each other. */
  public static final int MOST = 8;

  /** The field of a reading that says it came from a recording. */
  public static final String RECORDED = "recorded";

  private final RecordingRepository recordings;
  private final Checks checks;
  private final Batteries batteries;
  private final Jobs jobs;
  private final Submissions submissions;
  private final TransactionTemplate transaction;
  private final Clock clock;

  Recordings(
      RecordingRepository recordings,
      Checks checks,
      Batteries batteries,
      Jobs jobs,
      Submissions submissions,
      TransactionTemplate transaction,
      Clock clock) {
    this.recordings = recordings;
    this.checks = checks;
    this.batteries = batteries;
    this.jobs = jobs;
    this.submissions = submissions;
    this.transaction = transaction;
    this.clock = clock;
  }

  /** Those that stand, oldest first. */
  @Transactional(readOnly = true)
  public List<Recording> of(OpenJob job) {
    return recordings.findByMachineIdAndGarageIdAndRemovedAtIsNullOrderByTakenAt(
        job.machineId(), job.garageId());
  }

  /** True when another recording can be kept. */
  @Transactional(readOnly = true)
  public boolean hasRoom(OpenJob job) {
    return of(job).size() < MOST;
  }

  /**
   * Finds the start in a recording and keeps what was found.
   *
   * @param instrument that recorded it
   * @param counts true when it is of the battery being checked: its cranking voltage then goes into
   *     the log
   * @param temperatureC of battery and engine; empty where it was not read
   * @return false when as many are kept as can be
   * @throws org.fermix.core.prove.Refused when there is no start in it
   */
  public Kept keep(
      OpenJob job,
      String name,
      String instrument,
      boolean counts,
      Optional<Double> temperatureC,
      CrankRecording recording) {
    return keep(
        job,
        Submissions.number(),
        name,
        instrument,
        counts,
        temperatureC,
        recording,
        clock.instant());
  }

  /** How keeping one ended. */
  public enum Kept {
    /** It is there, and its reading with it where it counts. */
    DONE,
    /** As many recordings are kept as can be. */
    NO_ROOM,
    /** The log of the battery being checked is full: neither was kept. */
    LOG_FULL
  }

  /** As above, once for each form. */
  Kept keep(
      OpenJob job,
      UUID number,
      String name,
      String instrument,
      boolean counts,
      Optional<Double> temperatureC,
      CrankRecording recording) {
    return keep(job, number, name, instrument, counts, temperatureC, recording, clock.instant());
  }

  /** A recording worked through, before anything is held in the database for it. */
  public record Prepared(CrankFeatures features, List<Double> points, int samples) {
    /** Copies the list. */
    public Prepared {
      points = List.copyOf(points);
    }
  }

  /**
   * Finds the start in a recording.
   *
   * @throws org.fermix.core.prove.Refused when there is none
   */
  public static Prepared prepared(OpenJob job, CrankRecording recording) {
    CrankFeatures features = CrankFeatures.of(recording, job.engine().series());
    return new Prepared(features, points(recording, features), recording.size());
  }

  /**
   * Keeps a start of the battery that is to come in, once for each form; what it says goes into
   * that battery’s own log.
   *
   * @return its id; empty when as many are kept as can be
   */
  @Transactional
  public Optional<UUID> keepOf(
      OpenJob job, UUID batteryId, UUID number, String name, Prepared prepared) {
    jobs.hold(job);
    Optional<UUID> before = submissions.made(job.garageId(), number);
    if (before.isPresent() || !hasRoom(job)) {
      return before;
    }
    Recording made =
        new Recording(
            job.garageId(),
            job.machineId(),
            batteryId,
            name,
            clock.instant(),
            prepared.samples(),
            found(prepared.features(), job.engine()),
            prepared.points());
    recordings.save(made);
    recordings.flush();
    submissions.remember(job.garageId(), number, made.id());
    return Optional.of(made.id());
  }

  /** The recordings of one battery in a machine, oldest first. */
  @Transactional(readOnly = true)
  public List<Recording> ofBattery(OpenJob job, UUID batteryId) {
    return of(job).stream()
        .filter(each -> each.batteryId().filter(batteryId::equals).isPresent())
        .toList();
  }

  /** True when the form of a number has made a recording before. */
  @Transactional
  boolean isKept(OpenJob job, UUID number) {
    return submissions.made(job.garageId(), number).isPresent();
  }

  /** As above, once for each form, recorded at another time than now. */
  public Kept keep(
      OpenJob job,
      UUID number,
      String name,
      String instrument,
      boolean counts,
      Optional<Double> temperatureC,
      CrankRecording recording,
      Instant takenAt) {
    // What takes long is done before anything is held in the database.
    Prepared prepared = prepared(job, recording);
    return transaction.execute(
        status ->
            store(
                job,
                number,
                name,
                instrument,
                counts,
                temperatureC,
                prepared.samples(),
                prepared.features(),
                prepared.points(),
                takenAt));
  }

  private Kept store(
      OpenJob job,
      UUID number,
      String name,
      String instrument,
      boolean counts,
      Optional<Double> temperatureC,
      int samples,
      CrankFeatures features,
      List<Double> points,
      Instant takenAt) {
    jobs.hold(job);
    if (isKept(job, number)) {
      return Kept.DONE;
    }
    if (!hasRoom(job)) {
      return Kept.NO_ROOM;
    }
    if (counts && !checks.hasRoom(job, 1)) {
      return Kept.LOG_FULL;
    }
    Recording kept =
        new Recording(
            job.garageId(),
            job.machineId(),
            counts ? batteries.held(job).id() : null,
            name,
            takenAt,
            samples,
            found(features, job.engine()),
            points);
    recordings.save(kept);
    submissions.remember(job.garageId(), number, kept.id());
    if (!counts) {
      return Kept.DONE;
    }
    double crankingVolts = Math.max(0, Math.min(40, features.crankingVolts()));
    Map<String, String> facts = new LinkedHashMap<>();
    facts.put("volts", Double.toString(crankingVolts));
    facts.put(RECORDED, "yes");
    temperatureC.ifPresent(each -> facts.put("temperature", Double.toString(each)));
    if (!checks.take(job, ReadingKind.CRANKING_VOLTS, instrument, facts, takenAt)) {
      throw new IllegalStateException("the log has room and takes nothing");
    }
    return Kept.DONE;
  }

  /** Removes one; it can be taken back until eight more have been removed. */
  @Transactional
  void remove(OpenJob job, UUID id) {
    jobs.hold(job);
    recording(job, id).remove(clock.instant());
    recordings.flush();
    recordings
        .findByMachineIdAndGarageIdAndRemovedAtIsNotNullOrderByRemovedAtDesc(
            job.machineId(), job.garageId())
        .stream()
        .skip(MOST)
        .forEach(recordings::delete);
  }

  /**
   * Takes one back.
   *
   * @return false when as many are kept as can be
   */
  @Transactional
  boolean restore(OpenJob job, UUID id) {
    jobs.hold(job);
    Recording recording = recording(job, id);
    if (recording.isRemoved() && !hasRoom(job)) {
      return false;
    }
    recording.restore();
    return true;
  }

  /**
   * One of them.
   *
   * @throws NotHere when it is not this machine's
   */
  @Transactional(readOnly = true)
  public Recording recording(OpenJob job, UUID id) {
    return recordings
        .findByIdAndMachineIdAndGarageId(id, job.machineId(), job.garageId())
        .orElseThrow(() -> new NotHere("recording"));
  }

  private static Map<String, Double> found(CrankFeatures features, Engine engine) {
    Map<String, Double> found = new LinkedHashMap<>();
    found.put("restVolts", features.restVolts());
    features.restAmps().ifPresent(amps -> found.put("restAmps", amps));
    found.put("lowestVolts", features.lowestVolts());
    found.put("lowestSeconds", features.lowestSeconds() - features.startSeconds());
    found.put("crankingVolts", features.crankingVolts());
    found.put("crankingSeconds", features.crankingSeconds());
    found.put("recoveredVolts", features.recoveredVolts());
    found.put("stalled", features.stalled() ? 1.0 : 0.0);
    found.put("fired", features.fired() ? 1.0 : 0.0);
    features.crankingAmps().ifPresent(amps -> found.put("crankingAmps", amps));
    features
        .ripple()
        .ifPresent(
            beat -> {
              found.put("rippleHertz", beat.hertz());
              found.put("rippleVolts", beat.depthVolts());
              found.put("rippleClearness", beat.clearness());
            });
    features.rpm(engine).ifPresent(rpm -> found.put("rpm", rpm));
    features.ohm().ifPresent(ohm -> found.put("milliohm", 1000 * ohm.ohm()));
    return found;
  }

  private static List<Double> points(CrankRecording recording, CrankFeatures features) {
    List<Double> points = new ArrayList<>();
    for (Outline.Point point : Outline.of(recording, features).points()) {
      points.add(Math.round(point.seconds() * 1e4) / 1e4);
      points.add(Math.round(point.volts() * 1e3) / 1e3);
    }
    return points;
  }
}
