package org.fermix.web.machine;

import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.fermix.core.machine.Engine;
import org.jspecify.annotations.Nullable;

/** A machine's fitted engine, with the owner's switch. */
@Entity
@Table(name = "fitted_engine")
class StoredFit {
  @Id private UUID engineId = new UUID(0, 0);

  /** Read by the queries. */
  @SuppressWarnings("UnusedVariable")
  private UUID garageId = new UUID(0, 0);

  @Version private @Nullable Long version;
  private Instant madeAt = Instant.EPOCH;
  private boolean inUse;

  /** Which figures of the classes it holds factors on; others are set aside. */
  private int classFigures = EngineKnowledge.CLASS_FIGURES;

  @Embedded private @Nullable FittedEngine engine;

  protected StoredFit() {}

  StoredFit(UUID engineId, UUID garageId) {
    this.engineId = engineId;
    this.garageId = garageId;
  }

  void fit(FittedEngine fitted, Instant now) {
    engine = fitted;
    madeAt = now;
    classFigures = EngineKnowledge.CLASS_FIGURES;
    // What is doubtful counts only once its owner says so.
    inUse = !fitted.isOdd() && !fitted.isOff();
  }

  void use(boolean use) {
    inUse = use;
  }

  UUID engineId() {
    return engineId;
  }

  EngineKnowledge knowledge(Engine asDescribed) {
    if (engine == null) {
      return EngineKnowledge.byClass();
    }
    return new EngineKnowledge(
        java.util.Optional.of(engine),
        !engine.isOf(asDescribed) || classFigures != EngineKnowledge.CLASS_FIGURES
            ? EngineKnowledge.Use.OTHER_ENGINE
            : inUse ? EngineKnowledge.Use.ON : EngineKnowledge.Use.OFF,
        madeAt);
  }
}
