package org.fermix.web.machine;

import jakarta.persistence.CascadeType;
import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OneToMany;
import jakarta.persistence.OrderBy;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.fermix.core.machine.Engine;
import org.fermix.core.machine.EngineClass;
import org.fermix.core.permission.Permission;
import org.hibernate.annotations.Fetch;
import org.hibernate.annotations.FetchMode;
import org.jspecify.annotations.Nullable;

/** One machine, as its owner described it; what is null was not said. */
@Entity
@Table(name = "machine")
public class Machine {
  private static final int TWELVE = 12;

  @Id private UUID id = new UUID(0, 0);
  private UUID garageId = new UUID(0, 0);
  @Version private long version;
  private String name = "";

  /** What it is: a car, a boat; read by what is to come. */
  @SuppressWarnings("UnusedVariable")
  private String kind = "";

  @OneToMany(cascade = CascadeType.ALL, orphanRemoval = true, fetch = FetchType.EAGER)
  @Fetch(FetchMode.SUBSELECT)
  @JoinColumn(name = "machine_id", nullable = false, updatable = false)
  @OrderBy("position")
  private List<StoredEngine> engines = new ArrayList<>();

  @Column(name = "system_v")
  private @Nullable Integer systemVolts;

  /** On what basis an aircraft is operated. */
  @Enumerated(EnumType.STRING)
  private Permission.@Nullable Basis basis;

  private Instant createdAt = Instant.EPOCH;

  /** Changes with every description, so that the version counts on for its engines too. */
  @SuppressWarnings("UnusedVariable")
  private Instant describedAt = Instant.EPOCH;

  private @Nullable Instant removedAt;

  protected Machine() {}

  Machine(UUID garageId, Instant createdAt) {
    this.id = UUID.randomUUID();
    this.garageId = garageId;
    this.createdAt = createdAt;
    engines.add(new StoredEngine(garageId, 1));
  }

  void describe(Description description, Instant now) {
    name = description.name();
    kind = description.type().traits().machineKind();
    systemVolts = description.systemVolts();
    describedAt = now;
    first().describe(description);
  }

  void operate(Permission.@Nullable Basis on) {
    basis = on;
  }

  public Optional<Permission.Basis> basis() {
    return Optional.ofNullable(basis);
  }

  /** The engine its jobs are about. */
  private StoredEngine first() {
    return engines.get(0);
  }

  UUID engineId() {
    return first().id();
  }

  public UUID id() {
    return id;
  }

  public UUID garageId() {
    return garageId;
  }

  public long version() {
    return version;
  }

  public String name() {
    return name;
  }

  public @Nullable Double displacementL() {
    return first().displacementL();
  }

  public @Nullable Integer cylinders() {
    return first().cylinders();
  }

  public @Nullable Integer systemVolts() {
    return systemVolts;
  }

  public @Nullable String oil() {
    return first().oil();
  }

  Instant createdAt() {
    return createdAt;
  }

  public boolean isRemoved() {
    return removedAt != null;
  }

  void remove(Instant now) {
    removedAt = now;
  }

  void restore() {
    removedAt = null;
  }

  public EngineClass type() {
    return first().type();
  }

  /** The engine, with what is usual for its class where nothing was said. */
  public Engine engine() {
    return first().engine(systemVolts == null ? TWELVE : systemVolts);
  }
}
