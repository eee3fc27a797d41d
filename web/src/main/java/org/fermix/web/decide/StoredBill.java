package org.fermix.web.decide;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.math.BigDecimal;
import java.util.Map;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

/** What an owner has said that things cost in one job. */
@Entity
@Table(name = "bill")
class StoredBill implements Persistable<UUID> {
  @Id private UUID jobId = new UUID(0, 0);
  private UUID garageId = new UUID(0, 0);
  @Version private @Nullable Long version;

  /** Amounts by letter and kind: {@code C.CHARGER}. */
  @JdbcTypeCode(SqlTypes.JSON)
  Map<String, BigDecimal> costs = Map.of();

  protected StoredBill() {}

  StoredBill(UUID jobId, UUID garageId) {
    this.jobId = jobId;
    this.garageId = garageId;
  }

  UUID garageId() {
    return garageId;
  }

  /** 0 for what was never saved. */
  long version() {
    return version == null ? 0 : version + 1;
  }

  @Override
  public UUID getId() {
    return jobId;
  }

  @Override
  public boolean isNew() {
    return version == null;
  }
}
