package org.fermix.web.job;

import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Supplier;
import org.fermix.core.machine.Engine;
import org.fermix.core.permission.Permission;
import org.fermix.web.machine.EngineKnowledge;

/**
 * A job a visitor has opened, with its machine. It remembers what was already read or worked out of
 * it, so that the rail and the page do not do it twice; requests that only read share it until
 * something in the garage changes.
 */
public final class OpenJob {
  private final UUID garageId;
  private final UUID jobId;
  private final UUID machineId;
  private final String machineName;
  private final Engine asDescribed;
  private final Optional<Permission.Basis> basis;
  private final EngineKnowledge knowledge;
  private final String usualCurrency;
  private final Job.State state;
  private final Map<Class<?>, Object> remembered = new ConcurrentHashMap<>();

  OpenJob(
      UUID garageId,
      UUID jobId,
      UUID machineId,
      String machineName,
      Engine asDescribed,
      Optional<Permission.Basis> basis,
      EngineKnowledge knowledge,
      String usualCurrency,
      Job.State state) {
    this.garageId = garageId;
    this.jobId = jobId;
    this.machineId = machineId;
    this.machineName = machineName;
    this.asDescribed = asDescribed;
    this.basis = basis;
    this.knowledge = knowledge;
    this.usualCurrency = usualCurrency;
    this.state = state;
  }

  /** The currency of the garage, for a job that names none; ISO 4217. */
  public String usualCurrency() {
    return usualCurrency;
  }

  /** Whose it is. */
  public UUID garageId() {
    return garageId;
  }

  /** True while it may be changed. */
  public boolean isOpen() {
    return state == Job.State.OPEN;
  }

  /** The job. */
  public UUID jobId() {
    return jobId;
  }

  /** Its machine. */
  public UUID machineId() {
    return machineId;
  }

  /** What the owner calls the machine. */
  public String machineName() {
    return machineName;
  }

  /** The kind of machine, in words. */
  public String description() {
    return asDescribed.engineClass().name();
  }

  /**
   * Its engine: as described, with what is usual for its class where nothing was said, and with
   * what a recorded start tells of it where that counts.
   */
  public Engine engine() {
    return knowledge.applied(asDescribed);
  }

  /** Its engine as described, without what a recorded start tells. */
  public Engine engineByClass() {
    return asDescribed;
  }

  /** On what basis it is operated, where it is an aircraft and that was said. */
  public Optional<Permission.Basis> basis() {
    return basis;
  }

  /** What is known of it beyond its class. */
  public EngineKnowledge knowledge() {
    return knowledge;
  }

  /** The address of a stop. */
  public String path(Stop stop) {
    return "/jobs/" + jobId + "/" + stop.slug();
  }

  /** What was read or worked out of it before, or else now. */
  public <T> T once(Class<T> what, Supplier<T> otherwise) {
    Object known = remembered.get(what);
    if (known == null) {
      // Not computeIfAbsent: one reading may need another.
      known = otherwise.get();
      remembered.put(what, known);
    }
    return what.cast(known);
  }

  /** Lets it know what was read of it together with others. */
  public void knows(Object read) {
    remembered.put(read.getClass(), read);
  }

  /** Forgets what was read, after something was saved. */
  public void forget() {
    remembered.clear();
  }
}
