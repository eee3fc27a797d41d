package org.fermix.web.picture;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.DoubleFunction;
import java.util.function.Function;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.BenchAnswer;
import org.fermix.core.bench.CandidateAnswer;
import org.fermix.core.bench.CandidateCurves;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.HowItFails;
import org.fermix.core.bench.Outcome;
import org.fermix.core.bench.Policy;
import org.fermix.core.electrical.Cranking;
import org.fermix.core.electrical.WarmUp;
import org.fermix.core.quantity.Figure;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;
import org.fermix.web.chart.Figures;
import org.fermix.web.chart.Scale;
import org.fermix.web.chart.Ticks;
import org.fermix.web.shared.Display;

/** Draws one picture of a bench in some conditions. */
public final class Pictures {
  private static final double LAMPS_A = 10;
  private static final double LAMPS_S = 180;
  private static final int TALL = 320;
  private static final int TOP = 18;
  private static final int PANELS_TALL = 390;
  private static final int BAR_PITCH = 22;
  private static final double COLDEST_C = -40;
  private static final double WARMEST_C = 20;
  private static final int YEAR_DAYS = 365;
  private static final int TABLE_ROWS = 8;
  private static final double LIKELY = 100 * Cranking.chance(Policy.LIKELY);
  private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);

  private final Bench bench;
  private final BenchAnswer answer;
  private final Conditions conditions;
  private final String leader;
  private final Display display;

  /** Ready to draw what was answered. */
  public Pictures(Bench bench, BenchAnswer answer, String leader, Display display) {
    this.bench = bench;
    this.answer = answer;
    this.conditions = answer.conditions();
    this.leader = leader;
    this.display = display;
  }

  /** The pictures there is something to draw in. */
  public List<Picture.Kind> available() {
    List<Picture.Kind> all = new ArrayList<>(Arrays.asList(Picture.Kind.values()));
    if (!bench.need().engine().turns()) {
      all.remove(Picture.Kind.START);
      all.remove(Picture.Kind.COLD);
    }
    if (!conditions.hasEngineOffLoad()) {
      all.remove(Picture.Kind.ENGINE_OFF);
    }
    if (answer.forSale().stream().noneMatch(each -> each.candidate().hasPrice())) {
      all.remove(Picture.Kind.MONEY);
    }
    return all;
  }

  /** The picture of a name; the first there is where the name means none of them. */
  public Picture.Kind chosen(String id) {
    List<Picture.Kind> all = available();
    return all.stream()
        .filter(kind -> kind.id().equals(id))
        .findFirst()
        .orElseGet(() -> all.contains(Picture.Kind.COLD) ? Picture.Kind.COLD : all.get(0));
  }

  /**
   * Draws one.
   *
   * @param at where to read, as it is worked out; where it makes sense for the picture
   * @param third true for the third try of a start instead of the first
   */
  public Picture draw(Picture.Kind kind, OptionalDouble at, boolean third) {
    return switch (kind) {
      case START -> start(at, third);
      case COLD -> cold(at);
      case PARKED -> parked(at);
      case ENGINE_OFF -> engineOff(at);
      case FILLING -> filling(at);
      case MONEY -> money(at);
      case MASS -> mass();
    };
  }

  /** Where a picture is read, in words. */
  public String read(Picture.Reader reader) {
    return display.number(reader.at() * reader.factor() + reader.offset(), reader.decimals())
        + (reader.unit().isEmpty() ? "" : "\u00a0" + reader.unit());
  }

  /** Every point of one picture, a line each, as it is worked out: metric. */
  public String csv(Picture.Kind kind, boolean third) {
    StringBuilder text = new StringBuilder("curve,letter,x,y\n");
    for (CandidateCurves each : bench.curves(conditions, curves(kind, third))) {
      for (CandidateCurves.Kind curve : curves(kind, third)) {
        for (CandidateCurves.Point point : each.find(curve).orElse(List.of())) {
          text.append(
              String.format(
                  Locale.ROOT,
                  "%s,%s,%.6g,%.6g%n",
                  curve.name().toLowerCase(Locale.ROOT),
                  each.letter(),
                  point.x(),
                  point.y()));
        }
      }
    }
    return text.toString();
  }

  private static Set<CandidateCurves.Kind> curves(Picture.Kind kind, boolean third) {
    return switch (kind) {
      case START ->
          third
              ? EnumSet.of(
                  CandidateCurves.Kind.THIRD_VOLTS,
                  CandidateCurves.Kind.THIRD_AMPS,
                  CandidateCurves.Kind.THIRD_RPM)
              : EnumSet.of(
                  CandidateCurves.Kind.START_VOLTS,
                  CandidateCurves.Kind.START_AMPS,
                  CandidateCurves.Kind.START_RPM);
      case COLD -> EnumSet.of(CandidateCurves.Kind.START_CHANCE);
      case PARKED -> EnumSet.of(CandidateCurves.Kind.PARKED_CHARGE);
      case ENGINE_OFF -> EnumSet.of(CandidateCurves.Kind.ENGINE_OFF_VOLTS);
      case FILLING -> EnumSet.of(CandidateCurves.Kind.FILLING);
      case MONEY -> EnumSet.of(CandidateCurves.Kind.MONEY, CandidateCurves.Kind.MONEY_STEPS);
      case MASS -> EnumSet.noneOf(CandidateCurves.Kind.class);
    };
  }

  private Lines lines(Set<CandidateCurves.Kind> kinds) {
    return new Lines(answer, bench.curves(conditions, kinds), leader);
  }

  private Picture start(OptionalDouble at, boolean third) {
    List<CandidateCurves.Kind> kinds = List.copyOf(curves(Picture.Kind.START, third));
    Lines lines = lines(curves(Picture.Kind.START, third));
    List<Lines.Curve> volts = lines.of(kinds.get(0));
    double end = volts.stream().mapToDouble(curve -> curve.last().x()).max().orElse(1);
    double reading = within(at, 0, end, 0.75 * end);
    double series = bench.need().engine().series();
    double fire = bench.need().engine().fireRpm(conditions.temperatureC());
    double leastVolts = bench.need().engine().engineClass().start().voltageFloor() * series;
    Function<Lines.Curve, String> none = curve -> "";
    double mostAmps = largest(lines.of(kinds.get(1)));
    double mostRpm = Math.max(1.2 * fire, largest(lines.of(kinds.get(2))));
    Plot plot = new Plot(0, end, PANELS_TALL);
    Plot.Panel voltsPanel =
        panel(plot, 0, "volts at the battery", TOP, 124, 4 * series, 14 * series, Unit.VOLT);
    Plot.Panel ampsPanel = panel(plot, 1, "amps", 152, 258, 0, mostAmps, Unit.AMPERE);
    Plot.Panel rpmPanel = panel(plot, 2, "rpm", 286, PANELS_TALL, 0, mostRpm, Unit.RPM);
    plot.floor(
        voltsPanel, leastVolts, "must stay above " + display.show(leastVolts, Unit.VOLT).text());
    plot.floor(rpmPanel, fire, "must turn above " + display.show(fire, Unit.RPM).text());
    plot.lines(voltsPanel, lines.drawn(kinds.get(0)));
    plot.lines(ampsPanel, lines.drawn(kinds.get(1)));
    plot.lines(rpmPanel, lines.drawn(kinds.get(2)));
    endsNamed(plot, voltsPanel, lines, kinds.get(0), third ? none : steady(Outcome.CRANKING_VOLTS));
    endsNamed(plot, rpmPanel, lines, kinds.get(2), third ? none : steady(Outcome.CRANKING_SPEED));
    plot.foot(ticks(plot.across(), 0, end, 5, Unit.SECOND, 1));
    plot.crosshair(reading);
    String which = third ? "The third try" : "The first try";
    String caption =
        which
            + " at "
            + temperature()
            + after()
            + ", the key held, the engine not firing: inrush, first compression, ripple."
            + (third ? "" : " Beside the tags: once it turns steadily.")
            + (third ? " A line that is missing never comes to a third try." : "");
    return new Picture(
        Picture.Kind.START,
        plot.drawn(),
        plot.tall(),
        caption,
        caption
            + sentence(
                lines.of(kinds.get(2)),
                value -> display.show(value, Unit.RPM).text(),
                " at the end turns "),
        reader(0, end, reading, end / 60, Unit.SECOND, 2),
        List.of(
            read("Volts", 0, lines.of(kinds.get(0)), reading, Unit.VOLT, 2),
            read("Amps", 1, lines.of(kinds.get(1)), reading, Unit.AMPERE, 0),
            read("Turning", 2, lines.of(kinds.get(2)), reading, Unit.RPM, 0)),
        startFacts(),
        heads(),
        table(lines.of(kinds.get(0)), 0, end, "seconds", Unit.SECOND, Unit.VOLT, 2));
  }

  /** Tries, and what lamps would do first for what a load warms. */
  private List<Picture.Fact> startFacts() {
    List<Picture.Fact> facts =
        new ArrayList<>(
            List.of(
                fact("Comes to start at try", Outcome.FIRST_TRY),
                fact("Steady speed", Outcome.CRANKING_SPEED)));
    List<Optional<WarmUp>> warmUps = bench.warmUps(conditions, LAMPS_A, LAMPS_S);
    if (warmUps.stream().anyMatch(Optional::isPresent)) {
      facts.add(
          new Picture.Fact(
              "Three minutes of lamps ("
                  + display.show(LAMPS_A, Unit.AMPERE).text()
                  + ") first: it warms, its amps, its charge",
              warmUps.stream().map(each -> each.map(this::warmed).orElse("—")).toList()));
    }
    return facts;
  }

  private String warmed(WarmUp warmUp) {
    double more = 100 * (warmUp.currentGain() - 1);
    return "+"
        + display.show(warmUp.gainedK(), Unit.KELVIN, 1).number()
        + (display.isUs() ? " °F, " : " K, ")
        + (more >= 0 ? "+" : "−")
        + display.number(Math.abs(more), 0)
        + " %, −"
        + display.number(100 * warmUp.chargeCost(), 1)
        + " %";
  }

  private Picture cold(OptionalDouble at) {
    Lines lines = lines(curves(Picture.Kind.COLD, false));
    CandidateCurves.Kind kind = CandidateCurves.Kind.START_CHANCE;
    double reading =
        within(at, COLDEST_C, WARMEST_C, Math.max(COLDEST_C, conditions.temperatureC() - 6));
    Plot plot = new Plot(WARMEST_C, COLDEST_C, TALL);
    Plot.Panel panel = panel(plot, 0, "chance of a start, %", TOP, TALL, 0, 100, Unit.PER_CENT);
    plot.asked(
        panel,
        WARMEST_C,
        conditions.temperatureC(),
        conditions.temperatureC(),
        "four in five down to " + temperature());
    plot.threshold(panel, LIKELY, "");
    plot.lines(panel, lines.drawn(kind));
    endsNamed(
        plot,
        panel,
        lines,
        kind,
        curve -> curve.candidate().find(Outcome.START_FLOOR).map(this::floor).orElse(""));
    plot.foot(ticks(plot.across(), WARMEST_C, COLDEST_C, 6, Unit.CELSIUS, 0));
    plot.crosshair(reading);
    String caption =
        "Chance that this engine starts"
            + after()
            + ", against the temperature of battery and engine. Where a line leaves four in five is its"
            + " start floor, as on the ruler.";
    return new Picture(
        Picture.Kind.COLD,
        plot.drawn(),
        plot.tall(),
        caption,
        caption
            + facts(
                candidate -> candidate.find(Outcome.START_FLOOR).map(this::floor).orElse("none")),
        reader(WARMEST_C, COLDEST_C, reading, 1, Unit.CELSIUS, 0),
        List.of(read("Chance", 0, lines.of(kind), reading, Unit.PER_CENT, 0)),
        List.of(
            fact(
                "Chance at " + temperature() + ", need " + Math.round(LIKELY) + " %",
                Outcome.START_CHANCE),
            fact("Start floor", Outcome.START_FLOOR)),
        heads(),
        table(lines.of(kind), WARMEST_C, COLDEST_C, "temperature", Unit.CELSIUS, Unit.CHANCE, 0));
  }

  private Picture parked(OptionalDouble at) {
    Lines lines = lines(curves(Picture.Kind.PARKED, false));
    CandidateCurves.Kind kind = CandidateCurves.Kind.PARKED_CHARGE;
    double end = emptied(lines.of(kind));
    double asked = conditions.layUpDays(bench.need());
    double reading = within(at, 0, end, Math.min(end, Math.max(14, 1.2 * asked)));
    Plot plot = new Plot(0, end, TALL);
    Plot.Panel panel = panel(plot, 0, "charge, %", TOP, TALL, 0, 100, Unit.PER_CENT);
    if (asked > 0) {
      plot.asked(
          panel,
          0,
          Math.min(end, asked),
          Math.min(end, asked),
          "stands " + display.show(asked, Unit.DAY).text());
    }
    plot.threshold(panel, 50, "half: lead below it ages by standing");
    plot.lines(panel, lines.drawn(kind));
    for (Lines.Curve curve : lines.of(kind)) {
      curve
          .candidate()
          .find(Outcome.PARKED_DAYS)
          .filter(days -> !days.isNever() && days.value() < end)
          .ifPresent(
              days ->
                  plot.dot(
                      panel,
                      days.value(),
                      curve.at(days.value()).orElse(0),
                      curve.letter(),
                      curve.letter() + " no longer starts after " + display.show(days).text()));
    }
    ends(plot, panel, lines, kind, value -> Math.round(value) + " %");
    List<Ticks.Tick> months = new ArrayList<>();
    double step = Math.max(7, Ticks.step(end, 6));
    for (int each = 0; each * step <= end; each++) {
      double day = each * step;
      months.add(
          new Ticks.Tick(
              plot.across().at(day), Math.round(day) + " d, " + date(day), each % 2 == 1));
    }
    plot.foot(months);
    plot.crosshair(reading);
    String caption =
        "Charge from "
            + date(0)
            + ", when the lay-up begins, through the months as warm as they are where it stands. A dot:"
            + " the day from which it no longer starts.";
    return new Picture(
        Picture.Kind.PARKED,
        plot.drawn(),
        plot.tall(),
        caption,
        caption + facts(each -> each.find(Outcome.PARKED_DAYS).map(this::untilDate).orElse("")),
        reader(0, end, reading, 1, Unit.DAY, 0),
        List.of(read("Charge", 0, lines.of(kind), reading, Unit.PER_CENT, 0)),
        dates(),
        heads(),
        table(lines.of(kind), 0, end, "days parked", Unit.DAY, Unit.PER_CENT, 0));
  }

  /** A year, or until the last of them is long empty. */
  private double emptied(List<Lines.Curve> curves) {
    double last =
        curves.stream()
            .flatMap(curve -> curve.points().stream())
            .filter(point -> point.y() > 5)
            .mapToDouble(CandidateCurves.Point::x)
            .max()
            .orElse(YEAR_DAYS);
    return Math.min(YEAR_DAYS, Math.max(1.5 * conditions.layUpDays(bench.need()), 1.25 * last));
  }

  private List<Picture.Fact> dates() {
    List<Picture.Fact> facts = new ArrayList<>();
    Map<String, Outcome> rows = new java.util.LinkedHashMap<>();
    rows.put("Starts until", Outcome.PARKED_DAYS);
    rows.put("Half empty", Outcome.HALF_DAYS);
    rows.put("Standing ages it from", Outcome.DAMAGE_DAYS);
    rows.put("Protection opens", Outcome.PROTECTION_DAYS);
    rows.put("Beyond recovery", Outcome.LOST_DAYS);
    rows.forEach(
        (name, outcome) -> {
          if (answer.candidates().stream().anyMatch(each -> each.find(outcome).isPresent())) {
            facts.add(
                new Picture.Fact(
                    name,
                    answer.candidates().stream()
                        .map(each -> each.find(outcome).map(this::untilDate).orElse("—"))
                        .toList()));
          }
        });
    return facts;
  }

  private String untilDate(Figure days) {
    return days.isNever() || days.value() >= YEAR_DAYS
        ? display.show(days).text()
        : display.show(days).text() + ", " + date(days.value());
  }

  private String date(double days) {
    return DAY.format(
        LocalDate.ofYearDay(2025, 1)
            .plusDays(Math.round(bench.need().use().layUp().fromDay() + days)));
  }

  private Picture engineOff(OptionalDouble at) {
    Lines lines = lines(curves(Picture.Kind.ENGINE_OFF, false));
    CandidateCurves.Kind kind = CandidateCurves.Kind.ENGINE_OFF_VOLTS;
    List<Lines.Curve> curves = lines.of(kind);
    double asked = conditions.engineOffHours();
    double longest = curves.stream().mapToDouble(curve -> curve.last().x()).max().orElse(1);
    double end = Math.max(1.5 * asked, Math.min(longest, 12 * asked)) * 1.02;
    double series = bench.need().engine().series();
    double reading = within(at, 0, end, Math.min(end, 1.5 * asked));
    Optional<Given> alarm = bench.need().use().habit().alarmVolts();
    double sign = alarm.map(Given::value).orElse(HowItFails.SIGN_VOLTS * series);
    int bars = TALL + 30;
    Plot plot = new Plot(0, end, bars + BAR_PITCH * curves.size());
    Plot.Panel panel =
        panel(plot, 0, "volts at the battery", TOP, TALL, 10 * series, 14 * series, Unit.VOLT);
    plot.asked(panel, 0, asked, asked, "asked for: " + display.show(asked, Unit.HOUR).text());
    plot.threshold(
        panel,
        sign,
        (alarm.isPresent() ? "its alarm, " : "lamps dim, ") + display.show(sign, Unit.VOLT).text());
    plot.lines(panel, lines.drawn(kind));
    for (Lines.Curve curve : curves) {
      curve
          .candidate()
          .find(Outcome.ENGINE_OFF_HOURS)
          .filter(hours -> !hours.isNever() && hours.value() < end)
          .ifPresent(
              hours ->
                  plot.dot(
                      panel,
                      hours.value(),
                      curve.at(hours.value()).orElse(curve.last().y()),
                      curve.letter(),
                      curve.letter() + " keeps a start until " + display.show(hours).text()));
    }
    List<Plot.End> ends = new ArrayList<>();
    for (Lines.Curve curve : curves) {
      ends.add(
          new Plot.End(
              curve.letter(),
              lines.tag(curve.candidate()),
              curve.at(end).orElse(curve.last().y()),
              ""));
    }
    plot.ends(panel, ends);
    List<HowItFails> failing = bench.failing(answer);
    List<String> warnings = new ArrayList<>();
    int row = bars;
    for (HowItFails each : failing) {
      if (each.warning().isEmpty()) {
        continue;
      }
      HowItFails.Warning warning = each.warning().get();
      String words = HowItFailsWords.warning(warning, display);
      warnings.add(each.letter() + " " + words);
      plot.bar(
          row,
          Math.min(end, warning.fromHours()),
          Math.min(end, warning.offHours()),
          each.letter().equals(leader) ? "plot-bar plot-bar-leads" : "plot-bar",
          each.letter(),
          HowItFailsWords.span(warning.hours()));
      row += BAR_PITCH;
    }
    plot.foot(ticks(plot.across(), 0, end, 6, Unit.HOUR, end < 6 ? 1 : 0));
    plot.crosshair(reading);
    String caption =
        "Volts with "
            + display.show(conditions.engineOffAmps(), Unit.AMPERE, 1).text()
            + " drawn, at "
            + temperature()
            + ". A dot: the last moment a start is still kept. Bars: from the first sign to off."
            + " Lead fades and shows it; lithium holds to the edge.";
    return new Picture(
        Picture.Kind.ENGINE_OFF,
        plot.drawn(),
        plot.tall(),
        caption,
        caption + " " + String.join("; ", warnings) + ".",
        reader(0, end, reading, end / 60, Unit.HOUR, 1),
        List.of(read("Volts", 0, curves, reading, Unit.VOLT, 2)),
        List.of(
            fact("A start kept until", Outcome.ENGINE_OFF_HOURS),
            new Picture.Fact(
                "First sign to off",
                answer.candidates().stream()
                    .map(
                        candidate ->
                            failing.stream()
                                .filter(each -> each.letter().equals(candidate.letter()))
                                .findFirst()
                                .flatMap(HowItFails::warning)
                                .map(each -> HowItFailsWords.span(each.hours()))
                                .orElse("—"))
                    .toList())),
        heads(),
        table(curves, 0, end, "hours", Unit.HOUR, Unit.VOLT, 2));
  }

  private Picture filling(OptionalDouble at) {
    Lines lines = lines(curves(Picture.Kind.FILLING, false));
    CandidateCurves.Kind kind = CandidateCurves.Kind.FILLING;
    double reading = within(at, 0, 7, 3);
    Plot plot = new Plot(0, 7, TALL);
    Plot.Panel panel = panel(plot, 0, "charge, %", TOP, TALL, 0, 100, Unit.PER_CENT);
    plot.lines(panel, lines.drawn(kind));
    ends(plot, panel, lines, kind, value -> Math.round(value) + " %");
    plot.foot(Ticks.every(plot.across(), 0, 7, 1, day -> Math.round(day) + " d"));
    plot.crosshair(reading);
    String caption =
        "A week of your ordinary days in the coldest month, begun half empty: "
            + display.show(bench.need().use().driving().minutesPerDay(), Unit.MINUTE).text()
            + " of running a day at "
            + display.show(bench.need().regulatedVolts().value(), Unit.VOLT).text()
            + ". Where a line levels off is what daily use keeps it at.";
    return new Picture(
        Picture.Kind.FILLING,
        plot.drawn(),
        plot.tall(),
        caption,
        caption + sentence(lines.of(kind), value -> Math.round(value) + " %", " ends the week at "),
        reader(0, 7, reading, 0.5, Unit.DAY, 1),
        List.of(read("Charge", 0, lines.of(kind), reading, Unit.PER_CENT, 0)),
        List.of(
            fact("Reached in daily use", Outcome.CHARGE_REACHED),
            fact("Flat after", Outcome.FLAT_DAYS)),
        heads(),
        table(lines.of(kind), 0, 7, "days", Unit.DAY, Unit.PER_CENT, 0));
  }

  private Picture money(OptionalDouble at) {
    Lines lines = lines(curves(Picture.Kind.MONEY, false));
    CandidateCurves.Kind kind = CandidateCurves.Kind.MONEY_STEPS;
    List<Lines.Curve> steps = lines.of(kind);
    double kept = bench.need().use().yearsKept().value();
    double most = 1.1 * Math.max(1, largest(steps));
    double reading = within(at, 0, kept, 0.75 * kept);
    int lane = TALL + 26;
    Plot plot = new Plot(0, kept, lane + 24);
    Plot.Panel panel = panel(plot, 0, "spent so far", TOP, TALL, 0, most, Unit.MONEY);
    plot.lines(panel, lines.drawn(kind));
    bracket(plot, panel, steps);
    List<Lines.Curve> expected = lines.of(CandidateCurves.Kind.MONEY);
    List<Plot.End> ends = new ArrayList<>();
    for (Lines.Curve curve : steps) {
      ends.add(
          new Plot.End(
              curve.letter(),
              lines.tag(curve.candidate()),
              curve.last().y(),
              display.show(curve.last().y(), Unit.MONEY).text()));
    }
    plot.ends(panel, ends);
    cheapest(plot, steps, kept, lane);
    plot.foot(ticks(plot.across(), 0, kept, 6, Unit.YEAR, kept < 4 ? 1 : 0));
    plot.crosshair(reading);
    String caption =
        "Price, and every replacement at its likely life. The bracket is where the leader’s first"
            + " falls, eight times in ten. Underneath: who has cost least so far; its edges are where"
            + " one pays back against another.";
    return new Picture(
        Picture.Kind.MONEY,
        plot.drawn(),
        plot.tall(),
        caption,
        caption
            + sentence(
                expected,
                value -> display.show(value, Unit.MONEY).text(),
                " is expected to cost by the end "),
        reader(0, kept, reading, kept / 40, Unit.YEAR, 1),
        List.of(read("Spent", 0, steps, reading, Unit.MONEY, 0)),
        List.of(
            new Picture.Fact(
                "Mean of early and late failures, by " + display.show(kept, Unit.YEAR).text(),
                answer.candidates().stream()
                    .map(
                        candidate ->
                            expected.stream()
                                .filter(curve -> curve.letter().equals(candidate.letter()))
                                .findFirst()
                                .map(curve -> display.show(curve.last().y(), Unit.MONEY).text())
                                .orElse("—"))
                    .toList()),
            fact("A year, as on the ruler", Outcome.COST_PER_YEAR),
            fact("Expected life", Outcome.LIFE)),
        heads(),
        table(steps, 0, kept, "years", Unit.YEAR, Unit.MONEY, 0));
  }

  private void bracket(Plot plot, Plot.Panel panel, List<Lines.Curve> steps) {
    steps.stream()
        .filter(curve -> curve.letter().equals(leader))
        .findFirst()
        .ifPresent(
            curve -> {
              Figure life = curve.candidate().figure(Outcome.LIFE);
              double end = plot.across().to();
              if (life.band().low() >= end) {
                return;
              }
              double y =
                  panel.up().position(curve.points().get(0).y())
                      + (panel.up().position(0) - panel.up().position(curve.points().get(0).y())
                              > 40
                          ? 20
                          : -14);
              plot.note(
                  0.5 * (life.band().low() + Math.min(end, life.band().high())),
                  y,
                  leader
                      + " replaced: "
                      + display.number(life.band().low(), 1)
                      + " to "
                      + display.show(life.band().high(), Unit.YEAR, 1).text(),
                  "middle");
              plot.span(life.band().low(), Math.min(end, life.band().high()), y + 5);
            });
  }

  /** Who has spent least up to each moment: the edges are where one pays back. */
  private void cheapest(Plot plot, List<Lines.Curve> steps, double kept, int y) {
    String holder = "";
    double from = 0;
    int parts = 480;
    for (int i = 0; i <= parts; i++) {
      double year = kept * (i + 0.5) / (parts + 1);
      String least = "";
      double lowest = Double.MAX_VALUE;
      for (Lines.Curve curve : steps) {
        double spent = curve.at(year).orElse(Double.MAX_VALUE);
        if (spent < lowest) {
          lowest = spent;
          least = curve.letter();
        }
      }
      if (!least.equals(holder)) {
        if (!holder.isEmpty()) {
          plot.lane(from, year, y, holder, holder.equals(leader));
        }
        holder = least;
        from = i == 0 ? 0 : year;
      }
    }
    if (!holder.isEmpty()) {
      plot.lane(from, kept, y, holder, holder.equals(leader));
    }
    plot.endNote("least spent so far", y + 13);
  }

  private Picture mass() {
    List<CandidateAnswer> all = answer.candidates();
    double most = all.stream().mapToDouble(Pictures::kg).max().orElse(1);
    Optional<CandidateAnswer> today = answer.today();
    Plot plot = new Plot(0, 1.05 * most, TOP + 30 * all.size() + 8);
    Plot.Panel panel =
        new Plot.Panel(0, Plot.up(TOP, plot.tall(), 0, 1), TOP, TOP + 30 * all.size() + 8);
    today.ifPresent(each -> plot.upright(panel, kg(each), "need"));
    int row = TOP + 8;
    for (CandidateAnswer each : all) {
      plot.bar(
          row,
          0,
          kg(each),
          each.letter().equals(leader) ? "plot-bar plot-bar-leads" : "plot-bar",
          each.letter(),
          display.show(kg(each), Unit.KILOGRAM, 1).text());
      row += 30;
    }
    plot.foot(ticks(plot.across(), 0, 1.05 * most, 6, Unit.KILOGRAM, 0));
    Function<CandidateAnswer, String> saved =
        each ->
            today
                .filter(now -> !each.candidate().isToday())
                .map(now -> kg(each) - kg(now))
                .map(kg -> (kg > 0 ? "+" : "") + display.show(kg, Unit.KILOGRAM, 1).text())
                .orElse("—");
    String caption =
        today.isPresent()
            ? "Mass of each, parts and all. The line is today’s battery."
            : "Mass of each, parts and all. Describe today’s battery to see what is saved.";
    return new Picture(
        Picture.Kind.MASS,
        plot.drawn(),
        plot.tall(),
        caption,
        caption + facts(each -> display.show(kg(each), Unit.KILOGRAM, 1).text()),
        new Picture.Reader(0, 0, 0, 1, 1, 0, 0, ""),
        List.of(),
        List.of(
            new Picture.Fact("Against today’s", all.stream().map(saved).toList()),
            new Picture.Fact(
                "Paid for each kilogram saved",
                all.stream().map(each -> perKilogram(each, today)).toList())),
        heads(),
        new Figures(
            List.of("battery", "mass"),
            all.stream()
                .map(
                    each ->
                        Figures.Row.of(
                            each.letter(), display.show(kg(each), Unit.KILOGRAM, 1).text()))
                .toList()));
  }

  /** Price over what is saved against today’s; where nothing is saved, nothing. */
  private String perKilogram(CandidateAnswer each, Optional<CandidateAnswer> today) {
    double saved = today.map(now -> kg(now) - kg(each)).orElse(0.0);
    return each.candidate().isToday() || !each.candidate().hasPrice() || saved < 0.1
        ? "—"
        : display.show(each.candidate().price() / saved, Unit.MONEY).text();
  }

  private static double kg(CandidateAnswer each) {
    return each.figure(Outcome.MASS).value();
  }

  private Plot.Panel panel(
      Plot plot,
      int number,
      String title,
      int top,
      int bottom,
      double low,
      double high,
      Unit unit) {
    return plot.panel(
        number,
        title,
        top,
        bottom,
        low,
        high,
        ticks(Plot.up(top, bottom, low, high), low, high, 4, unit, 0));
  }

  /** Marks at round figures of the reader’s own units. */
  private List<Ticks.Tick> ticks(
      Scale scale, double from, double to, int most, Unit unit, int decimals) {
    double first = unit.shown(from, display.system());
    double last = unit.shown(to, display.system());
    double step = Ticks.step(Math.abs(last - first), most);
    double begin = first < last ? Math.ceil(first / step) * step : Math.floor(first / step) * step;
    List<Ticks.Tick> ticks = new ArrayList<>();
    int count = (int) Math.floor(Math.abs(last - begin) / step + 1e-9);
    int places = step < 1 ? Math.max(1, decimals) : 0;
    for (int i = 0; i <= count; i++) {
      double value = begin + Math.signum(last - first) * i * step;
      ticks.add(
          new Ticks.Tick(
              scale.at(unit.metric(value, display.system())),
              label(value, unit, places),
              i % 2 == 1));
    }
    return ticks;
  }

  private String label(double shown, Unit unit, int places) {
    if (unit == Unit.MONEY) {
      return display.show(shown, unit).text();
    }
    String unitText = display.fieldUnit(unit);
    return display.number(shown, places)
        + (unit == Unit.CELSIUS ? "°" : unitText.isEmpty() ? "" : " " + unitText);
  }

  private void ends(
      Plot plot,
      Plot.Panel panel,
      Lines lines,
      CandidateCurves.Kind kind,
      DoubleFunction<String> words) {
    endsNamed(plot, panel, lines, kind, curve -> words.apply(curve.last().y()));
  }

  private void endsNamed(
      Plot plot,
      Plot.Panel panel,
      Lines lines,
      CandidateCurves.Kind kind,
      Function<Lines.Curve, String> words) {
    List<Plot.End> ends = new ArrayList<>();
    for (Lines.Curve curve : lines.of(kind)) {
      double from = plot.across().from();
      double to = plot.across().to();
      double y = curve.at(to).orElse(from < to ? curve.last().y() : curve.points().get(0).y());
      ends.add(new Plot.End(curve.letter(), lines.tag(curve.candidate()), y, words.apply(curve)));
    }
    plot.ends(panel, ends);
  }

  private Function<Lines.Curve, String> steady(Outcome outcome) {
    return curve ->
        curve.candidate().find(outcome).map(figure -> display.show(figure).text()).orElse("");
  }

  private Picture.Reader reader(
      double from, double to, double at, double step, Unit unit, int decimals) {
    double offset = unit.shown(0, display.system());
    return new Picture.Reader(
        from,
        to,
        at,
        step,
        unit.shown(1, display.system()) - offset,
        offset,
        decimals,
        display.fieldUnit(unit));
  }

  private Picture.Read read(
      String name, int panel, List<Lines.Curve> curves, double at, Unit unit, int decimals) {
    double offset = unit.shown(0, display.system());
    return new Picture.Read(
        name,
        panel,
        unit.shown(1, display.system()) - offset,
        offset,
        decimals,
        display.fieldUnit(unit),
        answer.candidates().stream()
            .map(
                candidate ->
                    curves.stream()
                        .filter(curve -> curve.letter().equals(candidate.letter()))
                        .findFirst()
                        .map(
                            curve ->
                                curve.at(at).isPresent()
                                    ? display
                                        .show(curve.at(at).getAsDouble(), unit, decimals)
                                        .text()
                                    : "off")
                        .orElse("—"))
            .toList());
  }

  private Picture.Fact fact(String name, Outcome outcome) {
    return new Picture.Fact(
        name,
        answer.candidates().stream()
            .map(each -> each.find(outcome).map(figure -> display.show(figure).text()).orElse("—"))
            .toList());
  }

  private List<Picture.Head> heads() {
    return answer.candidates().stream()
        .map(
            each ->
                new Picture.Head(
                    each.letter(),
                    each.candidate().label().chemistry().id(),
                    each.candidate().label().chemistry().shortName(),
                    each.letter().equals(leader)))
        .toList();
  }

  private Figures table(
      List<Lines.Curve> curves,
      double from,
      double to,
      String axis,
      Unit across,
      Unit up,
      int decimals) {
    List<String> heads = new ArrayList<>(List.of(axis));
    curves.forEach(curve -> heads.add(curve.letter()));
    List<Figures.Row> rows = new ArrayList<>();
    for (int i = 0; i <= TABLE_ROWS; i++) {
      double x = from + (to - from) * i / TABLE_ROWS;
      rows.add(
          new Figures.Row(
              display.show(x, across, across == Unit.SECOND || across == Unit.YEAR ? 2 : 0).text(),
              curves.stream()
                  .map(
                      curve ->
                          curve.at(x).isPresent()
                              ? display.show(curve.at(x).getAsDouble(), up, decimals).text()
                              : "off")
                  .toList()));
    }
    return new Figures(heads, rows);
  }

  private String facts(Function<CandidateAnswer, String> words) {
    StringBuilder all = new StringBuilder();
    for (CandidateAnswer each : answer.candidates()) {
      all.append(' ').append(each.letter()).append(": ").append(words.apply(each)).append('.');
    }
    return all.toString();
  }

  private static String sentence(
      List<Lines.Curve> curves, DoubleFunction<String> words, String verb) {
    StringBuilder all = new StringBuilder();
    for (Lines.Curve curve : curves) {
      all.append(' ')
          .append(curve.letter())
          .append(verb)
          .append(words.apply(curve.last().y()))
          .append('.');
    }
    return all.toString();
  }

  private String floor(Figure floor) {
    return floor.isNever() ? "no start" : display.show(floor).text();
  }

  private String temperature() {
    return display.show(conditions.temperatureC(), Unit.CELSIUS).text();
  }

  private String after() {
    return conditions.daysParked() > 0
        ? " after " + display.show(conditions.daysParked(), Unit.DAY).text() + " parked"
        : "";
  }

  private static double largest(List<Lines.Curve> curves) {
    return curves.stream()
        .flatMap(curve -> curve.points().stream())
        .mapToDouble(CandidateCurves.Point::y)
        .max()
        .orElse(1);
  }

  private static double within(OptionalDouble at, double from, double to, double otherwise) {
    double asked = at.orElse(otherwise);
    return Math.max(Math.min(from, to), Math.min(Math.max(from, to), asked));
  }
}
