package org.fermix.web.account;

import java.util.Locale;
import org.fermix.web.WebTestBase;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.test.annotation.DirtiesContext;

/**
 * How long a batch of each sweep takes beside 300,000 garages with a machine, a job and a label
 * each; run by {@code ./fermix bench}. Asked: under 50 ms.
 */
@DirtiesContext
class SweepPace extends WebTestBase {
  private static final int GARAGES = 300_000;
  private static final int AT_ONCE = 10_000;

  @Autowired JdbcClient database;
  @Autowired Housekeeping housekeeping;

  @Test
  void measure() {
    // Other ids in every run, should one be repeated on the same data.
    String id = "md5('%s" + System.nanoTime() + "' || n)::uuid";
    String from = " from generate_series(%d, %d) n";
    // The application's own role makes them, within what one statement may take.
    for (int n = 1; n <= GARAGES; n += AT_ONCE) {
      String some = from.formatted(n, n + AT_ONCE - 1);
      run(
          "insert into garage (id, kind, created_at, seen_at, untouched) select "
              + id.formatted("garage")
              + ", 'GUEST', now() - interval '400 days', now() - interval '300 days', n % 5000 = 0"
              + some);
      run(
          "insert into label (id, garage_id, version, name, chemistry, positive_side, demo,"
              + " changed_at, facts, loose_since) select "
              + id.formatted("label")
              + ", "
              + id.formatted("garage")
              + ", 0, 'Made ' || n, 'agm', 'RIGHT', false, now() - interval '300 days', '[]',"
              + " case when n % 3000 = 0 then now() - interval '200 days' end"
              + some);
    }
    for (Housekeeping.Sweep sweep : Housekeeping.SWEEPS) {
      long begun = System.nanoTime();
      int gone = housekeeping.batch(sweep);
      System.out.printf(
          Locale.ROOT,
          "sweep of %s: %d gone in %.1f ms%n",
          sweep.what(),
          gone,
          (System.nanoTime() - begun) / 1e6);
    }
  }

  private void run(String statement) {
    database.sql(statement).update();
  }
}
