package org.fermix.web.charger;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.fermix.core.charging.ChargeSource;
import org.fermix.core.quantity.Unit;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Field;
import org.fermix.web.shared.Form;

/** The form that copies a charger’s plate and manual. */
final class ChargerForm {
  private static final double LEAST_V = 5;
  private static final double MOST_V = 35;

  private static final List<Field> FIELDS =
      List.of(
          Field.text("name", "Name", 60).needed(),
          Field.choice(
                  "kind",
                  "Kind",
                  List.of(
                      new Field.Choice("CHARGER", "charger"),
                      new Field.Choice("MAINTAINER", "maintainer, left connected"),
                      new Field.Choice("SOLAR", "solar or wind")))
              .needed(),
          Field.number("amps", "Current", Unit.AMPERE, 0.05, 500)
              .needed()
              .withHelp("The most it gives."),
          Field.number("top", "Top voltage", Unit.VOLT, LEAST_V, MOST_V)
              .needed()
              .withHelp(
                  "What it holds at last, from its manual or a meter; “smart” or “dual” on the box"
                      + " says nothing. Of a charger with modes, the mode you would use."),
          Field.number("float", "Float voltage", Unit.VOLT, LEAST_V, MOST_V)
              .withHelp("What it falls back to when done."),
          Field.number("starts", "Starts on", Unit.VOLT, 0, 30)
              .withHelp("The least a battery must show before it begins; 0 for any."),
          yesNo("desulfates", "Desulfating stage that cannot be switched off")
              .withHelp("Pulses or equalising: lithium, gel and AGM are harmed by it."),
          yesNo("wakes", "Wakes a protection that has opened"));

  private ChargerForm() {}

  private static Field yesNo(String name, String label) {
    return Field.choice(
        name, label, List.of(new Field.Choice("yes", "yes"), new Field.Choice("no", "no")));
  }

  static Form blank(Display display) {
    return hinted(Form.stored(FIELDS, display, Map.of("kind", "CHARGER")));
  }

  static Form of(StoredCharger charger, Display display) {
    Map<String, Object> values = new HashMap<>();
    values.put("name", charger.name);
    values.put("kind", charger.kind);
    values.put("amps", charger.amps);
    values.put("top", charger.topV);
    if (charger.floatV != null) {
      values.put("float", charger.floatV);
    }
    if (charger.startsFromV != null) {
      values.put("starts", charger.startsFromV);
    }
    if (charger.desulfates != null) {
      values.put("desulfates", charger.desulfates ? "yes" : "no");
    }
    if (charger.wakesProtection != null) {
      values.put("wakes", charger.wakesProtection ? "yes" : "no");
    }
    return hinted(Form.stored(FIELDS, display, values));
  }

  private static Form hinted(Form form) {
    form.hint("float", "Empty: switches off, or not known");
    form.hint("starts", "Empty: 8 V assumed, of 12");
    form.hint("desulfates", "Empty: not known, counts as no");
    form.hint("wakes", "Empty: not known, counts as no");
    return form;
  }

  static Form typed(Form before, Map<String, String> parameters) {
    Form form = Form.typed(before, parameters);
    double top = form.number("top").orElse(0);
    if (form.number("float").orElse(0) > top && top > 0) {
      form.complain("float", "The float voltage is at most the top voltage.");
    }
    return form;
  }

  static void write(Form form, StoredCharger charger) {
    charger.name = form.text("name").orElseThrow();
    charger.kind = ChargeSource.Kind.valueOf(form.text("kind").orElseThrow());
    charger.amps = form.number("amps").orElseThrow();
    charger.topV = form.number("top").orElseThrow();
    charger.floatV = form.numberOrNull("float");
    charger.startsFromV = form.numberOrNull("starts");
    charger.desulfates = form.text("desulfates").map("yes"::equals).orElse(null);
    charger.wakesProtection = form.text("wakes").map("yes"::equals).orElse(null);
  }
}
