package org.fermix.web.shared;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.fermix.core.quantity.UnitSystem;
import org.jspecify.annotations.Nullable;

/**
 * A form being filled: what was typed, kept as typed, and the complaint at each field. Values come
 * out only where they are sound; nothing is clamped.
 */
public final class Form {
  /** The parameter that says in which unit system a form, or an address with figures, was drawn. */
  public static final String DRAWN = "drawn";

  private final List<Field> fields;
  private final Display display;
  private final Map<String, String> texts = new LinkedHashMap<>();
  private final Map<String, String> complaints = new LinkedHashMap<>();
  private final Map<String, Double> numbers = new LinkedHashMap<>();
  private final Map<String, String> hints = new LinkedHashMap<>();
  private final Map<String, String> assumed = new LinkedHashMap<>();

  private Form(List<Field> fields, Display display) {
    this.fields = List.copyOf(fields);
    this.display = display;
  }

  /** An empty form. */
  public static Form blank(List<Field> fields, Display display) {
    return stored(fields, display, Map.of());
  }

  /**
   * A form that shows what is stored.
   *
   * @param values by field name: numbers metric, texts as they are; absent means empty
   */
  public static Form stored(
      List<Field> fields, Display display, Map<String, ? extends Object> values) {
    Form form = new Form(fields, display);
    for (Field field : fields) {
      Object value = values.get(field.name());
      if (value instanceof Number number) {
        form.numbers.put(field.name(), number.doubleValue());
        form.texts.put(field.name(), display.field(number.doubleValue(), field.unit()));
      } else {
        form.texts.put(field.name(), value == null ? "" : value.toString());
      }
    }
    return form;
  }

  /**
   * A form as typed, checked field by field. Numbers are read in the unit system the form was drawn
   * in, whatever the reader has chosen since in another tab. A number left as it was shown keeps
   * its stored value, so that showing it in other units never loses digits.
   *
   * @param before the form as it was shown
   */
  public static Form typed(Form before, Map<String, String> parameters) {
    Form form = new Form(before.fields, drawn(before.display, parameters));
    form.hints.putAll(before.hints);
    form.assumed.putAll(before.assumed);
    for (Field field : form.fields) {
      String text = parameters.getOrDefault(field.name(), "").strip().replace("\r\n", "\n");
      form.texts.put(field.name(), text);
      if (text.isEmpty()) {
        if (field.required()) {
          form.complain(field.name(), "Please fill this in: " + form.range(field) + ".");
        }
        continue;
      }
      switch (field.kind()) {
        case NUMBER -> form.readNumber(field, text, before);
        case TEXT -> {
          String complaint = SeenText.complaint(text, (int) field.high());
          if (!complaint.isEmpty()) {
            form.complain(field.name(), complaint);
          }
        }
        case LINES -> form.readLines(field, text);
        case CHOICE -> {
          if (field.choices().stream().noneMatch(choice -> choice.value().equals(text))) {
            form.complain(field.name(), "Please choose " + form.range(field) + ".");
          }
        }
      }
    }
    return form;
  }

  /**
   * What is wrong with a text that comes without a form; empty when nothing is, or where there is
   * none.
   *
   * @param most signs that are accepted
   */
  public static String complaint(String text, int most) {
    return text.isEmpty() ? "" : SeenText.complaint(text, most);
  }

  /** How a form that comes back was drawn: as it says, else as it would be now. */
  public static Display drawn(Display now, Map<String, String> parameters) {
    String drawn = parameters.getOrDefault(DRAWN, "");
    int gap = drawn.indexOf(' ');
    String units = gap < 0 ? drawn : drawn.substring(0, gap);
    Display money =
        gap > 0 && Currencies.isKnown(drawn.substring(gap + 1))
            ? now.in(drawn.substring(gap + 1))
            : now;
    return switch (units) {
      case "US" -> money.in(UnitSystem.US);
      case "METRIC" -> money.in(UnitSystem.METRIC);
      default -> money;
    };
  }

  /** The currency its amounts are in, ISO 4217. */
  public String currency() {
    return display.currencyCode();
  }

  /** The unit system and the currency it is drawn in, for {@link #DRAWN}. */
  public String drawn() {
    return display.system().name() + " " + display.currencyCode();
  }

  private void readNumber(Field field, String text, Form before) {
    Double kept = before.numbers.get(field.name());
    if (kept != null && text.equals(display.field(kept, field.unit()))) {
      numbers.put(field.name(), kept);
      return;
    }
    NumberText.Result reading = NumberText.read(text);
    if (!reading.isNumber()) {
      complain(field.name(), reading.complaint() + " " + field.label() + ": " + range(field) + ".");
      return;
    }
    double metric = field.unit().metric(reading.value(), display.system());
    if (reading.other().isPresent()) {
      double other = field.unit().metric(reading.other().getAsDouble(), display.system());
      if (isWithin(field, metric) && isWithin(field, other)) {
        complain(
            field.name(),
            "“"
                + text.strip()
                + "” could be read two ways: write "
                + display.number(reading.other().getAsDouble(), 0)
                + " or "
                + text.strip()
                + "0.");
        return;
      }
      metric = isWithin(field, other) ? other : metric;
    }
    if (!isWithin(field, metric)) {
      complain(field.name(), field.label() + ": " + range(field) + ".");
    } else if (field.whole() && metric != Math.rint(metric)) {
      complain(field.name(), field.label() + ": " + range(field) + ".");
    } else {
      numbers.put(field.name(), Math.max(field.low(), Math.min(field.high(), metric)));
    }
  }

  private void readLines(Field field, String text) {
    List<String> lines = text.lines().toList();
    long filled = lines.stream().filter(line -> !line.isBlank()).count();
    if (filled > field.low()) {
      complain(field.name(), filled + " lines are too many: " + range(field) + ".");
      return;
    }
    for (int i = 0; i < lines.size(); i++) {
      String complaint =
          lines.get(i).isBlank()
              ? ""
              : SeenText.complaint(lines.get(i).strip(), (int) field.high());
      if (!complaint.isEmpty()) {
        complain(field.name(), "Line " + (i + 1) + ": " + complaint);
        return;
      }
    }
  }

  private static boolean isWithin(Field field, double metric) {
    double slack = 1e-9 * Math.max(1, Math.abs(metric));
    return metric >= field.low() - slack && metric <= field.high() + slack;
  }

  private String range(Field field) {
    return field.range(display);
  }

  /** Adds a complaint at a field. */
  public void complain(String name, String message) {
    complaints.put(name, message);
  }

  /** What is used while a field is empty. */
  public void hint(String name, String hint) {
    hints.put(name, hint);
  }

  /** What stands for an empty field, as it would be typed; the hint tells why. */
  public void assume(String name, String text) {
    assumed.put(name, text);
  }

  /** The same with what is wrong put back to what it was, so that there is something to draw. */
  public Form soundOr(Form before) {
    Form form = new Form(fields, display);
    form.texts.putAll(texts);
    form.numbers.putAll(numbers);
    form.hints.putAll(hints);
    form.assumed.putAll(assumed);
    for (String wrong : complaints.keySet()) {
      form.texts.put(wrong, before.texts.getOrDefault(wrong, ""));
      Double number = before.numbers.get(wrong);
      if (number != null) {
        form.numbers.put(wrong, number);
      }
    }
    return form;
  }

  /** True when nothing is wrong. */
  public boolean isSound() {
    return complaints.isEmpty();
  }

  /** The metric value of a number field, if it was filled. */
  public OptionalDouble number(String name) {
    Double value = numbers.get(name);
    return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
  }

  /** The metric value for storing; null when empty, which the database keeps as "not said". */
  public @Nullable Double numberOrNull(String name) {
    return numbers.get(name);
  }

  /** The text of a field, if it was filled. */
  public Optional<String> text(String name) {
    return Optional.of(texts.getOrDefault(name, "")).filter(text -> !text.isEmpty());
  }

  /** The filled lines of a field of lines. */
  public List<String> lines(String name) {
    return text(name).stream()
        .flatMap(String::lines)
        .map(String::strip)
        .filter(line -> !line.isEmpty())
        .toList();
  }

  /** The complaints, with the fields they stand at, for the summary above a form. */
  public List<FieldView> wrong() {
    return fields.stream()
        .filter(field -> !complaints.getOrDefault(field.name(), "").isEmpty())
        .map(this::view)
        .toList();
  }

  /** All fields. */
  public List<FieldView> views() {
    return fields.stream().map(this::view).toList();
  }

  /** One field by name. */
  public FieldView view(String name) {
    return view(
        fields.stream().filter(field -> field.name().equals(name)).findFirst().orElseThrow());
  }

  private FieldView view(Field field) {
    return new FieldView(
        field,
        display.words(field.help()),
        texts.getOrDefault(field.name(), ""),
        display.fieldUnit(field.unit()),
        field.kind() == Field.Kind.CHOICE ? "" : range(field),
        complaints.getOrDefault(field.name(), ""),
        hints.getOrDefault(field.name(), ""),
        assumed.getOrDefault(field.name(), ""));
  }

  /** Where what is stored now differs from what was typed. */
  public List<Difference> differencesFrom(Form stored) {
    List<Difference> differences = new ArrayList<>();
    for (Field field : fields) {
      String mine = texts.getOrDefault(field.name(), "");
      Double value = stored.numbers.get(field.name());
      String theirs =
          value == null
              ? stored.texts.getOrDefault(field.name(), "")
              : display.field(value, field.unit());
      if (!mine.equals(theirs)) {
        differences.add(new Difference(field.label(), words(field, mine), words(field, theirs)));
      }
    }
    return differences;
  }

  private String words(Field field, String text) {
    if (text.isEmpty()) {
      return "empty";
    }
    if (field.kind() == Field.Kind.CHOICE) {
      return field.choices().stream()
          .filter(choice -> choice.value().equals(text))
          .map(Field.Choice::label)
          .findFirst()
          .orElse(text);
    }
    return (text + " " + display.fieldUnit(field.unit())).strip();
  }

  /** One field on which two tabs disagree. */
  public record Difference(String label, String mine, String theirs) {}

  /** A field as it is drawn. */
  public record FieldView(
      Field field,
      String help,
      String value,
      String unit,
      String range,
      String error,
      String hint,
      String assumed) {
    /** The input's id. */
    public String id() {
      return "f-" + field.name();
    }

    /** True when something is wrong with it. */
    public boolean isWrong() {
      return !error.isEmpty();
    }

    /** True when nothing is typed. */
    public boolean isEmpty() {
      return value.isEmpty();
    }

    /** What is asked and what is accepted, in one sentence after another. */
    public String asks() {
      StringBuilder text = new StringBuilder(field.label()).append(". ").append(help);
      if (!range.isEmpty()) {
        text.append(' ').append(range).append('.');
      }
      if (!hint.isEmpty()) {
        text.append(' ').append(hint).append('.');
      }
      return text.toString();
    }

    /** Ids of what describes it. */
    public String describedBy() {
      return id() + "-help" + (isWrong() ? " " + id() + "-error" : "");
    }
  }
}
