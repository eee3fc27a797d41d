package org.fermix.web.practice;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.fermix.core.diagnosis.Cause;
import org.fermix.core.diagnosis.ReadingKind;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** One round: the number of its hidden machine, the readings taken, and the cause named. */
@Entity
@Table(name = "practice")
class Round {
  @Id private UUID id = new UUID(0, 0);

  /** Read by the queries. */
  @SuppressWarnings("UnusedVariable")
  private UUID garageId = new UUID(0, 0);

  @Version private @Nullable Long version;
  private long seed;

  @JdbcTypeCode(SqlTypes.JSON)
  private List<String> readings = List.of();

  private @Nullable String named;
  private Instant begunAt = Instant.EPOCH;

  protected Round() {}

  Round(UUID garageId, long seed, Instant begunAt) {
    this.id = UUID.randomUUID();
    this.garageId = garageId;
    this.seed = seed;
    this.begunAt = begunAt;
  }

  UUID id() {
    return id;
  }

  long seed() {
    return seed;
  }

  Instant begunAt() {
    return begunAt;
  }

  List<ReadingKind> readings() {
    return readings.stream().map(ReadingKind::valueOf).toList();
  }

  /** Takes a reading once. */
  void take(ReadingKind kind) {
    if (!readings.contains(kind.name())) {
      List<String> longer = new ArrayList<>(readings);
      longer.add(kind.name());
      readings = longer;
    }
  }

  Optional<Cause> named() {
    return Optional.ofNullable(named).map(Cause::valueOf);
  }

  void name(Cause cause) {
    named = cause.name();
  }
}
