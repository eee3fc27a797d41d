package org.fermix.web.machine;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.fermix.core.machine.Engine;
import org.fermix.core.machine.EngineClass;
import org.fermix.core.machine.Oil;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;
import org.jspecify.annotations.Nullable;

/** One engine of a machine, as its owner described it; what is null was not said. */
@Entity
@Table(name = "engine")
class StoredEngine {
  @Id private UUID id = new UUID(0, 0);

  /** Holds it to the garage of its machine. */
  @SuppressWarnings("UnusedVariable")
  private UUID garageId = new UUID(0, 0);

  /** Its place in the order of the machine's engines. */
  @SuppressWarnings("UnusedVariable")
  private int position;

  private String engineClass = "";

  @Column(name = "displacement_l")
  private @Nullable Double displacementL;

  private @Nullable Integer cylinders;
  private @Nullable String oil;

  protected StoredEngine() {}

  StoredEngine(UUID garageId, int position) {
    this.id = UUID.randomUUID();
    this.garageId = garageId;
    this.position = position;
  }

  void describe(Description description) {
    engineClass = description.type().id();
    displacementL = description.displacementL();
    cylinders = description.cylinders();
    oil = description.oil();
  }

  UUID id() {
    return id;
  }

  @Nullable Double displacementL() {
    return displacementL;
  }

  @Nullable Integer cylinders() {
    return cylinders;
  }

  @Nullable String oil() {
    return oil;
  }

  EngineClass type() {
    return EngineClass.find(engineClass)
        .orElseThrow(() -> new IllegalStateException("unknown engine class " + engineClass));
  }

  /** With what is usual for its class where nothing was said. */
  Engine engine(int systemVolts) {
    EngineClass.Size usual = type().size();
    return Engine.usual(
        type(),
        displacementL == null
            ? Given.assumed(usual.defaultLitres(), Unit.LITRE, type().whyUsual())
            : Given.typed(displacementL, Unit.LITRE),
        cylinders == null ? usual.defaultCylinders() : cylinders,
        Oil.find(oil == null ? usual.defaultOil() : oil).orElseThrow(),
        systemVolts);
  }
}
