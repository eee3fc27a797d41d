package org.fermix.web.recordings;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.fermix.core.prove.CrankFeatures;
import org.fermix.core.prove.Ripple;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** A recorded start: what was found in it, and few enough points to draw it. */
@Entity
@Table(name = "recording")
public class Recording {
  @Id private UUID id = new UUID(0, 0);
  private UUID garageId = new UUID(0, 0);
  private UUID machineId = new UUID(0, 0);
  private @Nullable UUID batteryId;
  private String name = "";
  private Instant takenAt = Instant.EPOCH;
  private @Nullable Instant removedAt;
  private int samples;

  @JdbcTypeCode(SqlTypes.JSON)
  private Map<String, Double> features = Map.of();

  @JdbcTypeCode(SqlTypes.JSON)
  private List<Double> points = List.of();

  protected Recording() {}

  Recording(
      UUID garageId,
      UUID machineId,
      @Nullable UUID batteryId,
      String name,
      Instant takenAt,
      int samples,
      Map<String, Double> features,
      List<Double> points) {
    this.id = UUID.randomUUID();
    this.garageId = garageId;
    this.machineId = machineId;
    this.batteryId = batteryId;
    this.name = name;
    this.takenAt = takenAt;
    this.samples = samples;
    this.features = features;
    this.points = points;
  }

  /** Its id. */
  public UUID id() {
    return id;
  }

  UUID garageId() {
    return garageId;
  }

  UUID machineId() {
    return machineId;
  }

  /** The machine's own battery; empty where another stood in for it. */
  Optional<UUID> batteryId() {
    return Optional.ofNullable(batteryId);
  }

  /** Its name. */
  public String name() {
    return name;
  }

  /** When it was recorded. */
  public Instant takenAt() {
    return takenAt;
  }

  boolean isRemoved() {
    return removedAt != null;
  }

  void remove(Instant now) {
    removedAt = now;
  }

  void restore() {
    removedAt = null;
  }

  int samples() {
    return samples;
  }

  /** What was found in it, by name; volts, seconds, rpm. */
  public Map<String, Double> features() {
    return features;
  }

  /** What was found in it, for the core; times count from the start. */
  public CrankFeatures found() {
    return new CrankFeatures(
        features.getOrDefault("restVolts", 0.0),
        Optional.ofNullable(features.get("restAmps")),
        0,
        features.getOrDefault("lowestVolts", 0.0),
        features.getOrDefault("lowestSeconds", 0.0),
        features.getOrDefault("crankingSeconds", 0.0),
        features.getOrDefault("crankingVolts", 0.0),
        Optional.ofNullable(features.get("crankingAmps")),
        Optional.ofNullable(features.get("rippleHertz"))
            .map(
                hertz ->
                    new Ripple(
                        hertz,
                        features.getOrDefault("rippleVolts", 0.0),
                        features.getOrDefault("rippleClearness", 1.0))),
        features.getOrDefault("stalled", 0.0) > 0,
        features.getOrDefault("fired", 0.0) > 0,
        features.getOrDefault("recoveredVolts", 0.0),
        Optional.empty());
  }

  /** Time after the start (s) and voltage (V) in turn. */
  List<Double> points() {
    return points;
  }
}
