package org.fermix.web.account;

import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.IntSupplier;
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
  private static final int MOST_BATCHES = 400;

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
    Map<String, Integer> gone = new LinkedHashMap<>();
    SWEEPS.forEach(sweep -> gone.put(sweep.what(), attempted(sweep.what(), () -> all(sweep))));
    gone.put("keys", attempted("keys", keys::sweep));
    gone.put("allowances", attempted("allowances", allowances::sweep));
    LOG.info("tidied {}", gone);
  }

  /** One that fails leaves the others; -1 for it. */
  private static int attempted(String what, IntSupplier sweep) {
    try {
      return sweep.getAsInt();
    } catch (DataAccessException e) {
      LOG.warn("could not tidy {}: {}", what, e.getClass().getSimpleName());
      return -1;
    }
  }

  /** What goes, and after how long it is not asked for any more; each finds it by an index. */
  record Sweep(String what, String found, String delete, Duration kept) {
    String statement() {
      return delete + " in (" + found + " limit ?)";
    }
  }

  static final List<Sweep> SWEEPS =
      List.of(
          new Sweep(
              "demos",
              "select id from garage where kind = 'DEMO' and seen_at < ?",
              "delete from garage where id",
              DEMO_KEPT),
          new Sweep(
              "empty",
              "select id from garage where kind = 'GUEST' and untouched and seen_at < ?",
              // Asked again of the row itself: a machine may come in meanwhile.
              "delete from garage where untouched and id",
              EMPTY_KEPT),
          removed("machine"),
          removed("job"),
          removed("candidate"),
          removed("charger"),
          removed("approval"),
          new Sweep(
              "imports",
              "select garage_id from catalogue_import where made_at < ?",
              "delete from catalogue_import where garage_id",
              Duration.ofDays(1)),
          new Sweep(
              "labels",
              "select id from label where loose_since < ?",
              "delete from label l"
                  + " where not exists (select 1 from candidate_battery c where c.label_id = l.id)"
                  + " and not exists (select 1 from battery b where b.label_id = l.id) and id",
              REMOVED_KEPT));

  private static Sweep removed(String table) {
    return new Sweep(
        table,
        "select id from " + table + " where removed_at < ?",
        "delete from " + table + " where id",
        REMOVED_KEPT);
  }

  /** Batches until there is nothing left, within what one turn may take. */
  private int all(Sweep sweep) {
    int all = 0;
    int batch = AT_ONCE;
    for (int i = 0; i < MOST_BATCHES && batch == AT_ONCE; i++) {
      batch = batch(sweep);
      all += batch;
    }
    return all;
  }

  /** One batch; how many went. */
  int batch(Sweep sweep) {
    return database
        .sql(sweep.statement())
        .params(Timestamp.from(clock.instant().minus(sweep.kept())), AT_ONCE)
        .update();
  }
}
