package org.fermix.web.garage;

import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.fermix.core.machine.Engine;
import org.fermix.core.machine.EngineClass;
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

  private final MachineRepository machines;
  private final JobRepository jobs;
  private final StoredFitRepository fits;
  private final Clock clock;

  Garage(MachineRepository machines, JobRepository jobs, StoredFitRepository fits, Clock clock) {
    this.machines = machines;
    this.jobs = jobs;
    this.fits = fits;
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

  /** Adds a machine and opens its first job. */
  @Transactional
  public UUID add(UUID garageId, Description description) {
    if (machines.countByGarageId(garageId) >= MOST_MACHINES) {
      throw new IllegalStateException("a garage holds at most " + MOST_MACHINES + " machines");
    }
    Machine machine = new Machine(garageId, clock.instant());
    describe(machine, description);
    machines.save(machine);
    return jobs.save(new Job(machine, clock.instant())).id();
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
    return machines.countByGarageId(visitor.garageId()) < MOST_MACHINES;
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
    Job job =
        jobs.findByIdAndGarageId(jobId, visitor.garageId()).orElseThrow(() -> new NotHere("job"));
    return open(
        visitor,
        job,
        machine(visitor, job.machineId()),
        fits.findByMachineIdAndGarageId(job.machineId(), job.garageId()));
  }

  /** The newest job of each machine, in the order the machines were added. */
  @Transactional(readOnly = true)
  public List<OpenJob> newestJobs(Visitor visitor) {
    Map<UUID, StoredFit> known =
        fits.findByGarageId(visitor.garageId()).stream()
            .collect(Collectors.toMap(StoredFit::machineId, Function.identity()));
    List<Job> all = jobs.findByGarageIdOrderByOpenedAtDesc(visitor.garageId());
    return machines.findByGarageIdOrderByCreatedAt(visitor.garageId()).stream()
        .flatMap(
            machine ->
                all.stream()
                    .filter(job -> job.machineId().equals(machine.id()))
                    .findFirst()
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

  private static OpenJob open(Visitor visitor, Job job, Machine machine, Optional<StoredFit> fit) {
    Engine asDescribed = machine.engine();
    return new OpenJob(
        job.garageId(),
        job.id(),
        machine.id(),
        machine.name(),
        asDescribed,
        fit.map(each -> each.knowledge(asDescribed)).orElseGet(EngineKnowledge::byClass),
        visitor.preferences().currency().orElse(Display.USUAL.currencyCode()));
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
    lock(job).isAbout(batteryId);
  }

  /**
   * Holds a job until the transaction ends, so that what is counted in it stays as it was counted.
   */
  @Transactional(propagation = Propagation.MANDATORY)
  public void hold(OpenJob job) {
    lock(job);
  }

  private Job lock(OpenJob job) {
    return jobs.lock(job.jobId(), job.garageId()).orElseThrow(() -> new NotHere("job"));
  }
}
