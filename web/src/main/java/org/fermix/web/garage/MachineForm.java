package org.fermix.web.garage;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.fermix.core.machine.Engine;
import org.fermix.core.machine.EngineClass;
import org.fermix.core.machine.Oil;
import org.fermix.web.machine.Description;
import org.fermix.web.machine.Machine;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Field;
import org.fermix.web.shared.Form;
import org.jspecify.annotations.Nullable;

/** The form that describes a machine. */
final class MachineForm {
  private static final List<Field> FIELDS =
      List.of(
          Field.text("name", "Name", 60).needed().withHelp("What you call it."),
          Field.choice(
                  "type",
                  "Kind of machine and engine",
                  EngineClass.all().stream()
                      .map(type -> new Field.Choice(type.id(), type.name()))
                      .toList())
              .needed(),
          Field.number("litres", "Displacement", Engine.DISPLACEMENT)
              .withHelp(
                  "On the engine plate or in the papers. Nothing where no engine is cranked."),
          Field.number("cylinders", "Cylinders", Engine.CYLINDERS).wholeOnly(),
          Field.choice(
                  "oil",
                  "Oil grade in winter",
                  Oil.all().stream().map(oil -> new Field.Choice(oil.id(), oil.id())).toList())
              .withHelp("Cold oil is most of what the starter fights."),
          Field.choice(
                  "volts",
                  "System voltage",
                  List.of(
                      new Field.Choice("6", "6 V"),
                      new Field.Choice("12", "12 V"),
                      new Field.Choice("24", "24 V")))
              .withHelp("Empty: 12 V. Two 12 V batteries in series make 24 V."));

  private MachineForm() {}

  static Form blank(Display display) {
    return Form.blank(FIELDS, display);
  }

  static Form of(Machine machine, Display display) {
    Map<String, Object> values = new HashMap<>();
    values.put("name", machine.name());
    values.put("type", machine.type().id());
    putIfSaid(values, "litres", machine.displacementL());
    putIfSaid(values, "cylinders", machine.cylinders());
    putIfSaid(values, "oil", machine.oil());
    if (machine.systemVolts() != null) {
      values.put("volts", machine.systemVolts().toString());
    }
    return Form.stored(FIELDS, display, values);
  }

  private static void putIfSaid(Map<String, Object> values, String name, @Nullable Object value) {
    if (value != null) {
      values.put(name, value);
    }
  }

  static Description read(Form form) {
    Double cylinders = form.numberOrNull("cylinders");
    return new Description(
        form.text("name").orElseThrow(),
        EngineClass.find(form.text("type").orElseThrow()).orElseThrow(),
        form.numberOrNull("litres"),
        cylinders == null ? null : cylinders.intValue(),
        form.text("oil").orElse(null),
        form.text("volts").map(Integer::valueOf).orElse(null));
  }
}
