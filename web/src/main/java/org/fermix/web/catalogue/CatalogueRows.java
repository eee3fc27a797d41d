package org.fermix.web.catalogue;

import java.math.BigDecimal;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Timestamp;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
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
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;
import org.fermix.core.rating.CrankingTest;
import org.fermix.web.battery.LabelFact;
import org.fermix.web.battery.LabelFact.Kind;
import org.fermix.web.battery.StoredLabel;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import tools.jackson.databind.ObjectMapper;

/** Rows of the catalogue: how an entry is written and read. */
@Component
class CatalogueRows {
  private static final int BATCH = 500;

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

  private final JdbcTemplate batches;
  private final ObjectMapper json;

  CatalogueRows(JdbcTemplate batches, ObjectMapper json) {
    this.batches = batches;
    this.json = json;
  }

  /**
   * Whose entries are written.
   *
   * @param labels as they are stored, in the order of the entries
   */
  record Owned(UUID garageId, String source, Timestamp addedAt, List<StoredLabel> labels) {
    Owned {
      labels = List.copyOf(labels);
    }
  }

  /** Writes entries: everybody’s, or those of one garage. */
  void insert(int edition, List<Entry> entries, Optional<Owned> owned) {
    for (int from = 0; from < entries.size(); from += BATCH) {
      List<Object[]> rows = new ArrayList<>();
      for (int i = from; i < Math.min(entries.size(), from + BATCH); i++) {
        rows.add(row(edition, entries.get(i), i, owned));
      }
      batches.batchUpdate(
          "insert into catalogue values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?,"
              + " ?, ?, ?, ?, ?, ?, ?, ?::jsonb)",
          rows);
    }
  }

  private @Nullable Object[] row(int edition, Entry entry, int at, Optional<Owned> owned) {
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
      owned.map(Owned::garageId).orElse(null),
      owned.map(Owned::source).orElse(null),
      owned.map(Owned::addedAt).orElse(null),
      owned.map(each -> beyondColumns(each.labels().get(at))).orElse(null)
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

  Entry entry(ResultSet row) throws SQLException {
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

  /**
   * All facts of a label, where it has such as no column holds; null where the columns are enough.
   */
  private @Nullable String beyondColumns(StoredLabel label) {
    boolean more =
        label.facts(Kind.RATING).count() > 1
            || label.allFacts().stream().anyMatch(fact -> !IN_COLUMNS.contains(fact.fact()));
    return more ? json.writeValueAsString(label.allFacts()) : null;
  }
}
