package org.fermix.web.battery;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A battery one can hold: in its place in a machine, or on the shelf. Without a label nobody has
 * said what it is.
 */
@Entity
@Table(name = "battery")
public class HeldBattery {
  private static final double DAYS_PER_YEAR = 365.25;

  /** Ages are told to a hundredth of a year. */
  private static final double HUNDREDTHS = 100;

  /** The part a battery plays. */
  public enum Position {
    START,
    HOUSE,
    RESERVE
  }

  @Id private UUID id = new UUID(0, 0);
  private UUID garageId = new UUID(0, 0);
  @Version private long version;
  private @Nullable UUID machineId;

  @Enumerated(EnumType.STRING)
  private Position position = Position.START;

  private @Nullable UUID labelId;
  private @Nullable Instant labelRemovedAt;
  private @Nullable LocalDate fittedOn;
  private @Nullable LocalDate removedOn;

  protected HeldBattery() {}

  HeldBattery(UUID garageId, UUID machineId) {
    this.id = UUID.randomUUID();
    this.garageId = garageId;
    this.machineId = machineId;
  }

  /** One that is not in a machine yet. */
  HeldBattery(UUID garageId, StoredLabel label) {
    this.id = UUID.randomUUID();
    this.garageId = garageId;
    this.labelId = label.id();
  }

  /** Its id. */
  public UUID id() {
    return id;
  }

  UUID garageId() {
    return garageId;
  }

  /** The machine it is in; empty on the shelf. */
  public Optional<UUID> machineId() {
    return Optional.ofNullable(machineId);
  }

  /** The part it plays. */
  public Position position() {
    return position;
  }

  /** When it was taken out of its machine; empty while it is in. */
  public Optional<LocalDate> removedOn() {
    return Optional.ofNullable(removedOn);
  }

  /** Its label, removed or not; empty where it was never described. */
  public Optional<UUID> labelId() {
    return Optional.ofNullable(labelId);
  }

  /** True when it is described and the description was not removed. */
  public boolean isDescribed() {
    return labelId != null && labelRemovedAt == null;
  }

  /** Says what it is. */
  public void describe(StoredLabel label) {
    labelId = label.id();
    labelRemovedAt = null;
  }

  /** Takes its description away; its readings stay. */
  public void removeLabel(Instant when) {
    labelRemovedAt = when;
  }

  /** Takes the description back. */
  public void restoreLabel() {
    labelRemovedAt = null;
  }

  /** Puts it into a machine. */
  void fit(UUID machine, LocalDate day) {
    machineId = machine;
    fittedOn = day;
    removedOn = null;
  }

  /** Takes it out of its machine again, as if it had never been in. */
  void putBackOnShelf() {
    machineId = null;
    fittedOn = null;
  }

  /** Takes it out of its machine; not before the day it was fitted. */
  void takeOut(LocalDate day) {
    removedOn = fittedOn != null && fittedOn.isAfter(day) ? fittedOn : day;
  }

  /** It was not taken out after all. */
  void stays() {
    removedOn = null;
  }

  /** Years in service on a day (y), to a hundredth; 0 where nobody said. */
  public double ageYears(LocalDate today) {
    if (fittedOn == null) {
      return 0;
    }
    double years = ChronoUnit.DAYS.between(fittedOn, today) / DAYS_PER_YEAR;
    return Math.max(0, Math.round(HUNDREDTHS * years) / HUNDREDTHS);
  }

  /** Sets when it was fitted from its age, unless it is that old already. */
  public void fittedYearsAgo(double years, LocalDate today) {
    if (fittedOn == null || ageYears(today) != years) {
      fittedOn = today.minusDays(Math.round(years * DAYS_PER_YEAR));
    }
  }
}
