package org.fermix.web.catalogue;

import java.math.BigDecimal;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.time.Clock;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
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
import org.fermix.web.account.Accounts;
import org.fermix.web.battery.LabelFact;
import org.fermix.web.battery.LabelFact.Kind;
import org.fermix.web.battery.StoredLabel;
import org.fermix.web.shared.Answers;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.ObjectMapper;

/**
 * The catalogue in the database: what may fit by its sides, the nearest of the rest, and counts.
 */
@Service
class Catalogue {
  /** So many of those that may fit are judged at once; of more, those of most amps. */
  static final int MOST_JUDGED = 800;

  /** So many of those that do not go in are judged, the least too large first. */
  static final int MOST_NEAR = 60;

  /** Most entries a garage has of its own. */
  static final int MOST_OWN = 20_000;

  /** Where own entries come from, and how many. */
  public record Source(String name, int entries) {}

  /** What a row holds without its facts. */
  private static final Set<Kind> IN_COLUMNS =
      Set.of(
          Kind.RATING,
          Kind.CAPACITY,
          Kind.RESERVE,
          Kind.MASS,
          Kind.LENGTH,
          Kind.WIDTH,
          Kind.HEIGHT,
          Kind.VOLTS,
          Kind.TERMINAL,
          Kind.PROTECTED,
          Kind.HEATED,
          Kind.COLD_TEST);

  private static final int BATCH = 500;

  /** What is larger than the tray by more than this on any side is no near miss (mm). */
  private static final int FAR_MM = 60;

  private final JdbcClient database;
  private final JdbcTemplate batches;
  private final Answers answers;
  private final Accounts accounts;
  private final ObjectMapper json;
  private final Clock clock;

  Catalogue(
      JdbcClient database,
      JdbcTemplate batches,
      Answers answers,
      Accounts accounts,
      ObjectMapper json,
      Clock clock) {
    this.accounts = accounts;
    this.json = json;
    this.clock = clock;
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
        .query((row, number) -> entry(row))
        .optional();
  }

  /** Those that may go in by their sides alone, and of the rest the least too large. */
  @Transactional(readOnly = true)
  List<Entry> matching(
      Asked asked, Whose whose, Optional<Chemistry> chemistry, int volts, Optional<Tray> tray) {
    Where where = where(asked, whose, volts);
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
    insert(edition, entries, null, null, null, null);
  }

  private void insert(
      int edition,
      List<Entry> entries,
      @Nullable UUID garageId,
      @Nullable String source,
      @Nullable Timestamp addedAt,
      @Nullable List<@Nullable String> facts) {
    for (int from = 0; from < entries.size(); from += BATCH) {
      List<Object[]> rows = new ArrayList<>();
      for (int i = from; i < Math.min(entries.size(), from + BATCH); i++) {
        rows.add(
            row(
                edition,
                entries.get(i),
                garageId,
                source,
                addedAt,
                facts == null ? null : facts.get(i)));
      }
      batches.batchUpdate(
          "insert into catalogue values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?,"
              + " ?, ?, ?, ?, ?, ?, ?, ?::jsonb)",
          rows);
    }
  }

  private static @Nullable Object[] row(
      int edition,
      Entry entry,
      @Nullable UUID garageId,
      @Nullable String source,
      @Nullable Timestamp addedAt,
      @Nullable String facts) {
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
      entry.demo(),
      garageId,
      source,
      addedAt,
      facts
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

  /**
   * Puts a garage’s own entries beside the others, all or none.
   *
   * @return false when there is no room for so many
   */
  @Transactional
  boolean add(UUID garageId, String source, List<StoredLabel> labels, List<Entry> entries) {
    accounts.hold(garageId);
    if (whose(garageId).entries() + entries.size() > MOST_OWN) {
      return false;
    }
    insert(
        0,
        entries,
        garageId,
        source,
        Timestamp.from(clock.instant()),
        labels.stream().map(this::beyondColumns).toList());
    return true;
  }

  /**
   * All facts of a label, where it has such as no column holds; null where the columns are enough.
   */
  private @Nullable String beyondColumns(StoredLabel label) {
    boolean more =
        label.facts(Kind.RATING).count() > 1
            || label.allFacts().stream().anyMatch(fact -> !IN_COLUMNS.contains(fact.fact()));
    return more ? json.writeValueAsString(label.allFacts()) : null;
  }

  /** Lets go of one own entry. */
  @Transactional
  void remove(UUID garageId, UUID id) {
    database
        .sql("delete from catalogue where id = :id and garage_id = :g")
        .param("id", id)
        .param("g", garageId)
        .update();
  }

  /** Where own entries come from, with how many there are of each. */
  @Transactional(readOnly = true)
  List<Source> sources(UUID garageId) {
    return database
        .sql(
            "select source as name, count(*) as entries from catalogue where garage_id = :g"
                + " group by source order by max(added_at) desc")
        .param("g", garageId)
        .query(Source.class)
        .list();
  }

  /** Lets go of all that came from one place. */
  @Transactional
  int remove(UUID garageId, String source) {
    return database
        .sql("delete from catalogue where garage_id = :g and source = :source")
        .param("g", garageId)
        .param("source", source)
        .update();
  }

  /** All own entries, as they would be brought in. */
  @Transactional(readOnly = true)
  List<Label> own(UUID garageId) {
    return database
        .sql("select * from catalogue where garage_id = :g order by added_at, name, id")
        .param("g", garageId)
        .query((row, number) -> entry(row).label())
        .list();
  }

  private Entry entry(ResultSet row) throws SQLException {
    String facts = row.getString("facts");
    if (facts != null) {
      return own(row, facts);
    }
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
        row.getBoolean("demo"),
        Optional.ofNullable(row.getString("source")).orElse(""));
  }

  private Entry own(ResultSet row, String facts) throws SQLException {
    StoredLabel stored = new StoredLabel(new UUID(0, 0), false);
    stored.write(
        row.getString("name"),
        row.getString("chemistry"),
        TerminalSide.valueOf(row.getString("positive_side")),
        List.of(json.readValue(facts, LabelFact[].class)),
        java.time.Instant.EPOCH);
    BigDecimal price = row.getBigDecimal("price");
    Label label = stored.asLabel(Optional.empty());
    return new Entry(
        row.getObject("id", UUID.class),
        price == null ? label : label.at(Given.typed(price.doubleValue(), Unit.MONEY)),
        Optional.ofNullable(row.getString("case_code")).orElse(""),
        Optional.ofNullable(row.getString("currency")).orElse(""),
        false,
        row.getString("source"));
  }

  private static Optional<Given> given(ResultSet row, String column, Unit unit)
      throws SQLException {
    return Optional.ofNullable((Double) row.getObject(column))
        .map(value -> Given.label(value, unit));
  }
}
