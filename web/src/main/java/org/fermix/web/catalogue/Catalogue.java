package org.fermix.web.catalogue;

import java.math.BigDecimal;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.fermix.core.casing.CaseSize;
import org.fermix.core.casing.Terminal;
import org.fermix.core.casing.TerminalSide;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.label.Build;
import org.fermix.core.label.CrankingRating;
import org.fermix.core.label.Label;
import org.fermix.core.label.ProtectionClaim;
import org.fermix.core.label.Sheet;
import org.fermix.core.machine.Tray;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;
import org.fermix.core.rating.CrankingTest;
import org.fermix.web.shared.Answers;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
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

  private static final int BATCH = 500;

  /** What is larger than the tray by more than this on any side is no near miss (mm). */
  private static final int FAR_MM = 60;

  private final JdbcClient database;
  private final JdbcTemplate batches;
  private final Answers answers;

  Catalogue(JdbcClient database, JdbcTemplate batches, Answers answers) {
    this.database = database;
    this.batches = batches;
    this.answers = answers;
  }

  /** How many there are of each chemistry among those asked for. */
  record Counts(long all, long mayFit, Map<String, Long> byChemistry) {
    Counts {
      byChemistry = Map.copyOf(byChemistry);
    }
  }

  /** All that counts depend on. */
  private record Counted(Asked asked, int volts, Optional<Tray> tray) {}

  /** A condition on rows with the values it speaks of. */
  private record Where(String text, Map<String, Object> values) {}

  /** One battery. */
  @Transactional(readOnly = true)
  Optional<Entry> find(UUID id) {
    return database
        .sql("select * from catalogue where id = :id")
        .param("id", id)
        .query((row, number) -> entry(row))
        .optional();
  }

  /** Those that may go in by their sides alone, and of the rest the least too large. */
  @Transactional(readOnly = true)
  List<Entry> matching(Asked asked, Optional<Chemistry> chemistry, int volts, Optional<Tray> tray) {
    Where where = where(asked, volts);
    StringBuilder condition = new StringBuilder(where.text());
    chemistry.ifPresent(
        kind -> and(condition, where.values(), "chemistry = :kind", "kind", kind.id()));
    String fits = fits(tray, where.values());
    String taken =
        "(select id from catalogue where "
            + condition
            + " and "
            + fits
            + " order by rating_a desc, id limit "
            + MOST_JUDGED
            + ")";
    if (tray.isPresent()) {
      taken +=
          " union all (select id from catalogue where "
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
              + MOST_NEAR
              + ")";
    }
    return database
        .sql("select c.* from (" + taken + ") as taken join catalogue c using (id)")
        .params(where.values())
        .query((row, number) -> entry(row))
        .list();
  }

  /** Counts of all that is asked for, of every chemistry; the catalogue changes only at start. */
  @Transactional(readOnly = true)
  Counts counts(Asked asked, int volts, Optional<Tray> tray) {
    return answers.to(
        new Counted(asked, volts, tray), Counts.class, () -> count(asked, volts, tray));
  }

  private Counts count(Asked asked, int volts, Optional<Tray> tray) {
    Where where = where(asked, volts);
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

  private static Where where(Asked asked, int volts) {
    Map<String, Object> values = new HashMap<>();
    StringBuilder text = new StringBuilder("nominal_v = :volts");
    values.put("volts", volts);
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
        .sql("select coalesce(max(edition), 0) from catalogue")
        .query(Integer.class)
        .single();
  }

  /** Puts an edition in the place of all others. */
  @Transactional
  void replace(int edition, List<Entry> entries) {
    database.sql("delete from catalogue").update();
    for (int from = 0; from < entries.size(); from += BATCH) {
      List<Object[]> rows = new ArrayList<>();
      for (Entry entry : entries.subList(from, Math.min(entries.size(), from + BATCH))) {
        rows.add(row(edition, entry));
      }
      batches.batchUpdate(
          "insert into catalogue values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?,"
              + " ?, ?, ?, ?)",
          rows);
    }
  }

  private static @Nullable Object[] row(int edition, Entry entry) {
    Label label = entry.label();
    return new @Nullable Object[] {
      entry.id(),
      edition,
      label.name(),
      words(entry),
      label.chemistry().id(),
      entry.caseCode().isEmpty() ? null : entry.caseCode(),
      label.positiveSide().name(),
      label.build().nominalVolts(),
      label.build().terminal().map(Terminal::name).orElse(null),
      label.cranking().amps(),
      label.cranking().test().id(),
      label.capacityAh().map(Given::value).orElse(null),
      label.sheet().capacityHours(),
      label.reserveMinutes().map(Given::value).orElse(null),
      label.massKg().map(Given::value).orElse(null),
      label.size().lengthMm(),
      label.size().widthMm(),
      label.size().heightMm(),
      label.hasPrice() ? BigDecimal.valueOf(label.price().value()) : null,
      label.hasPrice() ? entry.currency() : null,
      label.sheet().protection().builtIn().orElse(null),
      label.sheet().heated(),
      label.sheet().coldTestStated(),
      entry.demo()
    };
  }

  /** What its words are looked for in: name, chemistry and case. */
  static String words(Entry entry) {
    return String.join(
            " ",
            entry.label().name(),
            entry.label().chemistry().displayName(),
            entry.label().chemistry().shortName(),
            entry.caseCode())
        .toLowerCase(Locale.ROOT);
  }

  private static Entry entry(ResultSet row) throws SQLException {
    BigDecimal price = row.getBigDecimal("price");
    ProtectionClaim protection =
        Optional.ofNullable((Boolean) row.getObject("protected"))
            .map(ProtectionClaim.NONE::saying)
            .orElse(ProtectionClaim.NONE);
    Label label =
        new Label(
            row.getString("name"),
            Chemistry.of(row.getString("chemistry")),
            new CrankingRating(
                row.getDouble("rating_a"),
                CrankingTest.find(row.getString("rating_test")).orElseThrow()),
            given(row, "capacity_ah", Unit.AMPERE_HOUR),
            given(row, "reserve_min", Unit.MINUTE),
            given(row, "mass_kg", Unit.KILOGRAM),
            new CaseSize(
                row.getDouble("length_mm"), row.getDouble("width_mm"), row.getDouble("height_mm")),
            TerminalSide.valueOf(row.getString("positive_side")),
            price == null
                ? Given.assumed(0, Unit.MONEY, "no price in the catalogue")
                : Given.typed(price.doubleValue(), Unit.MONEY),
            new Build(
                row.getInt("nominal_v"),
                Optional.ofNullable(row.getString("terminal")).flatMap(Terminal::find)),
            new Sheet(
                row.getDouble("capacity_h"),
                List.of(),
                protection,
                row.getBoolean("heated"),
                row.getBoolean("cold_test")));
    return new Entry(
        row.getObject("id", UUID.class),
        label,
        Optional.ofNullable(row.getString("case_code")).orElse(""),
        Optional.ofNullable(row.getString("currency")).orElse(""),
        row.getBoolean("demo"));
  }

  private static Optional<Given> given(ResultSet row, String column, Unit unit)
      throws SQLException {
    return Optional.ofNullable((Double) row.getObject(column))
        .map(value -> Given.label(value, unit));
  }
}
