package org.fermix.web.need;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.fermix.core.casing.Terminal;
import org.fermix.core.casing.TerminalSide;
import org.fermix.core.machine.Charging;
import org.fermix.core.machine.Habit;
import org.fermix.core.machine.Stand;
import org.fermix.core.machine.Tray;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

/** What an owner said a job needs; what is null was not said. Column names carry the units. */
@Entity
@Table(name = "need")
class NeedFacts implements Persistable<UUID> {
  @Id private UUID jobId = new UUID(0, 0);
  private UUID garageId = new UUID(0, 0);
  @Version private @Nullable Long version;

  @Column(name = "minimum_cca_a")
  @Nullable Double minimumCcaA;

  @Nullable String minimumTest;

  @Column(name = "minimum_reserve_min")
  @Nullable Double minimumReserveMin;

  @Column(name = "minimum_capacity_ah")
  @Nullable Double minimumCapacityAh;

  @Column(name = "tray_length_mm")
  @Nullable Double trayLengthMm;

  @Column(name = "tray_width_mm")
  @Nullable Double trayWidthMm;

  @Column(name = "tray_height_mm")
  @Nullable Double trayHeightMm;

  @Enumerated(EnumType.STRING)
  @Nullable TerminalSide positiveSide;

  @Enumerated(EnumType.STRING)
  @Nullable Terminal leadTerminal;

  @Column(name = "lead_spare_mm")
  @Nullable Double leadSpareMm;

  @Nullable Boolean mayLie;

  @Column(name = "way_in_width_mm")
  @Nullable Double wayInWidthMm;

  @Column(name = "way_in_height_mm")
  @Nullable Double wayInHeightMm;

  @Enumerated(EnumType.STRING)
  Tray.@Nullable HoldDown holdDown;

  @Enumerated(EnumType.STRING)
  Charging.@Nullable Source chargingSource;

  @Nullable String hardinessZone;

  @Column(name = "alarm_v")
  @Nullable Double alarmV;

  @Enumerated(EnumType.STRING)
  Habit.@Nullable Intensity intensity;

  @Nullable Double daysUsed;
  @Nullable Double weeksAway;

  @JdbcTypeCode(SqlTypes.JSON)
  List<String> drains = List.of();

  @Nullable Double wakeUps;

  /** What it said before it was last saved, by field, metric. */
  @JdbcTypeCode(SqlTypes.JSON)
  Map<String, String> before = Map.of();

  @Column(name = "coldest_morning_c")
  @Nullable Double coldestMorningC;

  @Column(name = "lay_up_days")
  @Nullable Double layUpDays;

  @Column(name = "drain_ma")
  @Nullable Double drainMa;

  @Column(name = "engine_off_a")
  @Nullable Double engineOffA;

  @Column(name = "engine_off_h")
  @Nullable Double engineOffH;

  @Column(name = "winter_mean_c")
  @Nullable Double winterMeanC;

  @Column(name = "summer_mean_c")
  @Nullable Double summerMeanC;

  @Nullable Integer coldestMonth;
  @Nullable Integer layUpFromMonth;
  @Nullable String layUpPlace;

  @Enumerated(EnumType.STRING)
  Stand.@Nullable Way stand;

  @Nullable Double standWeeks;
  @Nullable String batteryPlace;
  @Nullable Double startsPerDay;

  @Column(name = "trip_min")
  @Nullable Double tripMin;

  @Nullable Boolean stopsAtLights;

  @Column(name = "restarts_a_day")
  @Nullable Double restartsADay;

  @Column(name = "stopped_a")
  @Nullable Double stoppedA;

  @Nullable Double historyBatteries;
  @Nullable Double historyYears;
  @Nullable Boolean keepsBattery;

  @Column(name = "years_kept")
  @Nullable Double yearsKept;

  @Column(name = "regulated_v")
  @Nullable Double regulatedV;

  @JdbcTypeCode(SqlTypes.JSON)
  List<StoredLoad> loads = List.of();

  String currency = "EUR";

  protected NeedFacts() {}

  NeedFacts(UUID jobId, UUID garageId, String currency) {
    this.jobId = jobId;
    this.garageId = garageId;
    this.currency = currency;
  }

  UUID garageId() {
    return garageId;
  }

  /** 0 for facts never saved. */
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
