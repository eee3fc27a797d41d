package org.fermix.web.catalogue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.machine.Tray;
import org.fermix.web.shared.Answers;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * The catalogue in the database: what may fit by its sides, the nearest of the rest, and counts.
 */
@Service
class Catalogue {
  /** So many of those that may fit are judged at once; of more, those of most amps. */
  static final int MOST_JUDGED = 800;

  /** So many of those that do not go in are judged, the least too large first. */
  static final int MOST_NEAR = 60;

  /** What is larger than the tray by more than this on any side is no near miss (mm). */
  private static final int FAR_MM = 60;

  private final JdbcClient database;
  private final Answers answers;
  private final CatalogueRows rows;

  Catalogue(JdbcClient database, Answers answers, CatalogueRows rows) {
    this.database = database;
    this.answers = answers;
    this.rows = rows;
  }

  /** How many there are of each chemistry among those asked for. */
  record Counts(long all, long mayFit, Map<String, Long> byChemistry) {
    Counts {
      byChemistry = Map.copyOf(byChemistry);
    }
  }

  /** All that counts depend on. */
  private record Counted(Asked asked, Whose whose, int volts, Optional<Tray> tray) {}

  /**
   * Whose entries count: everybody’s, and those of one garage.
   *
   * @param entries of its own
   * @param newest of them, in milliseconds; 0 without any
   */
  record Whose(UUID garageId, int entries, long newest) {}

  /** A condition on rows with the values it speaks of. */
  private record Where(String text, Map<String, Object> values) {}

  /** What a garage has of its own; changes whenever that does. */
  @Transactional(readOnly = true)
  Whose whose(UUID garageId) {
    return database
        .sql("select count(*) as n, max(added_at) as newest from catalogue where garage_id = :g")
        .param("g", garageId)
        .query(
            (row, number) ->
                new Whose(
                    garageId,
                    row.getInt("n"),
                    row.getTimestamp("newest") == null ? 0 : row.getTimestamp("newest").getTime()))
        .single();
  }

  /** One battery that everybody or this garage has. */
  @Transactional(readOnly = true)
  Optional<Entry> find(UUID garageId, UUID id) {
    return database
        .sql("select * from catalogue where id = :id and (garage_id is null or garage_id = :g)")
        .param("id", id)
        .param("g", garageId)
        .query((row, number) -> rows.entry(row))
        .optional();
  }

  /**
   * Those that may go in by their sides alone, by id; and where they are not more than are judged
   * at once, the least too large of the rest: of a wider question nobody asks for near misses.
   */
  @Transactional(readOnly = true)
  List<UUID> matching(
      Asked asked, Whose whose, Optional<Chemistry> chemistry, int volts, Optional<Tray> tray) {
    Where where = where(asked, whose, volts);
    StringBuilder condition = new StringBuilder(where.text());
    chemistry.ifPresent(
        kind -> and(condition, where.values(), "chemistry = :kind", "kind", kind.id()));
    String fits = fits(tray, where.values());
    List<UUID> ids =
        new ArrayList<>(
            database
                .sql(
                    "select id from catalogue where "
                        + condition
                        + " and "
                        + fits
                        + " order by rating_a desc, id limit "
                        + MOST_JUDGED)
                .params(where.values())
                .query(UUID.class)
                .list());
    if (tray.isPresent() && ids.size() < MOST_JUDGED) {
      String near =
          "select id from catalogue where "
              + condition
              + " and not "
              + fits
              + " and length_mm <= :l + "
              + FAR_MM
              + " and width_mm <= :w + "
              + FAR_MM
              + " and height_mm <= :h + "
              + FAR_MM
              + " order by greatest(length_mm - :l, 0) + greatest(width_mm - :w, 0)"
              + " + greatest(height_mm - :h, 0), id limit "
              + MOST_NEAR;
      ids.addAll(database.sql(near).params(where.values()).query(UUID.class).list());
    }
    return ids;
  }

  /** Entries by id, in no order. */
  @Transactional(readOnly = true)
  List<Entry> read(List<UUID> ids) {
    return ids.isEmpty()
        ? List.of()
        : database
            .sql("select * from catalogue where id = any(:ids)")
            .param("ids", ids.toArray(UUID[]::new))
            .query((row, number) -> rows.entry(row))
            .list();
  }

  /** Counts of all that is asked for, of every chemistry; remembered while nothing is added. */
  @Transactional(readOnly = true)
  Counts counts(Asked asked, Whose whose, int volts, Optional<Tray> tray) {
    return answers.to(
        new Counted(asked, whose, volts, tray),
        Counts.class,
        () -> count(asked, whose, volts, tray));
  }

  private Counts count(Asked asked, Whose whose, int volts, Optional<Tray> tray) {
    Where where = where(asked, whose, volts);
    Map<String, Long> byChemistry = new LinkedHashMap<>();
    long[] sums = new long[2];
    database
        .sql(
            "select chemistry, count(*) as n, count(*) filter (where "
                + fits(tray, where.values())
                + ") as fitting from catalogue where "
                + where.text()
                + " group by chemistry")
        .params(where.values())
        .query(
            row -> {
              byChemistry.put(row.getString("chemistry"), row.getLong("n"));
              sums[0] += row.getLong("n");
              sums[1] += row.getLong("fitting");
            });
    return new Counts(sums[0], sums[1], byChemistry);
  }

  private static Where where(Asked asked, Whose whose, int volts) {
    Map<String, Object> values = new HashMap<>();
    StringBuilder text = new StringBuilder("nominal_v = :volts");
    values.put("volts", volts);
    if (whose.entries() == 0) {
      text.append(" and garage_id is null");
    } else {
      and(text, values, "(garage_id is null or garage_id = :g)", "g", whose.garageId());
    }
    for (int i = 0; i < asked.words().size(); i++) {
      text.append(" and words like :word").append(i);
      values.put("word" + i, "%" + asked.words().get(i) + "%");
    }
    asked.mostKg().ifPresent(kg -> and(text, values, "mass_kg <= :kg", "kg", kg));
    asked.mostPrice().ifPresent(price -> and(text, values, "price <= :price", "price", price));
    asked.leastAmps().ifPresent(amps -> and(text, values, "rating_a >= :amps", "amps", amps));
    asked.leastAmpHours().ifPresent(ah -> and(text, values, "capacity_ah >= :ah", "ah", ah));
    return new Where(text.toString(), values);
  }

  private static void and(
      StringBuilder text, Map<String, Object> values, String condition, String name, Object value) {
    text.append(" and ").append(condition);
    values.put(name, value);
  }

  /** Upright, and as the leads allow turned or lying; the core says the last word. */
  private static String fits(Optional<Tray> tray, Map<String, Object> values) {
    if (tray.isEmpty()) {
      return "true";
    }
    values.put("l", tray.get().space().lengthMm());
    values.put("w", tray.get().space().widthMm());
    values.put("h", tray.get().space().heightMm());
    String upright = "(length_mm <= :l and width_mm <= :w and height_mm <= :h)";
    String across =
        tray.get().leadSpareMm() > 0
            ? " or (length_mm <= :w and width_mm <= :l and height_mm <= :h)"
            : "";
    String lying =
        tray.get().mayLieDown()
            ? " or (length_mm <= :l and height_mm <= :w and width_mm <= :h)"
            : "";
    return "(" + upright + across + lying + ")";
  }

  /** The newest edition that is in place; 0 for none. */
  @Transactional(readOnly = true)
  int edition() {
    return database
        .sql("select coalesce(max(edition), 0) from catalogue where garage_id is null")
        .query(Integer.class)
        .single();
  }

  /** Puts an edition in the place of all others. */
  @Transactional
  void replace(int edition, List<Entry> entries) {
    database.sql("delete from catalogue where garage_id is null").update();
    rows.insert(edition, entries, Optional.empty());
  }
}
