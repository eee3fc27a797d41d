package org.fermix.web.lineup;

import jakarta.persistence.CollectionTable;
import jakarta.persistence.ElementCollection;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.FetchType;
import jakarta.persistence.Id;
import jakarta.persistence.JoinColumn;
import jakarta.persistence.OrderColumn;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.fermix.web.battery.HeldBattery;
import org.hibernate.annotations.BatchSize;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** What could be bought, under its letter: one battery, or several with their parts to play. */
@Entity
@Table(name = "candidate")
class StoredCandidate {
  @Id private UUID id = new UUID(0, 0);
  private UUID garageId = new UUID(0, 0);
  private UUID jobId = new UUID(0, 0);
  private String letter = "";
  private @Nullable Instant removedAt;

  @ElementCollection(fetch = FetchType.EAGER)
  @CollectionTable(name = "candidate_battery", joinColumns = @JoinColumn(name = "candidate_id"))
  @OrderColumn(name = "place")
  @BatchSize(size = 200)
  private List<Part> parts = new ArrayList<>();

  /**
   * One of its batteries.
   *
   * @param pieces how many of them
   */
  @Embeddable
  record Part(
      UUID garageId,
      UUID labelId,
      @Enumerated(EnumType.STRING) HeldBattery.Position role,
      int pieces) {}

  protected StoredCandidate() {}

  /** A part that is bought once with an arrangement. */
  record Extra(String name, double massKg, double price) {}

  @JdbcTypeCode(SqlTypes.JSON)
  private List<Extra> extras = List.of();

  /** An arrangement: batteries that start, and a house battery beside them. */
  StoredCandidate(
      UUID garageId,
      UUID jobId,
      String letter,
      UUID startId,
      int startPieces,
      @Nullable UUID houseId,
      int housePieces,
      List<Extra> extras) {
    this(garageId, jobId, letter, startId);
    parts.set(0, new Part(garageId, startId, HeldBattery.Position.START, startPieces));
    if (houseId != null) {
      parts.add(new Part(garageId, houseId, HeldBattery.Position.HOUSE, housePieces));
    }
    this.extras = List.copyOf(extras);
  }

  /** How many batteries start together. */
  int startPieces() {
    return parts.get(0).pieces();
  }

  /** The house battery, where there is one. */
  Optional<Part> house() {
    return parts.stream().filter(each -> each.role() == HeldBattery.Position.HOUSE).findFirst();
  }

  List<Extra> extras() {
    return extras;
  }

  StoredCandidate(UUID garageId, UUID jobId, String letter, UUID labelId) {
    this.id = UUID.randomUUID();
    this.garageId = garageId;
    this.jobId = jobId;
    this.letter = letter;
    parts.add(new Part(garageId, labelId, HeldBattery.Position.START, 1));
  }

  UUID id() {
    return id;
  }

  UUID garageId() {
    return garageId;
  }

  UUID jobId() {
    return jobId;
  }

  String letter() {
    return letter;
  }

  /** The label of the battery that starts the engine. */
  UUID labelId() {
    return parts.get(0).labelId();
  }

  boolean isRemoved() {
    return removedAt != null;
  }

  /** When it was removed; long ago where it is not. */
  Instant removedAt() {
    return removedAt == null ? Instant.EPOCH : removedAt;
  }

  void remove(Instant when) {
    removedAt = when;
  }

  void restore(String newLetter) {
    removedAt = null;
    letter = newLetter;
  }
}
