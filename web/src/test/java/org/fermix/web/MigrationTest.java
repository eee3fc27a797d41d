package org.fermix.web;

import static org.assertj.core.api.Assertions.assertThat;

import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
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

  @Test
  void everyTableOfOwnersCarriesTheirId() {
    assertThat(
            database
                .sql(
                    """
                    select table_name from information_schema.tables t
                    where table_schema = 'public' and table_type = 'BASE TABLE'
                      and table_name not in ('flyway_schema_history', 'owner')
                      and not exists (select 1 from information_schema.columns c
                        where c.table_schema = 'public' and c.table_name = t.table_name
                          and c.column_name = 'owner_id' and c.is_nullable = 'NO')
                    """)
                .query(String.class)
                .list())
        .isEmpty();
  }

  @Test
  void theDemoGarageIsLoadedOnce() {
    assertThat(
            database
                .sql("select count(*) from owner where kind = 'DEMO'")
                .query(Integer.class)
                .single())
        .isEqualTo(1);
    assertThat(
            database
                .sql(
                    "select string_agg(m.name, ', ' order by m.created_at) from machine m"
                        + " join owner o on o.id = m.owner_id where o.kind = 'DEMO'")
                .query(String.class)
                .single())
        .contains("Juniper", "Wasp", "Drift", "Pelican", "Lark", "Badger");
  }
}
