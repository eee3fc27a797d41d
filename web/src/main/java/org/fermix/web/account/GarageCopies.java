package org.fermix.web.account;

import java.sql.Timestamp;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Copies a garage with all that is in it, table by table inside the database. Every id becomes
 * another one that follows from it and the new garage, so that what pointed to each other still
 * does; times move by whole days, so that "nine days ago" stays nine days ago.
 */
@Component
class GarageCopies {
  /** In this order each row finds what it points to; a test compares it with the database. */
  static final List<String> COPIED =
      List.of(
          "machine",
          "engine",
          "charger",
          "approval",
          "label",
          "offer",
          "battery",
          "job",
          "need",
          "priority",
          "garage_schools",
          "candidate",
          "candidate_battery",
          "reading",
          "job_reading",
          "recording",
          "fitted_engine",
          "stand_in",
          "settlement",
          "fit_tick",
          "incoming",
          "proof",
          "bill",
          "bill_cost");

  /** What belongs to whoever was there, not to what is in the garage. */
  static final List<String> NOT_COPIED =
      List.of(
          "garage_key",
          "revision",
          "submission",
          "practice",
          "catalogue",
          "catalogue_import",
          "catalogue_import_piece");

  private final JdbcClient database;
  private final Map<String, String> statements = new ConcurrentHashMap<>();

  GarageCopies(JdbcClient database) {
    this.database = database;
  }

  @Transactional(propagation = Propagation.MANDATORY)
  void copy(UUID from, Instant madeAt, UUID to, Instant now) {
    long days = Duration.between(madeAt, now).toDays();
    for (String table : COPIED) {
      database
          .sql(statements.computeIfAbsent(table, this::statement))
          .param("from", from)
          .param("to", to)
          .param("days", (int) days)
          .update();
    }
    database
        .sql("update garage set seen_at = ? where id = ?")
        .params(Timestamp.from(now), to)
        .update();
  }

  /** A column and its type; both come from the database's own catalogue. */
  record Column(String name, String type) {
    String copied() {
      String quoted = '"' + name + '"';
      return switch (type) {
        case "uuid" -> name.equals("garage_id") ? ":to" : "md5(" + quoted + "::text || :to)::uuid";
        case "timestamp with time zone", "date" ->
            "(" + quoted + " + :days * interval '1 day')::" + type;
        default -> quoted;
      };
    }
  }

  private String statement(String table) {
    List<Column> columns =
        database
            .sql(
                "select column_name as name, data_type as type from information_schema.columns"
                    + " where table_schema = current_schema() and table_name = ?"
                    + " order by ordinal_position")
            .param(table)
            .query(Column.class)
            .list();
    return "insert into "
        + table
        + " ("
        + columns.stream()
            .map(column -> '"' + column.name() + '"')
            .collect(Collectors.joining(", "))
        + ") select "
        + columns.stream().map(Column::copied).collect(Collectors.joining(", "))
        + " from "
        + table
        + " where garage_id = :from";
  }
}
