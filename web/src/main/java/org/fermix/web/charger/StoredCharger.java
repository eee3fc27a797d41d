package org.fermix.web.charger;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.OptionalDouble;
import java.util.UUID;
import org.fermix.core.charging.ChargeSource;
import org.jspecify.annotations.Nullable;

/** A charger of a garage, as its plate and its manual have it; what is null is not said. */
@Entity
@Table(name = "charger")
public class StoredCharger {
  /** A charger that does not say so starts on any battery that shows this much (V, 12 V). */
  private static final double STARTS_FROM_VOLTS = 8;

  /** Volts of charging that belong to a 12 V battery; more belongs to 24 V, less to 6 V. */
  private static final double LEAST_TWELVE = 10;

  private static final double MOST_TWELVE = 18;

  @Id private UUID id = new UUID(0, 0);
  private UUID garageId = new UUID(0, 0);
  @Version private long version;
  String name = "";

  @Enumerated(EnumType.STRING)
  ChargeSource.Kind kind = ChargeSource.Kind.CHARGER;

  double amps;

  @Column(name = "top_v")
  double topV;

  @Column(name = "float_v")
  @Nullable Double floatV;

  @Column(name = "starts_from_v")
  @Nullable Double startsFromV;

  @Nullable Boolean desulfates;
  @Nullable Boolean wakesProtection;
  private @Nullable Instant removedAt;

  protected StoredCharger() {}

  StoredCharger(UUID garageId) {
    this.id = UUID.randomUUID();
    this.garageId = garageId;
  }

  public UUID id() {
    return id;
  }

  UUID garageId() {
    return garageId;
  }

  long version() {
    return version;
  }

  public String name() {
    return name;
  }

  /** Volts it holds. */
  public double topVolts() {
    return topV;
  }

  /** Volts it starts on; assumed where its manual says nothing. */
  public double startsFromVolts() {
    return startsFromV == null ? series() * STARTS_FROM_VOLTS : startsFromV;
  }

  /** True where it has a stage that cannot be switched off and harms some chemistries. */
  public boolean isDesulfating() {
    return Boolean.TRUE.equals(desulfates);
  }

  /** Series factor of the battery it is made for, by its top voltage: 0.5, 1 or 2. */
  public double series() {
    return topV < LEAST_TWELVE ? 0.5 : topV > MOST_TWELVE ? 2 : 1;
  }

  boolean isRemoved() {
    return removedAt != null;
  }

  void remove(Instant when) {
    removedAt = when;
  }

  void restore() {
    removedAt = null;
  }

  /** The core’s source, in 12 V figures. */
  public ChargeSource source() {
    double series = series();
    return new ChargeSource(
        kind,
        amps,
        topV / series,
        floatV == null ? OptionalDouble.empty() : OptionalDouble.of(floatV / series),
        isDesulfating(),
        startsFromVolts() / series,
        Boolean.TRUE.equals(wakesProtection));
  }
}
