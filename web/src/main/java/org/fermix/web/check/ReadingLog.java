package org.fermix.web.check;

import com.google.errorprone.annotations.CanIgnoreReturnValue;
import java.time.Clock;
import java.time.Instant;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.fermix.core.diagnosis.ReadingKind;
import org.fermix.web.account.Submissions;
import org.fermix.web.battery.Batteries;
import org.fermix.web.job.OpenJob;
import org.fermix.web.job.ReadAhead;
import org.fermix.web.shared.NotHere;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The log of readings: they belong to the battery, and a job refers to those it rests on. Nothing
 * is overwritten, what is wrong is withdrawn.
 */
@Service
class ReadingLog implements ReadAhead {
  /** Most entries of one battery, withdrawn ones included. */
  static final int MOST = 400;

  private static final UUID NO_BATTERY = new UUID(0, 0);

  private final ReadingRepository readings;
  private final JobReadingRepository rests;
  private final Batteries batteries;
  private final Submissions submissions;
  private final Clock clock;

  ReadingLog(
      ReadingRepository readings,
      JobReadingRepository rests,
      Batteries batteries,
      Submissions submissions,
      Clock clock) {
    this.readings = readings;
    this.rests = rests;
    this.batteries = batteries;
    this.submissions = submissions;
    this.clock = clock;
  }

  /** What a request reads of a job's log. */
  private record Entries(List<Reading> all) {}

  /** Every entry a job rests on, oldest first. */
  @Transactional(readOnly = true)
  List<Reading> all(OpenJob job) {
    return job.once(Entries.class, () -> new Entries(readings.ofJob(job.jobId(), job.garageId())))
        .all();
  }

  @Override
  public int order() {
    return 4;
  }

  @Override
  @Transactional(readOnly = true)
  public void read(UUID garageId, List<OpenJob> jobs) {
    Map<UUID, List<Reading>> known =
        readings.ofGarage(garageId).stream()
            .collect(
                Collectors.groupingBy(
                    ReadingRepository.Rested::jobId,
                    Collectors.mapping(ReadingRepository.Rested::reading, Collectors.toList())));
    jobs.forEach(job -> job.knows(new Entries(known.getOrDefault(job.jobId(), List.of()))));
  }

  /** Those that count, in the order they were taken: of each kind the newest that stands. */
  List<Reading> counting(OpenJob job) {
    Map<ReadingKind, Reading> newest = new EnumMap<>(ReadingKind.class);
    for (Reading reading : all(job)) {
      if (!reading.isWithdrawn()) {
        newest.put(reading.kind(), reading);
      }
    }
    return newest.values().stream().sorted(Comparator.comparing(Reading::takenAt)).toList();
  }

  /** The one of a kind that counts. */
  Optional<Reading> of(OpenJob job, ReadingKind kind) {
    return counting(job).stream().filter(reading -> reading.kind() == kind).findFirst();
  }

  /**
   * Takes down a reading in place of the one of its kind that counted until now, which is
   * withdrawn; one at a time for each machine. The same form is taken down once.
   *
   * @param number the form was drawn with
   * @return false when the log is full
   */
  @Transactional
  boolean take(
      OpenJob job, UUID number, ReadingKind kind, String instrument, Map<String, String> facts) {
    return take(job, number, kind, instrument, facts, clock.instant());
  }

  /** As above, taken at another time than now. */
  @Transactional
  boolean take(
      OpenJob job,
      UUID number,
      ReadingKind kind,
      String instrument,
      Map<String, String> facts,
      Instant takenAt) {
    UUID battery = batteries.held(job).id();
    job.forget();
    if (submissions.made(job.garageId(), number).isPresent()) {
      return true;
    }
    if (readings.countByBatteryIdAndGarageId(battery, job.garageId()) >= MOST) {
      return false;
    }
    @Nullable UUID before = withdrawKind(job, kind);
    Reading taken =
        readings.save(
            new Reading(job.garageId(), battery, kind, takenAt, instrument, facts, before));
    rests.save(new JobReading(job.jobId(), taken));
    submissions.remember(job.garageId(), number, taken.id());
    job.forget();
    return true;
  }

  /** True when so many more go into the log. */
  boolean hasRoom(OpenJob job, int more) {
    UUID battery = batteries.held(job).id();
    return readings.countByBatteryIdAndGarageId(battery, job.garageId()) + more <= MOST;
  }

  /** A reading as typed, not taken down. */
  Reading draft(OpenJob job, ReadingKind kind, Map<String, String> facts) {
    return new Reading(job.garageId(), NO_BATTERY, kind, clock.instant(), "", facts, null);
  }

  @CanIgnoreReturnValue
  private @Nullable UUID withdrawKind(OpenJob job, ReadingKind kind) {
    Optional<Reading> earlier = of(job, kind);
    if (earlier.isEmpty()) {
      return null;
    }
    Reading stored = entry(job, earlier.get().id());
    stored.withdraw(clock.instant());
    return stored.id();
  }

  /** Clears away what was withdrawn. */
  @Transactional
  void clearWithdrawn(OpenJob job) {
    batteries.held(job);
    job.forget();
    all(job).stream().filter(Reading::isWithdrawn).forEach(readings::delete);
    job.forget();
  }

  @Transactional
  void withdraw(OpenJob job, UUID id) {
    entry(job, id).withdraw(clock.instant());
    job.forget();
  }

  /** Lets a withdrawn entry count again, instead of the one of its kind that counts now. */
  @Transactional
  void restore(OpenJob job, UUID id) {
    batteries.held(job);
    job.forget();
    Reading reading = entry(job, id);
    if (reading.isWithdrawn()) {
      withdrawKind(job, reading.kind());
      reading.restore();
      job.forget();
    }
  }

  private Reading entry(OpenJob job, UUID id) {
    return readings
        .ofJob(id, job.jobId(), job.garageId())
        .orElseThrow(() -> new NotHere("reading"));
  }
}
