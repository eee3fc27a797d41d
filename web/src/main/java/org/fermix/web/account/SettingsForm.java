package org.fermix.web.account;

import java.time.ZoneId;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.fermix.core.quantity.UnitSystem;
import org.fermix.web.shared.Currencies;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Field;
import org.fermix.web.shared.Form;
import org.fermix.web.shared.Preferences;

/** The form that says how things are shown. */
final class SettingsForm {
  private static final List<Field> FIELDS =
      List.of(
          Field.choice(
              "units",
              "Units",
              List.of(new Field.Choice("METRIC", "metric"), new Field.Choice("US", "US"))),
          Field.choice("zone", "Time zone", zones()).withHelp("By region and city."),
          Field.choice("currency", "Currency", Currencies.choices())
              .withHelp("Of machines added from now on; those there are keep theirs."));

  private SettingsForm() {}

  static Form of(Preferences preferences, Display display) {
    Map<String, Object> values = new HashMap<>();
    preferences.units().ifPresent(units -> values.put("units", units.name()));
    preferences.zone().ifPresent(zone -> values.put("zone", zone.getId()));
    preferences.currency().ifPresent(currency -> values.put("currency", currency));
    Form form = Form.stored(FIELDS, display, values);
    form.hint("units", "Empty: as in this browser, now " + (display.isUs() ? "US" : "metric"));
    form.hint("zone", "Empty: your browser’s, now " + display.zone().getId());
    form.hint("currency", "Empty: EUR");
    return form;
  }

  static Preferences read(Form form) {
    return new Preferences(
        form.text("units").map(UnitSystem::valueOf),
        form.text("zone").map(ZoneId::of),
        form.text("currency"));
  }

  private static List<Field.Choice> zones() {
    return ZoneId.getAvailableZoneIds().stream()
        .filter(id -> id.contains("/") && !id.startsWith("Etc/") && !id.startsWith("SystemV/"))
        .sorted()
        .map(id -> new Field.Choice(id, id.replace('_', ' ')))
        .toList();
  }
}
