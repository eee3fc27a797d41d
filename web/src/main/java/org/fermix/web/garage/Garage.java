package org.fermix.web.garage;

import java.time.Clock;
import java.time.Duration;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.fermix.core.machine.Engine;
import org.fermix.core.machine.EngineClass;
import org.fermix.web.account.Accounts;
import org.fermix.web.account.Visitor;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.NotHere;
import org.fermix.web.shared.StaleEdit;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** An owner's machines and jobs. Every look-up is scoped by the owner. */
@Service
public class Garage {
  /** Most machines in one garage. */
  public static final int MOST_MACHINES = 50;

  /** Most jobs of one machine, archived ones included. */
  static final int MOST_JOBS = 40;

  /** What was removed longer ago than this is gone. */
  private static final Duration KEPT = Duration.ofDays(30);

  private final MachineRepository machines;
  private final JobRepository jobs;
  private final StoredFitRepository fits;
  private final Accounts accounts;
  private final Submissions submissions;
  private final List<NextJob> carried;
  private final Clock clock;

  Garage(
      MachineRepository machines,
      JobRepository jobs,
      StoredFitRepository fits,
      Accounts accounts,
      Submissions submissions,
      List<NextJob> carried,
      Clock clock) {
    this.machines = machines;
    this.jobs = jobs;
    this.fits = fits;
    this.accounts = accounts;
    this.submissions = submissions;
    this.carried = carried;
    this.clock = clock;
  }

  /**
   * What an owner says of a machine.
   *
   * @param displacementL null when not said
   * @param cylinders null when not said
   * @param oil null when not said
   * @param systemVolts null when not said, which is 12 V
   */
  public record Description(
      String name,
      EngineClass type,
      @Nullable Double displacementL,
      @Nullable Integer cylinders,
      @Nullable String oil,
      @Nullable Integer systemVolts) {}

  /**
   * Adds a machine and opens its first job; one at a time in each garage.
   *
   * @param number the form was drawn with
   * @return the job; the same again for the same form; empty when the garage is full
   */
  @Transactional
  public Optional<UUID> add(UUID garageId, UUID number, Description description) {
    accounts.hold(garageId);
    Optional<UUID> before = submissions.made(garageId, number);
    if (before.isPresent()) {
      return before;
    }
    machines.deleteByGarageIdAndRemovedAtBefore(garageId, clock.instant().minus(KEPT));
    if (machines.countByGarageIdAndRemovedAtIsNull(garageId) >= MOST_MACHINES) {
      return Optional.empty();
    }
    Machine machine = new Machine(garageId, clock.instant());
    describe(machine, description);
    machines.save(machine);
    UUID job = jobs.save(new Job(machine, clock.instant())).id();
    submissions.remember(garageId, number, job);
    return Optional.of(job);
  }

  /**
   * Changes a machine.
   *
   * @throws StaleEdit when it was changed since the version was read
   */
  @Transactional
  void change(Visitor visitor, UUID machineId, long version, Description description) {
    Machine machine = machine(visitor, machineId);
    if (machine.version() != version) {
      throw new StaleEdit(machine.name());
    }
    describe(machine, description);
    machines.flush();
  }

  private static void describe(Machine machine, Description description) {
    machine.describe(
        description.name(),
        description.type(),
        description.displacementL(),
        description.cylinders(),
        description.oil(),
        description.systemVolts());
  }

  /** True when another machine fits in. */
  @Transactional(readOnly = true)
  boolean hasRoom(Visitor visitor) {
    return machines.countByGarageIdAndRemovedAtIsNull(visitor.garageId()) < MOST_MACHINES;
  }

  @Transactional(readOnly = true)
  Machine machine(Visitor visitor, UUID machineId) {
    return machines
        .findByIdAndGarageId(machineId, visitor.garageId())
        .orElseThrow(() -> new NotHere("machine"));
  }

  /**
   * Opens a job.
   *
   * @throws NotHere when there is no such job in the visitor's garage
   */
  @Transactional(readOnly = true)
  public OpenJob open(Visitor visitor, UUID jobId) {
    Job job = job(visitor, jobId);
    Machine machine = machine(visitor, job.machineId());
    if (job.isRemoved() || machine.isRemoved()) {
      throw new NotHere("job");
    }
    return open(
        visitor, job, machine, fits.findByMachineIdAndGarageId(job.machineId(), job.garageId()));
  }

  /**
   * The job of each machine that one would go on with: the newest that is open, else the newest; in
   * the order the machines were added.
   */
  @Transactional(readOnly = true)
  public List<OpenJob> currentJobs(Visitor visitor) {
    Map<UUID, StoredFit> known =
        fits.findByGarageId(visitor.garageId()).stream()
            .collect(Collectors.toMap(StoredFit::machineId, Function.identity()));
    List<Job> all = jobs.findByGarageIdOrderByOpenedAtDesc(visitor.garageId());
    return machines.findByGarageIdAndRemovedAtIsNullOrderByCreatedAt(visitor.garageId()).stream()
        .flatMap(
            machine ->
                all.stream()
                    .filter(job -> job.machineId().equals(machine.id()) && !job.isRemoved())
                    .min(Comparator.comparing(Job::state))
                    .map(
                        job ->
                            open(
                                visitor,
                                job,
                                machine,
                                Optional.ofNullable(known.get(machine.id()))))
                    .stream())
        .toList();
  }

  private Job job(Visitor visitor, UUID jobId) {
    return jobs.findByIdAndGarageId(jobId, visitor.garageId())
        .orElseThrow(() -> new NotHere("job"));
  }

  /** The jobs of a machine, newest first. */
  @Transactional(readOnly = true)
  List<Job> jobs(Visitor visitor, UUID machineId) {
    return jobs
        .findByMachineIdAndGarageIdOrderByOpenedAtDesc(machineId, visitor.garageId())
        .stream()
        .filter(job -> !job.isRemoved())
        .toList();
  }

  /**
   * Opens another job of a machine; what the last one knew of the need goes on.
   *
   * @param number the form was drawn with
   * @return the job; the same again for the same form; empty when the machine has as many as are
   *     kept
   */
  @Transactional
  Optional<UUID> another(Visitor visitor, UUID machineId, UUID number) {
    Machine machine = held(visitor.garageId(), machineId);
    Optional<UUID> before = submissions.made(visitor.garageId(), number);
    if (before.isPresent()) {
      return before;
    }
    List<Job> all = jobs(visitor, machineId);
    if (all.size() >= MOST_JOBS) {
      return Optional.empty();
    }
    Job next = jobs.save(new Job(machine, clock.instant()));
    submissions.remember(visitor.garageId(), number, next.id());
    all.stream()
        .findFirst()
        .ifPresent(
            last -> {
              OpenJob from = open(visitor, last, machine, Optional.empty());
              OpenJob to = open(visitor, next, machine, Optional.empty());
              carried.forEach(each -> each.carry(from, to));
            });
    return Optional.of(next.id());
  }

  /** Opens, closes or archives a job. */
  @Transactional
  UUID become(Visitor visitor, UUID jobId, Job.State state) {
    Job job = job(visitor, jobId);
    job.become(state, clock.instant());
    return job.machineId();
  }

  /** Removes a job, unless it is the machine's only one, or takes it back. */
  @Transactional
  UUID removeJob(Visitor visitor, UUID jobId, boolean back) {
    Job job = job(visitor, jobId);
    held(visitor.garageId(), job.machineId());
    if (back) {
      job.restore();
    } else if (jobs(visitor, job.machineId()).size() > 1) {
      job.remove(clock.instant());
    }
    return job.machineId();
  }

  /**
   * Removes a machine with all its jobs, or takes it back.
   *
   * @return false when it cannot come back, the garage being full
   */
  @Transactional
  boolean removeMachine(Visitor visitor, UUID machineId, boolean back) {
    accounts.hold(visitor.garageId());
    Machine machine = machine(visitor, machineId);
    if (!back) {
      machine.remove(clock.instant());
      return true;
    }
    if (machine.isRemoved()
        && machines.countByGarageIdAndRemovedAtIsNull(visitor.garageId()) >= MOST_MACHINES) {
      return false;
    }
    machine.restore();
    return true;
  }

  private static OpenJob open(Visitor visitor, Job job, Machine machine, Optional<StoredFit> fit) {
    Engine asDescribed = machine.engine();
    return new OpenJob(
        job.garageId(),
        job.id(),
        machine.id(),
        machine.name(),
        asDescribed,
        fit.map(each -> each.knowledge(asDescribed)).orElseGet(EngineKnowledge::byClass),
        visitor.preferences().currency().orElse(Display.USUAL.currencyCode()),
        job.state());
  }

  /**
   * Keeps what a recorded start says of a job's machine, in place of an earlier fit; it counts
   * unless it is doubtful.
   */
  @Transactional
  public void keepFit(OpenJob job, FittedEngine fitted) {
    StoredFit stored =
        fits.findByMachineIdAndGarageId(job.machineId(), job.garageId())
            .orElseGet(() -> new StoredFit(job.machineId(), job.garageId()));
    stored.fit(fitted, clock.instant());
    fits.save(stored);
  }

  /**
   * Lets the fitted engine of a job's machine count, or not.
   *
   * @throws NotHere when there is none
   */
  @Transactional
  public void useFit(OpenJob job, boolean use) {
    fits.findByMachineIdAndGarageId(job.machineId(), job.garageId())
        .orElseThrow(() -> new NotHere("fitted engine"))
        .use(use);
  }

  /** Forgets the fitted engine of a job's machine. */
  @Transactional
  public void dropFit(OpenJob job) {
    fits.deleteByMachineIdAndGarageId(job.machineId(), job.garageId());
  }

  /** The battery a job is about; empty while nothing is known of it. */
  @Transactional(readOnly = true)
  public Optional<UUID> batteryId(OpenJob job) {
    return jobs.findByIdAndGarageId(job.jobId(), job.garageId()).flatMap(Job::batteryId);
  }

  /** Says which battery a job is about. */
  @Transactional
  public void isAbout(OpenJob job, UUID batteryId) {
    jobs.findByIdAndGarageId(job.jobId(), job.garageId())
        .orElseThrow(() -> new NotHere("job"))
        .isAbout(batteryId);
  }

  /**
   * Holds a job's machine until the transaction ends, so that what is counted of it stays as it was
   * counted.
   */
  @Transactional(propagation = Propagation.MANDATORY)
  public void hold(OpenJob job) {
    held(job.garageId(), job.machineId());
  }

  private Machine held(UUID garageId, UUID machineId) {
    return machines.lock(machineId, garageId).orElseThrow(() -> new NotHere("machine"));
  }
}
