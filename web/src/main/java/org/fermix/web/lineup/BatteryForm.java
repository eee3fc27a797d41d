package org.fermix.web.lineup;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.fermix.core.casing.TerminalSide;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.DateCode;
import org.fermix.core.label.Sheet;
import org.fermix.core.permission.DataSheet;
import org.fermix.core.quantity.Unit;
import org.fermix.core.rating.CrankingTest;
import org.fermix.web.battery.DischargeText;
import org.fermix.web.battery.LabelFact;
import org.fermix.web.battery.LabelFact.Kind;
import org.fermix.web.battery.Offer;
import org.fermix.web.battery.RatingText;
import org.fermix.web.battery.SheetText;
import org.fermix.web.battery.StoredLabel;
import org.fermix.web.need.TerminalWords;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Field;
import org.fermix.web.shared.Form;
import org.jspecify.annotations.Nullable;

/** The form that copies a label. */
final class BatteryForm {
  private static final Field AGE =
      Field.number("age", "Age in service", Candidate.AGE)
          .needed()
          .withHelp("Years since it was fitted.");
  private static final Field PRICE =
      Field.number("price", "Price", Unit.MONEY, 0.01, 100000)
          .withHelp("What you would pay today. Empty: unknown, and nothing is said of money.");
  private static final Field SELLER =
      Field.text("seller", "Seller", 60)
          .withHelp(
              "Who asks that price; with an order number where there is one. Each new price is kept beside the old.");
  private static final List<Field> LABEL =
      List.of(
          Field.text("name", "Name on the label", 80).needed(),
          Field.choice("chemistry", "Chemistry", chemistries())
              .needed()
              .withHelp(
                  "“Lithium-ion” alone settles nothing: look for the exact chemistry, or say it is not stated."),
          Field.number("cranking", "Cranking rating", Kind.RATING.limits()).needed(),
          Field.choice(
                  "test",
                  "Rated by",
                  CrankingTest.all().stream()
                      .map(test -> new Field.Choice(test.id(), test.label()))
                      .toList())
              .needed()
              .withHelp("Ratings from different tests are different quantities."),
          Field.number("reserve", "RC", Kind.RESERVE.limits()).withHelp("Reserve capacity."),
          Field.number("capacity", "Capacity", Kind.CAPACITY.limits())
              .withHelp("For lithium the true Ah, not “lead equivalent”."),
          Field.number("capacityHours", "at the rate of", Sheet.HOURS)
              .withHelp("Hour rate behind the ampere-hours: C20, C10, C100."),
          Field.number("mass", "Mass", Kind.MASS.limits()),
          Field.number("length", "Length", Kind.LENGTH.limits()).needed(),
          Field.number("width", "Width", Kind.WIDTH.limits()).needed(),
          Field.number("height", "Height", Kind.HEIGHT.limits())
              .needed()
              .withHelp("Over the terminals."),
          Field.choice(
                  "side",
                  "Positive terminal",
                  List.of(new Field.Choice("LEFT", "left"), new Field.Choice("RIGHT", "right")))
              .needed()
              .withHelp("Seen from the long side nearest the terminals."));

  private static final List<Field> SHEET =
      List.of(
          Field.choice("terminal", "Terminals", TerminalWords.choices())
              .withHelp("What the leads are fixed to."),
          Field.choice("source", "Copied from", SourceWords.choices())
              .withHelp("Where its figures stand; the day is noted with them."),
          Field.choice(
                  "weighed",
                  "Weighed",
                  List.of(
                      new Field.Choice("no", "no, as printed"),
                      new Field.Choice("yes", "on a scale")))
              .withHelp("What a scale shows is surer than print."),
          Field.choice("purpose", "Made for", PurposeWords.choices())
              .withHelp("As its label says; cranking, cycles and the check of its figures follow."),
          Field.text("dateCode", "Date code", 12)
              .withHelp("As stamped on the case: a shelf warmer has lost charge and life."),
          Field.choice(
              "volts",
              "Battery voltage",
              List.of(
                  new Field.Choice("6", "6 V"),
                  new Field.Choice("12", "12 V"),
                  new Field.Choice("24", "24 V"))),
          Field.text("ratings", "Other cranking ratings", RatingText.LONGEST)
              .withHelp("Such as 870 MCA; 610 EN. All are weighed together."),
          Field.text("discharges", "Other rates and discharge table", DischargeText.LONGEST)
              .withHelp("Such as 23 Ah 50 h; 25 A 71 min. Each counts at its own current."),
          yesNo("protected", "Protection built in")
              .withHelp("Of lithium and sodium; some sheets call it a management system."),
          yesNo("heated", "Warms itself before charging"),
          yesNo("coldTest", "Sheet states the cold test")
              .withHelp("−18 °C, 30 s, 7.2 V behind its cranking amps."),
          Field.number("reserveShare", "Start reserve", Kind.START_RESERVE.limits())
              .withHelp("Charge at which it disconnects to keep a start."),
          Field.number("opensBelow", "Opens below", Kind.OPENS_BELOW.limits())
              .withHelp("Under load, by its own protection."),
          Field.number("continuous", "Continuous current", Kind.CONTINUOUS.limits())
              .withHelp("Most it passes for as long as there is charge."),
          Field.number("crankingLimit", "Current for seconds", Kind.CRANKING_LIMIT.limits())
              .withHelp("Most it passes while cranking."),
          Field.number("shortLimit", "Current for a moment", Kind.SHORT_LIMIT.limits())
              .withHelp("Most it passes for parts of a second."),
          Field.lines("lines", "Data sheet, line by line", 2 * DataSheet.LONGEST, DataSheet.MOST)
              .withHelp(
                  "As it stands there, such as “Operating temperature: −20 to 60 °C” or “Short-circuit"
                      + " protection: yes”. What is understood counts at the gates; the rest is kept."));

  /** Fields that hold one number of the label. */
  private static final Map<String, Kind> NUMBERS = new LinkedHashMap<>();

  static {
    NUMBERS.put("cranking", Kind.RATING);
    NUMBERS.put("reserve", Kind.RESERVE);
    NUMBERS.put("capacity", Kind.CAPACITY);
    NUMBERS.put("mass", Kind.MASS);
    NUMBERS.put("length", Kind.LENGTH);
    NUMBERS.put("width", Kind.WIDTH);
    NUMBERS.put("height", Kind.HEIGHT);
    NUMBERS.put("reserveShare", Kind.START_RESERVE);
    NUMBERS.put("opensBelow", Kind.OPENS_BELOW);
    NUMBERS.put("continuous", Kind.CONTINUOUS);
    NUMBERS.put("crankingLimit", Kind.CRANKING_LIMIT);
    NUMBERS.put("shortLimit", Kind.SHORT_LIMIT);
  }

  /** Chosen where the label says lithium and not which: judged as LFP, and barred until settled. */
  static final String UNSTATED = "lithium";

  private BatteryForm() {}

  private static List<Field.Choice> chemistries() {
    List<Field.Choice> choices = new ArrayList<>();
    Chemistry.all().forEach(each -> choices.add(new Field.Choice(each.id(), each.displayName())));
    choices.add(new Field.Choice(UNSTATED, "lithium, kind not stated"));
    return choices;
  }

  private static Chemistry unstated() {
    return Chemistry.all().stream()
        .filter(each -> each.family() == Chemistry.Family.LITHIUM)
        .findFirst()
        .orElseThrow();
  }

  private static Field yesNo(String name, String label) {
    return Field.choice(
        name, label, List.of(new Field.Choice("yes", "yes"), new Field.Choice("no", "no")));
  }

  private static List<Field> fields(boolean today) {
    List<Field> fields = new ArrayList<>(LABEL);
    fields.add(today ? AGE : PRICE);
    if (!today) {
      fields.add(SELLER);
    }
    fields.addAll(SHEET);
    return fields;
  }

  /** How many fields stand first: what every label says, and its price or age. */
  static int first(boolean today) {
    return LABEL.size() + (today ? 1 : 2);
  }

  static Form blank(boolean today, Display display) {
    Map<String, Object> usual = new HashMap<>();
    usual.put("test", CrankingTest.COLD_CRANKING.id());
    Form form = Form.stored(fields(today), display, usual);
    hints(form);
    return form;
  }

  static Form of(Entry entry, Display display) {
    StoredLabel label = entry.label();
    Map<String, Object> values = new HashMap<>();
    values.put("name", label.name());
    values.put(
        "chemistry", label.says(Kind.KIND_NOT_STATED).orElse(false) ? UNSTATED : label.chemistry());
    values.put("side", label.positiveSide());
    put(values, "test", label.facts(Kind.RATING).findFirst().map(LabelFact::standard));
    NUMBERS.forEach((name, kind) -> put(values, name, label.find(kind)));
    put(values, "capacityHours", label.facts(Kind.CAPACITY).findFirst().map(LabelFact::hours));
    put(values, "volts", label.find(Kind.VOLTS).map(volts -> String.valueOf(volts.intValue())));
    put(values, "ratings", Optional.of(label.otherRatings()));
    put(values, "discharges", Optional.of(label.discharges()));
    put(
        values,
        "lines",
        Optional.of(
            label.dataSheet().lines().stream()
                .filter(line -> line.asked().isEmpty())
                .map(SheetText::of)
                .collect(Collectors.joining("\n"))));
    put(values, "terminal", label.terminal());
    put(values, "source", label.source().map(Enum::name));
    put(
        values,
        "weighed",
        label
            .facts(Kind.MASS)
            .findFirst()
            .map(LabelFact::source)
            .map(by -> by == LabelFact.Source.MEASURED ? "yes" : "no"));
    put(values, "purpose", label.named(Kind.PURPOSE));
    put(values, "dateCode", label.named(Kind.DATE_CODE));
    put(values, "protected", label.says(Kind.PROTECTED).map(BatteryForm::yesNo));
    put(values, "heated", label.says(Kind.HEATED).map(BatteryForm::yesNo));
    put(values, "coldTest", label.says(Kind.COLD_TEST).map(BatteryForm::yesNo));
    if (entry.isToday()) {
      values.put("age", entry.ageYears());
    } else {
      put(values, "price", entry.offer().map(Offer::price));
      put(values, "seller", entry.offer().flatMap(Offer::seller));
    }
    Form form = Form.stored(fields(entry.isToday()), display, values);
    hints(form);
    return form;
  }

  private static void hints(Form form) {
    form.hint("reserve", "Empty: not on the label");
    form.hint("capacity", "Empty: estimated from RC, mass or rating");
    form.hint("mass", "Empty: estimated from capacity");
    form.hint("capacityHours", "Empty: 20 h");
    form.hint("volts", "Empty: 12 V");
    form.hint("terminal", "Empty: taken to fit the leads");
    form.hint("source", "Empty: its label");
    form.hint("weighed", "Empty: as printed");
    form.hint("purpose", "Empty: not stated; read from its figures");
    form.hint("seller", "Empty: not noted");
    form.hint("lines", "Empty: nothing beyond what is typed above");
    form.hint("dateCode", "Empty: not known");
    form.hint("ratings", "Empty: none printed");
    form.hint("discharges", "Empty: none printed");
    form.hint("protected", "Empty: not stated; lithium is then barred");
    form.hint("heated", "Empty: not stated, counts as no");
    form.hint("coldTest", "Empty: not stated");
    form.hint("reserveShare", "Empty: keeps none");
    form.hint("opensBelow", "Empty: usual for lithium, none for lead");
    form.hint("continuous", "Empty: no limit known");
    form.hint("crankingLimit", "Empty: usual for lithium, none for lead");
    form.hint("shortLimit", "Empty: no limit known");
  }

  private static void put(
      Map<String, Object> values, String name, Optional<? extends @Nullable Object> value) {
    value.ifPresent(said -> values.put(name, said));
  }

  private static String yesNo(boolean value) {
    return value ? "yes" : "no";
  }

  /** What was typed, the discharge text read as well. */
  static Form typed(Form before, Map<String, String> parameters) {
    Form form = Form.typed(before, parameters);
    form.text("ratings")
        .map(RatingText::read)
        .map(RatingText::complaint)
        .filter(complaint -> !complaint.isEmpty())
        .ifPresent(complaint -> form.complain("ratings", complaint));
    Optional.of(SheetText.read(form.lines("lines")).complaint())
        .filter(complaint -> !complaint.isEmpty())
        .ifPresent(complaint -> form.complain("lines", complaint));
    form.text("dateCode")
        .filter(code -> DateCode.readings(code, LocalDate.now(ZoneOffset.UTC)).isEmpty())
        .ifPresent(
            code ->
                form.complain(
                    "dateCode",
                    "This code cannot be read: write month and year, such as 03/26, 2026-03, C6 or"
                        + " 26W12."));
    form.text("discharges")
        .map(DischargeText::read)
        .map(DischargeText::complaint)
        .filter(complaint -> !complaint.isEmpty())
        .ifPresent(complaint -> form.complain("discharges", complaint));
    return form;
  }

  static void write(Form form, StoredLabel label, Instant now) {
    List<LabelFact> facts = new ArrayList<>();
    facts.add(
        LabelFact.rating(form.text("test").orElseThrow(), form.number("cranking").orElseThrow()));
    form.text("ratings").map(RatingText::read).stream()
        .flatMap(read -> read.ratings().stream())
        .forEach(rating -> facts.add(LabelFact.rating(rating.test().id(), rating.amps())));
    Double hours = form.numberOrNull("capacityHours");
    Double ampHours = form.numberOrNull("capacity");
    if (ampHours != null || hours != null) {
      facts.add(new LabelFact(Kind.CAPACITY, null, ampHours, hours, null, null, null));
    }
    NUMBERS.forEach(
        (name, kind) -> {
          if (kind != Kind.RATING && kind != Kind.CAPACITY) {
            form.number(name).ifPresent(value -> facts.add(LabelFact.of(kind, value)));
          }
        });
    form.text("volts")
        .ifPresent(volts -> facts.add(LabelFact.of(Kind.VOLTS, Double.parseDouble(volts))));
    form.text("terminal").ifPresent(name -> facts.add(LabelFact.named(Kind.TERMINAL, name)));
    form.text("purpose").ifPresent(name -> facts.add(LabelFact.named(Kind.PURPOSE, name)));
    form.text("dateCode").ifPresent(code -> facts.add(LabelFact.named(Kind.DATE_CODE, code)));
    form.text("discharges").map(DischargeText::entries).stream()
        .flatMap(List::stream)
        .forEach(entry -> facts.add(LabelFact.discharge(entry)));
    SheetText.read(form.lines("lines"))
        .lines()
        .forEach(line -> facts.add(LabelFact.line(line, Optional.empty())));
    // What was answered on being asked is not on the label, and stays.
    label.facts(Kind.LINE).filter(fact -> fact.dated() != null).forEach(facts::add);
    said(form, "protected").ifPresent(yes -> facts.add(LabelFact.of(Kind.PROTECTED, yes)));
    said(form, "heated").ifPresent(yes -> facts.add(LabelFact.of(Kind.HEATED, yes)));
    said(form, "coldTest").ifPresent(yes -> facts.add(LabelFact.of(Kind.COLD_TEST, yes)));
    String chemistry = form.text("chemistry").orElseThrow();
    if (chemistry.equals(UNSTATED)) {
      facts.add(LabelFact.of(Kind.KIND_NOT_STATED, 1));
    }
    facts.replaceAll(
        fact ->
            fact.source() == null
                ? fact.from(
                    fact.fact() == Kind.MASS
                            && form.text("weighed").filter("yes"::equals).isPresent()
                        ? LabelFact.Source.MEASURED
                        : form.text("source").map(LabelFact.Source::valueOf).orElse(null))
                : fact);
    label.write(
        form.text("name").orElseThrow(),
        chemistry.equals(UNSTATED) ? unstated().id() : chemistry,
        TerminalSide.valueOf(form.text("side").orElseThrow()),
        facts,
        now);
  }

  private static Optional<Integer> said(Form form, String name) {
    return form.text(name).map(text -> text.equals("yes") ? 1 : 0);
  }

  /** What would be paid, in whole cents. */
  static Optional<BigDecimal> price(Form form) {
    return Optional.ofNullable(form.numberOrNull("price"))
        .map(price -> BigDecimal.valueOf(price).setScale(2, RoundingMode.HALF_UP));
  }
}
