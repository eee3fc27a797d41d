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
    return List.of(
        Field.choice("start", "Starts the engine", letters).needed(),
        Field.number("startPieces", "Pieces of it", Unit.COUNT, 1, 4)
            .wholeOnly()
            .withHelp(
                "In series where that makes the voltage, as two of 6 V do; else in parallel."),
        Field.choice("house", "House battery", letters)
            .withHelp(
                "Carries what runs with the engine off; the starter battery then keeps its charge."),
        Field.number("housePieces", "Pieces of it", Unit.COUNT, 1, 8).wholeOnly(),
        Field.lines("parts", "Parts it takes, a line each", LONGEST, Beside.MOST_PARTS)
            .withHelp("What is bought once: " + WANTED));
  }

  static Form blank(List<Entry> entries, Display display) {
    Form form =
        Form.stored(
            fields(entries),
            display,
            Map.of("parts", "Isolator, fuses and cables; 6; 120\nBox and hold-down; 3; 45"));
    form.hint("startPieces", "Empty: one");
    form.hint("housePieces", "Empty: one");
    form.hint("house", "Empty: none");
    return form;
  }

  static Form typed(Form before, Map<String, String> parameters) {
    Form form = Form.typed(before, parameters);
    if (form.isSound()
        && form.text("house").isEmpty()
        && form.number("startPieces").orElse(1) < 2) {
      form.complain(
          "house", "One battery alone is there already: take a house battery or two pieces.");
    }
    read(form);
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
    return new Arrangements.Arrangement(
        form.text("start").orElse(""),
        (int) form.number("startPieces").orElse(1),
        form.text("house"),
        (int) form.number("housePieces").orElse(1),
        form.text("house").isPresent() ? parts : List.of());
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
