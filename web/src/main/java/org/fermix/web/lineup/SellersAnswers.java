package org.fermix.web.lineup;

import java.time.Clock;
import org.fermix.core.permission.DataSheet;
import org.fermix.web.battery.LabelFact;
import org.fermix.web.battery.Labels;
import org.fermix.web.battery.StoredLabel;
import org.fermix.web.job.Jobs;
import org.fermix.web.job.OpenJob;
import org.fermix.web.shared.NotHere;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What sellers and makers answered about the batteries of a line-up, kept with their labels. */
@Service
public class SellersAnswers {
  private final LineUp lineUp;
  private final Labels labels;
  private final Jobs jobs;
  private final Clock clock;

  SellersAnswers(LineUp lineUp, Labels labels, Jobs jobs, Clock clock) {
    this.lineUp = lineUp;
    this.labels = labels;
    this.jobs = jobs;
    this.clock = clock;
  }

  /**
   * Keeps what a seller or maker answered about a battery.
   *
   * @return false when it has as many answers as are kept
   */
  @Transactional
  public boolean answer(OpenJob job, String letter, DataSheet.Line line, LabelFact.Source by) {
    jobs.hold(job);
    job.forget();
    StoredLabel label = labelled(job, letter);
    boolean full =
        label.dataSheet().lines().stream().filter(each -> each.asked().isPresent()).count()
            >= DataSheet.MOST;
    if (!full) {
      label.answer(line, by, clock.instant());
      labels.flush();
    }
    job.forget();
    return !full;
  }

  /** Takes an answer back. */
  @Transactional
  public void unanswer(OpenJob job, String letter, String words) {
    jobs.hold(job);
    job.forget();
    labelled(job, letter).unanswer(words, clock.instant());
    labels.flush();
    job.forget();
  }

  private StoredLabel labelled(OpenJob job, String letter) {
    return lineUp.entries(job).stream()
        .filter(entry -> entry.letter().equals(letter))
        .map(Entry::label)
        .findFirst()
        .orElseThrow(() -> new NotHere("battery"));
  }
}
