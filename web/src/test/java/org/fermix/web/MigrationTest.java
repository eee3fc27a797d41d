package org.fermix.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.List;
import java.util.UUID;
import javax.sql.DataSource;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationVersion;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.datasource.DriverManagerDataSource;

/** Migrations from empty, and what the database itself refuses. */
class MigrationTest extends WebTestBase {
  @Autowired JdbcClient database;
  private DataSource owners = new DriverManagerDataSource();
  private JdbcClient owner = JdbcClient.create(owners);

  /** What migrates owns the tables; the application itself does not. */
  @Autowired
  void connect(
      @Value("${spring.datasource.url}") String url,
      @Value("${spring.flyway.user}") String user,
      @Value("${spring.flyway.password}") String password) {
    owners = new DriverManagerDataSource(url, user, password);
    owner = JdbcClient.create(owners);
  }

  @Test
  void migrationsRunFromEmpty() {
    String schema = "from_empty";
    Flyway flyway =
        Flyway.configure()
            .dataSource(owners)
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
    configured(schema, MigrationVersion.fromVersion("6")).clean();
    configured(schema, MigrationVersion.fromVersion("6")).migrate();
    for (String statement :
        List.of(
            "insert into %1$s.owner (id, kind, created_at) values ('%2$s', 'GUEST', now())",
            "insert into %1$s.machine values ('%3$s', '%2$s', 0, 'Old', 'utility', 0.7, 2, '5W-30', now())",
            "insert into %1$s.job values ('%4$s', '%2$s', '%3$s', '2026-06-01T00:00:00Z')",
            "insert into %1$s.need (job_id, owner_id, version, lay_up_days, drain_ma, currency)"
                + " values ('%4$s', '%2$s', 0, 90, 2, 'USD')",
            "insert into %1$s.battery (id, owner_id, job_id, version, letter, name, chemistry, cranking_a,"
                + " cranking_test, length_mm, width_mm, height_mm, positive_side, age_years, demo, mass_kg)"
                + " values (gen_random_uuid(), '%2$s', '%4$s', 3, '0', 'Today', 'flooded', 190, 'en', 150,"
                + " 87, 145, 'LEFT', 5, false, 4.4)",
            "insert into %1$s.battery (id, owner_id, job_id, version, letter, name, chemistry, cranking_a,"
                + " cranking_test, length_mm, width_mm, height_mm, positive_side, age_years, demo, price,"
                + " capacity_ah, capacity_hours, discharges, heated, removed_at)"
                + " values ('%5$s', '%2$s', '%4$s', 0, 'A', 'Kept', 'agm', 200, 'cca', 150, 87,"
                + " 145, 'LEFT', 0, false, 62.50, 12, 10, '16 Ah 100 h;; 25 A 94 min', true, now())",
            "insert into %1$s.reading values (gen_random_uuid(), '%2$s', '%4$s', 'REST_VOLTS', now(),"
                + " 'Meter', '{\"volts\": \"12.5\"}', null, null)",
            "insert into %1$s.reading values (gen_random_uuid(), '%2$s', '%4$s', 'REST_VOLTS', now(),"
                + " 'Meter', '{\"volts\": \"12.1\"}', null, now())",
            "insert into %1$s.recording values (gen_random_uuid(), '%2$s', '%4$s', 'cold start', now(), 100,"
                + " '{}', '[]')",
            "insert into %1$s.fitted_engine values ('%3$s', '%2$s', 0, now(), true, 1.1, 1, 0.6, 200, 1, 90,"
                + " true, 10, 0.9, 'TYPED', 'b', 'r', 'utility', 0.7, 2)",
            "insert into %1$s.stand_in values ('%4$s', '%2$s', 0, 7, '{}', '[]')",
            "insert into %1$s.practice values (gen_random_uuid(), '%2$s', 0, 7, '[]', null, now())")) {
      owner.sql(statement.formatted(schema, uuid(1), uuid(2), uuid(3), uuid(4))).update();
    }
    configured(schema, MigrationVersion.fromVersion("34")).migrate();
    JdbcClient inside = inside(schema);
    for (String statement :
        List.of(
            "update candidate set removed_at = null",
            "insert into bill (job_id, garage_id, version, costs)"
                + " select id, garage_id, 0, '{\"A.CHARGER\": 59.9, \"B.VENT\": 4}' from job",
            "insert into incoming (job_id, battery_id, garage_id)"
                + " select id, battery_id, garage_id from job")) {
      inside.sql(statement).update();
    }
    configured(schema, MigrationVersion.LATEST).migrate();
    // Costs go by the battery that bore the letter; those of a letter nobody bears are let go.
    assertThat(
            one(
                schema,
                "select string_agg(l.name || ' ' || c.kind || ' ' || round(c.amount, 1), ',')"
                    + " from %1$s.bill_cost c join %1$s.label l on l.id = c.label_id"))
        .isEqualTo("Kept CHARGER 59.9");
    assertThat(
            one(
                schema,
                "select l.name from %1$s.incoming i join %1$s.label l on l.id = i.label_id"))
        .isEqualTo("Today");
    inside.sql("update candidate set removed_at = now()").update();
    assertThat(
            one(
                schema,
                "select l.name || ' ' || b.fitted_on || ' ' || jsonb_path_query_first(l.facts,"
                    + " '$[*] ? (@.fact == \"RATING\").standard') || ' ' || j.lay_up_days"
                    + " from %1$s.battery b join %1$s.label l on l.id = b.label_id"
                    + " join %1$s.job o on o.battery_id = b.id join %1$s.need j on j.job_id = o.id"))
        .isEqualTo("Today 2021-06-01 \"en\" 90");
    assertThat(
            one(
                schema,
                "select c.letter || ' ' || (c.removed_at is not null) || ' ' || l.name || ' ' || f.price"
                    + " || ' ' || f.currency || ' ' || l.facts"
                    + " from %1$s.candidate c join %1$s.candidate_battery p on p.candidate_id = c.id"
                    + " join %1$s.label l on l.id = p.label_id join %1$s.offer f on f.label_id = l.id"))
        .startsWith("A true Kept 62.50 USD")
        .contains("\"CAPACITY\", \"hours\": 10, \"value\": 12")
        .contains("\"16 Ah 100 h\"", "\"25 A 94 min\"", "\"HEATED\"")
        .doesNotContain("RESERVE", "null");
    assertThat(
            one(
                schema,
                "select count(*) || ' ' || count(r.withdrawn_at) || ' ' || count(distinct r.battery_id)"
                    + " from %1$s.job_reading j join %1$s.reading r on r.id = j.reading_id"))
        .isEqualTo("2 1 1");
    assertThat(
            one(
                schema,
                "select r.name || ' ' || (r.battery_id is not null) || ' ' || e.class_figures || ' ' ||"
                    + " s.seed || ' ' || p.seed from %1$s.recording r, %1$s.fitted_engine e,"
                    + " %1$s.stand_in s, %1$s.practice p"))
        .isEqualTo("cold start true 1 7 7");
    assertThat(
            one(
                schema,
                "select m.kind || ' ' || e.engine_class || ' ' || e.displacement_l || ' ' || e.cylinders"
                    + " || ' ' || e.oil || ' ' || f.drag from %1$s.machine m"
                    + " join %1$s.engine e on e.machine_id = m.id"
                    + " join %1$s.fitted_engine f on f.engine_id = e.id"))
        .isEqualTo("powersport utility 0.7 2 5W-30 1.1");
    configured(schema, MigrationVersion.LATEST).clean();
  }

  /** Statements as the application sends them: names are those of the schema. */
  private JdbcClient inside(String schema) {
    if (owners instanceof DriverManagerDataSource own) {
      String url = own.getUrl() == null ? "" : own.getUrl();
      return JdbcClient.create(
          new DriverManagerDataSource(
              url + (url.contains("?") ? "&" : "?") + "currentSchema=" + schema,
              own.getUsername() == null ? "" : own.getUsername(),
              own.getPassword() == null ? "" : own.getPassword()));
    }
    throw new IllegalStateException("no source");
  }

  private static String uuid(int number) {
    return new UUID(0, number).toString();
  }

  private String one(String schema, String query) {
    return owner.sql(query.formatted(schema)).query(String.class).single();
  }

  private Flyway configured(String schema, MigrationVersion target) {
    return Flyway.configure()
        .dataSource(owners)
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
                      and table_name not in
                        ('flyway_schema_history', 'garage', 'instance', 'allowance', 'catalogue',
                         'lay_up_place', 'battery_place')
                      and not exists (select 1 from information_schema.columns c
                        where c.table_schema = 'public' and c.table_name = t.table_name
                          and c.column_name = 'garage_id' and c.is_nullable = 'NO')
                    """)
                .query(String.class)
                .list())
        .isEmpty();
  }

  /** A row cannot hang on another garage's machine, whatever the code above it does. */
  @ParameterizedTest
  @ValueSource(
      strings = {
        "insert into engine (id, garage_id, machine_id, position, engine_class)"
            + " select gen_random_uuid(), g.id, m.id, 4, 'utility'",
        "insert into approval (id, garage_id, machine_id, version, document, requirements)"
            + " select gen_random_uuid(), g.id, m.id, 0, 'bulletin', '[]'"
      })
  void nothingHangsOnAnotherGaragesMachine(String insert) {
    database
        .sql(
            "insert into garage (id, kind, created_at, seen_at)"
                + " values (gen_random_uuid(), 'GUEST', now(), now())")
        .update();
    assertThatExceptionOfType(DataIntegrityViolationException.class)
        .isThrownBy(
            () ->
                database
                    .sql(
                        insert
                            + " from garage g, machine m where g.kind = 'GUEST'"
                            + " and m.garage_id <> g.id limit 1")
                    .update());
  }

  /** Whatever points elsewhere or belongs to a garage is found by an index that begins with it. */
  @Test
  void everyReferenceIsFoundByAnIndex() {
    assertThat(
            database
                .sql(
                    """
                    select conrelid::regclass || '.' || a.attname
                    from pg_constraint c
                      join pg_attribute a on a.attrelid = c.conrelid and a.attnum = c.conkey[1]
                    where c.contype = 'f' and c.connamespace = 'public'::regnamespace
                      and not exists (select 1 from pg_index i where i.indrelid = c.conrelid
                        and i.indpred is null and i.indkey[0] = c.conkey[1])
                    """)
                .query(String.class)
                .list())
        .isEmpty();
  }

  /** The role the application works under can change rows, and nothing about the tables. */
  @ParameterizedTest
  @ValueSource(
      strings = {
        "create table mine (id integer)",
        "drop table garage cascade",
        "alter table machine add column mine text",
        "truncate table machine cascade",
        "update instance set name = 'another1'",
        "delete from flyway_schema_history",
        "create role mine login"
      })
  void theApplicationOwnsNothing(String statement) {
    assertThatExceptionOfType(DataAccessException.class)
        .isThrownBy(() -> database.sql(statement).update())
        .havingRootCause()
        .withMessageMatching("(?s).*(permission denied|must be owner).*");
  }

  @Test
  void theDemoGarageIsLoadedOnce() {
    assertThat(
            database
                .sql("select count(*) from garage where kind = 'SOURCE'")
                .query(Integer.class)
                .single())
        .isEqualTo(1);
    assertThat(
            database
                .sql(
                    "select string_agg(m.name, ', ' order by m.created_at) from machine m"
                        + " join garage g on g.id = m.garage_id where g.kind = 'SOURCE'")
                .query(String.class)
                .single())
        .contains("Juniper", "Wasp", "Drift", "Pelican", "Lark", "Badger");
  }
}
