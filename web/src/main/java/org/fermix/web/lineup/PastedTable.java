package org.fermix.web.lineup;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import org.fermix.core.label.Label;
import org.fermix.core.permission.Property;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.PlainWords;
import org.fermix.core.quantity.Unit;
import org.fermix.core.quantity.UnitSystem;
import org.fermix.core.rating.CrankingTest;
import org.fermix.web.battery.RatingText;
import org.fermix.web.battery.StoredLabel;
import org.fermix.web.formats.PastedCells;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Form;
import org.fermix.web.shared.NumberText;
import org.jspecify.annotations.Nullable;

/**
 * A table pasted from a spreadsheet, read as labels: which column is which is guessed from its
 * heading and can be changed; each row becomes a form as if it had been typed, so that what is
 * wrong with it is said in the same words.
 *
 * @param columns as they are read
 * @param rows below the heading
 */
public record PastedTable(List<Column> columns, List<Row> rows) {
  /** A column is no fact of a label. */
  static final String NONE = "";

  private static final String RATING = "cranking-";

  /**
   * One column.
   *
   * @param target the fact it holds; empty for none
   * @param unit it is in, as its heading says; empty for the usual one
   */
  public record Column(int index, String head, String target, String unit) {}

  /** One row: what it would be, or what is wrong with it. */
  public record Row(long line, String name, Form form, List<String> wrong) {
    /** True when nothing is wrong with it. */
    public boolean isSound() {
      return wrong.isEmpty();
    }
  }

  /** What a column can hold. */
  public record Target(String id, String label) {}

  private static final Set<String> INCHES = Set.of("in", "inch", "inches");
  private static final Set<String> POUNDS = Set.of("lb", "lbs", "pound", "pounds");
  private static final String CENTIMETRES = "cm";
  private static final double CM_IN_MM = 10;

  /** Words of headings by what they mean, the most telling first. */
  private static final Map<String, List<String>> HEADINGS = new LinkedHashMap<>();

  static {
    HEADINGS.put("name", List.of("name", "model", "battery", "product", "type no"));
    HEADINGS.put("chemistry", List.of("chemistry", "technology", "type", "kind"));
    HEADINGS.put("capacityHours", List.of("hourrate"));
    HEADINGS.put("reserveShare", List.of("startreserve"));
    HEADINGS.put("reserve", List.of("rc", "reserve"));
    HEADINGS.put("capacity", List.of("ah", "capacity"));
    HEADINGS.put("mass", List.of("mass", "weight", "kg", "lb", "lbs"));
    HEADINGS.put("length", List.of("length", "l", "long"));
    HEADINGS.put("width", List.of("width", "w", "wide"));
    HEADINGS.put("height", List.of("height", "h", "high"));
    HEADINGS.put("side", List.of("positive", "side", "polarity", "terminal"));
    HEADINGS.put("price", List.of("price", "cost", "eur", "usd"));
    HEADINGS.put("dateCode", List.of("date"));
    HEADINGS.put("volts", List.of("voltage", "volts"));
    HEADINGS.put("terminal", List.of("connection"));
    HEADINGS.put("purpose", List.of("purpose", "use"));
    HEADINGS.put("protected", List.of("protection", "bms"));
    HEADINGS.put("heated", List.of("heated", "heater"));
    HEADINGS.put("coldTest", List.of("coldtest"));
    HEADINGS.put("opensBelow", List.of("opens"));
    HEADINGS.put("continuous", List.of("continuous"));
    HEADINGS.put("crankingLimit", List.of("seconds"));
    HEADINGS.put("shortLimit", List.of("moment"));
    HEADINGS.put("discharges", List.of("discharges"));
    HEADINGS.put("lines", List.of("sheet"));
  }

  /** Everything a column can hold, to choose from. */
  public static List<Target> targets() {
    List<Target> targets = new ArrayList<>();
    targets.add(new Target(NONE, "not used"));
    targets.add(new Target("name", "name"));
    targets.add(new Target("chemistry", "chemistry"));
    for (CrankingTest test : CrankingTest.all()) {
      targets.add(new Target(RATING + test.id(), "rating, " + test.label()));
    }
    targets.add(new Target("reserve", "RC, minutes"));
    targets.add(new Target("capacity", "capacity, Ah"));
    targets.add(new Target("mass", "mass"));
    targets.add(new Target("length", "length"));
    targets.add(new Target("width", "width"));
    targets.add(new Target("height", "height"));
    targets.add(new Target("side", "positive side"));
    targets.add(new Target("price", "price"));
    targets.add(new Target("dateCode", "date code"));
    targets.add(new Target("volts", "voltage"));
    targets.add(new Target("capacityHours", "hour rate of the Ah"));
    targets.add(new Target("terminal", "terminals"));
    targets.add(new Target("purpose", "made for"));
    targets.add(new Target("protected", "protection built in"));
    targets.add(new Target("heated", "warms itself"));
    targets.add(new Target("coldTest", "states the cold test"));
    targets.add(new Target("reserveShare", "start reserve, %"));
    targets.add(new Target("opensBelow", "opens below, V"));
    targets.add(new Target("continuous", "continuous, A"));
    targets.add(new Target("crankingLimit", "for seconds, A"));
    targets.add(new Target("shortLimit", "for a moment, A"));
    targets.add(new Target("discharges", "rates and discharge table"));
    targets.add(new Target("lines", "lines of the data sheet"));
    return targets;
  }

  /**
   * Reads a table.
   *
   * @param chosen target by column, where somebody has chosen one
   * @param otherwise by field, for what the table does not say
   */
  public static PastedTable of(
      List<PastedCells.Row> cells,
      Map<Integer, String> chosen,
      Map<String, String> otherwise,
      Display money) {
    List<Row> rows = new ArrayList<>();
    RowByRow reader = new RowByRow(chosen, otherwise, money, rows::add);
    cells.forEach(reader);
    return new PastedTable(reader.columns(), List.copyOf(rows));
  }

  /** Reads a table of any length: takes its heading, then hands over one row after another. */
  public static final class RowByRow implements Consumer<PastedCells.Row> {
    private final Map<Integer, String> chosen;
    private final Map<String, String> otherwise;
    private final Form blank;
    private final Consumer<Row> taker;
    private @Nullable List<Column> columns;

    /** What is known before it, and who takes the rows. */
    public RowByRow(
        Map<Integer, String> chosen,
        Map<String, String> otherwise,
        Display money,
        Consumer<Row> taker) {
      this.chosen = chosen;
      this.otherwise = otherwise;
      this.blank = BatteryForm.blank(false, money.in(UnitSystem.METRIC));
      this.taker = taker;
    }

    @Override
    public void accept(PastedCells.Row cells) {
      if (columns == null) {
        columns = PastedTable.columns(cells, chosen);
      } else {
        taker.accept(row(cells, columns, otherwise, blank));
      }
    }

    /** Its columns; none before there was a heading. */
    public List<Column> columns() {
      return columns == null ? List.of() : columns;
    }
  }

  private static final String COLUMN = "column";
  private static final List<String> OTHERWISE = List.of("chemistry", "side");

  /** The columns somebody has chosen, of a form with one field for each. */
  public static Map<Integer, String> chosen(Map<String, String> parameters) {
    Map<Integer, String> chosen = new HashMap<>();
    List<String> known = targets().stream().map(Target::id).toList();
    for (int i = 0; i < PastedCells.MOST_COLUMNS; i++) {
      String target = parameters.get(COLUMN + i);
      if (target != null && known.contains(target)) {
        chosen.put(i, target);
      }
    }
    return chosen;
  }

  /** What is meant where a table says nothing. */
  public static Map<String, String> otherwise(Map<String, String> parameters) {
    Map<String, String> otherwise = new HashMap<>();
    for (String field : OTHERWISE) {
      String value = parameters.getOrDefault("otherwise-" + field, "");
      if (!value.isEmpty()) {
        otherwise.put(field, value);
      }
    }
    return otherwise;
  }

  private static List<Column> columns(PastedCells.Row heading, Map<Integer, String> chosen) {
    List<Column> columns = new ArrayList<>();
    List<String> taken = new ArrayList<>(chosen.values());
    for (int i = 0; i < heading.cells().size(); i++) {
      String head = heading.cell(i);
      List<String> words = PlainWords.of(head);
      String target =
          chosen.containsKey(i)
              ? chosen.getOrDefault(i, NONE)
              : guess(words).filter(each -> !taken.contains(each)).orElse(NONE);
      taken.add(target);
      columns.add(new Column(i, head, target, unit(words)));
    }
    return List.copyOf(columns);
  }

  private static Optional<String> guess(List<String> words) {
    Optional<CrankingTest> rating =
        CrankingTest.all().stream()
            .filter(test -> words.containsAll(PlainWords.of(test.id())))
            .max(Comparator.comparingInt(test -> test.id().length()));
    if (rating.isPresent()) {
      return rating.map(test -> RATING + test.id());
    }
    return HEADINGS.entrySet().stream()
        .filter(entry -> entry.getValue().stream().anyMatch(words::contains))
        .map(Map.Entry::getKey)
        .findFirst();
  }

  private static String unit(List<String> words) {
    return words.stream()
        .filter(word -> INCHES.contains(word) || POUNDS.contains(word) || word.equals(CENTIMETRES))
        .findFirst()
        .orElse("");
  }

  private static Row row(
      PastedCells.Row cells, List<Column> columns, Map<String, String> otherwise, Form blank) {
    Map<String, String> typed = new HashMap<>(otherwise);
    typed.put(Form.DRAWN, UnitSystem.METRIC.name());
    List<String> ratings = new ArrayList<>();
    for (Column column : columns) {
      String text = cells.cell(column.index());
      if (text.isEmpty() || column.target().equals(NONE)) {
        continue;
      }
      if (column.target().startsWith(RATING)) {
        rating(column.target().substring(RATING.length()), text, typed, ratings);
      } else {
        typed.put(column.target(), value(column, text));
      }
    }
    if (!ratings.isEmpty()) {
      typed.put("ratings", String.join("; ", ratings));
    }
    Form form = BatteryForm.typed(blank, typed);
    return new Row(
        cells.line(),
        form.text("name").orElse("line " + cells.line()),
        form,
        form.wrong().stream().map(view -> view.field().label() + ": " + view.error()).toList());
  }

  /** The first rating is the label’s, further ones stand beside it. */
  private static void rating(
      String test, String text, Map<String, String> typed, List<String> ratings) {
    if (typed.containsKey("cranking")) {
      ratings.add(text + " " + RatingText.name(CrankingTest.find(test).orElseThrow()));
    } else {
      typed.put("cranking", text);
      typed.put("test", test);
    }
  }

  private static String value(Column column, String text) {
    return switch (column.target()) {
      case "chemistry" -> chemistry(text);
      case "side" -> side(text);
      case "protected", "heated", "coldTest" -> yesOrNo(text);
      case "volts" -> text.toLowerCase(Locale.ROOT).replace("v", "").strip();
      case "terminal", "purpose" -> text.toUpperCase(Locale.ROOT).replace(' ', '_');
      case "lines" -> text.replace("; ", "\n");
      case "name", "discharges", "dateCode" -> text;
      default -> metric(column.unit(), text);
    };
  }

  /** Several cathodes are sold as lithium-ion: that alone is taken down as not settled. */
  private static String chemistry(String text) {
    return Property.chemistryMeantBy(text)
        .orElseGet(
            () ->
                PlainWords.of(text).contains(BatteryForm.UNSTATED)
                    ? BatteryForm.UNSTATED
                    : text.toLowerCase(Locale.ROOT));
  }

  private static String yesOrNo(String text) {
    return switch (text.toLowerCase(Locale.ROOT)) {
      case "true", "1", "y" -> "yes";
      case "false", "0", "n" -> "no";
      default -> text.toLowerCase(Locale.ROOT);
    };
  }

  private static String side(String text) {
    List<String> words = PlainWords.of(text);
    if (words.contains("right") || words.contains("r")) {
      return "RIGHT";
    }
    return words.contains("left") || words.contains("l") ? "LEFT" : text;
  }

  private static String metric(String unit, String text) {
    NumberText.Result read = NumberText.read(text);
    if (unit.isEmpty() || !read.isNumber()) {
      return text;
    }
    double value =
        INCHES.contains(unit)
            ? Unit.MILLIMETRE.metric(read.value(), UnitSystem.US)
            : POUNDS.contains(unit)
                ? Unit.KILOGRAM.metric(read.value(), UnitSystem.US)
                : CM_IN_MM * read.value();
    return Display.USUAL.field(value, Unit.COUNT);
  }

  /** A sound row as a label, at the price it names; for what is no line-up. */
  public static Label label(Row row, StoredLabel stored, Instant now) {
    BatteryForm.write(row.form(), stored, now);
    Label label = stored.asLabel(Optional.empty());
    return BatteryForm.price(row.form())
        .map(price -> label.at(Given.typed(price.doubleValue(), Unit.MONEY)))
        .orElse(label);
  }

  /** True when there are rows and none is wrong. */
  public boolean isSound() {
    return !rows.isEmpty() && rows.stream().allMatch(Row::isSound);
  }
}
