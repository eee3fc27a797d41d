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
import org.fermix.core.label.Beside;
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
   * @param runAmps an electric motor takes of it (A)
   * @param runHours on one outing (h)
   */
  @Embeddable
  record Part(
      UUID garageId,
      UUID labelId,
      @Enumerated(EnumType.STRING) PartRole role,
      int pieces,
      @Nullable Double runAmps,
      @Nullable Double runHours) {
    /** A battery that starts. */
    static Part starting(UUID garageId, UUID labelId, int pieces) {
      return new Part(garageId, labelId, PartRole.START, pieces, null, null);
    }

    /** What an electric motor takes of it, where it drives one. */
    Optional<Beside.Run> run() {
      return runAmps == null || runHours == null
          ? Optional.empty()
          : Optional.of(new Beside.Run(runAmps, runHours));
    }
  }

  protected StoredCandidate() {}

  /** A part that is bought once with an arrangement. */
  record Extra(String name, double massKg, double price) {}

  @JdbcTypeCode(SqlTypes.JSON)
  private List<Extra> extras = List.of();

  /** An arrangement: first what starts the engine, then what stands beside it. */
  StoredCandidate(
      UUID garageId, UUID jobId, String letter, List<Part> arranged, List<Extra> extras) {
    this(garageId, jobId, letter, arranged.get(0).labelId());
    parts = new ArrayList<>(arranged);
    this.extras = List.copyOf(extras);
  }

  /** How many batteries start together. */
  int startPieces() {
    return parts.get(0).pieces();
  }

  /** What stands beside what starts the engine. */
  List<Part> others() {
    return List.copyOf(parts.subList(1, parts.size()));
  }

  List<Extra> extras() {
    return extras;
  }

  StoredCandidate(UUID garageId, UUID jobId, String letter, UUID labelId) {
    this.id = UUID.randomUUID();
    this.garageId = garageId;
    this.jobId = jobId;
    this.letter = letter;
    parts.add(Part.starting(garageId, labelId, 1));
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
