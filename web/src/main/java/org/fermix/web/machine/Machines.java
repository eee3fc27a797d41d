package org.fermix.web.machine;

import com.google.errorprone.annotations.CanIgnoreReturnValue;
import java.time.Clock;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.fermix.core.permission.Permission;
import org.fermix.web.account.Accounts;
import org.fermix.web.account.Visitor;
import org.fermix.web.shared.NotHere;
import org.fermix.web.shared.StaleEdit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** A garage's machines. Every look-up is scoped by the garage. */
@Service
public class Machines {
  /** Most machines in one garage. */
  public static final int MOST = 50;

  private final MachineRepository machines;
  private final StoredFitRepository fits;
  private final Accounts accounts;
  private final Clock clock;

  Machines(MachineRepository machines, StoredFitRepository fits, Accounts accounts, Clock clock) {
    this.machines = machines;
    this.fits = fits;
    this.accounts = accounts;
    this.clock = clock;
  }

  /**
   * Adds a machine to a garage that is held.
   *
   * @return empty when the garage is full
   */
  @Transactional(propagation = Propagation.MANDATORY)
  public Optional<Machine> add(UUID garageId, Description description) {
    if (machines.countByGarageIdAndRemovedAtIsNull(garageId) >= MOST) {
      return Optional.empty();
    }
    Machine machine = new Machine(garageId, clock.instant());
    machine.describe(description, clock.instant());
    return Optional.of(machines.save(machine));
  }

  /**
   * Changes a machine.
   *
   * @throws StaleEdit when it was changed since the version was read
   */
  @Transactional
  public void change(Visitor visitor, UUID machineId, long version, Description description) {
    Machine machine = machine(visitor, machineId);
    if (machine.version() != version) {
      throw new StaleEdit(machine.name());
    }
    machine.describe(description, clock.instant());
    machines.flush();
  }

  /** True when another machine fits in. */
  @Transactional(readOnly = true)
  public boolean hasRoom(Visitor visitor) {
    return machines.countByGarageIdAndRemovedAtIsNull(visitor.garageId()) < MOST;
  }

  /**
   * One machine, removed or not.
   *
   * @throws NotHere when the garage has none of that id
   */
  @Transactional(readOnly = true)
  public Machine machine(Visitor visitor, UUID machineId) {
    return machines
        .findByIdAndGarageId(machineId, visitor.garageId())
        .orElseThrow(() -> new NotHere("machine"));
  }

  /** Those in a garage, in the order they were added. */
  @Transactional(readOnly = true)
  public List<Machine> all(Visitor visitor) {
    return machines.findByGarageIdAndRemovedAtIsNullOrderByCreatedAt(visitor.garageId());
  }

  /**
   * A machine, held until the transaction ends, so that what is counted of it stays as it was
   * counted.
   */
  @Transactional(propagation = Propagation.MANDATORY)
  @CanIgnoreReturnValue
  public Machine hold(UUID garageId, UUID machineId) {
    return machines.lock(machineId, garageId).orElseThrow(() -> new NotHere("machine"));
  }

  /** Says on what basis an aircraft is operated; empty where that is not known. */
  @Transactional
  public void operate(UUID garageId, UUID machineId, Optional<Permission.Basis> basis) {
    machines
        .findByIdAndGarageId(machineId, garageId)
        .orElseThrow(() -> new NotHere("machine"))
        .operate(basis.orElse(null));
  }

  /** Removes a machine with all its jobs. */
  @Transactional
  public void remove(Visitor visitor, UUID machineId) {
    machine(visitor, machineId).remove(clock.instant());
  }

  /**
   * Takes a removed machine back.
   *
   * @return false when it cannot come back, the garage being full
   */
  @Transactional
  public boolean restore(Visitor visitor, UUID machineId) {
    accounts.hold(visitor.garageId());
    Machine machine = machine(visitor, machineId);
    if (machine.isRemoved() && !hasRoom(visitor)) {
      return false;
    }
    machine.restore();
    return true;
  }

  /** What is known of a machine's engine. */
  @Transactional(readOnly = true)
  public EngineKnowledge knowledge(Machine machine) {
    return fits.findByEngineIdAndGarageId(machine.engineId(), machine.garageId())
        .map(fit -> fit.knowledge(machine.engine()))
        .orElseGet(EngineKnowledge::byClass);
  }

  /** The same of all machines of a garage, where something is known, by the machine's id. */
  @Transactional(readOnly = true)
  public Map<UUID, EngineKnowledge> knowledge(Visitor visitor) {
    Map<UUID, Machine> all =
        all(visitor).stream().collect(Collectors.toMap(Machine::engineId, Function.identity()));
    Map<UUID, EngineKnowledge> known = new HashMap<>();
    for (StoredFit fit : fits.findByGarageId(visitor.garageId())) {
      Machine machine = all.get(fit.engineId());
      if (machine != null) {
        known.put(machine.id(), fit.knowledge(machine.engine()));
      }
    }
    return known;
  }

  /**
   * Keeps what a recorded start says of a machine, in place of an earlier fit; it counts unless it
   * is doubtful.
   */
  @Transactional
  public void keepFit(UUID garageId, UUID machineId, FittedEngine fitted) {
    UUID engineId = engineId(garageId, machineId);
    StoredFit stored =
        fits.findByEngineIdAndGarageId(engineId, garageId)
            .orElseGet(() -> new StoredFit(engineId, garageId));
    stored.fit(fitted, clock.instant());
    fits.save(stored);
  }

  /**
   * Lets the fitted engine of a machine count, or not.
   *
   * @throws NotHere when there is none
   */
  @Transactional
  public void useFit(UUID garageId, UUID machineId, boolean use) {
    fits.findByEngineIdAndGarageId(engineId(garageId, machineId), garageId)
        .orElseThrow(() -> new NotHere("fitted engine"))
        .use(use);
  }

  /** Forgets the fitted engine of a machine. */
  @Transactional
  public void dropFit(UUID garageId, UUID machineId) {
    fits.deleteByEngineIdAndGarageId(engineId(garageId, machineId), garageId);
  }

  private UUID engineId(UUID garageId, UUID machineId) {
    return machines
        .findByIdAndGarageId(machineId, garageId)
        .orElseThrow(() -> new NotHere("machine"))
        .engineId();
  }
}
