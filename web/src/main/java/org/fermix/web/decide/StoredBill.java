package org.fermix.web.decide;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.math.BigDecimal;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.fermix.core.plan.Extra;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

/** What an owner has said that things cost in one job. */
@Entity
@Table(name = "bill")
class StoredBill implements Persistable<UUID> {
  @Id private UUID jobId = new UUID(0, 0);
  private UUID garageId = new UUID(0, 0);
  @Version private @Nullable Long version;

  @ElementCollection(fetch = FetchType.EAGER)
  @CollectionTable(name = "bill_cost", joinColumns = @JoinColumn(name = "job_id"))
  private Set<Cost> costs = new HashSet<>();

  /**
   * What one thing costs with one battery.
   *
   * @param labelId of the battery
   * @param amount in its own currency
   * @param currency ISO 4217
   */
  @Embeddable
  record Cost(
      UUID garageId,
      UUID labelId,
      @Enumerated(EnumType.STRING) Extra.Kind kind,
      BigDecimal amount,
      String currency) {}

  protected StoredBill() {}

  StoredBill(UUID jobId, UUID garageId) {
    this.jobId = jobId;
    this.garageId = garageId;
  }

  /** All that was typed. */
  Set<Cost> costs() {
    return Set.copyOf(costs);
  }

  /** Puts what one battery’s things cost in the place of what was typed of it before. */
  void put(UUID labelId, Map<Extra.Kind, BigDecimal> typed, String currency) {
    costs.removeIf(each -> each.labelId().equals(labelId));
    typed.forEach((kind, amount) -> costs.add(new Cost(garageId, labelId, kind, amount, currency)));
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
