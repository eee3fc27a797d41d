package org.fermix.web.account;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.Optional;
import java.util.UUID;
import org.fermix.core.quantity.UnitSystem;
import org.fermix.web.shared.Preferences;
import org.jspecify.annotations.Nullable;

/** A garage: whose it is, and how its owner wants things shown. */
@Entity
@Table(name = "garage")
class StoredGarage {
  private static final Duration SEEN_EVERY = Duration.ofHours(1);

  enum Kind {
    /** What the demo is copied from; nobody opens it. */
    SOURCE,
    /** A visitor's own copy of the demo. */
    DEMO,
    /** A garage of somebody's own. */
    GUEST
  }

  @Id private UUID id = new UUID(0, 0);

  @Enumerated(EnumType.STRING)
  private Kind kind = Kind.GUEST;

  private @Nullable Integer edition;
  private Instant createdAt = Instant.EPOCH;
  private Instant seenAt = Instant.EPOCH;
  private @Nullable String zone;

  @Enumerated(EnumType.STRING)
  private @Nullable UnitSystem units;

  private @Nullable String currency;

  protected StoredGarage() {}

  StoredGarage(Kind kind, @Nullable Integer edition, Instant createdAt) {
    this.id = UUID.randomUUID();
    this.kind = kind;
    this.edition = edition;
    this.createdAt = createdAt;
    this.seenAt = createdAt;
  }

  UUID id() {
    return id;
  }

  @Nullable Integer edition() {
    return edition;
  }

  Kind kind() {
    return kind;
  }

  Instant createdAt() {
    return createdAt;
  }

  /** Remembers that it was opened; once an hour is enough. */
  void seen(Instant now) {
    if (seenAt.plus(SEEN_EVERY).isBefore(now)) {
      seenAt = now;
    }
  }

  Preferences preferences() {
    return new Preferences(
        Optional.ofNullable(units),
        Optional.ofNullable(zone).map(ZoneId::of),
        Optional.ofNullable(currency));
  }

  void prefer(Preferences preferences) {
    units = preferences.units().orElse(null);
    zone = preferences.zone().map(ZoneId::getId).orElse(null);
    currency = preferences.currency().orElse(null);
  }
}
