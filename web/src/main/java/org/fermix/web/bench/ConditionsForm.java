package org.fermix.web.bench;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.fermix.core.bench.Conditions;
import org.fermix.core.quantity.Unit;
import org.fermix.web.shared.AxisScale;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Field;
import org.fermix.web.shared.Form;

/** The conditions strip: what is typed or slid, with the owner's own conditions as marks. */
final class ConditionsForm {
  static final List<String> NAMES = List.of("temperature", "days", "amps", "hours", "years");

  private static final List<Field> FIELDS =
      List.of(
          Field.number("temperature", "Temperature at the start", Unit.CELSIUS, -40, 40).needed(),
          Field.number("days", "Days parked before it", Unit.DAY, 0, 1000).needed(),
          Field.number("amps", "Engine-off load", Unit.AMPERE, 0, 500).needed(),
          Field.number("hours", "for", Unit.HOUR, 0, 500).needed(),
          Field.number("years", "Years after fitting", Unit.YEAR, 0, 20).needed());

  private ConditionsForm() {}

  /** The owner's own conditions. */
  static Form own(Conditions own, Display display) {
    return Form.stored(
        FIELDS,
        display,
        Map.of(
            "temperature", own.temperatureC(),
            "days", own.daysParked(),
            "amps", own.engineOffAmps(),
            "hours", own.engineOffHours(),
            "years", own.yearsOn()));
  }

  /** What the address says, the owner's own where it says nothing. */
  static Form read(Conditions own, Map<String, String> parameters, Display display) {
    Form stored = own(own, display);
    Map<String, String> all = new HashMap<>();
    for (String name : NAMES) {
      all.put(name, parameters.getOrDefault(name, stored.view(name).value()));
    }
    return Form.typed(stored, all);
  }

  /** The conditions, once nothing is wrong with them. */
  static Optional<Conditions> conditions(Form form) {
    if (!form.isSound()) {
      return Optional.empty();
    }
    return Optional.of(
        new Conditions(
            form.number("temperature").orElseThrow(),
            form.number("days").orElseThrow(),
            form.number("amps").orElseThrow(),
            form.number("hours").orElseThrow(),
            form.number("years").orElseThrow()));
  }

  /**
   * One control of the strip.
   *
   * @param low end of the slider in the reader's units; typing may go beyond it
   * @param markAt where the owner's own condition stands, % of the slider
   */
  record Control(
      Form.FieldView field,
      String low,
      String high,
      String step,
      String markAt,
      String markLabel,
      String key,
      String slid) {}

  static List<Control> controls(Form form, Conditions own, Display display) {
    return List.of(
        control(form, "temperature", -40, 30, 1, own.temperatureC(), "coldest morning", display),
        control(form, "days", 0, 180, 1, own.daysParked(), "longest lay-up", display),
        control(form, "amps", 0, 30, 0.5, own.engineOffAmps(), "yours", display),
        control(form, "years", 0, 10, 0.5, 0, "new", display));
  }

  private static Control control(
      Form form,
      String name,
      double low,
      double high,
      double step,
      double mark,
      String markLabel,
      Display display) {
    Form.FieldView view = form.view(name);
    Unit unit = view.field().unit();
    return new Control(
        view,
        plain(low, unit, display),
        plain(high, unit, display),
        Double.toString(step),
        AxisScale.linear(low, high).at(mark),
        markLabel,
        name,
        form.number(name).isPresent()
            ? plain(form.number(name).getAsDouble(), unit, display)
            : plain(mark, unit, display));
  }

  /** A number as HTML wants it: the typographic minus would not be understood. */
  private static String plain(double value, Unit unit, Display display) {
    return Double.toString(unit.shown(value, display.system()));
  }
}
