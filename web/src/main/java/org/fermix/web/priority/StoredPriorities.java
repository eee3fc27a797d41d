package org.fermix.web.priority;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.math.BigDecimal;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

/** What an owner weighs and wishes in one job; what is absent was not said. */
@Entity
@Table(name = "priority")
class StoredPriorities implements Persistable<UUID> {
  @Id private UUID jobId = new UUID(0, 0);
  private UUID garageId = new UUID(0, 0);
  @Version private @Nullable Long version;

  /** Points by the name of a criterion. */
  @JdbcTypeCode(SqlTypes.JSON)
  Map<String, Integer> weights = Map.of();

  @Nullable BigDecimal budget;

  /** Of the budget; ISO 4217. */
  @Nullable String currency;

  /** The budget, where it is in this currency. */
  Optional<BigDecimal> budgetIn(String wanted) {
    return wanted.equals(currency) ? Optional.ofNullable(budget) : Optional.empty();
  }

  /** Levels by the name of a wish. */
  @JdbcTypeCode(SqlTypes.JSON)
  Map<String, String> wishes = Map.of();

  /** Schools by the name of their question. */
  @JdbcTypeCode(SqlTypes.JSON)
  Map<String, String> schools = Map.of();

  protected StoredPriorities() {}

  StoredPriorities(UUID jobId, UUID garageId) {
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
