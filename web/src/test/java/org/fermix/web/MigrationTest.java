package org.fermix.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationVersion;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;

/** Migrations from empty, and what the database itself refuses. */
class MigrationTest extends WebTestBase {
  @Autowired DataSource dataSource;
  @Autowired JdbcClient database;

  @Test
  void migrationsRunFromEmpty() {
    String schema = "from_empty";
    Flyway flyway =
        Flyway.configure()
            .dataSource(dataSource)
            .schemas(schema)
            .cleanDisabled(false)
            .locations("classpath:db/migration")
            .load();
    flyway.clean();
    assertThat(flyway.migrate().migrationsExecuted).isPositive();
    assertThat(flyway.validateWithResult().validationSuccessful).isTrue();
    flyway.clean();
  }

  /** Rows of the version before stand after the migration, with "not said" where nothing was. */
  @Test
  void theVersionBeforeIsCarriedOver() {
    String schema = "carried_over";
    configured(schema, MigrationVersion.fromVersion("5")).clean();
    configured(schema, MigrationVersion.fromVersion("5")).migrate();
    String owner = "11111111-1111-1111-1111-111111111111";
    String machine = "22222222-2222-2222-2222-222222222222";
    String job = "33333333-3333-3333-3333-333333333333";
    for (String statement :
        List.of(
            "insert into %1$s.owner (id, kind, created_at) values ('%2$s', 'GUEST', now())",
            "insert into %1$s.machine values ('%3$s', '%2$s', 0, 'Old', 'utility', 0.7, 2, '5W-30', now())",
            "insert into %1$s.job values ('%4$s', '%2$s', '%3$s', now())",
            "insert into %1$s.need (job_id, owner_id, version, lay_up_days, drain_ma, currency)"
                + " values ('%4$s', '%2$s', 0, 90, 2, 'EUR')",
            "insert into %1$s.battery (id, owner_id, job_id, version, letter, name, chemistry, cranking_a,"
                + " cranking_test, length_mm, width_mm, height_mm, positive_side, age_years, demo)"
                + " values (gen_random_uuid(), '%2$s', '%4$s', 0, 'A', 'Kept', 'agm', 200, 'cca', 150, 87,"
                + " 145, 'LEFT', 0, false)",
            "insert into %1$s.fitted_engine values ('%3$s', '%2$s', 0, now(), true, 1.1, 1, 0.6, 200, 1, 90,"
                + " true, 10, 0.9, 'TYPED', 'b', 'r', 'utility', 0.7, 2)")) {
      database.sql(statement.formatted(schema, owner, machine, job)).update();
    }
    configured(schema, MigrationVersion.LATEST).migrate();
    assertThat(
            database
                .sql(
                    ("select n.lay_up_days || ' ' || coalesce(n.lay_up_place, 'not said') || ' ' ||"
                            + " b.name || ' ' || coalesce(b.capacity_hours::text, 'not said') || ' ' ||"
                            + " f.class_figures || ' ' || coalesce(m.system_v::text, 'not said')"
                            + " from %1$s.need n, %1$s.battery b, %1$s.fitted_engine f, %1$s.machine m")
                        .formatted(schema))
                .query(String.class)
                .single())
        .isEqualTo("90 not said Kept not said 1 not said");
    configured(schema, MigrationVersion.LATEST).clean();
  }

  private Flyway configured(String schema, MigrationVersion target) {
    return Flyway.configure()
        .dataSource(dataSource)
        .schemas(schema)
        .cleanDisabled(false)
        .target(target)
        .locations("classpath:db/migration")
        .load();
  }

  @Test
  void everyTableOfAGarageCarriesItsId() {
    assertThat(
            database
                .sql(
                    """
                    select table_name from information_schema.tables t
                    where table_schema = 'public' and table_type = 'BASE TABLE'
                      and table_name not in ('flyway_schema_history', 'garage')
                      and not exists (select 1 from information_schema.columns c
                        where c.table_schema = 'public' and c.table_name = t.table_name
                          and c.column_name = 'garage_id' and c.is_nullable = 'NO')
                    """)
                .query(String.class)
                .list())
        .isEmpty();
  }

  @Test
  void theDemoGarageIsLoadedOnce() {
    assertThat(
            database
                .sql("select count(*) from garage where kind = 'DEMO'")
                .query(Integer.class)
                .single())
        .isEqualTo(1);
    assertThat(
            database
                .sql(
                    "select string_agg(m.name, ', ' order by m.created_at) from machine m"
                        + " join garage g on g.id = m.garage_id where g.kind = 'DEMO'")
                .query(String.class)
                .single())
        .contains("Juniper", "Wasp", "Drift", "Pelican", "Lark", "Badger");
  }
}
