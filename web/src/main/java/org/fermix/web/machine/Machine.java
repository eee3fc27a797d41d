package org.fermix.web.machine;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.fermix.core.machine.Engine;
import org.fermix.core.machine.EngineClass;
import org.fermix.core.machine.Oil;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;
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
  private String engineClass = "";

  @Column(name = "displacement_l")
  private @Nullable Double displacementL;

  private @Nullable Integer cylinders;

  @Column(name = "system_v")
  private @Nullable Integer systemVolts;

  private @Nullable String oil;
  private Instant createdAt = Instant.EPOCH;
  private @Nullable Instant removedAt;

  protected Machine() {}

  Machine(UUID garageId, Instant createdAt) {
    this.id = UUID.randomUUID();
    this.garageId = garageId;
    this.createdAt = createdAt;
  }

  void describe(Description description) {
    name = description.name();
    engineClass = description.type().id();
    displacementL = description.displacementL();
    cylinders = description.cylinders();
    oil = description.oil();
    systemVolts = description.systemVolts();
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
    return displacementL;
  }

  public @Nullable Integer cylinders() {
    return cylinders;
  }

  public @Nullable Integer systemVolts() {
    return systemVolts;
  }

  public @Nullable String oil() {
    return oil;
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
    return EngineClass.find(engineClass)
        .orElseThrow(() -> new IllegalStateException("unknown engine class " + engineClass));
  }

  /** The engine, with what is usual for its class where nothing was said. */
  public Engine engine() {
    EngineClass.Size usual = type().size();
    return Engine.usual(
        type(),
        displacementL == null
            ? Given.assumed(usual.defaultLitres(), Unit.LITRE, type().whyUsual())
            : Given.typed(displacementL, Unit.LITRE),
        cylinders == null ? usual.defaultCylinders() : cylinders,
        Oil.find(oil == null ? usual.defaultOil() : oil).orElseThrow(),
        systemVolts == null ? TWELVE : systemVolts);
  }
}
