package org.fermix.web.check;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.fermix.core.check.Suspect;
import org.fermix.core.diagnosis.ReadingKind;
import org.fermix.core.label.Candidate;
import org.fermix.core.machine.Need;
import org.fermix.web.account.Submissions;
import org.fermix.web.battery.Batteries;
import org.fermix.web.job.OpenJob;
import org.fermix.web.shared.Display;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Readings of a battery other than the one a job checks: its own, from its first day on. The check
 * of the old one does not rest on them.
 */
@Service
public class BatteryLog {
  private final ReadingRepository readings;
  private final ReadingLog log;
  private final Batteries batteries;
  private final Submissions submissions;
  private final Clock clock;

  BatteryLog(
      ReadingRepository readings,
      ReadingLog log,
      Batteries batteries,
      Submissions submissions,
      Clock clock) {
    this.readings = readings;
    this.log = log;
    this.batteries = batteries;
    this.submissions = submissions;
    this.clock = clock;
  }

  /**
   * What a reading says.
   *
   * @param words one or two sentences
   * @param crankingShare share of its cranking amps it found; empty where it finds none
   * @param capacityShare share of its capacity it found; empty where it finds none
   */
  public record Said(
      String words, Optional<Double> crankingShare, Optional<Double> capacityShare) {}

  /** What a reading says of a battery in a machine. */
  public static Said says(
      ReadingKind kind, Map<String, String> facts, Need need, Candidate battery, Display display) {
    Judgement judged =
        Judgement.of(kind, new Facts(facts), Suspect.of(need, Optional.of(battery)), display);
    return new Said(judged.words(), judged.crankingShare(), judged.capacityShare());
  }

  /** The readings a job's check rests on, of each kind the newest. */
  @Transactional(readOnly = true)
  public List<TakenReading> checked(OpenJob job) {
    return log.counting(job).stream().filter(each -> !each.isCannot()).map(Reading::taken).toList();
  }

  /** The readings of a battery that stand, oldest first. */
  @Transactional(readOnly = true)
  public List<TakenReading> of(UUID garageId, UUID batteryId) {
    return readings
        .findByBatteryIdAndGarageIdAndWithdrawnAtIsNullOrderByTakenAt(batteryId, garageId)
        .stream()
        .map(Reading::taken)
        .toList();
  }

  /** False once as many are kept of a battery as can be. */
  @Transactional(readOnly = true)
  public boolean hasRoom(OpenJob job, UUID batteryId) {
    return readings.countByBatteryIdAndGarageId(batteryId, job.garageId()) < ReadingLog.MOST;
  }

  /**
   * Takes one down; the same form once.
   *
   * @param number the form was drawn with
   * @return its id; empty when the log of this battery is full
   */
  @Transactional
  public Optional<UUID> take(
      OpenJob job,
      UUID batteryId,
      UUID number,
      ReadingKind kind,
      String instrument,
      Map<String, String> facts) {
    batteries.held(job);
    Optional<UUID> before = submissions.made(job.garageId(), number);
    if (before.isPresent()) {
      return before;
    }
    if (!hasRoom(job, batteryId)) {
      return Optional.empty();
    }
    Reading taken =
        readings.save(
            new Reading(job.garageId(), batteryId, kind, clock.instant(), instrument, facts, null));
    submissions.remember(job.garageId(), number, taken.id());
    job.forget();
    return Optional.of(taken.id());
  }

  /** Takes one back. */
  @Transactional
  public void withdraw(OpenJob job, UUID batteryId, UUID readingId) {
    readings
        .findByIdAndBatteryIdAndGarageId(readingId, batteryId, job.garageId())
        .ifPresent(each -> each.withdraw(clock.instant()));
    job.forget();
  }
}
