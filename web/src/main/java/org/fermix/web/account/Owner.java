package org.fermix.web.account;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Whoever a garage belongs to. */
@Entity
@Table(name = "owner")
class Owner {
  enum Kind {
    DEMO,
    GUEST
  }

  @Id private UUID id = new UUID(0, 0);

  @Enumerated(EnumType.STRING)
  private Kind kind = Kind.GUEST;

  private @Nullable String tokenHash;
  private Instant createdAt = Instant.EPOCH;

  protected Owner() {}

  Owner(Kind kind, @Nullable String tokenHash, Instant createdAt) {
    this.id = UUID.randomUUID();
    this.kind = kind;
    this.tokenHash = tokenHash;
    this.createdAt = createdAt;
  }

  UUID id() {
    return id;
  }

  @Nullable String tokenHash() {
    return tokenHash;
  }

  Kind kind() {
    return kind;
  }

  Instant createdAt() {
    return createdAt;
  }
}
