package org.fermix.web.approval;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.fermix.core.permission.Approval;
import org.fermix.core.permission.Requirement;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** One revision of a document about a machine, as it is worded; what is null was not said. */
@Entity
@Table(name = "approval")
public class StoredApproval {
  @Id private UUID id = new UUID(0, 0);
  private UUID garageId = new UUID(0, 0);
  private UUID machineId = new UUID(0, 0);
  @Version private long version;
  String document = "";
  String covers = "";
  @Nullable String serials;
  @Nullable String revision;
  @Nullable String region;
  @Nullable LocalDate dated;
  @Nullable LocalDate verifiedOn;

  @Enumerated(EnumType.STRING)
  Approval.Issuer issuer = Approval.Issuer.ENGINE_MAKER;

  @Enumerated(EnumType.STRING)
  Approval.Scope scope = Approval.Scope.NOT_LEAD;

  boolean exclusive;

  @JdbcTypeCode(SqlTypes.JSON)
  List<String> requirements = List.of();

  private Instant madeAt = Instant.EPOCH;
  private @Nullable Instant removedAt;

  protected StoredApproval() {}

  StoredApproval(UUID garageId, UUID machineId, Instant madeAt) {
    this.id = UUID.randomUUID();
    this.garageId = garageId;
    this.machineId = machineId;
    this.madeAt = madeAt;
  }

  public UUID id() {
    return id;
  }

  UUID garageId() {
    return garageId;
  }

  UUID machineId() {
    return machineId;
  }

  long version() {
    return version;
  }

  Instant madeAt() {
    return madeAt;
  }

  /** The day it counts from among revisions: its own date, else the day it was typed. */
  LocalDate since() {
    return dated == null ? LocalDate.ofInstant(madeAt, java.time.ZoneOffset.UTC) : dated;
  }

  boolean isRemoved() {
    return removedAt != null;
  }

  void remove(Instant when) {
    removedAt = when;
  }

  void restore() {
    removedAt = null;
  }

  /** The core’s approval. */
  public Approval approval() {
    return new Approval(
        document,
        covers,
        serials == null ? "" : serials,
        region == null ? "" : region,
        revision == null ? "" : revision,
        Optional.ofNullable(dated),
        Optional.ofNullable(verifiedOn),
        issuer,
        scope,
        exclusive,
        requirements.stream().map(Requirement::read).toList());
  }
}
