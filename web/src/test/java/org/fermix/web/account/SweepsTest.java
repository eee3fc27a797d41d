package org.fermix.web.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.fermix.web.OwnerSteps;
import org.fermix.web.Visit;
import org.fermix.web.WebTestBase;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.transaction.support.TransactionTemplate;

/** Housekeeping finds what it looks for by an index, however much is kept. */
class SweepsTest extends WebTestBase {
  @LocalServerPort int port;
  @Autowired JdbcClient database;
  @Autowired TransactionTemplate transaction;

  static Stream<Housekeeping.Sweep> sweeps() {
    return Housekeeping.SWEEPS.stream();
  }

  @ParameterizedTest
  @MethodSource("sweeps")
  void findsByAnIndex(Housekeeping.Sweep sweep) {
    List<String> plan =
        transaction.execute(
            status -> {
              // A small table is read whole for less; what is asked is whether an index would do.
              database.sql("set local enable_seqscan = off").update();
              return database
                  .sql("explain " + sweep.found().replace("?", "now()") + " limit 50")
                  .query(String.class)
                  .list();
            });
    assertThat(plan).asString().contains("Index").doesNotContain("Seq Scan", "Filter");
  }

  /** A label is loose from the moment nothing has it, and no longer once something does. */
  @Test
  void aLabelIsMarkedWhileNothingHasIt() {
    String name = "Loose Demo " + UUID.randomUUID();
    Visit visit = new Visit(port);
    String job = visit.ownJob("Otter", "petrol-car");
    OwnerSteps.add(visit, job, OwnerSteps.label(name, "agm", "cranking", "620"));
    assertThat(loose(name)).isEqualTo(0);
    database
        .sql("delete from candidate_battery where label_id = (select id from label where name = ?)")
        .param(name)
        .update();
    assertThat(loose(name)).isEqualTo(1);
    assertThat(
            database
                .sql(
                    "select untouched from garage where id = (select garage_id from label where name = ?)")
                .param(name)
                .query(Boolean.class)
                .single())
        .isFalse();
  }

  private int loose(String name) {
    return database
        .sql("select count(*) from label where name = ? and loose_since is not null")
        .param(name)
        .query(Integer.class)
        .single();
  }
}
