package org.fermix.web.instruments;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
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

  void setUp(long newSeed, Map<String, Double> newSettings) {
    seed = newSeed;
    settings = Map.copyOf(newSettings);
    actions = List.of();
  }

  boolean isFull() {
    return actions.size() >= MOST_ACTIONS;
  }

  void add(String action) {
    List<String> longer = new ArrayList<>(actions);
    longer.add(action);
    actions = longer;
  }

  long seed() {
    return seed;
  }

  Map<String, Double> settings() {
    return settings;
  }

  List<String> actions() {
    return actions;
  }
}
