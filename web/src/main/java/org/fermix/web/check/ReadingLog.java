package org.fermix.web.check;

import java.time.Clock;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.fermix.core.diagnosis.ReadingKind;
import org.fermix.web.garage.OpenJob;
import org.fermix.web.shared.NotHere;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The log of a job's readings: nothing is overwritten, what is wrong is withdrawn. */
@Service
class ReadingLog {
  /** Most entries of one job, withdrawn ones included. */
  static final int MOST = 400;

  private final ReadingRepository readings;
  private final Clock clock;

  ReadingLog(ReadingRepository readings, Clock clock) {
    this.readings = readings;
    this.clock = clock;
  }

  /** What a request reads of a job's log. */
  private record Entries(List<Reading> all) {}

  /** Every entry, oldest first. */
  @Transactional(readOnly = true)
  List<Reading> all(OpenJob job) {
    return job.once(
            Entries.class,
            () ->
                new Entries(
                    readings.findByJobIdAndGarageIdOrderByTakenAt(job.jobId(), job.garageId())))
        .all();
  }

  /** Those that count, in the order they were taken. */
  List<Reading> counting(OpenJob job) {
    return all(job).stream()
        .filter(reading -> !reading.isWithdrawn())
        .sorted(Comparator.comparing(Reading::takenAt))
        .toList();
  }

  /** The one of a kind that counts. */
  Optional<Reading> of(OpenJob job, ReadingKind kind) {
    return counting(job).stream().filter(reading -> reading.kind() == kind).findFirst();
  }

  /**
   * Takes down a reading; the one of its kind that counted until now is withdrawn.
   *
   * @return false when the log is full
   */
  @Transactional
  boolean take(OpenJob job, ReadingKind kind, String instrument, Map<String, String> facts) {
    if (readings.countByJobIdAndGarageId(job.jobId(), job.garageId()) >= MOST) {
      return false;
    }
    @Nullable UUID before = withdrawKind(job, kind);
    readings.save(
        new Reading(job.garageId(), job.jobId(), kind, clock.instant(), instrument, facts, before));
    job.forget();
    return true;
  }

  /** A reading as typed, not taken down. */
  Reading draft(OpenJob job, ReadingKind kind, Map<String, String> facts) {
    return new Reading(job.garageId(), job.jobId(), kind, clock.instant(), "", facts, null);
  }

  private @Nullable UUID withdrawKind(OpenJob job, ReadingKind kind) {
    job.forget();
    Optional<Reading> earlier = of(job, kind);
    if (earlier.isEmpty()) {
      return null;
    }
    Reading stored = entry(job, earlier.get().id());
    stored.withdraw(clock.instant());
    readings.flush();
    return stored.id();
  }

  @Transactional
  void withdraw(OpenJob job, UUID id) {
    entry(job, id).withdraw(clock.instant());
    job.forget();
  }

  /** Lets a withdrawn entry count again, instead of the one of its kind that counts now. */
  @Transactional
  void restore(OpenJob job, UUID id) {
    Reading reading = entry(job, id);
    if (reading.isWithdrawn()) {
      withdrawKind(job, reading.kind());
      reading.restore();
      job.forget();
    }
  }

  private Reading entry(OpenJob job, UUID id) {
    return readings
        .findByIdAndJobIdAndGarageId(id, job.jobId(), job.garageId())
        .orElseThrow(() -> new NotHere("reading"));
  }
}
