package org.fermix.web.need;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.fermix.core.casing.CaseSize;
import org.fermix.core.casing.Terminal;
import org.fermix.core.casing.TerminalSide;
import org.fermix.core.label.CrankingRating;
import org.fermix.core.label.Label;
import org.fermix.core.machine.BatteryPlace;
import org.fermix.core.machine.Charging;
import org.fermix.core.machine.Climate;
import org.fermix.core.machine.Driving;
import org.fermix.core.machine.Habit;
import org.fermix.core.machine.HardinessZone;
import org.fermix.core.machine.History;
import org.fermix.core.machine.LayUpPlace;
import org.fermix.core.machine.Ledger;
import org.fermix.core.machine.LongestLayUp;
import org.fermix.core.machine.Stand;
import org.fermix.core.machine.StandingDrain;
import org.fermix.core.machine.StopStart;
import org.fermix.core.machine.Tray;
import org.fermix.core.machine.Use;
import org.fermix.core.machine.UsualNeed;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;
import org.fermix.core.rating.CrankingTest;
import org.fermix.web.job.OpenJob;
import org.fermix.web.shared.Currencies;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Field;
import org.fermix.web.shared.Form;
import org.fermix.web.shared.Months;
import org.jspecify.annotations.Nullable;

/** The form of the Need stop. */
final class NeedForm {
  static final String DRAIN = "drain-";

  private static final List<String> TRAY = List.of("trayLength", "trayWidth", "trayHeight", "side");

  private static final List<Field> OWN =
      List.of(
          Field.number("minimumCca", "Minimum cranking amps", CrankingRating.AMPS)
              .withHelp("From the handbook or the old label."),
          Field.choice(
                  "minimumTest",
                  "Asked by",
                  CrankingTest.all().stream()
                      .map(test -> new Field.Choice(test.id(), test.label()))
                      .toList())
              .withHelp("The test the maker names: MCA for many outboards. Empty: CCA (SAE)."),
          Field.number("minimumReserve", "Minimum RC", Label.RESERVE)
              .withHelp("Reserve capacity in minutes, where the maker asks for one."),
          Field.number("minimumCapacity", "Minimum capacity", Label.CAPACITY)
              .withHelp("Ampere-hours at 20 h, where the maker asks for them."),
          Field.number("trayLength", "Tray length", CaseSize.SIDE),
          Field.number("trayWidth", "Tray width", CaseSize.SIDE),
          Field.number("trayHeight", "Height free", CaseSize.SIDE)
              .withHelp("From the tray to the lid or bonnet, over the terminals."),
          Field.choice(
                  "side",
                  "Positive terminal",
                  List.of(new Field.Choice("LEFT", "left"), new Field.Choice("RIGHT", "right")))
              .withHelp("Seen from the long side nearest the terminals."),
          Field.choice("leads", "Leads end in", TerminalWords.choices())
              .withHelp("What the leads are made to be fixed to."),
          Field.number("leadSpare", "Leads reach farther by", Tray.LEAD_SPARE)
              .withHelp("Slack in the positive lead: with enough, a case may stand turned."),
          Field.choice(
                  "mayLie",
                  "May lie on its side",
                  List.of(
                      new Field.Choice("no", "upright only"), new Field.Choice("yes", "may lie")))
              .withHelp("Only a sealed battery, and only where its maker allows it."),
          Field.number("wayInWidth", "Way in, width", Tray.WAY_IN)
              .withHelp("The narrowest opening the battery has to pass."),
          Field.number("wayInHeight", "Way in, height", Tray.WAY_IN)
              .withHelp("Of the same opening, seen with the battery upright."),
          Field.choice(
                  "holdDown",
                  "Held down by",
                  List.of(
                      new Field.Choice("TOP", "a bar or frame over the top"),
                      new Field.Choice("FOOT", "a wedge at the foot"),
                      new Field.Choice("STRAP", "a strap or a box")))
              .withHelp("What holds it where it stands."),
          Field.choice(
                  "zone",
                  "Hardiness zone",
                  HardinessZone.all().stream()
                      .map(zone -> new Field.Choice(zone.code(), zone.code()))
                      .toList())
              .withHelp("As gardeners know the place; it stands for a coldest morning not typed."),
          Field.number("coldest", "Coldest morning", Climate.COLDEST_MORNING)
              .withHelp("The coldest start you want to make."),
          Field.number("layUp", "Longest lay-up", LongestLayUp.DAYS)
              .withHelp("Days it stands without being driven or charged."),
          Field.choice("layUpFrom", "Laid up from", Months.choices())
              .withHelp("The month it is put away; the days run from its beginning."),
          Field.choice(
                  "layUpPlace",
                  "Where it stands",
                  LayUpPlace.all().stream()
                      .map(place -> new Field.Choice(place.id(), place.name()))
                      .toList())
              .withHelp("While it is laid up."),
          Field.choice("stand", "How it stands", StandWords.choices())
              .withHelp("What is done about its battery meanwhile."),
          Field.number("standWeeks", "Charged every", Stand.WEEKS)
              .withHelp("Only where it is charged now and then."),
          Field.number("winterMean", "Coldest month, mean", Climate.WINTER_MEAN)
              .withHelp("Day and night together, outdoors."),
          Field.number("summerMean", "Warmest month, mean", Climate.SUMMER_MEAN)
              .withHelp("Day and night together, outdoors."),
          Field.choice("coldestMonth", "Coldest month", Months.choices()),
          Field.choice(
                  "batteryPlace",
                  "Where the battery sits",
                  BatteryPlace.all().stream()
                      .map(place -> new Field.Choice(place.id(), place.name()))
                      .toList())
              .withHelp("It warms and ages by its place."),
          Field.number("starts", "Starts a day", Driving.STARTS_A_DAY)
              .withHelp("On an ordinary day of use; 0.5 is every other day."),
          Field.number("trip", "Trip length", Driving.TRIP)
              .withHelp("Minutes from one start to the next stop."),
          Field.choice(
                  "stops",
                  "At lights",
                  List.of(
                      new Field.Choice("no", "keeps running"),
                      new Field.Choice("yes", "stops by itself")))
              .withHelp("Start-stop: such an engine wants an EFB or an AGM."),
          Field.number("restarts", "Restarts a day", StopStart.RESTARTS_A_DAY)
              .withHelp("After stops at lights, on a day of use."),
          Field.number("stopped", "Draw while stopped", StopStart.STOPPED)
              .withHelp("Lamps, blower and the rest while the engine stands at a light."),
          Field.number("historyBatteries", "Batteries used up", History.BATTERIES)
              .withHelp("Here, before this one: “two in five years”."),
          Field.number("historyYears", "in", History.YEARS).withHelp("Years they lasted together."),
          Field.choice(
              "keepsBattery",
              "When the machine goes",
              List.of(
                  new Field.Choice("no", "its battery goes with it"),
                  new Field.Choice("yes", "I keep the battery"))),
          Field.number("drain", "Drain", Use.DRAIN)
              .withHelp("Measured with everything off and asleep."),
          Field.number("offAmps", "Engine-off load", Use.ENGINE_OFF_LOAD)
              .withHelp("What runs while the engine does not."),
          Field.number("offHours", "Engine-off hours", Use.ENGINE_OFF_HOURS)
              .withHelp("For how long, with a start to follow."),
          Field.number("wakeUps", "Wake-ups a day", StandingDrain.WAKE_UPS)
              .withHelp("Doors opened and other wake-ups, while it stands."),
          Field.number("alarm", "Machine warns at", Habit.ALARM)
              .withHelp("The volts at which its own alarm or display warns."),
          Field.choice(
                  "intensity",
                  "Run with the engine off",
                  List.of(
                      new Field.Choice("OCCASIONAL", "now and then"),
                      new Field.Choice("WEEKENDS", "on weekends"),
                      new Field.Choice("DAILY", "daily, lived or worked in")))
              .withHelp("How often in the year; what is run down often wears sooner."),
          Field.number("daysUsed", "Days used a month", Unit.COUNT, 0, 31)
              .withHelp("Starts and trips are those of a day of use."),
          Field.number("weeksAway", "Weeks away", Unit.COUNT, 0, 142)
              .withHelp("The longest it stands; stands for a lay-up not typed."),
          Field.choice(
                  "chargedBy",
                  "Charged by",
                  List.of(
                      new Field.Choice("ALTERNATOR", "an alternator"),
                      new Field.Choice("STATOR", "a stator and its regulator"),
                      new Field.Choice("DYNAMO", "a dynamo")))
              .withHelp("Some battery makers bar alternators; the measured volts decide the rest."),
          Field.number("volts", "Regulated voltage", Charging.REGULATED_VOLTS)
              .withHelp("At the battery, engine at fast idle, warm."),
          Field.number("years", "Years kept", Use.YEARS_KEPT)
              .withHelp("How long you mean to keep the machine."),
          Field.choice("currency", "Currency", Currencies.choices()).needed());

  static final List<Field> FIELDS =
      Stream.of(
              OWN.stream(),
              LedgerForm.fields().stream(),
              StandingDrain.usual().stream()
                  .map(
                      each ->
                          Field.choice(
                              DRAIN + each.id(),
                              each.name(),
                              List.of(new Field.Choice("yes", "yes")))))
          .flatMap(each -> each)
          .toList();

  private NeedForm() {}

  static Form of(OpenJob job, NeedFacts facts, Display display) {
    Map<String, Object> values = new HashMap<>();
    put(values, "minimumCca", facts.minimumCcaA);
    put(values, "minimumTest", facts.minimumTest);
    put(values, "minimumReserve", facts.minimumReserveMin);
    put(values, "minimumCapacity", facts.minimumCapacityAh);
    put(values, "trayLength", facts.trayLengthMm);
    put(values, "trayWidth", facts.trayWidthMm);
    put(values, "trayHeight", facts.trayHeightMm);
    put(values, "side", facts.positiveSide);
    put(values, "leads", facts.leadTerminal);
    put(values, "leadSpare", facts.leadSpareMm);
    put(values, "mayLie", facts.mayLie == null ? null : facts.mayLie ? "yes" : "no");
    put(values, "wayInWidth", facts.wayInWidthMm);
    put(values, "wayInHeight", facts.wayInHeightMm);
    put(values, "holdDown", facts.holdDown);
    put(values, "zone", facts.hardinessZone);
    put(values, "alarm", facts.alarmV);
    put(values, "intensity", facts.intensity);
    put(values, "daysUsed", facts.daysUsed);
    put(values, "weeksAway", facts.weeksAway);
    put(values, "wakeUps", facts.wakeUps);
    facts.drains.forEach(each -> values.put(DRAIN + each, "yes"));
    put(values, "coldest", facts.coldestMorningC);
    put(values, "layUp", facts.layUpDays);
    put(values, "layUpFrom", facts.layUpFromMonth);
    put(values, "layUpPlace", facts.layUpPlace);
    put(values, "stand", facts.stand);
    put(values, "standWeeks", facts.standWeeks);
    put(values, "winterMean", facts.winterMeanC);
    put(values, "summerMean", facts.summerMeanC);
    put(values, "coldestMonth", facts.coldestMonth);
    put(values, "batteryPlace", facts.batteryPlace);
    put(values, "starts", facts.startsPerDay);
    put(values, "trip", facts.tripMin);
    put(values, "stops", facts.stopsAtLights == null ? null : facts.stopsAtLights ? "yes" : "no");
    put(values, "restarts", facts.restartsADay);
    put(values, "stopped", facts.stoppedA);
    put(values, "historyBatteries", facts.historyBatteries);
    put(values, "historyYears", facts.historyYears);
    put(
        values,
        "keepsBattery",
        facts.keepsBattery == null ? null : facts.keepsBattery ? "yes" : "no");
    put(values, "drain", facts.drainMa);
    put(values, "offAmps", facts.engineOffA);
    put(values, "offHours", facts.engineOffH);
    LedgerForm.put(values, facts.loads);
    put(values, "chargedBy", facts.chargingSource);
    put(values, "volts", facts.regulatedV);
    put(values, "years", facts.yearsKept);
    put(values, "currency", facts.currency);
    Form form = Form.stored(FIELDS, display, values);
    hints(form, job, facts.loads, display);
    return form;
  }

  static void put(Map<String, Object> values, String name, @Nullable Object value) {
    if (value != null) {
      values.put(name, value);
    }
  }

  /** Says what stands for each empty field, by what else is in the form. */
  static void hints(Form form, OpenJob job, List<StoredLoad> loads, Display display) {
    UsualNeed usual = UsualNeed.of(job.engine());
    double usualHours = LedgerForm.usualHours(usual);
    LedgerForm.hints(form, usualHours, display);
    Ledger ledger = LedgerForm.ledger(loads, usualHours);
    double coldest =
        form.number("coldest")
            .orElse(
                form.text("zone")
                    .flatMap(HardinessZone::find)
                    .map(HardinessZone::coldestMorningC)
                    .orElse(usual.coldestMorningC().value()));
    double winter = form.number("winterMean").orElse(usual.winterMeanC(coldest).value());
    form.hint(
        "minimumCca",
        job.engine().turns()
            ? "Empty: about "
                + display.show(job.engine().ruleOfThumbCca(), Unit.AMPERE).text()
                + " by the displacement rule"
            : "Empty: not asked for; no engine is cranked");
    if (job.engine().turns()) {
      form.assume("minimumCca", display.number(job.engine().ruleOfThumbCca(), 0));
    }
    form.assume("minimumTest", CrankingTest.COLD_CRANKING.label());
    form.hint("minimumReserve", "Empty: not asked for");
    form.assume("minimumReserve", "none");
    form.hint("minimumCapacity", "Empty: not asked for");
    form.assume("minimumCapacity", "none");
    form.assume("leads", "not said");
    form.hint("leads", "Empty: any terminal is taken to fit");
    form.assume("leadSpare", "0");
    form.hint("leadSpare", "Empty: they just reach");
    form.assume("mayLie", "upright only");
    form.hint("mayLie", "Empty: upright only");
    form.assume("wayInWidth", "any");
    form.assume("wayInHeight", "any");
    form.assume("holdDown", "not said");
    form.assume("zone", "not said");
    form.assume("alarm", "no");
    form.assume(
        "chargedBy",
        job.engine().engineClass().traits().hasStator()
            ? "a stator and its regulator"
            : "an alternator");
    form.assume("intensity", "on weekends");
    form.assume("daysUsed", "all");
    form.assume("weeksAway", "?");
    form.assume("wakeUps", "0");
    hint(
        form,
        "coldest",
        form.text("zone")
            .flatMap(HardinessZone::find)
            .map(Needs::ofZone)
            .orElse(usual.coldestMorningC()),
        display);
    hint(
        form,
        "layUp",
        form.number("weeksAway").isPresent()
            ? Needs.away(form.number("weeksAway").getAsDouble())
            : usual.layUpDays(),
        display);
    form.assume("layUpFrom", Months.name(usual.layUpFromMonth().value()));
    form.assume("layUpPlace", usual.layUpPlace().name());
    form.assume("stand", StandWords.of(Stand.Way.CONNECTED));
    form.assume("standWeeks", "4");
    form.assume("coldestMonth", Months.name(usual.coldestMonth().value()));
    form.assume("batteryPlace", usual.batteryPlace().name());
    form.assume("historyBatteries", "?");
    form.assume("historyYears", "?");
    form.assume("keepsBattery", "its battery goes with it");
    form.hint("layUpFrom", "Empty: " + Months.name(usual.layUpFromMonth().value()) + " assumed");
    form.hint("layUpPlace", "Empty: " + usual.layUpPlace().name() + " assumed");
    form.hint("stand", "Empty: left connected");
    form.hint("standWeeks", "Empty: every 4 weeks");
    hint(form, "winterMean", usual.winterMeanC(coldest), display);
    hint(form, "summerMean", usual.summerMeanC(winter), display);
    form.hint("coldestMonth", "Empty: January");
    form.hint("batteryPlace", "Empty: " + usual.batteryPlace().name() + " assumed");
    hint(form, "starts", usual.startsPerDay(), display);
    hint(form, "trip", usual.tripMinutes(), display);
    form.assume("stops", "not said");
    form.hint("stops", "Empty: not said; nothing is counted for it");
    hint(form, "restarts", StopStart.UNSAID.restartsPerDay(), display);
    hint(form, "stopped", StopStart.UNSAID.stoppedAmps(), display);
    form.hint("historyBatteries", "Empty: not known");
    form.hint("keepsBattery", "Empty: its battery goes with it");
    hint(form, "drain", Needs.drain(form).milliamps().orElse(usual.drainMilliamps()), display);
    hint(
        form, "offAmps", ledger.amps(job.engine().series()).orElse(usual.engineOffAmps()), display);
    hint(form, "offHours", ledger.hours().orElse(usual.engineOffHours()), display);
    hint(form, "volts", usual.regulatedVolts(), display);
    hint(form, "years", usual.yearsKept(), display);
  }

  private static void hint(Form form, String name, Given given, Display display) {
    form.assume(
        name,
        given.isAssumed()
            ? display.field(given.value(), given.unit())
            : display.show(given.value(), given.unit(), 1).number());
    form.hint(
        name,
        "Empty: "
            + display.field(given.value(), given.unit())
            + " "
            + display.fieldUnit(given.unit())
            + (given.isAssumed() ? " assumed" : ", " + given.note()));
  }

  /** Reads what was typed, field by field. */
  static Form typed(Form before, Map<String, String> parameters) {
    Form form = Form.typed(before, parameters);
    return form;
  }

  /** Says what is missing of what is only half said; while it is being typed nobody is asked. */
  static void complete(Form form) {
    LedgerForm.complain(form);
    long filled = TRAY.stream().filter(name -> form.text(name).isPresent()).count();
    if (filled > 0 && filled < TRAY.size()) {
      TRAY.stream()
          .filter(name -> form.text(name).isEmpty())
          .forEach(
              name ->
                  form.complain(
                      name, "Give length, width, height and side together, or none of them."));
    }
    if (form.text("wayInWidth").isPresent() != form.text("wayInHeight").isPresent()) {
      form.complain(
          form.text("wayInHeight").isPresent() ? "wayInWidth" : "wayInHeight",
          "Give both sides of the opening, or neither.");
    }
    if (form.text("historyBatteries").isPresent() != form.text("historyYears").isPresent()) {
      form.complain(
          form.text("historyYears").isPresent() ? "historyBatteries" : "historyYears",
          "Give both, how many batteries in how many years, or neither.");
    }
  }

  /** Its filled fields as texts, by name. */
  static Map<String, String> texts(Form form) {
    Map<String, String> texts = new HashMap<>();
    form.views().stream()
        .filter(view -> !view.isEmpty())
        .forEach(view -> texts.put(view.field().name(), view.value()));
    return texts;
  }

  static void write(Form form, NeedFacts facts) {
    facts.minimumCcaA = form.numberOrNull("minimumCca");
    facts.minimumTest = form.text("minimumTest").orElse(null);
    facts.minimumReserveMin = form.numberOrNull("minimumReserve");
    facts.minimumCapacityAh = form.numberOrNull("minimumCapacity");
    facts.trayLengthMm = form.numberOrNull("trayLength");
    facts.trayWidthMm = form.numberOrNull("trayWidth");
    facts.trayHeightMm = form.numberOrNull("trayHeight");
    facts.positiveSide = form.text("side").map(TerminalSide::valueOf).orElse(null);
    facts.leadTerminal = form.text("leads").flatMap(Terminal::find).orElse(null);
    facts.leadSpareMm = form.numberOrNull("leadSpare");
    facts.mayLie = form.text("mayLie").map("yes"::equals).orElse(null);
    facts.wayInWidthMm = form.numberOrNull("wayInWidth");
    facts.wayInHeightMm = form.numberOrNull("wayInHeight");
    facts.holdDown = form.text("holdDown").map(Tray.HoldDown::valueOf).orElse(null);
    facts.hardinessZone = form.text("zone").orElse(null);
    facts.alarmV = form.numberOrNull("alarm");
    facts.intensity = form.text("intensity").map(Habit.Intensity::valueOf).orElse(null);
    facts.daysUsed = form.numberOrNull("daysUsed");
    facts.weeksAway = form.numberOrNull("weeksAway");
    facts.wakeUps = form.numberOrNull("wakeUps");
    facts.drains =
        StandingDrain.usual().stream()
            .map(StandingDrain.Usual::id)
            .filter(each -> form.text(DRAIN + each).isPresent())
            .toList();
    facts.coldestMorningC = form.numberOrNull("coldest");
    facts.layUpDays = form.numberOrNull("layUp");
    facts.layUpFromMonth = form.text("layUpFrom").map(Integer::valueOf).orElse(null);
    facts.layUpPlace = form.text("layUpPlace").orElse(null);
    facts.stand = form.text("stand").map(Stand.Way::valueOf).orElse(null);
    facts.standWeeks = form.numberOrNull("standWeeks");
    facts.winterMeanC = form.numberOrNull("winterMean");
    facts.summerMeanC = form.numberOrNull("summerMean");
    facts.coldestMonth = form.text("coldestMonth").map(Integer::valueOf).orElse(null);
    facts.batteryPlace = form.text("batteryPlace").orElse(null);
    facts.startsPerDay = form.numberOrNull("starts");
    facts.tripMin = form.numberOrNull("trip");
    facts.stopsAtLights = form.text("stops").map("yes"::equals).orElse(null);
    facts.restartsADay = form.numberOrNull("restarts");
    facts.stoppedA = form.numberOrNull("stopped");
    facts.historyBatteries = form.numberOrNull("historyBatteries");
    facts.historyYears = form.numberOrNull("historyYears");
    facts.keepsBattery = form.text("keepsBattery").map("yes"::equals).orElse(null);
    facts.drainMa = form.numberOrNull("drain");
    facts.engineOffA = form.numberOrNull("offAmps");
    facts.engineOffH = form.numberOrNull("offHours");
    facts.loads = LedgerForm.loads(form);
    facts.chargingSource = form.text("chargedBy").map(Charging.Source::valueOf).orElse(null);
    facts.regulatedV = form.numberOrNull("volts");
    facts.yearsKept = form.numberOrNull("years");
    facts.currency = form.text("currency").orElseThrow();
  }
}
