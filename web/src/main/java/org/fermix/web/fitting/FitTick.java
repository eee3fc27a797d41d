package org.fermix.web.fitting;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Transient;
import java.time.Instant;
import java.util.UUID;
import org.springframework.data.domain.Persistable;

/** A step of the work that is done, or skipped with a reason. */
@Entity
@Table(name = "fit_tick")
class FitTick implements Persistable<UUID> {
  @Id private UUID id = new UUID(0, 0);
  private UUID garageId = new UUID(0, 0);
  private UUID jobId = new UUID(0, 0);
  private String step = "";
  boolean skipped;

  /** It was taken back, at its time. */
  boolean undone;

  String note = "";
  private Instant at = Instant.EPOCH;
  @Transient private boolean made;

  protected FitTick() {}

  FitTick(UUID garageId, UUID jobId, String step, boolean skipped, String note, Instant at) {
    this.id = UUID.randomUUID();
    this.garageId = garageId;
    this.jobId = jobId;
    this.step = step;
    this.skipped = skipped;
    this.note = note;
    this.at = at;
    this.made = true;
  }

  /** What stays of a tick that was taken back. */
  static FitTick takenBack(FitTick tick, Instant at) {
    FitTick back = new FitTick(tick.garageId, tick.jobId, tick.step, false, "", at);
    back.undone = true;
    return back;
  }

  UUID garageId() {
    return garageId;
  }

  UUID jobId() {
    return jobId;
  }

  String step() {
    return step;
  }

  Instant at() {
    return at;
  }

  @Override
  public UUID getId() {
    return id;
  }

  @Override
  public boolean isNew() {
    return made;
  }
}
