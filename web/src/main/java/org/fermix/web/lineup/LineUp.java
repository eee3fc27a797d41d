package org.fermix.web.lineup;

import java.math.BigDecimal;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.fermix.core.label.Beside;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.Label;
import org.fermix.web.account.Submissions;
import org.fermix.web.battery.Batteries;
import org.fermix.web.battery.HeldBattery;
import org.fermix.web.battery.LabelFacts;
import org.fermix.web.battery.Labels;
import org.fermix.web.battery.Offer;
import org.fermix.web.battery.StoredLabel;
import org.fermix.web.job.Jobs;
import org.fermix.web.job.OpenJob;
import org.fermix.web.job.ReadAhead;
import org.fermix.web.need.Needs;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Form;
import org.fermix.web.shared.NotHere;
import org.fermix.web.shared.StaleEdit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** A job's batteries: today's under "0", candidates under A to H. */
@Service
public class LineUp implements ReadAhead {
  /** Most removed candidates of a job that can be taken back. */
  static final int MOST_REMOVED = 8;

  /** The letters there are, and so the most candidates in one line-up. */
  public static final List<String> LETTERS =
      List.of("A", "B", "C", "D", "E", "F", "G", "H", "I", "J", "K", "L");

  private final CandidateRepository stored;
  private final Batteries batteries;
  private final Labels labels;
  private final Jobs jobs;
  private final Needs needs;
  private final Submissions submissions;
  private final Clock clock;

  LineUp(
      CandidateRepository stored,
      Batteries batteries,
      Labels labels,
      Jobs jobs,
      Needs needs,
      Submissions submissions,
      Clock clock) {
    this.stored = stored;
    this.batteries = batteries;
    this.labels = labels;
    this.jobs = jobs;
    this.needs = needs;
    this.submissions = submissions;
    this.clock = clock;
  }

  /** What a request reads of a job's line-up, removed ones included. */
  private record Known(List<Entry> entries) {}

  /** The candidates for the bench, today's battery first. */
  @Transactional(readOnly = true)
  public List<Candidate> candidates(OpenJob job) {
    return entries(job).stream().map(Entry::candidate).toList();
  }

  /** Adds a battery by its form's field names, metric; for the demo garage. */
  @Transactional
  public void add(OpenJob job, boolean today, Map<String, String> fields) {
    add(job, Submissions.number(), today, fields);
  }

  /** The same, once for each number. */
  @Transactional
  public void add(OpenJob job, UUID number, boolean today, Map<String, String> fields) {
    Form form = BatteryForm.typed(BatteryForm.blank(today, Display.USUAL), fields);
    if (!form.isSound()) {
      throw new IllegalArgumentException("not a sound label: " + form.wrong());
    }
    if (!add(job, number, today, form, true)) {
      throw new IllegalStateException("the line-up has no free letter");
    }
  }

  /** The batteries in the line-up, today's first. */
  @Transactional(readOnly = true)
  List<Entry> entries(OpenJob job) {
    return all(job).stream().filter(entry -> !entry.removed()).toList();
  }

  private List<Entry> all(OpenJob job) {
    return job.once(Known.class, () -> new Known(read(job))).entries();
  }

  private List<Entry> read(OpenJob job) {
    List<StoredCandidate> candidates =
        stored.findByJobIdAndGarageIdOrderByLetter(job.jobId(), job.garageId());
    Set<UUID> ids = labelIds(job, candidates);
    return entries(
        job,
        candidates,
        labels.labels(job.garageId(), ids),
        offers(job, labels.offers(job.garageId(), ids)));
  }

  private Optional<HeldBattery> today(OpenJob job) {
    return batteries.of(job).filter(each -> each.labelId().isPresent());
  }

  private Set<UUID> labelIds(OpenJob job, List<StoredCandidate> candidates) {
    Set<UUID> ids = candidates.stream().map(StoredCandidate::labelId).collect(Collectors.toSet());
    candidates.forEach(each -> each.others().forEach(other -> ids.add(other.labelId())));
    today(job).flatMap(HeldBattery::labelId).ifPresent(ids::add);
    return ids;
  }

  @Override
  public int order() {
    return 3;
  }

  @Override
  @Transactional(readOnly = true)
  public void read(UUID garageId, List<OpenJob> jobs) {
    Map<UUID, List<StoredCandidate>> candidates =
        stored
            .findByGarageIdAndJobIdInOrderByLetter(
                garageId, jobs.stream().map(OpenJob::jobId).toList())
            .stream()
            .collect(Collectors.groupingBy(StoredCandidate::jobId));
    Set<UUID> ids = new HashSet<>();
    for (OpenJob job : jobs) {
      ids.addAll(labelIds(job, candidates.getOrDefault(job.jobId(), List.of())));
    }
    Map<UUID, StoredLabel> known = labels.labels(garageId, ids);
    Map<UUID, Offer> offers = labels.offers(garageId, ids);
    for (OpenJob job : jobs) {
      job.knows(
          new Known(
              entries(
                  job,
                  candidates.getOrDefault(job.jobId(), List.of()),
                  known,
                  offers(job, offers))));
    }
  }

  private List<Entry> entries(
      OpenJob job,
      List<StoredCandidate> candidates,
      Map<UUID, StoredLabel> known,
      Map<UUID, Offer> offers) {
    Optional<HeldBattery> today = today(job);
    List<Entry> entries = new ArrayList<>();
    today.ifPresent(
        battery ->
            entries.add(
                new Entry(
                    Candidate.TODAY,
                    Objects.requireNonNull(known.get(battery.labelId().orElseThrow())),
                    Optional.empty(),
                    battery.ageYears(batteries.today()),
                    !battery.isDescribed(),
                    inSeries(known, battery, job),
                    List.of(),
                    List.of(),
                    job.engine().nominalVolts())));
    for (StoredCandidate candidate : candidates) {
      entries.add(
          new Entry(
              candidate.letter(),
              Objects.requireNonNull(known.get(candidate.labelId())),
              Optional.ofNullable(offers.get(candidate.labelId())),
              0,
              candidate.isRemoved(),
              candidate.startPieces(),
              candidate.others().stream()
                  .map(
                      other ->
                          new Entry.Other(
                              other.role(),
                              Objects.requireNonNull(known.get(other.labelId())),
                              Optional.ofNullable(offers.get(other.labelId())),
                              other.pieces(),
                              other.run()))
                  .toList(),
              candidate.extras().stream()
                  .map(part -> new Beside.Part(part.name(), part.massKg(), part.price()))
                  .toList(),
              job.engine().nominalVolts()));
    }
    return entries;
  }

  /** What is fitted is as many as the machine's voltage takes: two of 12 V are one 24 V battery. */
  private static int inSeries(Map<UUID, StoredLabel> known, HeldBattery battery, OpenJob job) {
    StoredLabel label = Objects.requireNonNull(known.get(battery.labelId().orElseThrow()));
    return Entry.inSeries(label.asLabel(Optional.empty()), job.engine().nominalVolts());
  }

  /** The batteries bought under a letter, each as it lies on the counter. */
  @Transactional(readOnly = true)
  public List<Piece> singles(OpenJob job, String letter) {
    return entries(job).stream()
        .filter(entry -> entry.letter().equals(letter))
        .findFirst()
        .map(Entry::singles)
        .orElse(List.of());
  }

  /** The labels of the batteries, by letter, today’s first. */
  @Transactional(readOnly = true)
  public Map<String, StoredLabel> labels(OpenJob job) {
    Map<String, StoredLabel> found = new LinkedHashMap<>();
    entries(job).forEach(entry -> found.put(entry.letter(), entry.label()));
    return found;
  }

  /** Everything that was asked for each battery, by its label. */
  @Transactional(readOnly = true)
  Map<UUID, List<Offer>> asked(OpenJob job) {
    return labels.allOffers(job.garageId(), entries(job).stream().map(Entry::id).toList());
  }

  /** One battery, removed or not, by its label. */
  @Transactional(readOnly = true)
  Entry entry(OpenJob job, UUID labelId) {
    return all(job).stream()
        .filter(entry -> entry.id().equals(labelId))
        .findFirst()
        .orElseThrow(() -> new NotHere("battery"));
  }

  /** Holds what is counted of a line-up until the transaction ends. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void hold(OpenJob job) {
    jobs.hold(job);
  }

  /** The label under a letter; of an arrangement the one that starts the engine. */
  @Transactional(readOnly = true)
  public Optional<UUID> labelId(OpenJob job, String letter) {
    return entries(job).stream()
        .filter(entry -> entry.letter().equals(letter))
        .map(Entry::id)
        .findFirst();
  }

  /** The next free letter; "0" for today’s battery; none when the line-up is full. */
  @Transactional(readOnly = true)
  Optional<String> freeLetter(OpenJob job, boolean today) {
    Set<String> taken = entries(job).stream().map(Entry::letter).collect(Collectors.toSet());
    List<String> letters = today ? List.of(Candidate.TODAY) : LETTERS;
    return letters.stream().filter(letter -> !taken.contains(letter)).findFirst();
  }

  /**
   * Adds a battery; one at a time for each machine, so that no letter is given twice. The same form
   * adds it once.
   *
   * @param number the form was drawn with
   * @return false when there is no letter for it
   */
  @Transactional
  boolean add(OpenJob job, UUID number, boolean today, Form form, boolean demo) {
    jobs.hold(job);
    job.forget();
    if (submissions.made(job.garageId(), number).isPresent()) {
      return true;
    }
    Optional<String> letter = freeLetter(job, today);
    if (letter.isEmpty()) {
      return false;
    }
    labels.dropUnused(job.garageId());
    StoredLabel label = new StoredLabel(job.garageId(), demo);
    write(form, label);
    submissions.remember(job.garageId(), number, label.id());
    if (today) {
      HeldBattery battery = batteries.held(job);
      battery.describe(label);
      age(form, battery);
    } else {
      stored.save(new StoredCandidate(job.garageId(), job.jobId(), letter.get(), label.id()));
    }
    job.forget();
    return true;
  }

  /**
   * Adds a battery as the core has it, such as one of the catalogue.
   *
   * @param number the form was drawn with
   * @param demo true for invented ones
   * @return its letter; empty when there is none for it
   */
  @Transactional
  public Optional<String> add(
      OpenJob job, UUID number, Label label, Optional<BigDecimal> price, boolean demo) {
    jobs.hold(job);
    job.forget();
    Optional<UUID> made = submissions.made(job.garageId(), number);
    if (made.isPresent()) {
      return Optional.of(entry(job, made.get()).letter());
    }
    Optional<String> letter = freeLetter(job, false);
    if (letter.isEmpty()) {
      return letter;
    }
    labels.dropUnused(job.garageId());
    StoredLabel stored = new StoredLabel(job.garageId(), demo);
    LabelFacts.write(label, stored, clock.instant());
    labels.save(stored);
    price.ifPresent(asked -> labels.offer(stored, asked, needs.currency(job), Optional.empty()));
    submissions.remember(job.garageId(), number, stored.id());
    this.stored.save(new StoredCandidate(job.garageId(), job.jobId(), letter.get(), stored.id()));
    job.forget();
    return letter;
  }

  /**
   * Adds a copy of a battery, its offer as well; the same form makes one.
   *
   * @return the label of the copy; empty when there is no letter for it
   */
  @Transactional
  Optional<UUID> duplicate(OpenJob job, UUID number, UUID labelId) {
    jobs.hold(job);
    job.forget();
    Optional<UUID> made = submissions.made(job.garageId(), number);
    Optional<String> letter = freeLetter(job, false);
    if (made.isPresent() || letter.isEmpty()) {
      return made;
    }
    Entry entry = entry(job, labelId);
    labels.dropUnused(job.garageId());
    StoredLabel copy = entry.label().copied(clock.instant());
    labels.save(copy);
    entry
        .offer()
        .ifPresent(offer -> labels.offer(copy, offer.price(), offer.currency(), offer.seller()));
    submissions.remember(job.garageId(), number, copy.id());
    stored.save(new StoredCandidate(job.garageId(), job.jobId(), letter.get(), copy.id()));
    job.forget();
    return Optional.of(copy.id());
  }

  /**
   * Adds several batteries, all or none; the same form adds them once.
   *
   * @return false when there are not letters enough
   */
  @Transactional
  boolean addAll(OpenJob job, UUID number, List<Form> forms) {
    jobs.hold(job);
    job.forget();
    if (submissions.made(job.garageId(), number).isPresent()) {
      return true;
    }
    long taken = entries(job).stream().filter(entry -> !entry.isToday()).count();
    if (taken + forms.size() > LETTERS.size()) {
      return false;
    }
    UUID last = number;
    for (Form form : forms) {
      if (!add(job, Submissions.number(), false, form, false)) {
        throw new IllegalStateException("there were letters enough");
      }
      last = entries(job).get(entries(job).size() - 1).id();
    }
    submissions.remember(job.garageId(), number, last);
    return true;
  }

  /** Those that count in a job: an amount in another currency is never taken for one in its own. */
  private Map<UUID, Offer> offers(OpenJob job, Map<UUID, Offer> all) {
    String currency = needs.currency(job);
    Map<UUID, Offer> counting = new HashMap<>();
    all.forEach(
        (id, offer) -> {
          if (offer.currency().equals(currency)) {
            counting.put(id, offer);
          }
        });
    return counting;
  }

  private void write(Form form, StoredLabel label) {
    BatteryForm.write(form, label, clock.instant());
    labels.save(label);
    Optional<BigDecimal> price = BatteryForm.price(form);
    price.ifPresent(asked -> labels.offer(label, asked, form.currency(), form.text("seller")));
  }

  private void age(Form form, HeldBattery battery) {
    battery.fittedYearsAgo(form.number("age").orElse(0), batteries.today());
  }

  @Transactional
  void change(OpenJob job, UUID labelId, long version, Form form) {
    jobs.hold(job);
    job.forget();
    Entry entry = entry(job, labelId);
    // One that was removed elsewhere comes back when its owner saves it knowingly.
    if (entry.label().version() != version || !isBack(job, entry)) {
      throw new StaleEdit(entry.label().name());
    }
    entry.label().rememberBefore(entry.ageYears());
    write(form, entry.label());
    if (entry.isToday()) {
      age(form, batteries.held(job));
    }
    labels.flush();
    job.forget();
  }

  /** Takes back the last change of a battery’s label; nothing where there was none. */
  @Transactional
  void undo(OpenJob job, UUID labelId) {
    jobs.hold(job);
    job.forget();
    Entry entry = entry(job, labelId);
    labels
        .undo(entry.label())
        .filter(age -> entry.isToday())
        .ifPresent(age -> batteries.held(job).fittedYearsAgo(age, batteries.today()));
    labels.flush();
    job.forget();
  }

  @Transactional
  void remove(OpenJob job, UUID labelId) {
    jobs.hold(job);
    job.forget();
    Entry entry = entry(job, labelId);
    entry.label().touch(clock.instant());
    if (entry.isToday()) {
      batteries.held(job).removeLabel(clock.instant());
    } else {
      candidate(job, entry).remove(clock.instant());
      dropLongRemoved(job);
    }
    job.forget();
  }

  /** Of what was removed the newest can be taken back; the rest goes, with its labels. */
  private void dropLongRemoved(OpenJob job) {
    List<StoredCandidate> old =
        stored.findByJobIdAndGarageIdOrderByLetter(job.jobId(), job.garageId()).stream()
            .filter(StoredCandidate::isRemoved)
            .sorted(Comparator.comparing(StoredCandidate::removedAt).reversed())
            .skip(MOST_REMOVED)
            .toList();
    if (!old.isEmpty()) {
      old.forEach(stored::delete);
      stored.flush();
      labels.dropUnused(job.garageId());
    }
  }

  /**
   * Takes a removed battery back, under its old letter if that is still free.
   *
   * @return false when there is no letter for it
   */
  @Transactional
  boolean restore(OpenJob job, UUID labelId) {
    jobs.hold(job);
    job.forget();
    return isBack(job, entry(job, labelId));
  }

  private boolean isBack(OpenJob job, Entry entry) {
    if (!entry.removed()) {
      return true;
    }
    if (entry.isToday()) {
      batteries.held(job).restoreLabel();
      job.forget();
      return true;
    }
    boolean ownIsFree =
        entries(job).stream().noneMatch(other -> other.letter().equals(entry.letter()));
    Optional<String> letter = ownIsFree ? Optional.of(entry.letter()) : freeLetter(job, false);
    letter.ifPresent(free -> candidate(job, entry).restore(free));
    job.forget();
    return letter.isPresent();
  }

  private StoredCandidate candidate(OpenJob job, Entry entry) {
    return stored.findByJobIdAndGarageIdOrderByLetter(job.jobId(), job.garageId()).stream()
        .filter(each -> each.labelId().equals(entry.id()))
        .findFirst()
        .orElseThrow(() -> new NotHere("battery"));
  }
}
