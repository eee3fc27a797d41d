package org.fermix.web.check;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.util.UUID;
import org.springframework.data.domain.Persistable;

/** A reading a job rests on. */
@Entity
@Table(name = "job_reading")
class JobReading implements Persistable<JobReading.Key> {
  /** Which job, and which reading. */
  @Embeddable
  record Key(UUID jobId, UUID readingId) {}

  @EmbeddedId private Key key = new Key(new UUID(0, 0), new UUID(0, 0));
  private UUID garageId = new UUID(0, 0);

  protected JobReading() {}

  JobReading(UUID jobId, Reading reading) {
    this.key = new Key(jobId, reading.id());
    this.garageId = reading.garageId();
  }

  UUID garageId() {
    return garageId;
  }

  @Override
  public Key getId() {
    return key;
  }

  /** Only ever added. */
  @Override
  public boolean isNew() {
    return true;
  }
}
