package org.fermix.web.lineup;

import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.StringWriter;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.fermix.core.label.CrankingRating;
import org.fermix.core.label.Label;
import org.fermix.core.label.ProtectionClaim;
import org.fermix.core.quantity.Given;
import org.fermix.core.rating.CrankingTest;
import org.fermix.web.battery.RatingText;
import org.fermix.web.battery.SheetText;
import org.fermix.web.formats.TableText;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.ObjectWriteContext;
import tools.jackson.core.json.JsonFactory;

/**
 * Labels as a table that can be brought back in: metric, a heading for each fact, the words that a
 * paste guesses. No cell of a CSV is ever taken for a formula.
 */
public final class LabelTable {
  private static final JsonFactory JSON = new JsonFactory();

  private LabelTable() {}

  /** As CSV. */
  public static String csv(List<Label> labels) {
    List<Map<String, String>> rows = rows(labels);
    List<String> headings = headings(rows);
    StringWriter out = new StringWriter();
    // A byte-order mark, so that a spreadsheet reads it as UTF-8.
    out.append('\ufeff');
    try (CsvWriter writer = CsvWriter.builder().build(out)) {
      writer.writeRecord(headings);
      for (Map<String, String> row : rows) {
        writer.writeRecord(
            headings.stream().map(each -> TableText.inert(row.getOrDefault(each, ""))).toList());
      }
    } catch (java.io.IOException e) {
      throw new java.io.UncheckedIOException(e);
    }
    return out.toString();
  }

  /** As JSON, an array of flat objects; what is not said is left out. */
  public static String json(List<Label> labels) {
    StringWriter out = new StringWriter();
    try (JsonGenerator json = JSON.createGenerator(ObjectWriteContext.empty(), out)) {
      json.writeStartArray();
      for (Map<String, String> row : rows(labels)) {
        json.writeStartObject();
        row.forEach(
            (heading, value) -> {
              json.writeName(heading);
              json.writeString(value);
            });
        json.writeEndObject();
      }
      json.writeEndArray();
    }
    return out.toString();
  }

  private static List<String> headings(List<Map<String, String>> rows) {
    Map<String, Integer> headings = new LinkedHashMap<>();
    headings.put("name", 0);
    rows.forEach(row -> row.keySet().forEach(each -> headings.put(each, 0)));
    return List.copyOf(headings.keySet());
  }

  private static List<Map<String, String>> rows(List<Label> labels) {
    return labels.stream().map(LabelTable::row).toList();
  }

  static Map<String, String> row(Label label) {
    Map<String, String> row = new LinkedHashMap<>();
    row.put("name", label.name());
    row.put(
        "chemistry", label.sheet().kindStated() ? label.chemistry().id() : BatteryForm.UNSTATED);
    List<CrankingRating> ratings = new ArrayList<>(label.sheet().otherRatings());
    ratings.add(0, label.cranking());
    for (CrankingRating each : ratings) {
      row.putIfAbsent(heading(each.test()), plain(each.amps()));
    }
    put(row, "capacity Ah", label.capacityAh());
    if (label.capacityAh().isPresent()) {
      row.put("hourrate", plain(label.sheet().capacityHours()));
    }
    put(row, "RC min", label.reserveMinutes());
    put(row, "mass kg", label.massKg());
    row.put("length mm", plain(label.size().lengthMm()));
    row.put("width mm", plain(label.size().widthMm()));
    row.put("height mm", plain(label.size().heightMm()));
    row.put("positive", label.positiveSide().name().toLowerCase(java.util.Locale.ROOT));
    if (label.hasPrice()) {
      row.put("price", plain(label.price().value()));
    }
    row.put("voltage", Integer.toString(label.build().nominalVolts()));
    label.build().terminal().ifPresent(each -> row.put("connection", each.name()));
    label.build().purpose().ifPresent(each -> row.put("purpose", each.name()));
    ProtectionClaim protection = label.sheet().protection();
    protection.builtIn().ifPresent(yes -> row.put("protection", yes ? "yes" : "no"));
    if (label.sheet().heated()) {
      row.put("heated", "yes");
    }
    if (label.sheet().coldTestStated()) {
      row.put("coldtest", "yes");
    }
    put(row, "startreserve", protection.reservePercent());
    put(row, "opens below V", protection.opensBelowVolts());
    put(row, "continuous A", protection.continuousAmps());
    put(row, "for seconds A", protection.crankingAmps());
    put(row, "for a moment A", protection.shortAmps());
    said(
        row,
        "discharges",
        label.sheet().discharges().stream()
            .map(each -> plain(each.currentA()) + " A " + plain(60 * each.hours()) + " min")
            .toList());
    said(row, "sheet", label.sheet().lines().lines().stream().map(SheetText::of).toList());
    return row;
  }

  private static void said(Map<String, String> row, String heading, List<String> entries) {
    if (!entries.isEmpty()) {
      row.put(heading, String.join("; ", entries));
    }
  }

  private static String heading(CrankingTest test) {
    return RatingText.name(test);
  }

  private static void put(Map<String, String> row, String heading, Optional<Given> given) {
    given.ifPresent(value -> row.put(heading, plain(value.value())));
  }

  private static String plain(double value) {
    return value == Math.rint(value) && Math.abs(value) < 1e9
        ? Long.toString(Math.round(value))
        : Double.toString(value);
  }

  /** The labels of a line-up, at what is asked for them. */
  static List<Label> of(List<Entry> entries) {
    return entries.stream().map(entry -> entry.label().asLabel(entry.offer())).toList();
  }
}
