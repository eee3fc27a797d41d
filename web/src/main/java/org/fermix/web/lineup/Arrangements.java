package org.fermix.web.lineup;

import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.fermix.core.label.Beside;
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
    List<StoredCandidate.Part> parts = new ArrayList<>();
    for (Asked each : asked.batteries()) {
      parts.add(
          new StoredCandidate.Part(
              job.garageId(),
              twin(job, each.letter()).id(),
              each.part(),
              each.pieces(),
              each.run().map(Beside.Run::amps).orElse(null),
              each.run().map(Beside.Run::hours).orElse(null)));
    }
    stored.save(
        new StoredCandidate(job.garageId(), job.jobId(), letter.get(), parts, asked.parts()));
    submissions.remember(job.garageId(), number, parts.get(0).labelId());
    job.forget();
    return true;
  }

  /**
   * What an arrangement is made of.
   *
   * @param batteries first the one that starts
   */
  record Arrangement(List<Asked> batteries, List<StoredCandidate.Extra> parts) {
    Arrangement {
      batteries = List.copyOf(batteries);
      parts = List.copyOf(parts);
    }
  }

  /**
   * One of its batteries.
   *
   * @param letter of the battery in the line-up it is made of
   */
  record Asked(PartRole part, String letter, int pieces, Optional<Beside.Run> run) {}

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
