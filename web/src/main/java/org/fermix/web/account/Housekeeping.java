package org.fermix.web.account;

import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Throws away what nobody will ask for again: copies of the demo, garages that stayed empty, what
 * was removed long ago, keys and allowances that have ended. A little at a time; every instance may
 * do it.
 */
@Component
class Housekeeping {
  private static final Logger LOG = LoggerFactory.getLogger(Housekeeping.class);

  /** A copy of the demo that was not opened for so long goes. */
  static final Duration DEMO_KEPT = Duration.ofDays(1);

  /** A garage in which there never was a machine. */
  static final Duration EMPTY_KEPT = Duration.ofDays(14);

  /** What was removed can be taken back for so long. */
  static final Duration REMOVED_KEPT = Duration.ofDays(30);

  private static final int AT_ONCE = 50;

  private final JdbcClient database;
  private final GarageKeys keys;
  private final Allowances allowances;
  private final Clock clock;

  Housekeeping(JdbcClient database, GarageKeys keys, Allowances allowances, Clock clock) {
    this.database = database;
    this.keys = keys;
    this.allowances = allowances;
    this.clock = clock;
  }

  @Scheduled(
      initialDelayString = "${fermix.housekeeping.first:PT2M}",
      fixedDelayString = "${fermix.housekeeping.every:PT20M}")
  void tidy() {
    try {
      int demos = sweep(OLD_DEMOS, DEMO_KEPT);
      int empty = sweep(EMPTY_GARAGES, EMPTY_KEPT);
      int machines = sweep(REMOVED_MACHINES, REMOVED_KEPT);
      int jobs = sweep(REMOVED_JOBS, REMOVED_KEPT);
      int candidates =
          sweep(REMOVED_CANDIDATES, REMOVED_KEPT)
              + sweep(REMOVED_CHARGERS, REMOVED_KEPT)
              + sweep(REMOVED_APPROVALS, REMOVED_KEPT)
              + sweep(OLD_IMPORTS, Duration.ofDays(1));
      int labels = sweep(LOOSE_LABELS, REMOVED_KEPT);
      int ended = keys.sweep() + allowances.sweep();
      LOG.info(
          "tidied demos={} empty={} machines={} jobs={} candidates={} labels={} ended={}",
          demos,
          empty,
          machines,
          jobs,
          candidates,
          labels,
          ended);
    } catch (DataAccessException e) {
      LOG.warn("could not tidy: {}", e.getClass().getSimpleName());
    }
  }

  private static final String OLD_DEMOS =
      "delete from garage where id in (select id from garage where kind = 'DEMO' and seen_at < ?"
          + " limit ?)";

  private static final String EMPTY_GARAGES =
      "delete from garage where id in (select id from garage g where kind = 'GUEST' and seen_at < ?"
          + " and not exists (select 1 from machine m where m.garage_id = g.id)"
          + " and not exists (select 1 from practice p where p.garage_id = g.id) limit ?)";

  private static final String REMOVED_MACHINES =
      "delete from machine where id in (select id from machine where removed_at < ? limit ?)";

  private static final String REMOVED_JOBS =
      "delete from job where id in (select id from job where removed_at < ? limit ?)";

  private static final String REMOVED_CANDIDATES =
      "delete from candidate where id in (select id from candidate where removed_at < ? limit ?)";

  private static final String REMOVED_CHARGERS =
      "delete from charger where id in (select id from charger where removed_at < ? limit ?)";

  private static final String REMOVED_APPROVALS =
      "delete from approval where id in (select id from approval where removed_at < ? limit ?)";

  private static final String OLD_IMPORTS =
      "delete from catalogue_import where garage_id in (select garage_id from catalogue_import"
          + " where made_at < ? limit ?)";

  private static final String LOOSE_LABELS =
      "delete from label where id in (select id from label l where changed_at < ?"
          + " and not exists (select 1 from candidate_battery c where c.label_id = l.id)"
          + " and not exists (select 1 from battery b where b.label_id = l.id) limit ?)";

  private int sweep(String statement, Duration kept) {
    return database
        .sql(statement)
        .params(Timestamp.from(clock.instant().minus(kept)), AT_ONCE)
        .update();
  }
}
