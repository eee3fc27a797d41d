package org.fermix.web.instruments;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import org.fermix.core.prove.TestAction;
import org.fermix.standins.HiddenBattery;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** A job's hidden battery: how it was set up, and what was done to it since. */
@Entity
@Table(name = "stand_in")
class StandIn {
  /** Most things done to one hidden battery. */
  static final int MOST_ACTIONS = 40;

  @Id private UUID jobId = new UUID(0, 0);

  /** Read by the queries. */
  @SuppressWarnings("UnusedVariable")
  private UUID garageId = new UUID(0, 0);

  @Version private @Nullable Long version;
  private long seed;

  @JdbcTypeCode(SqlTypes.JSON)
  private Map<String, Double> settings = Map.of();

  @JdbcTypeCode(SqlTypes.JSON)
  private List<String> actions = List.of();

  protected StandIn() {}

  StandIn(UUID jobId, UUID garageId) {
    this.jobId = jobId;
    this.garageId = garageId;
  }

  void setUp(long newSeed, Map<HiddenBattery.Setting, Double> chosen) {
    seed = newSeed;
    Map<String, Double> byName = new TreeMap<>();
    chosen.forEach((setting, value) -> byName.put(slug(setting), value));
    settings = Map.copyOf(byName);
    actions = List.of();
  }

  boolean isFull() {
    return actions.size() >= MOST_ACTIONS;
  }

  void add(TestAction action) {
    List<String> longer = new ArrayList<>(actions);
    longer.add(action.slug());
    actions = longer;
  }

  long seed() {
    return seed;
  }

  Map<HiddenBattery.Setting, Double> settings() {
    Map<HiddenBattery.Setting, Double> chosen = new EnumMap<>(HiddenBattery.Setting.class);
    for (HiddenBattery.Setting setting : HiddenBattery.Setting.values()) {
      Double value = settings.get(slug(setting));
      if (value != null) {
        chosen.put(setting, value);
      }
    }
    return chosen;
  }

  List<TestAction> actions() {
    return actions.stream().map(TestAction::find).flatMap(Optional::stream).toList();
  }

  private static String slug(HiddenBattery.Setting setting) {
    return setting.name().toLowerCase(Locale.ROOT);
  }
}
