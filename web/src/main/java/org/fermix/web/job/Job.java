package org.fermix.web.job;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.fermix.web.machine.Machine;
import org.jspecify.annotations.Nullable;

/** One replacement of one machine's battery. */
@Entity
@Table(name = "job")
public class Job {
  @Id private UUID id = new UUID(0, 0);
  private UUID garageId = new UUID(0, 0);
  private UUID machineId = new UUID(0, 0);
  private Instant openedAt = Instant.EPOCH;
  private @Nullable UUID batteryId;
  private @Nullable Instant closedAt;
  private @Nullable Instant archivedAt;
  private @Nullable Instant removedAt;

  /** How far it has come. */
  public enum State {
    OPEN,
    CLOSED,
    /** Closed, and out of the way. */
    ARCHIVED
  }

  protected Job() {}

  Job(Machine machine, Instant openedAt) {
    this.id = UUID.randomUUID();
    this.garageId = machine.garageId();
    this.machineId = machine.id();
    this.openedAt = openedAt;
  }

  public UUID id() {
    return id;
  }

  UUID garageId() {
    return garageId;
  }

  public UUID machineId() {
    return machineId;
  }

  public Instant openedAt() {
    return openedAt;
  }

  /** The battery it is about; empty while nothing is known of it. */
  Optional<UUID> batteryId() {
    return Optional.ofNullable(batteryId);
  }

  void isAbout(UUID battery) {
    batteryId = battery;
  }

  public State state() {
    return archivedAt != null ? State.ARCHIVED : closedAt != null ? State.CLOSED : State.OPEN;
  }

  public Optional<Instant> closedAt() {
    return Optional.ofNullable(closedAt);
  }

  boolean isRemoved() {
    return removedAt != null;
  }

  void become(State state, Instant now) {
    closedAt = state == State.OPEN ? null : closedAt == null ? now : closedAt;
    archivedAt = state == State.ARCHIVED ? now : null;
  }

  void remove(Instant now) {
    removedAt = now;
  }

  void restore() {
    removedAt = null;
  }
}
