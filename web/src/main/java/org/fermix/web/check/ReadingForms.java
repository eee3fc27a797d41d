package org.fermix.web.check;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.fermix.core.check.Suspect;
import org.fermix.core.diagnosis.ReadingKind;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Field;
import org.fermix.web.shared.Form;

/**
 * The forms readings are typed into: of the battery being checked, and of the one that is proved.
 */
public final class ReadingForms {
  /** The field that says what it was read with. */
  public static final String INSTRUMENT = "instrument";

  /** Where the log has no room. */
  public static final String FULL =
      "The log of this battery is full: "
          + ReadingLog.MOST
          + " entries. On the page of the check, under “Withdrawn”, clear those that no longer"
          + " count, then take this one down.";

  private static final String WATER = "water";

  /** Fields that tell nothing without each other. */
  private static final Map<ReadingKind, List<List<String>>> TOGETHER =
      Map.of(
          ReadingKind.AFTER_TRY,
          List.of(
              List.of("seconds1", "lowest1"),
              List.of("seconds2", "lowest2"),
              List.of("seconds3", "lowest3")),
          ReadingKind.REST_VOLTS,
          List.of(List.of("each1", "each2")),
          ReadingKind.LOAD_TEST,
          List.of(List.of("before", "after")));

  private ReadingForms() {}

  /** What is asked of a reading. */
  public static List<Field> fields(ReadingKind kind, Suspect suspect) {
    ReadingSheet sheet = ReadingSheet.of(kind, suspect.chemistry().isLead());
    List<Field> fields = new ArrayList<>();
    if (sheet.turnsEngine() && suspect.needsWater()) {
      fields.add(
          Field.choice(
                  WATER,
                  "Water supply",
                  List.of(
                      new Field.Choice("yes", "connected, or it is afloat"),
                      new Field.Choice("no", "not connected")))
              .withHelp("Without water the pump runs dry within seconds. Confirm before you crank.")
              .needed());
    }
    fields.addAll(sheet.fields());
    if (kind == ReadingKind.REST_VOLTS && suspect.series() > 1) {
      fields.addAll(MoreReadings.ofEach());
    }
    fields.add(
        Field.text(INSTRUMENT, "Instrument", 60)
            .withHelp("So that old and new are compared on the same one."));
    return fields;
  }

  /** How a reading is taken, for the page that asks for it. */
  public static ReadingSheet sheet(ReadingKind kind, Suspect suspect) {
    return ReadingSheet.of(kind, suspect.chemistry().isLead());
  }

  /** The form with what was taken before. */
  public static Form stored(List<Field> fields, Display display, Optional<TakenReading> before) {
    Map<String, Object> stored = new HashMap<>();
    before.ifPresent(
        reading -> {
          stored.put(INSTRUMENT, reading.instrument());
          for (Field field : fields) {
            if (field.kind() == Field.Kind.NUMBER) {
              reading.number(field.name()).ifPresent(each -> stored.put(field.name(), each));
            } else {
              reading.text(field.name()).ifPresent(each -> stored.put(field.name(), each));
            }
          }
        });
    return Form.stored(fields, display, stored);
  }

  /** The form as typed, with what does not go together complained of. */
  public static Form typed(
      ReadingKind kind, List<Field> fields, Display display, Map<String, String> parameters) {
    Form form = Form.typed(Form.blank(fields, display), parameters);
    if (kind == ReadingKind.CABLE_DROP
        && fields.stream()
            .filter(field -> field.kind() == Field.Kind.NUMBER)
            .allMatch(field -> form.numberOrNull(field.name()) == null)) {
      form.complain("positive", "Measure at least one of these, 0 to 30 V.");
    }
    TOGETHER.getOrDefault(kind, List.of()).forEach(pair -> together(form, pair));
    if (form.text(WATER).filter("no"::equals).isPresent()) {
      form.complain(
          WATER, "Connect its water supply or put it afloat first: run dry, the pump is ruined.");
    }
    return form;
  }

  /** One of two that tell nothing alone is complained of, and kept as typed. */
  private static void together(Form form, List<String> pair) {
    boolean first = form.numberOrNull(pair.get(0)) != null;
    boolean second = form.numberOrNull(pair.get(1)) != null;
    if (first != second) {
      form.complain(pair.get(first ? 1 : 0), "Fill this as well, or leave both empty.");
    }
  }

  /** What is kept of a form: metric, by field name, only what was filled. */
  public static Map<String, String> facts(Form form, List<Field> fields) {
    Map<String, String> facts = new HashMap<>();
    for (Field field : fields) {
      if (field.name().equals(INSTRUMENT)) {
        continue;
      }
      if (field.kind() == Field.Kind.NUMBER) {
        form.number(field.name())
            .ifPresent(value -> facts.put(field.name(), Double.toString(value)));
      } else {
        form.text(field.name()).ifPresent(value -> facts.put(field.name(), value));
      }
    }
    return facts;
  }
}
