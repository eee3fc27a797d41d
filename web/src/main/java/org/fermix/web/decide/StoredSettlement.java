package org.fermix.web.decide;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Transient;
import java.time.Instant;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

/** A decision that was settled; only whether it still stands ever changes. */
@Entity
@Table(name = "settlement")
class StoredSettlement implements Persistable<UUID> {
  @Id private UUID id = new UUID(0, 0);
  private UUID garageId = new UUID(0, 0);
  private UUID jobId = new UUID(0, 0);
  private int turn;
  private Instant settledAt = Instant.EPOCH;
  private String letter = "";
  private @Nullable UUID labelId;
  private String because = "";

  @JdbcTypeCode(SqlTypes.JSON)
  @Column(name = "record")
  private String record = "";

  @Nullable Instant withdrawnAt;
  @Transient private @Nullable Sheet read;
  @Transient private boolean made;

  protected StoredSettlement() {}

  StoredSettlement(
      UUID id,
      UUID garageId,
      UUID jobId,
      int turn,
      Instant settledAt,
      String letter,
      @Nullable UUID labelId,
      Sheet sheet) {
    this.id = id;
    this.garageId = garageId;
    this.jobId = jobId;
    this.turn = turn;
    this.settledAt = settledAt;
    this.letter = letter;
    this.labelId = labelId;
    this.because = sheet.because();
    this.record = SettledRecord.write(sheet);
    this.read = sheet;
    this.made = true;
  }

  UUID jobId() {
    return jobId;
  }

  UUID garageId() {
    return garageId;
  }

  String because() {
    return because;
  }

  int turn() {
    return turn;
  }

  Instant settledAt() {
    return settledAt;
  }

  /** {@code 0} where today's battery is kept. */
  String letter() {
    return letter;
  }

  @Nullable UUID labelId() {
    return labelId;
  }

  Sheet sheet() {
    Sheet known = read;
    if (known == null) {
      known = SettledRecord.read(record);
      read = known;
    }
    return known;
  }

  boolean stands() {
    return withdrawnAt == null;
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
