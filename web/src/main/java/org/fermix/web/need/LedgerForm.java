package org.fermix.web.need;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.fermix.core.machine.Ledger;
import org.fermix.core.machine.Use;
import org.fermix.core.machine.UsualNeed;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Field;
import org.fermix.web.shared.Form;

/** The rows of the ledger within the form of the Need stop: so many, one after another. */
final class LedgerForm {
  private static final int NAME = 60;

  /** Of a thing whose hours nobody says, where its kind of machine usually runs nothing (h). */
  private static final double ONE_HOUR = 1;

  private LedgerForm() {}

  /** Hours a thing is taken to run where nobody says (h). */
  static double usualHours(UsualNeed usual) {
    double hours = usual.engineOffHours().value();
    return hours > 0 ? hours : ONE_HOUR;
  }

  static List<Field> fields() {
    List<Field> fields = new ArrayList<>();
    for (int row = 1; row <= Ledger.MOST; row++) {
      fields.add(
          Field.text("loadName" + row, "Thing " + row, NAME)
              .withHelp("What runs with the engine off."));
      fields.add(
          Field.number("loadAmount" + row, "Draw of thing " + row, Ledger.AMOUNT)
              .withHelp("Watts or amps, from its plate."));
      fields.add(
          Field.choice(
              "loadFeed" + row,
              "Unit of thing " + row,
              List.of(
                  new Field.Choice("WATTS", "W"),
                  new Field.Choice("AMPS", "A"),
                  new Field.Choice("RESISTIVE", "W heat or light"),
                  new Field.Choice("CONVERTER", "W converted"))));
      fields.add(
          Field.number("loadHours" + row, "Hours of thing " + row, Use.ENGINE_OFF_HOURS)
              .withHelp("Between two starts."));
      fields.add(
          Field.number("loadLeast" + row, "Least volts of thing " + row, Ledger.LEAST_VOLTS)
              .withHelp("Below which it stops, from its plate or manual."));
    }
    return fields;
  }

  static void put(Map<String, Object> values, List<StoredLoad> loads) {
    for (int i = 0; i < loads.size(); i++) {
      StoredLoad load = loads.get(i);
      int row = i + 1;
      values.put("loadName" + row, load.name());
      NeedForm.put(values, "loadAmount" + row, load.amount());
      NeedForm.put(values, "loadFeed" + row, load.feed());
      NeedForm.put(values, "loadHours" + row, load.hours());
      NeedForm.put(values, "loadLeast" + row, load.leastV());
    }
  }

  /** Each row says what stands for its empty fields. */
  static void hints(Form form, double usualHours, Display display) {
    for (int row = 1; row <= Ledger.MOST; row++) {
      Optional<Ledger.Usual> usual = form.text("loadName" + row).flatMap(Ledger.Usual::find);
      boolean unsaid = form.text("loadAmount" + row).isEmpty();
      form.assume(
          "loadAmount" + row,
          usual.filter(each -> unsaid).map(each -> display.number(each.watts(), 0)).orElse(""));
      form.assume(
          "loadFeed" + row,
          usual
              .filter(each -> unsaid && each.feed() != Ledger.Feed.WATTS)
              .map(each -> each.feed() == Ledger.Feed.CONVERTER ? "W converted" : "W heat or light")
              .orElse("W"));
      form.assume("loadHours" + row, display.number(usualHours, 1));
      form.assume("loadLeast" + row, "any");
    }
  }

  /** Says what is missing of a row that is begun. */
  static void complain(Form form) {
    for (int row = 1; row <= Ledger.MOST; row++) {
      boolean named = form.text("loadName" + row).isPresent();
      boolean amount = form.text("loadAmount" + row).isPresent();
      if (!named && (amount || form.text("loadHours" + row).isPresent())) {
        form.complain("loadName" + row, "Say what it is, or empty the row.");
      }
      if (named && !amount && form.text("loadName" + row).flatMap(Ledger.Usual::find).isEmpty()) {
        form.complain("loadAmount" + row, "Say how many watts or amps it draws.");
      }
    }
  }

  /** Rows that are filled, closed up. */
  static List<StoredLoad> loads(Form form) {
    List<StoredLoad> loads = new ArrayList<>();
    for (int row = 1; row <= Ledger.MOST; row++) {
      int at = row;
      form.text("loadName" + row)
          .ifPresent(
              name ->
                  loads.add(
                      new StoredLoad(
                          name,
                          form.numberOrNull("loadAmount" + at),
                          form.text("loadFeed" + at).map(Ledger.Feed::valueOf).orElse(null),
                          form.numberOrNull("loadHours" + at),
                          form.numberOrNull("loadLeast" + at))));
    }
    return List.copyOf(loads);
  }

  /** The ledger of stored rows; rows that say too little are left out. */
  static Ledger ledger(List<StoredLoad> loads, double usualHours) {
    return new Ledger(loads.stream().flatMap(load -> load.item(usualHours).stream()).toList());
  }
}
