package org.fermix.web.catalogue;

import java.sql.Timestamp;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.fermix.core.casing.CaseCode;
import org.fermix.core.label.Label;
import org.fermix.web.battery.StoredLabel;
import org.fermix.web.formats.PastedCells;
import org.fermix.web.formats.TableText;
import org.fermix.web.lineup.PastedTable;
import org.fermix.web.shared.Display;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A file of batteries that is brought: looked at first, then all of it is kept or nothing. */
@Service
class Imports {
  private final JdbcClient database;
  private final OwnEntries own;
  private final Clock clock;

  Imports(JdbcClient database, OwnEntries own, Clock clock) {
    this.database = database;
    this.own = own;
    this.clock = clock;
  }

  /** A file that is being looked at. */
  record Brought(String name, String content) {}

  /** Keeps a file for as long as its columns are being told apart, in place of an earlier one. */
  @Transactional
  void bring(UUID garageId, String name, String content) {
    database
        .sql(
            "insert into catalogue_import values (:g, :name, :content, :now) on conflict (garage_id)"
                + " do update set name = :name, content = :content, made_at = :now")
        .param("g", garageId)
        .param("name", name)
        .param("content", content)
        .param("now", Timestamp.from(clock.instant()))
        .update();
  }

  /** The file that is being looked at. */
  @Transactional(readOnly = true)
  Optional<Brought> brought(UUID garageId) {
    return database
        .sql("select name, content from catalogue_import where garage_id = :g")
        .param("g", garageId)
        .query(Brought.class)
        .optional();
  }

  /** Lets go of it. */
  @Transactional
  void drop(UUID garageId) {
    database.sql("delete from catalogue_import where garage_id = :g").param("g", garageId).update();
  }

  /** Its rows by the columns that were chosen. */
  static PastedTable read(
      Brought file, Map<Integer, String> chosen, Map<String, String> otherwise, Display money) {
    return PastedTable.of(
        TableText.read(file.content(), PastedCells.Most.FILE), chosen, otherwise, money);
  }

  /**
   * Keeps all rows of a sound table.
   *
   * @return false when the garage has no room for so many
   */
  @Transactional
  boolean keep(UUID garageId, Brought file, PastedTable table, String currency) {
    List<StoredLabel> stored = new ArrayList<>();
    List<Entry> entries = new ArrayList<>();
    for (PastedTable.Row row : table.rows()) {
      StoredLabel label = new StoredLabel(garageId, false);
      entries.add(entry(PastedTable.label(row, label, clock.instant()), currency, file.name()));
      stored.add(label);
    }
    boolean kept = own.add(garageId, file.name(), stored, entries);
    if (kept) {
      drop(garageId);
    }
    return kept;
  }

  static Entry entry(Label label, String currency, String source) {
    return new Entry(
        UUID.randomUUID(),
        label,
        CaseCode.of(label.size(), label.positiveSide()).map(CaseCode::code).orElse(""),
        currency,
        false,
        source);
  }
}
