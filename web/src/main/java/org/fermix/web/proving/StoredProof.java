package org.fermix.web.proving;

import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import jakarta.persistence.Transient;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.fermix.core.prove.Forecast;
import org.fermix.core.prove.ProofMeasure;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

/** One measure of the new battery: what it rests on, and what was foretold when it was taken. */
@Entity
@Table(name = "proof")
class StoredProof implements Persistable<StoredProof.Key> {
  /** Which job, which battery, which measure. */
  @Embeddable
  record Key(UUID jobId, UUID batteryId, @Enumerated(EnumType.STRING) ProofMeasure measure) {}

  @EmbeddedId private Key key = new Key(new UUID(0, 0), new UUID(0, 0), ProofMeasure.REST);

  private UUID garageId = new UUID(0, 0);
  private UUID readingId = new UUID(0, 0);
  private @Nullable UUID recordingId;
  private Instant takenAt = Instant.EPOCH;
  private double measured;
  private @Nullable Double foretold;
  private @Nullable Double foretoldSigma;
  private @Nullable Double least;
  private String model = "";
  @Transient private boolean made;

  protected StoredProof() {}

  StoredProof(
      UUID garageId,
      Key key,
      UUID readingId,
      @Nullable UUID recordingId,
      Instant takenAt,
      double measured,
      Optional<Forecast> forecast,
      String model) {
    this.garageId = garageId;
    this.key = key;
    this.readingId = readingId;
    this.recordingId = recordingId;
    this.takenAt = takenAt;
    this.measured = measured;
    this.foretold = forecast.map(Forecast::value).orElse(null);
    this.foretoldSigma = forecast.map(Forecast::sigma).orElse(null);
    this.least = forecast.map(Forecast::least).orElse(null);
    this.model = model;
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

  ProofMeasure measure() {
    return key.measure();
  }

  UUID readingId() {
    return readingId;
  }

  Optional<UUID> recordingId() {
    return Optional.ofNullable(recordingId);
  }

  Instant takenAt() {
    return takenAt;
  }

  double measured() {
    return measured;
  }

  /** Mark of the models that foretold it. */
  String model() {
    return model;
  }

  /** What was foretold when it was taken. */
  Optional<Forecast> foretold() {
    return foretold == null || foretoldSigma == null
        ? Optional.empty()
        : Optional.of(new Forecast(foretold, foretoldSigma, least == null ? 0 : least));
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
