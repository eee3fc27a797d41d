package org.fermix.web.first;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.fermix.core.bench.TypicalBattery;
import org.fermix.core.casing.CaseSize;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.diagnosis.Symptom;
import org.fermix.core.label.Build;
import org.fermix.core.label.CrankingRating;
import org.fermix.core.label.Label;
import org.fermix.core.label.ProtectionClaim;
import org.fermix.core.label.Sheet;
import org.fermix.core.machine.Climate;
import org.fermix.core.machine.Engine;
import org.fermix.core.machine.EngineClass;
import org.fermix.core.machine.LongestLayUp;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.Oil;
import org.fermix.core.machine.UsualNeed;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Limits;
import org.fermix.core.quantity.Unit;
import org.fermix.core.quantity.UnitSystem;
import org.fermix.core.rating.CrankingTest;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Field;
import org.fermix.web.shared.Form;

/** The strip of the first page: four things, one label in hand, and two questions of the check. */
final class FirstForm {
  private static final Limits LITRES = new Limits("engine size", 0.05, 15, Unit.LITRE);
  private static final Limits REST = new Limits("rest voltage", 0, 40, Unit.VOLT);

  /** What another reader's units would change. */
  private static final List<String> FIGURES = List.of("litres", "coldest");

  private FirstForm() {}

  private static List<Field> fields(MachineKind kind) {
    List<Field> fields = new ArrayList<>();
    fields.add(
        Field.choice(
            "type",
            "Engine",
            kind.engines().stream()
                .map(each -> new Field.Choice(each.id(), each.name()))
                .toList()));
    fields.add(Field.number("litres", "Engine size", LITRES));
    fields.add(Field.number("coldest", "Coldest morning", Climate.COLDEST_MORNING));
    fields.add(Field.number("days", "Days it stands", LongestLayUp.DAYS));
    fields.add(
        Field.choice(
            "chemistry",
            "Kind",
            Chemistry.all().stream()
                .map(each -> new Field.Choice(each.id(), each.shortName()))
                .toList()));
    fields.add(Field.number("cca", "CCA", CrankingRating.AMPS));
    fields.add(Field.number("ah", "Capacity", Label.CAPACITY));
    fields.add(Field.choice("does", "What does it do?", symptoms()));
    fields.add(Field.number("volts", "Volts after a night’s rest", REST));
    return fields;
  }

  /** How it was drawn; figures in an address that does not say are metric, whoever reads them. */
  static Display drawn(Display now, Map<String, String> parameters) {
    boolean unsaid =
        !parameters.containsKey(Form.DRAWN)
            && FIGURES.stream().anyMatch(name -> !parameters.getOrDefault(name, "").isBlank());
    return unsaid ? now.in(UnitSystem.METRIC) : Form.drawn(now, parameters);
  }

  private static List<Field.Choice> symptoms() {
    return List.of(
        new Field.Choice(Symptom.SLOW.name(), "turns slowly"),
        new Field.Choice(Symptom.RAPID_CLICK.name(), "clicks"),
        new Field.Choice(Symptom.NOTHING.name(), "does nothing"),
        new Field.Choice(Symptom.DEAD_AFTER_PARKING.name(), "dead after standing"),
        new Field.Choice(Symptom.STARTS_WELL.name(), "starts well"));
  }

  /** What is typed, for a kind; what is left alone is shown as it is assumed. */
  static Form of(MachineKind kind, Map<String, String> typed, Display display) {
    Form form = Form.stored(fields(kind), display, example(kind, typed));
    return typed.isEmpty() ? form : Form.typed(form, typed);
  }

  /** The worked example: an invented diesel car in a cold place. */
  private static Map<String, Object> example(MachineKind kind, Map<String, String> typed) {
    Map<String, Object> values = new HashMap<>();
    if (typed.isEmpty() && kind == MachineKind.CAR) {
      EngineClass diesel =
          kind.engines().stream().filter(EngineClass::diesel).findFirst().orElseThrow();
      values.put("type", diesel.id());
      values.put("litres", 1.9);
      values.put("coldest", -10.0);
      values.put("days", 14.0);
    }
    return values;
  }

  static EngineClass type(MachineKind kind, Form form) {
    List<EngineClass> engines = kind.engines();
    return form.text("type")
        .flatMap(id -> engines.stream().filter(each -> each.id().equals(id)).findFirst())
        .orElse(engines.get(0));
  }

  /** The need that was typed; the rest as usual for such a machine. */
  static Need need(MachineKind kind, Form form) {
    EngineClass type = type(kind, form);
    Engine usual = Engine.usual(type);
    Engine engine =
        form.number("litres").isPresent()
            ? Engine.usual(
                type,
                Given.typed(form.number("litres").getAsDouble(), Unit.LITRE),
                type.size().defaultCylinders(),
                Oil.find(type.size().defaultOil()).orElseThrow())
            : usual;
    Need need = UsualNeed.of(engine).need();
    if (form.number("coldest").isPresent()) {
      Given coldest = Given.typed(form.number("coldest").getAsDouble(), Unit.CELSIUS);
      Given winter = UsualNeed.of(engine).winterMeanC(coldest.value());
      need =
          need.in(
              new Climate(
                  coldest,
                  winter,
                  UsualNeed.of(engine).summerMeanC(winter.value()),
                  need.climate().coldestMonth()));
    }
    if (form.number("days").isPresent()) {
      need =
          need.used(need.use().standing(Given.typed(form.number("days").getAsDouble(), Unit.DAY)));
    }
    return need;
  }

  /** The label in hand, once kind and cranking amps are typed; its case as a typical one's. */
  static Optional<Label> inHand(Form form, Need need) {
    Optional<Chemistry> chemistry = form.text("chemistry").flatMap(Chemistry::find);
    if (chemistry.isEmpty() || form.number("cca").isEmpty()) {
      return Optional.empty();
    }
    Label typical = TypicalBattery.of(need, chemistry.get());
    CaseSize size = typical.size();
    return Optional.of(
        new Label(
            "Yours",
            chemistry.get(),
            new CrankingRating(form.number("cca").getAsDouble(), CrankingTest.COLD_CRANKING),
            form.number("ah").isPresent()
                ? Optional.of(Given.label(form.number("ah").getAsDouble(), Unit.AMPERE_HOUR))
                : Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            size,
            typical.positiveSide(),
            Given.assumed(0, Unit.MONEY, "no price typed"),
            new Build(need.engine().nominalVolts(), Optional.empty()),
            chemistry.get().isLead()
                ? Sheet.SILENT
                : new Sheet(
                    Label.CAPACITY_HOURS, List.of(), ProtectionClaim.BUILT_IN, false, false)));
  }
}
