package org.fermix.web.bench;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.JudgedAge;
import org.fermix.core.machine.Climate;
import org.fermix.core.machine.LongestLayUp;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.Stand;
import org.fermix.core.machine.Use;
import org.fermix.core.quantity.Unit;
import org.fermix.core.quantity.UnitSystem;
import org.fermix.web.chart.Scale;
import org.fermix.web.need.StandWords;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Field;
import org.fermix.web.shared.Form;
import org.springframework.web.util.UriComponentsBuilder;

/** The conditions strip: what is typed or slid, with the owner's own conditions as marks. */
final class ConditionsForm {
  static final List<String> NAMES =
      List.of("temperature", "days", "amps", "hours", "years", "stand", "weeks");

  private static final List<Field> FIELDS =
      List.of(
          Field.number("temperature", "Temperature at the start", Climate.COLDEST_MORNING).needed(),
          Field.number("days", "Days parked before it", LongestLayUp.DAYS).needed(),
          Field.number("amps", "Engine-off load", Use.ENGINE_OFF_LOAD).needed(),
          Field.number("hours", "for", Use.ENGINE_OFF_HOURS).needed(),
          Field.number("years", "Years fitted", JudgedAge.YEARS_ON)
              .withHelp("Empty: two years on, or half a short life."),
          Field.choice("stand", "How it stands", StandWords.choices()).needed(),
          Field.number("weeks", "every", Stand.WEEKS).needed());

  private ConditionsForm() {}

  /** The owner's own conditions. */
  static Form own(Conditions own, Display display) {
    Map<String, Object> values = new HashMap<>();
    values.put("temperature", own.temperatureC());
    values.put("days", own.daysParked());
    values.put("amps", own.engineOffAmps());
    values.put("hours", own.engineOffHours());
    own.age().yearsOn().ifPresent(years -> values.put("years", years));
    values.put("stand", own.stand().way().name());
    values.put("weeks", own.stand().weeks());
    return Form.stored(FIELDS, display, values);
  }

  /**
   * What the address says, the owner's own where it says nothing. An address means the same to
   * everyone: it says in which units it was written.
   */
  static Form read(Conditions own, Map<String, String> parameters, Display display) {
    Form stored = own(own, written(parameters, display));
    Map<String, String> all = new HashMap<>();
    for (String name : NAMES) {
      all.put(name, parameters.getOrDefault(name, stored.view(name).value()));
    }
    return Form.typed(stored, all);
  }

  /** How an address that says figures but not in which units was written: metric, for everyone. */
  static Display written(Map<String, String> parameters, Display display) {
    boolean unsaid =
        !parameters.containsKey(Form.DRAWN) && NAMES.stream().anyMatch(parameters::containsKey);
    return unsaid ? display.in(UnitSystem.METRIC) : Form.drawn(display, parameters);
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
            form.number("years").isPresent()
                ? JudgedAge.after(form.number("years").getAsDouble())
                : JudgedAge.USUAL,
            new Stand(
                Stand.Way.valueOf(form.text("stand").orElseThrow()),
                form.number("weeks").orElseThrow())));
  }

  /** What an address must say to ask the bench about these conditions. */
  static String query(Form form) {
    UriComponentsBuilder builder = UriComponentsBuilder.newInstance();
    for (String name : NAMES) {
      builder.queryParam(name, "{" + name + "}");
    }
    return builder
        .queryParam(Form.DRAWN, form.drawn())
        .encode()
        .buildAndExpand(NAMES.stream().map(name -> form.view(name).value()).toArray())
        .toUriString();
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

  static List<Control> controls(Form form, Need need, Display display) {
    Conditions own = Conditions.of(need);
    String rest = need.layUpEndsInTheCold() ? "longest lay-up" : "between two uses";
    return List.of(
        control(form, "temperature", -40, 30, 1, own.temperatureC(), "coldest morning", display),
        control(form, "days", 0, 180, 1, own.daysParked(), rest, display),
        control(form, "amps", 0, 30, 0.5, own.engineOffAmps(), "yours", display),
        control(
            form,
            "years",
            0,
            10,
            0.5,
            Math.min(JudgedAge.USUAL_YEARS, need.use().yearsKept().value()),
            "as judged",
            display));
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
        Scale.across(low, high).at(mark),
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
