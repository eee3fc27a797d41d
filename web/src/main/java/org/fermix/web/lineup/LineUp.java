package org.fermix.web.lineup;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.fermix.core.label.Candidate;
import org.fermix.web.garage.OpenJob;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Form;
import org.fermix.web.shared.NotHere;
import org.fermix.web.shared.StaleEdit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A job's batteries: today's under "0", candidates under A to H. */
@Service
public class LineUp {
  /** The letters there are, and so the most candidates in one line-up. */
  public static final List<String> LETTERS = List.of("A", "B", "C", "D", "E", "F", "G", "H");

  private final BatteryRepository batteries;
  private final Clock clock;

  LineUp(BatteryRepository batteries, Clock clock) {
    this.batteries = batteries;
    this.clock = clock;
  }

  /** What a request reads of a job's line-up. */
  private record Reading(List<Candidate> candidates) {}

  /** The candidates for the bench, today's battery first. */
  @Transactional(readOnly = true)
  public List<Candidate> candidates(OpenJob job) {
    return job.once(
            Reading.class,
            () -> new Reading(batteries(job).stream().map(Battery::candidate).toList()))
        .candidates();
  }

  /** Adds a battery by its form's field names, metric; for the demo garage. */
  @Transactional
  public void add(OpenJob job, boolean today, Map<String, String> fields) {
    Form form = BatteryForm.typed(BatteryForm.blank(today, Display.USUAL), fields);
    if (!form.isSound()) {
      throw new IllegalArgumentException("not a sound label: " + form.wrong());
    }
    add(job, today, form, true);
  }

  @Transactional(readOnly = true)
  List<Battery> batteries(OpenJob job) {
    return batteries.findByJobIdAndGarageIdAndRemovedAtIsNullOrderByLetter(
        job.jobId(), job.garageId());
  }

  @Transactional(readOnly = true)
  Battery battery(OpenJob job, UUID batteryId) {
    return batteries
        .findByIdAndJobIdAndGarageId(batteryId, job.jobId(), job.garageId())
        .orElseThrow(() -> new NotHere("battery"));
  }

  /** The next free letter; "0" for today’s battery; none when the line-up is full. */
  @Transactional(readOnly = true)
  Optional<String> freeLetter(OpenJob job, boolean today) {
    Set<String> taken = batteries(job).stream().map(Battery::letter).collect(Collectors.toSet());
    List<String> letters = today ? List.of(Candidate.TODAY) : LETTERS;
    return letters.stream().filter(letter -> !taken.contains(letter)).findFirst();
  }

  @Transactional
  void add(OpenJob job, boolean today, Form form, boolean demo) {
    String letter =
        freeLetter(job, today)
            .orElseThrow(() -> new IllegalStateException("the line-up has no free letter"));
    Battery battery = new Battery(job.garageId(), job.jobId(), letter, demo);
    BatteryForm.write(form, battery);
    batteries.save(battery);
    job.forget();
  }

  @Transactional
  void change(OpenJob job, UUID batteryId, long version, Form form) {
    Battery battery = battery(job, batteryId);
    // One that was removed elsewhere comes back when its owner saves it knowingly.
    if (battery.version() != version || !isBack(job, battery)) {
      throw new StaleEdit(battery.name);
    }
    BatteryForm.write(form, battery);
    batteries.flush();
    job.forget();
  }

  @Transactional
  void remove(OpenJob job, UUID batteryId) {
    battery(job, batteryId).remove(clock.instant());
  }

  /**
   * Takes a removed battery back, under its old letter if that is still free.
   *
   * @return false when there is no letter for it
   */
  @Transactional
  boolean restore(OpenJob job, UUID batteryId) {
    return isBack(job, battery(job, batteryId));
  }

  private boolean isBack(OpenJob job, Battery battery) {
    if (!battery.isRemoved()) {
      return true;
    }
    boolean today = battery.letter().equals(Candidate.TODAY);
    boolean ownIsFree =
        batteries(job).stream().noneMatch(other -> other.letter().equals(battery.letter()));
    Optional<String> letter = ownIsFree ? Optional.of(battery.letter()) : freeLetter(job, today);
    letter.ifPresent(battery::restore);
    return letter.isPresent();
  }
}
