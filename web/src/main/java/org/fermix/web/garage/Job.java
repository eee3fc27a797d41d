package org.fermix.web.garage;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** One replacement of one machine's battery. */
@Entity
@Table(name = "job")
class Job {
  @Id private UUID id = new UUID(0, 0);
  private UUID garageId = new UUID(0, 0);
  private UUID machineId = new UUID(0, 0);
  private Instant openedAt = Instant.EPOCH;
  private @Nullable UUID batteryId;

  protected Job() {}

  Job(Machine machine, Instant openedAt) {
    this.id = UUID.randomUUID();
    this.garageId = machine.garageId();
    this.machineId = machine.id();
    this.openedAt = openedAt;
  }

  UUID id() {
    return id;
  }

  UUID garageId() {
    return garageId;
  }

  UUID machineId() {
    return machineId;
  }

  Instant openedAt() {
    return openedAt;
  }

  /** The battery it is about; empty while nothing is known of it. */
  Optional<UUID> batteryId() {
    return Optional.ofNullable(batteryId);
  }

  void isAbout(UUID battery) {
    batteryId = battery;
  }
}
