package org.fermix.web.battery;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What a seller asks for a battery with a label; offers are added and never changed; only undoing
 * the change they came with takes them away.
 */
@Entity
@Table(name = "offer")
public class Offer {
  @Id private UUID id = new UUID(0, 0);
  private UUID garageId = new UUID(0, 0);
  private UUID labelId = new UUID(0, 0);
  private BigDecimal price = BigDecimal.ONE;
  private String currency = "";
  private @Nullable String seller;
  private Instant madeAt = Instant.EPOCH;

  protected Offer() {}

  /** An offer made at a moment. */
  public Offer(
      StoredLabel label,
      BigDecimal price,
      String currency,
      Optional<String> seller,
      Instant madeAt) {
    this.seller = seller.orElse(null);
    this.id = UUID.randomUUID();
    this.garageId = label.garageId();
    this.labelId = label.id();
    this.price = price;
    this.currency = currency;
    this.madeAt = madeAt;
  }

  UUID id() {
    return id;
  }

  UUID garageId() {
    return garageId;
  }

  public UUID labelId() {
    return labelId;
  }

  public BigDecimal price() {
    return price;
  }

  /** ISO 4217. */
  public String currency() {
    return currency;
  }

  /** Who asks it, where that was noted. */
  public Optional<String> seller() {
    return Optional.ofNullable(seller);
  }

  public Instant madeAt() {
    return madeAt;
  }
}
