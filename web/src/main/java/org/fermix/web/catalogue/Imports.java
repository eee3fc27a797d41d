package org.fermix.web.catalogue;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
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
import org.fermix.web.formats.CsvFault;
import org.fermix.web.formats.PastedCells;
import org.fermix.web.formats.TableText;
import org.fermix.web.lineup.PastedTable;
import org.fermix.web.shared.Display;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.ObjectMapper;

/**
 * A file of batteries that is brought: looked at first, then all of it is kept or nothing. It is
 * read as a stream and stored in pieces beside what was found in it, so that neither its size nor
 * the number of its faults costs memory.
 */
@Service
class Imports {
  private static final int PIECE_BYTES = 262_144;
  private static final int BATCH = 500;

  private final JdbcClient database;
  private final OwnEntries own;
  private final ObjectMapper json;
  private final Clock clock;

  Imports(JdbcClient database, OwnEntries own, ObjectMapper json, Clock clock) {
    this.database = database;
    this.own = own;
    this.json = json;
    this.clock = clock;
  }

  /** A file that is being looked at. */
  record Brought(String name, FileVerdict verdict) {}

  /** What is known of a table before it is read. */
  record Ask(Map<Integer, String> chosen, Map<String, String> otherwise, Display money) {}

  /**
   * Keeps a file for as long as its columns are being told apart, in place of an earlier one.
   *
   * @throws CsvFault where it is no table at all
   */
  @Transactional
  void bring(UUID garageId, String name, long bytes, TableText.Source file, Ask ask) {
    FileVerdict found = judged(file, ask);
    if (!found.fault().isEmpty()) {
      throw CsvFault.again(found.fault());
    }
    drop(garageId);
    database
        .sql(
            "insert into catalogue_import (garage_id, name, made_at, bytes, verdict)"
                + " values (:g, :name, :now, :bytes, :verdict::jsonb)")
        .param("g", garageId)
        .param("name", name)
        .param("now", Timestamp.from(clock.instant()))
        .param("bytes", bytes)
        .param("verdict", json.writeValueAsString(found))
        .update();
    store(garageId, file);
  }

  private void store(UUID garageId, TableText.Source file) {
    try (InputStream stream = file.open()) {
      byte[] piece = stream.readNBytes(PIECE_BYTES);
      for (int place = 0; piece.length > 0; place++) {
        database
            .sql("insert into catalogue_import_piece values (:g, :place, :content)")
            .param("g", garageId)
            .param("place", place)
            .param("content", piece)
            .update();
        piece = stream.readNBytes(PIECE_BYTES);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** The file that is being looked at. */
  @Transactional(readOnly = true)
  Optional<Brought> brought(UUID garageId) {
    return database
        .sql("select name, verdict from catalogue_import where garage_id = :g")
        .param("g", garageId)
        .query(
            (row, number) ->
                new Brought(
                    row.getString("name"),
                    json.readValue(row.getString("verdict"), FileVerdict.class)))
        .optional();
  }

  /** Looks at it anew, with other columns. */
  @Transactional
  FileVerdict look(UUID garageId, Ask ask) {
    FileVerdict found = judged(pieces(garageId), ask);
    database
        .sql("update catalogue_import set verdict = :verdict::jsonb where garage_id = :g")
        .param("g", garageId)
        .param("verdict", json.writeValueAsString(found))
        .update();
    return found;
  }

  /** Lets go of it. */
  @Transactional
  void drop(UUID garageId) {
    database.sql("delete from catalogue_import where garage_id = :g").param("g", garageId).update();
  }

  private static FileVerdict judged(TableText.Source file, Ask ask) {
    FileVerdict.Judge judge = new FileVerdict.Judge();
    PastedTable.RowByRow rows =
        new PastedTable.RowByRow(ask.chosen(), ask.otherwise(), ask.money(), judge::take);
    String fault = "";
    try {
      TableText.each(file, PastedCells.Most.FILE, rows);
    } catch (CsvFault wrong) {
      fault = String.valueOf(wrong.getMessage());
    }
    return judge.verdict(
        rows.columns(),
        new FileVerdict.Otherwise(
            ask.otherwise().getOrDefault("chemistry", ""),
            ask.otherwise().getOrDefault("side", "")),
        ask.money().currencyCode(),
        fault);
  }

  /** The stored file: one piece of it at a time is in memory. */
  private TableText.Source pieces(UUID garageId) {
    int count =
        database
            .sql("select count(*) from catalogue_import_piece where garage_id = :g")
            .param("g", garageId)
            .query(Integer.class)
            .single();
    return () -> new Pieces(garageId, count);
  }

  /** Reads one piece after another. */
  private final class Pieces extends InputStream {
    private final UUID garageId;
    private final int count;
    private int next;
    private InputStream piece = InputStream.nullInputStream();

    Pieces(UUID garageId, int count) {
      this.garageId = garageId;
      this.count = count;
    }

    @Override
    public int read() throws IOException {
      byte[] one = new byte[1];
      return read(one, 0, 1) < 0 ? -1 : one[0] & 0xff;
    }

    @Override
    public int read(byte[] into, int from, int most) throws IOException {
      int got = piece.read(into, from, most);
      while (got < 0 && next < count) {
        piece = new ByteArrayInputStream(piece(garageId, next++));
        got = piece.read(into, from, most);
      }
      return got;
    }
  }

  private byte[] piece(UUID garageId, int place) {
    return database
        .sql("select content from catalogue_import_piece where garage_id = :g and place = :place")
        .param("g", garageId)
        .param("place", place)
        .query((row, number) -> row.getBytes("content"))
        .single();
  }

  /** How keeping a file ended. */
  enum Kept {
    ALL,
    UNSOUND,
    NO_ROOM
  }

  /** Keeps all rows of a sound table; or none of them. */
  @Transactional
  Kept keep(UUID garageId, String name, Ask ask) {
    FileVerdict found = look(garageId, ask);
    if (!found.isSound()) {
      return Kept.UNSOUND;
    }
    if (!own.hasRoom(garageId, found.rows())) {
      return Kept.NO_ROOM;
    }
    List<StoredLabel> stored = new ArrayList<>();
    List<Entry> entries = new ArrayList<>();
    PastedTable.RowByRow rows =
        new PastedTable.RowByRow(
            ask.chosen(),
            ask.otherwise(),
            ask.money(),
            row -> {
              StoredLabel label = new StoredLabel(garageId, false);
              entries.add(
                  entry(
                      PastedTable.label(row, label, clock.instant()),
                      ask.money().currencyCode(),
                      name));
              stored.add(label);
              if (stored.size() == BATCH) {
                own.put(garageId, name, stored, entries);
                stored.clear();
                entries.clear();
              }
            });
    TableText.each(pieces(garageId), PastedCells.Most.FILE, rows);
    own.put(garageId, name, stored, entries);
    drop(garageId);
    return Kept.ALL;
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
