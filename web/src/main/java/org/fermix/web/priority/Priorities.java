package org.fermix.web.priority;

import java.time.Clock;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.fermix.core.bench.Schools;
import org.fermix.core.decision.Criterion;
import org.fermix.core.decision.Weights;
import org.fermix.core.machine.Wishes;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;
import org.fermix.web.job.NextJob;
import org.fermix.web.job.OpenJob;
import org.fermix.web.job.ReadAhead;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Form;
import org.fermix.web.shared.StaleEdit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What an owner weighs and wishes in a job, and the schools followed there. */
@Service
public class Priorities implements NextJob, ReadAhead {
  private final PriorityRepository stored;
  private final GarageSchoolsRepository garages;
  private final Clock clock;

  Priorities(PriorityRepository stored, GarageSchoolsRepository garages, Clock clock) {
    this.stored = stored;
    this.garages = garages;
    this.clock = clock;
  }

  private record Known(
      Optional<Weights> weights, Wishes wishes, Optional<String> currency, Schools schools) {
    /** A budget in another currency is none. */
    Wishes in(String wanted) {
      return currency.filter(each -> !each.equals(wanted)).isEmpty()
          ? wishes
          : new Wishes(Optional.empty(), wishes.levels(), wishes.year());
    }
  }

  @Override
  public int order() {
    return 0;
  }

  @Override
  @Transactional(readOnly = true)
  public void read(UUID garageId, List<OpenJob> jobs) {
    Map<String, String> garage = garage(garageId);
    Map<UUID, StoredPriorities> all =
        stored
            .findByGarageIdAndJobIdIn(garageId, jobs.stream().map(OpenJob::jobId).toList())
            .stream()
            .collect(Collectors.toMap(StoredPriorities::getId, Function.identity()));
    for (OpenJob job : jobs) {
      job.knows(known(all.getOrDefault(job.jobId(), unsaid(job)), garage));
    }
  }

  private static StoredPriorities unsaid(OpenJob job) {
    return new StoredPriorities(job.jobId(), job.garageId());
  }

  private Known reading(OpenJob job) {
    return job.once(Known.class, () -> known(said(job), garage(job.garageId())));
  }

  Map<String, String> garage(UUID garageId) {
    return garages.findByGarageId(garageId).map(each -> each.schools).orElse(Map.of());
  }

  private Known known(StoredPriorities said, Map<String, String> garage) {
    Map<Wishes.Wish, Wishes.Level> levels = new EnumMap<>(Wishes.Wish.class);
    said.wishes.forEach(
        (wish, level) -> levels.put(Wishes.Wish.valueOf(wish), Wishes.Level.valueOf(level)));
    Map<Criterion, Integer> points = new EnumMap<>(Criterion.class);
    said.weights.forEach((name, each) -> points.put(Criterion.valueOf(name), each));
    return new Known(
        points.isEmpty() ? Optional.empty() : Optional.of(new Weights(points)),
        levels.isEmpty()
            ? Wishes.NONE
            : new Wishes(
                Optional.ofNullable(said.budget)
                    .map(most -> Given.typed(most.doubleValue(), Unit.MONEY)),
                levels,
                LocalDate.now(clock).getYear()),
        Optional.ofNullable(said.currency),
        SchoolQuestion.schools(chosen(said, garage)));
  }

  private static Map<SchoolQuestion, String> chosen(
      StoredPriorities said, Map<String, String> garage) {
    Map<SchoolQuestion, String> chosen = new EnumMap<>(SchoolQuestion.class);
    garage.forEach((question, id) -> chosen.put(SchoolQuestion.valueOf(question), id));
    said.schools.forEach((question, id) -> chosen.put(SchoolQuestion.valueOf(question), id));
    return chosen;
  }

  /** The points its owner has spread; empty where nobody has. */
  @Transactional(readOnly = true)
  public Optional<Weights> weights(OpenJob job) {
    return reading(job).weights();
  }

  /** What its owner wishes; a budget in another currency than the job's prices counts for none. */
  @Transactional(readOnly = true)
  public Wishes wishes(OpenJob job, String currency) {
    return reading(job).in(currency);
  }

  /** The schools followed: those of the job, else of the garage, else the usual. */
  @Transactional(readOnly = true)
  public Schools schools(OpenJob job) {
    return reading(job).schools();
  }

  @Transactional(readOnly = true)
  StoredPriorities said(OpenJob job) {
    return stored.findByJobIdAndGarageId(job.jobId(), job.garageId()).orElseGet(() -> unsaid(job));
  }

  @Override
  @Transactional
  public void carry(OpenJob before, OpenJob next) {
    stored
        .findByJobIdAndGarageId(before.jobId(), before.garageId())
        .ifPresent(
            said -> {
              StoredPriorities again = said(next);
              PriorityForm.write(
                  PriorityForm.of(
                      said,
                      Map.of(),
                      Weights.USUAL,
                      Display.USUAL.in(
                          Optional.ofNullable(said.currency).orElse(Display.USUAL.currencyCode()))),
                  again);
              stored.save(again);
            });
  }

  /** The version of what is said; who changes it must have seen this one. */
  @Transactional(readOnly = true)
  public long version(OpenJob job) {
    return said(job).version();
  }

  /**
   * Spreads a job’s points anew; all else stays.
   *
   * @throws StaleEdit where somebody has said something else meanwhile
   */
  @Transactional
  public void spread(OpenJob job, long version, Map<Criterion, Integer> points) {
    StoredPriorities said = said(job);
    if (said.version() != version) {
      throw new StaleEdit("the points");
    }
    Map<String, Integer> named = new TreeMap<>();
    points.forEach((criterion, each) -> named.put(criterion.name(), each));
    said.weights = Map.copyOf(named);
    stored.save(said);
    stored.flush();
    job.forget();
  }

  @Transactional
  void save(OpenJob job, long version, Form form) {
    StoredPriorities said = said(job);
    if (said.version() != version) {
      throw new StaleEdit("the priorities");
    }
    PriorityForm.write(form, said);
    stored.save(said);
    GarageSchools garage =
        garages.findByGarageId(job.garageId()).orElseGet(() -> new GarageSchools(job.garageId()));
    garage.schools = PriorityForm.garage(form);
    garages.save(garage);
    stored.flush();
    job.forget();
  }
}
