package org.fermix.web.proving;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import jakarta.persistence.Transient;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

/** A battery that a job brings in, and since when it has the old one's place. */
@Entity
@Table(name = "incoming")
class StoredIncoming implements Persistable<StoredIncoming.Key> {
  /** Which job, and which battery. */
  @Embeddable
  record Key(UUID jobId, UUID batteryId) {}

  @EmbeddedId private Key key = new Key(new UUID(0, 0), new UUID(0, 0));
  private UUID garageId = new UUID(0, 0);
  private @Nullable UUID labelId;
  private @Nullable Instant handedOverAt;
  @Transient private boolean made;

  protected StoredIncoming() {}

  StoredIncoming(UUID garageId, UUID jobId, UUID batteryId, UUID labelId) {
    this.key = new Key(jobId, batteryId);
    this.garageId = garageId;
    this.labelId = labelId;
    this.made = true;
  }

  UUID garageId() {
    return garageId;
  }

  UUID jobId() {
    return key.jobId();
  }

  UUID batteryId() {
    return key.batteryId();
  }

  /** True where it comes in by this label of the line-up. */
  boolean isBy(UUID label) {
    return label.equals(labelId);
  }

  Optional<Instant> handedOverAt() {
    return Optional.ofNullable(handedOverAt);
  }

  void handedOver(@Nullable Instant when) {
    handedOverAt = when;
  }

  @Override
  public Key getId() {
    return key;
  }

  @Override
  public boolean isNew() {
    return made;
  }
}
