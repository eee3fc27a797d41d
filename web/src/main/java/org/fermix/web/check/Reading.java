package org.fermix.web.check;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Map;
import java.util.UUID;
import org.fermix.core.diagnosis.ReadingKind;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** One reading as it was typed, metric, by field name. It is never changed, only withdrawn. */
@Entity
@Table(name = "reading")
class Reading {
  /** The field that says a reading cannot be taken. */
  static final String CANNOT = "cannot";

  @Id private UUID id = new UUID(0, 0);
  private UUID garageId = new UUID(0, 0);
  private UUID batteryId = new UUID(0, 0);

  @Enumerated(EnumType.STRING)
  private ReadingKind kind = ReadingKind.SYMPTOM;

  private Instant takenAt = Instant.EPOCH;
  private String instrument = "";

  @JdbcTypeCode(SqlTypes.JSON)
  private Map<String, String> facts = Map.of();

  private @Nullable UUID corrects;
  private @Nullable Instant withdrawnAt;

  protected Reading() {}

  Reading(
      UUID garageId,
      UUID batteryId,
      ReadingKind kind,
      Instant takenAt,
      String instrument,
      Map<String, String> facts,
      @Nullable UUID corrects) {
    this.id = UUID.randomUUID();
    this.garageId = garageId;
    this.batteryId = batteryId;
    this.kind = kind;
    this.takenAt = takenAt;
    this.instrument = instrument;
    this.facts = Map.copyOf(facts);
    this.corrects = corrects;
  }

  UUID id() {
    return id;
  }

  UUID garageId() {
    return garageId;
  }

  /** The battery it is of. */
  UUID batteryId() {
    return batteryId;
  }

  ReadingKind kind() {
    return kind;
  }

  Instant takenAt() {
    return takenAt;
  }

  String instrument() {
    return instrument;
  }

  Facts facts() {
    return new Facts(facts);
  }

  /** The same for other stops to read. */
  TakenReading taken() {
    return new TakenReading(id, kind, takenAt, instrument, facts);
  }

  /** True when the owner said it cannot be taken. */
  boolean isCannot() {
    return facts.containsKey(CANNOT);
  }

  boolean isCorrection() {
    return corrects != null;
  }

  boolean isWithdrawn() {
    return withdrawnAt != null;
  }

  void withdraw(Instant now) {
    withdrawnAt = now;
  }

  void restore() {
    withdrawnAt = null;
  }
}
