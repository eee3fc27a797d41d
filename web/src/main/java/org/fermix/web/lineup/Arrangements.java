package org.fermix.web.lineup;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.fermix.web.account.Submissions;
import org.fermix.web.battery.Labels;
import org.fermix.web.battery.StoredLabel;
import org.fermix.web.job.Jobs;
import org.fermix.web.job.OpenJob;
import org.fermix.web.shared.NotHere;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Several batteries of a line-up under one letter. */
@Service
class Arrangements {
  private final CandidateRepository stored;
  private final LineUp lineUp;
  private final Labels labels;
  private final Jobs jobs;
  private final Submissions submissions;
  private final Clock clock;

  Arrangements(
      CandidateRepository stored,
      LineUp lineUp,
      Labels labels,
      Jobs jobs,
      Submissions submissions,
      Clock clock) {
    this.stored = stored;
    this.lineUp = lineUp;
    this.labels = labels;
    this.jobs = jobs;
    this.submissions = submissions;
    this.clock = clock;
  }

  /**
   * Adds an arrangement of batteries that are in the line-up: copies of their labels, so that each
   * is changed by itself.
   *
   * @return false when there is no letter for it
   */
  @Transactional
  boolean arrange(OpenJob job, UUID number, Arrangement asked) {
    jobs.hold(job);
    job.forget();
    if (submissions.made(job.garageId(), number).isPresent()) {
      return true;
    }
    Optional<String> letter = lineUp.freeLetter(job, false);
    if (letter.isEmpty()) {
      return false;
    }
    labels.dropUnused(job.garageId());
    StoredLabel start = twin(job, asked.start());
    Optional<StoredLabel> house = asked.house().map(each -> twin(job, each));
    stored.save(
        new StoredCandidate(
            job.garageId(),
            job.jobId(),
            letter.get(),
            start.id(),
            asked.startPieces(),
            house.map(StoredLabel::id).orElse(null),
            asked.housePieces(),
            asked.parts()));
    submissions.remember(job.garageId(), number, start.id());
    job.forget();
    return true;
  }

  /**
   * What an arrangement is made of.
   *
   * @param start letter of the battery that starts
   * @param house letter of the house battery, where there is one
   */
  record Arrangement(
      String start,
      int startPieces,
      Optional<String> house,
      int housePieces,
      List<StoredCandidate.Extra> parts) {
    Arrangement {
      parts = List.copyOf(parts);
    }
  }

  private StoredLabel twin(OpenJob job, String letter) {
    Entry entry =
        lineUp.entries(job).stream()
            .filter(each -> each.letter().equals(letter))
            .findFirst()
            .orElseThrow(() -> new NotHere("battery"));
    StoredLabel twin = entry.label().twin(clock.instant());
    labels.save(twin);
    entry
        .offer()
        .ifPresent(offer -> labels.offer(twin, offer.price(), offer.currency(), offer.seller()));
    return twin;
  }
}
