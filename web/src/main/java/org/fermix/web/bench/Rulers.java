package org.fermix.web.bench;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.fermix.core.bench.BenchAnswer;
import org.fermix.core.bench.CandidateAnswer;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Outcome;
import org.fermix.core.quantity.Figure;
import org.fermix.core.quantity.Unit;
import org.fermix.web.shared.AxisScale;
import org.fermix.web.shared.Display;

/** Lays out the five rulers of a bench answer. */
final class Rulers {
  private static final double TAG_WIDTH_PERCENT = 4.4;
  private static final int TAG_PITCH = 22;
  private static final int TOP_ROOM = 4;
  private static final int LABEL_ROOM = 22;
  private static final double[] HOUR_SPANS = {4, 8, 12, 24, 48, 96, 200, 500};
  private static final double[] STEPS = {1, 2, 5, 10, 20, 50, 100, 200, 500, 1000};

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
    rulers.add(cold());
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
    AxisScale scale = AxisScale.linear(20, -45);
    List<Ruler.Tick> ticks = new ArrayList<>();
    double first = display.isUs() ? 60 : 20;
    double step = display.isUs() ? -20 : -10;
    for (double shown = first; ; shown += step) {
      double metric = Unit.CELSIUS.metric(shown, display.system());
      if (metric < -45) {
        break;
      }
      boolean minor = Math.round((first - shown) / -step) % 2 == 1;
      ticks.add(new Ruler.Tick(scale.at(metric), display.number(shown, 0) + "°", minor));
    }
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
    AxisScale scale = AxisScale.log(3, 730);
    List<Ruler.Tick> ticks = new ArrayList<>();
    double[] days = {3, 7, 14, 30, 60, 90, 180, 365, 730};
    for (int i = 0; i < days.length; i++) {
      ticks.add(new Ruler.Tick(scale.at(days[i]), display.number(days[i], 0) + " d", i % 2 == 1));
    }
    return ruler(
        "parked",
        "Parked",
        "still starts after",
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
    double span = HOUR_SPANS[HOUR_SPANS.length - 1];
    for (int i = HOUR_SPANS.length - 1; i >= 0; i--) {
      span = HOUR_SPANS[i] >= most ? HOUR_SPANS[i] : span;
    }
    AxisScale scale = AxisScale.linear(0, span);
    return ruler(
        "engine-off",
        "Engine off",
        "runs "
            + display.show(answer.conditions().engineOffAmps(), Unit.AMPERE, 1).text()
            + ", then starts",
        Outcome.ENGINE_OFF_HOURS,
        scale,
        ticks(scale, span, span / 4, " h"),
        Optional.of(need),
        "wanted",
        display.show(need, Unit.HOUR).text());
  }

  private Ruler mass() {
    double most =
        niceSpan(
            display.system() == org.fermix.core.quantity.UnitSystem.US
                ? Unit.KILOGRAM.shown(largest(Outcome.MASS), display.system())
                : largest(Outcome.MASS));
    AxisScale shown = AxisScale.linear(most, 0);
    AxisScale scale = AxisScale.linear(Unit.KILOGRAM.metric(most, display.system()), 0);
    return ruler(
        "mass",
        "Mass",
        "on the tray",
        Outcome.MASS,
        scale,
        ticks(shown, most, most / 5, " " + Unit.KILOGRAM.symbol(display.system())),
        answer.today().map(today -> today.figure(Outcome.MASS).value()),
        "today’s",
        answer.today().map(today -> display.show(today.figure(Outcome.MASS)).text()).orElse(""));
  }

  private Ruler money() {
    double most = niceSpan(largest(Outcome.COST_PER_YEAR));
    AxisScale scale = AxisScale.linear(most, 0);
    List<Ruler.Tick> ticks = new ArrayList<>();
    for (int i = 0; i <= 5; i++) {
      double value = most * i / 5;
      ticks.add(
          new Ruler.Tick(scale.at(value), display.show(value, Unit.MONEY, 0).number(), i % 2 == 1));
    }
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

  private static double niceSpan(double most) {
    for (double step : STEPS) {
      if (step * 5 >= most * 1.05) {
        return step * 5;
      }
    }
    return most * 1.1;
  }

  private List<Ruler.Tick> ticks(AxisScale scale, double span, double step, String unit) {
    List<Ruler.Tick> ticks = new ArrayList<>();
    int count = (int) Math.round(span / step);
    for (int i = 0; i <= count; i++) {
      double value = i * step;
      ticks.add(
          new Ruler.Tick(
              scale.at(value), display.number(value, step < 1 ? 1 : 0) + unit, i % 2 == 1));
    }
    return ticks;
  }

  private Ruler ruler(
      String id,
      String title,
      String caption,
      Outcome outcome,
      AxisScale scale,
      List<Ruler.Tick> ticks,
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
    above.forEach(
        placed -> tags.add(tag(placed, axisY - 8 - TAG_PITCH * placed.level() - 18, axisY, scale)));
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
        title + ", " + caption + ": " + summary(outcome));
  }

  private record Placed(CandidateAnswer candidate, Figure figure, double percent, int level) {}

  private List<Placed> place(Outcome outcome, AxisScale scale, boolean standing) {
    List<Placed> placed = new ArrayList<>();
    List<Double> lastAt = new ArrayList<>();
    answer.candidates().stream()
        .filter(
            candidate -> (candidate.isEligible() || candidate.candidate().isToday()) == standing)
        .filter(candidate -> candidate.find(outcome).isPresent())
        .sorted(
            Comparator.comparingDouble(
                candidate -> scale.percent(candidate.figure(outcome).value())))
        .forEach(
            candidate -> {
              Figure figure = candidate.figure(outcome);
              double percent = figure.isNever() ? 0 : scale.percent(figure.value());
              int level = 0;
              while (level < lastAt.size() && percent - lastAt.get(level) < TAG_WIDTH_PERCENT) {
                level++;
              }
              if (level == lastAt.size()) {
                lastAt.add(percent);
              } else {
                lastAt.set(level, percent);
              }
              placed.add(new Placed(candidate, figure, percent, level));
            });
    return placed;
  }

  private Ruler.Tag tag(Placed placed, int top, int axisY, AxisScale scale) {
    Figure figure = placed.figure();
    String letter = placed.candidate().letter();
    boolean failed = !placed.candidate().isEligible() && !placed.candidate().candidate().isToday();
    String style =
        failed
            ? "tag-failed"
            : letter.equals(leader)
                ? "tag-leader"
                : placed.candidate().candidate().isToday() ? "tag-today" : "tag-plain";
    double from = scale.percent(figure.band().low());
    double to = scale.percent(figure.band().high());
    return new Ruler.Tag(
        letter,
        AxisScale.text(placed.percent()),
        top,
        axisY,
        style,
        failed,
        AxisScale.text(Math.min(from, to)),
        AxisScale.text(Math.abs(to - from)),
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
}
