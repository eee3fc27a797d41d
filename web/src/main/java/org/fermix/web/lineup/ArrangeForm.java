package org.fermix.web.lineup;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.StringTokenizer;
import org.fermix.core.label.Beside;
import org.fermix.core.quantity.Unit;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Field;
import org.fermix.web.shared.Form;
import org.fermix.web.shared.NumberText;

/** The form that makes an arrangement of batteries in the line-up. */
final class ArrangeForm {
  private static final int LONGEST = 100;
  private static final int MOST_PIECES = 8;
  private static final double MOST_KG = 200;
  private static final double MOST_PRICE = 100_000;
  private static final String WANTED =
      "write what it is, its kilograms and its price, such as Isolator and cables; 6; 120.";

  private ArrangeForm() {}

  private static List<Field> fields(List<Entry> entries) {
    List<Field.Choice> letters =
        entries.stream()
            .filter(entry -> !entry.isArranged())
            .map(
                entry ->
                    new Field.Choice(entry.letter(), entry.letter() + ", " + entry.label().name()))
            .toList();
    List<Field> fields = new ArrayList<>();
    for (PartRole part : PartRole.values()) {
      Field battery = Field.choice(part.field(), part.title(), letters).withHelp(part.help());
      fields.add(part == PartRole.START ? battery.needed() : battery);
      fields.add(
          Field.number(pieces(part), "Pieces of it", Unit.COUNT, 1, MOST_PIECES).wholeOnly());
    }
    fields.add(Field.number("motorAmps", "The motor takes", Unit.AMPERE, 0.1, 500));
    fields.add(Field.number("motorHours", "Hours of an outing", Unit.HOUR, 0.1, 48));
    fields.add(
        Field.lines("parts", "Parts it takes, a line each", LONGEST, Beside.MOST_PARTS)
            .withHelp("What is bought once: " + WANTED));
    return fields;
  }

  private static String pieces(PartRole part) {
    return part.field() + "Pieces";
  }

  /** The fields of one part to play, as they are drawn together. */
  public record Slot(PartRole part, List<Form.FieldView> fields) {
    /** Copies the list. */
    public Slot {
      fields = List.copyOf(fields);
    }

    public String mark() {
      return part.field();
    }

    public String title() {
      return part.title();
    }

    public List<Form.FieldView> views() {
      return fields;
    }
  }

  static List<Slot> slots(Form form) {
    List<Slot> slots = new ArrayList<>();
    for (PartRole part : PartRole.values()) {
      List<Form.FieldView> views = new ArrayList<>();
      views.add(form.view(part.field()));
      views.add(form.view(pieces(part)));
      if (part == PartRole.MOTOR) {
        views.add(form.view("motorAmps"));
        views.add(form.view("motorHours"));
      }
      slots.add(new Slot(part, views));
    }
    return slots;
  }

  static Form blank(List<Entry> entries, Display display) {
    Form form =
        Form.stored(
            fields(entries),
            display,
            Map.of("parts", "Isolator, fuses and cables; 6; 120\nBox and hold-down; 3; 45"));
    for (PartRole part : PartRole.values()) {
      form.hint(pieces(part), "Empty: one");
    }
    PartRole.beside().forEach(part -> form.hint(part.field(), "Empty: none"));
    return form;
  }

  static Form typed(Form before, Map<String, String> parameters) {
    Form form = Form.typed(before, parameters);
    boolean alone = PartRole.beside().stream().noneMatch(part -> has(form, part));
    if (form.isSound() && alone && form.number("startPieces").orElse(1) < 2) {
      form.complain(
          "house", "One battery alone is there already: take another beside it or two pieces.");
    }
    if (form.isSound() && has(form, PartRole.MOTOR)) {
      for (String field : List.of("motorAmps", "motorHours")) {
        if (form.number(field).isEmpty()) {
          form.complain(field, "Type it: how long its battery lasts follows from it.");
        }
      }
    }
    var unused = read(form);
    return form;
  }

  static Arrangements.Arrangement read(Form form) {
    List<StoredCandidate.Extra> parts = new ArrayList<>();
    List<String> lines = form.lines("parts");
    for (int i = 0; i < lines.size(); i++) {
      Optional<StoredCandidate.Extra> part = part(lines.get(i));
      if (part.isEmpty()) {
        form.complain("parts", "Line " + (i + 1) + ": " + WANTED);
      }
      part.ifPresent(parts::add);
    }
    List<Arrangements.Asked> batteries = new ArrayList<>();
    for (PartRole part : PartRole.values()) {
      form.text(part.field())
          .ifPresent(
              letter ->
                  batteries.add(
                      new Arrangements.Asked(
                          part,
                          letter,
                          (int) form.number(pieces(part)).orElse(1),
                          run(form, part))));
    }
    return new Arrangements.Arrangement(batteries, batteries.size() > 1 ? parts : List.of());
  }

  private static boolean has(Form form, PartRole part) {
    return form.text(part.field()).isPresent();
  }

  private static Optional<Beside.Run> run(Form form, PartRole part) {
    return part == PartRole.MOTOR
            && form.number("motorAmps").isPresent()
            && form.number("motorHours").isPresent()
        ? Optional.of(
            new Beside.Run(
                form.number("motorAmps").getAsDouble(), form.number("motorHours").getAsDouble()))
        : Optional.empty();
  }

  private static Optional<StoredCandidate.Extra> part(String line) {
    StringTokenizer cells = new StringTokenizer(line, ";");
    if (cells.countTokens() != 3) {
      return Optional.empty();
    }
    String name = cells.nextToken().strip();
    NumberText.Result mass = NumberText.read(cells.nextToken().strip());
    NumberText.Result price = NumberText.read(cells.nextToken().strip());
    return name.isEmpty()
            || !mass.isNumber()
            || !price.isNumber()
            || mass.value() < 0
            || mass.value() > MOST_KG
            || price.value() < 0
            || price.value() > MOST_PRICE
        ? Optional.empty()
        : Optional.of(new StoredCandidate.Extra(name, mass.value(), price.value()));
  }
}
