package org.fermix.web.decide;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.fermix.web.account.Submissions;
import org.fermix.web.job.OpenJob;
import org.fermix.web.job.ReadAhead;
import org.fermix.web.lineup.LineUp;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.NotHere;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Decisions that were settled: kept as they were made, one of a job stands. */
@Service
public class Settlements implements ReadAhead {
  private final SettlementRepository stored;
  private final SheetMaker sheets;
  private final LineUp lineUp;
  private final Submissions submissions;
  private final Clock clock;

  Settlements(
      SettlementRepository stored,
      SheetMaker sheets,
      LineUp lineUp,
      Submissions submissions,
      Clock clock) {
    this.stored = stored;
    this.sheets = sheets;
    this.lineUp = lineUp;
    this.submissions = submissions;
    this.clock = clock;
  }

  private record Standing(Optional<StoredSettlement> one) {}

  @Override
  public int order() {
    return 0;
  }

  @Override
  @Transactional(readOnly = true)
  public void read(UUID garageId, List<OpenJob> jobs) {
    Map<UUID, StoredSettlement> all =
        stored
            .findByGarageIdAndJobIdInAndWithdrawnAtIsNull(
                garageId, jobs.stream().map(OpenJob::jobId).toList())
            .stream()
            .collect(Collectors.toMap(StoredSettlement::jobId, Function.identity()));
    for (OpenJob job : jobs) {
      job.knows(new Standing(Optional.ofNullable(all.get(job.jobId()))));
    }
  }

  /** The one that stands. */
  @Transactional(readOnly = true)
  Optional<StoredSettlement> standing(OpenJob job) {
    return job.once(
            Standing.class,
            () ->
                new Standing(
                    stored
                        .findByGarageIdAndJobIdInAndWithdrawnAtIsNull(
                            job.garageId(), List.of(job.jobId()))
                        .stream()
                        .findFirst()))
        .one();
  }

  /** All that were ever settled, the first first. */
  @Transactional(readOnly = true)
  List<StoredSettlement> all(OpenJob job) {
    return stored.findByJobIdAndGarageIdOrderByTurn(job.jobId(), job.garageId());
  }

  /** One of them. */
  @Transactional(readOnly = true)
  StoredSettlement one(OpenJob job, UUID id) {
    return all(job).stream()
        .filter(each -> each.getId().equals(id))
        .findFirst()
        .orElseThrow(() -> new NotHere("decision"));
  }

  /** What would be settled now. */
  @Transactional(readOnly = true)
  Sheet now(OpenJob job, String letter, String because, Display display) {
    return sheets.of(job, letter, because, today(display), display);
  }

  private LocalDate today(Display display) {
    return LocalDate.ofInstant(clock.instant(), display.zone());
  }

  /**
   * Settles on one; what stood before is withdrawn. The same form settles once.
   *
   * @param number the form was drawn with
   * @param letter of the one taken, {@code 0} for today's
   */
  @Transactional
  public void settle(OpenJob job, UUID number, String letter, String because, Display display) {
    lineUp.hold(job);
    job.forget();
    if (submissions.made(job.garageId(), number).isPresent()) {
      return;
    }
    Instant now = clock.instant();
    List<StoredSettlement> before = all(job);
    before.stream()
        .filter(StoredSettlement::stands)
        .forEach(
            each -> {
              each.withdrawnAt = now;
              stored.save(each);
            });
    stored.flush();
    StoredSettlement settled =
        new StoredSettlement(
            number,
            job.garageId(),
            job.jobId(),
            before.stream().mapToInt(StoredSettlement::turn).max().orElse(0) + 1,
            now,
            letter,
            lineUp.labelId(job, letter).orElse(null),
            now(job, letter, because, display));
    stored.save(settled);
    stored.flush();
    submissions.remember(job.garageId(), number, number);
    job.forget();
  }

  /** Takes back what stands; again, and what was taken back last stands again. */
  @Transactional
  void withdraw(OpenJob job, UUID id, boolean again) {
    lineUp.hold(job);
    job.forget();
    StoredSettlement settled = one(job, id);
    if (again && standing(job).isPresent()) {
      return;
    }
    settled.withdrawnAt = again ? null : clock.instant();
    stored.save(settled);
    stored.flush();
    job.forget();
  }
}
