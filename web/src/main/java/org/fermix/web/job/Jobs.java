package org.fermix.web.job;

import com.google.errorprone.annotations.CanIgnoreReturnValue;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.fermix.web.account.Submissions;
import org.fermix.web.account.Visitor;
import org.fermix.web.machine.EngineKnowledge;
import org.fermix.web.machine.Machine;
import org.fermix.web.machine.Machines;
import org.fermix.web.shared.Answers;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.NotHere;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** The jobs of a garage's machines. Every look-up is scoped by the garage. */
@Service
public class Jobs {
  /** Most jobs of one machine, archived ones included. */
  public static final int MOST = 40;

  /** Stands for all jobs of a garage. */
  private static final UUID EVERY = new UUID(0, 0);

  private final JobRepository jobs;
  private final Machines machines;
  private final Submissions submissions;
  private final List<NextJob> carried;
  private final ObjectProvider<ReadAhead> ahead;
  private final Answers answers;
  private final Clock clock;

  Jobs(
      JobRepository jobs,
      Machines machines,
      Submissions submissions,
      List<NextJob> carried,
      ObjectProvider<ReadAhead> ahead,
      Answers answers,
      Clock clock) {
    this.jobs = jobs;
    this.machines = machines;
    this.submissions = submissions;
    this.carried = carried;
    this.ahead = ahead;
    this.answers = answers;
    this.clock = clock;
  }

  /**
   * Opens a job for a request.
   *
   * @throws NotHere when there is no such job in the visitor's garage, or it was removed
   */
  @Transactional(readOnly = true)
  public OpenJob open(Visitor visitor, UUID jobId) {
    if (visitor.revision().isEmpty() || jobId.equals(EVERY)) {
      return opened(visitor, jobId);
    }
    return answers.to(shared(visitor, jobId), OpenJob.class, () -> opened(visitor, jobId));
  }

  /** All that what is read and worked out of a job depends on; ages count in days. */
  private record Shared(Visitor visitor, UUID jobId, LocalDate today) {}

  private Shared shared(Visitor visitor, UUID jobId) {
    return new Shared(visitor, jobId, LocalDate.now(clock.withZone(ZoneOffset.UTC)));
  }

  private OpenJob opened(Visitor visitor, UUID jobId) {
    Job job = job(visitor, jobId);
    Machine machine = machines.machine(visitor, job.machineId());
    if (job.isRemoved() || machine.isRemoved()) {
      throw new NotHere("job");
    }
    return open(visitor, job, machine, machines.knowledge(machine));
  }

  /**
   * The job of each machine that one would go on with: the newest that is open, else the newest; in
   * the order the machines were added.
   */
  @Transactional(readOnly = true)
  public List<OpenJob> current(Visitor visitor) {
    return visitor.revision().isEmpty()
        ? readCurrent(visitor)
        : answers
            .to(shared(visitor, EVERY), Current.class, () -> new Current(readCurrent(visitor)))
            .jobs();
  }

  private record Current(List<OpenJob> jobs) {}

  private List<OpenJob> readCurrent(Visitor visitor) {
    Map<UUID, EngineKnowledge> known = machines.knowledge(visitor);
    Map<UUID, List<Job>> all =
        jobs.findByGarageIdOrderByOpenedAtDesc(visitor.garageId()).stream()
            .filter(job -> !job.isRemoved())
            .collect(Collectors.groupingBy(Job::machineId));
    List<OpenJob> current = new ArrayList<>();
    for (Machine machine : machines.all(visitor)) {
      all.getOrDefault(machine.id(), List.of()).stream()
          .min(Comparator.comparing(Job::state))
          .map(
              job ->
                  open(
                      visitor,
                      job,
                      machine,
                      known.getOrDefault(machine.id(), EngineKnowledge.byClass())))
          .ifPresent(current::add);
    }
    ahead
        .orderedStream()
        .sorted(Comparator.comparingInt(ReadAhead::order))
        .forEach(each -> each.read(visitor.garageId(), current));
    return List.copyOf(current);
  }

  private Job job(Visitor visitor, UUID jobId) {
    return jobs.findByIdAndGarageId(jobId, visitor.garageId())
        .orElseThrow(() -> new NotHere("job"));
  }

  /** Opens the first job of a machine that was just added. */
  @Transactional(propagation = Propagation.MANDATORY)
  public UUID first(Machine machine) {
    return jobs.save(new Job(machine, clock.instant())).id();
  }

  /** The jobs of a machine, newest first. */
  @Transactional(readOnly = true)
  public List<Job> of(Visitor visitor, UUID machineId) {
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
  public Optional<UUID> another(Visitor visitor, UUID machineId, UUID number) {
    Machine machine = machines.hold(visitor.garageId(), machineId);
    Optional<UUID> before = submissions.made(visitor.garageId(), number);
    if (before.isPresent()) {
      return before;
    }
    List<Job> all = of(visitor, machineId);
    if (all.size() >= MOST) {
      return Optional.empty();
    }
    Job next = jobs.save(new Job(machine, clock.instant()));
    submissions.remember(visitor.garageId(), number, next.id());
    EngineKnowledge knowledge = machines.knowledge(machine);
    all.stream()
        .findFirst()
        .ifPresent(
            last -> {
              OpenJob from = open(visitor, last, machine, knowledge);
              OpenJob to = open(visitor, next, machine, knowledge);
              carried.forEach(each -> each.carry(from, to));
            });
    return Optional.of(next.id());
  }

  /**
   * Opens, closes or archives a job.
   *
   * @return its machine
   */
  @Transactional
  @CanIgnoreReturnValue
  public UUID become(Visitor visitor, UUID jobId, Job.State state) {
    Job job = job(visitor, jobId);
    job.become(state, clock.instant());
    return job.machineId();
  }

  /**
   * Removes a job, unless it is the machine's only one.
   *
   * @return its machine
   */
  @Transactional
  public UUID remove(Visitor visitor, UUID jobId) {
    Job job = job(visitor, jobId);
    machines.hold(visitor.garageId(), job.machineId());
    if (of(visitor, job.machineId()).size() > 1) {
      job.remove(clock.instant());
    }
    return job.machineId();
  }

  /**
   * Takes a removed job back, unless its machine has as many as are kept by now.
   *
   * @return its machine
   */
  @Transactional
  public UUID restore(Visitor visitor, UUID jobId) {
    Job job = job(visitor, jobId);
    machines.hold(visitor.garageId(), job.machineId());
    if (of(visitor, job.machineId()).size() < MOST) {
      job.restore();
    }
    return job.machineId();
  }

  /** True when a job was removed and not taken back. */
  @Transactional(readOnly = true)
  public boolean isRemoved(Visitor visitor, UUID jobId) {
    return job(visitor, jobId).isRemoved();
  }

  private static OpenJob open(
      Visitor visitor, Job job, Machine machine, EngineKnowledge knowledge) {
    return new OpenJob(
        job.garageId(),
        job.id(),
        machine.id(),
        machine.name(),
        machine.engine(),
        machine.basis(),
        knowledge,
        visitor.preferences().currency().orElse(Display.USUAL.currencyCode()),
        job.state());
  }

  /** The battery each of some jobs is about, by the job's id, where one is said. */
  @Transactional(readOnly = true)
  public Map<UUID, UUID> batteryIds(UUID garageId) {
    return jobs.findByGarageIdOrderByOpenedAtDesc(garageId).stream()
        .filter(job -> job.batteryId().isPresent())
        .collect(Collectors.toMap(Job::id, job -> job.batteryId().orElseThrow()));
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
    machines.hold(job.garageId(), job.machineId());
  }
}
