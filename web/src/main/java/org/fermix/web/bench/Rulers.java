package org.fermix.web.bench;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.fermix.core.bench.BenchAnswer;
import org.fermix.core.bench.CandidateAnswer;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Outcome;
import org.fermix.core.quantity.Figure;
import org.fermix.core.quantity.Unit;
import org.fermix.web.chart.Figures;
import org.fermix.web.chart.Labels;
import org.fermix.web.chart.Scale;
import org.fermix.web.chart.TagMark;
import org.fermix.web.chart.Ticks;
import org.fermix.web.shared.Display;

/** Lays out the five rulers of a bench answer. */
final class Rulers {
  private static final double TAG_WIDTH_PERCENT = 4.4;
  private static final int TAG_PITCH = TagMark.PITCH;
  private static final int TOP_ROOM = 4;
  private static final int LABEL_ROOM = 22;
  private static final double[] HOUR_SPANS = {4, 8, 12, 24, 48, 96, 200, 500};
  private static final double[] DAYS = {3, 7, 14, 30, 60, 90, 180, 365, 730};
  private static final double WARM_C = 20;
  private static final double COLD_C = -45;

  /** Room beyond the largest figure. */
  private static final double ROOM = 1.05;

  private final BenchAnswer answer;
  private final Display display;
  private final String leader;

  Rulers(BenchAnswer answer, Display display, String leader) {
    this.answer = answer;
    this.display = display;
    this.leader = leader;
  }

  List<Ruler> all() {
    List<Ruler> rulers = new ArrayList<>();
    if (answer.need().engine().turns()) {
      rulers.add(cold());
    }
    rulers.add(parked());
    if (answer.conditions().hasEngineOffLoad()) {
      rulers.add(engineOff());
    }
    rulers.add(mass());
    rulers.add(money());
    return rulers;
  }

  private Ruler cold() {
    Conditions conditions = answer.conditions();
    Scale scale = Scale.across(WARM_C, COLD_C);
    double step = display.isUs() ? 20 : 10;
    double first = Math.floor(Unit.CELSIUS.shown(WARM_C, display.system()) / step) * step;
    double last = Math.ceil(Unit.CELSIUS.shown(COLD_C, display.system()) / step) * step;
    List<Ticks.Tick> ticks =
        Ticks.every(shown(scale, Unit.CELSIUS), first, last, step, value -> whole(value) + "°");
    String after =
        conditions.daysParked() > 0
            ? "starts down to, after " + display.show(conditions.daysParked(), Unit.DAY).text()
            : "starts down to";
    return ruler(
        "cold",
        "Cold",
        after,
        Outcome.START_FLOOR,
        scale,
        ticks,
        Optional.of(conditions.temperatureC()),
        "at the start",
        display.show(conditions.temperatureC(), Unit.CELSIUS).text());
  }

  private Ruler parked() {
    double layUpDays = answer.conditions().layUpDays(answer.need());
    Scale scale = Scale.acrossLog(3, 730);
    List<Ticks.Tick> ticks = Ticks.at(scale, value -> whole(value) + " d", DAYS);
    return ruler(
        "parked",
        "Parked",
        answer.need().engine().turns() ? "still starts after" : "still wakes after",
        Outcome.PARKED_DAYS,
        scale,
        ticks,
        Optional.of(layUpDays).filter(need -> need > 0),
        "days parked",
        display.show(layUpDays, Unit.DAY).text());
  }

  private Ruler engineOff() {
    double need = answer.conditions().engineOffHours();
    double most = Math.max(2 * need, Math.min(4 * need, largest(Outcome.ENGINE_OFF_HOURS)));
    double span =
        Arrays.stream(HOUR_SPANS)
            .filter(each -> each >= most)
            .findFirst()
            .orElse(HOUR_SPANS[HOUR_SPANS.length - 1]);
    Scale scale = Scale.across(0, span);
    return ruler(
        "engine-off",
        "Engine off",
        "runs "
            + display.show(answer.conditions().engineOffAmps(), Unit.AMPERE, 1).text()
            + (answer.need().engine().turns() ? ", then starts" : ", then wakes"),
        Outcome.ENGINE_OFF_HOURS,
        scale,
        Ticks.every(
            scale, 0, span, span / 4, value -> display.number(value, span < 4 ? 1 : 0) + " h"),
        Optional.of(need),
        "wanted",
        display.show(need, Unit.HOUR).text());
  }

  private Ruler mass() {
    double most = span(Unit.KILOGRAM.shown(largest(Outcome.MASS), display.system()));
    Scale scale = Scale.across(Unit.KILOGRAM.metric(most, display.system()), 0);
    String symbol = " " + Unit.KILOGRAM.symbol(display.system());
    List<Ticks.Tick> ticks =
        Ticks.every(shown(scale, Unit.KILOGRAM), 0, most, most / 5, value -> whole(value) + symbol);
    return ruler(
        "mass",
        "Mass",
        "on the tray",
        Outcome.MASS,
        scale,
        ticks,
        answer.today().map(today -> today.figure(Outcome.MASS).value()),
        "today’s",
        answer.today().map(today -> display.show(today.figure(Outcome.MASS)).text()).orElse(""));
  }

  private Ruler money() {
    double most = span(largest(Outcome.COST_PER_YEAR));
    Scale scale = Scale.across(most, 0);
    List<Ticks.Tick> ticks =
        Ticks.every(scale, 0, most, most / 5, value -> display.show(value, Unit.MONEY, 0).number());
    return ruler(
        "money",
        "Money",
        "per year kept",
        Outcome.COST_PER_YEAR,
        scale,
        ticks,
        Optional.empty(),
        "",
        "");
  }

  private double largest(Outcome outcome) {
    return answer.candidates().stream()
        .flatMap(candidate -> candidate.find(outcome).stream())
        .mapToDouble(Figure::value)
        .max()
        .orElse(1);
  }

  /** Five whole steps that hold the largest figure. */
  private static double span(double most) {
    return 5 * Ticks.step(most * ROOM, 5);
  }

  /** The same scale for figures as they are shown. */
  private Scale shown(Scale scale, Unit unit) {
    return Scale.across(
        unit.shown(scale.from(), display.system()), unit.shown(scale.to(), display.system()));
  }

  private String whole(double value) {
    return display.number(value, 0);
  }

  private Ruler ruler(
      String id,
      String title,
      String caption,
      Outcome outcome,
      Scale scale,
      List<Ticks.Tick> ticks,
      Optional<Double> need,
      String needLabel,
      String needValue) {
    List<Placed> above = place(outcome, scale, true);
    List<Placed> below = place(outcome, scale, false);
    int levels = Math.max(1, above.stream().mapToInt(Placed::level).max().orElse(0) + 1);
    int axisY = TOP_ROOM + levels * TAG_PITCH + 6;
    int belowLevels =
        below.isEmpty() ? 0 : below.stream().mapToInt(Placed::level).max().orElse(0) + 1;
    int height = axisY + LABEL_ROOM + belowLevels * TAG_PITCH;
    List<Ruler.Tag> tags = new ArrayList<>();
    // The highest first, so that its stem runs behind those below and strikes no letter out.
    above.stream()
        .sorted(Comparator.comparingInt(Placed::level).reversed())
        .forEach(
            placed ->
                tags.add(tag(placed, axisY - 8 - TAG_PITCH * placed.level() - 18, axisY, scale)));
    below.forEach(
        placed ->
            tags.add(tag(placed, axisY + LABEL_ROOM + TAG_PITCH * placed.level(), axisY, scale)));
    return new Ruler(
        id,
        title,
        caption,
        ticks,
        need.map(scale::at).orElse(""),
        need.isPresent() && outcome != Outcome.MASS,
        needLabel,
        need.isPresent() ? needValue : "",
        tags,
        height,
        axisY,
        title + ", " + caption + ": " + summary(outcome),
        figures(outcome));
  }

  private record Placed(CandidateAnswer candidate, Figure figure, double percent, int level) {}

  private List<Placed> place(Outcome outcome, Scale scale, boolean standing) {
    List<CandidateAnswer> placed =
        answer.candidates().stream()
            .filter(
                candidate ->
                    (candidate.isEligible() || candidate.candidate().isToday()) == standing)
            .filter(candidate -> candidate.find(outcome).isPresent())
            .toList();
    double[] percents =
        placed.stream()
            .map(candidate -> candidate.figure(outcome))
            .mapToDouble(figure -> figure.isNever() ? 0 : scale.position(figure.value()))
            .toArray();
    int[] rows = Labels.rows(percents, TAG_WIDTH_PERCENT);
    return IntStream.range(0, rows.length)
        .mapToObj(
            i -> new Placed(placed.get(i), placed.get(i).figure(outcome), percents[i], rows[i]))
        .toList();
  }

  private Ruler.Tag tag(Placed placed, int top, int axisY, Scale scale) {
    Figure figure = placed.figure();
    String letter = placed.candidate().letter();
    boolean failed = !placed.candidate().isEligible() && !placed.candidate().candidate().isToday();
    String style =
        TagMark.style(placed.candidate().candidate().isToday(), letter.equals(leader), failed);
    double from = scale.position(figure.band().low());
    double to = scale.position(figure.band().high());
    return new Ruler.Tag(
        letter,
        Scale.percent(placed.percent()),
        top,
        axisY,
        style,
        failed,
        Scale.percent(Math.min(from, to)),
        Scale.percent(Math.abs(to - from)),
        letter + ": " + display.show(figure).text());
  }

  private String summary(Outcome outcome) {
    List<String> parts = new ArrayList<>();
    for (CandidateAnswer candidate : answer.candidates()) {
      candidate
          .find(outcome)
          .ifPresent(
              figure ->
                  parts.add(
                      candidate.letter()
                          + " "
                          + display.show(figure).text()
                          + (candidate.isEligible() ? "" : " (fails a gate)")));
    }
    return String.join(", ", parts);
  }

  private Figures figures(Outcome outcome) {
    List<Figures.Row> rows = new ArrayList<>();
    for (CandidateAnswer candidate : answer.candidates()) {
      candidate
          .find(outcome)
          .ifPresent(
              figure ->
                  rows.add(
                      Figures.Row.of(
                          candidate.letter()
                              + ", "
                              + candidate.candidate().label().name()
                              + (candidate.isEligible() ? "" : " (fails a gate)"),
                          display.show(figure).text(),
                          figure.isNever() ? "" : display.band(figure))));
    }
    return new Figures(List.of("Battery", "Likely", "Eight times in ten"), rows);
  }
}
