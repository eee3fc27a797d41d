package org.fermix.web.bench;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.fermix.core.bench.BenchAnswer;
import org.fermix.core.bench.CandidateAnswer;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Gate;
import org.fermix.core.bench.GateResult;
import org.fermix.core.bench.HowItFails;
import org.fermix.core.bench.Mark;
import org.fermix.core.bench.Outcome;
import org.fermix.core.bench.Refill;
import org.fermix.core.bench.Standing;
import org.fermix.core.charging.ChargeSource;
import org.fermix.core.electrical.Tries;
import org.fermix.core.machine.LongestLayUp;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.Stand;
import org.fermix.core.quantity.Figure;
import org.fermix.core.quantity.Reach;
import org.fermix.core.quantity.Unit;
import org.fermix.web.chart.Scale;
import org.fermix.web.need.StandWords;
import org.fermix.web.picture.HowItFailsWords;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Months;

/**
 * The table of outcomes: candidates as columns under their letters, grouped rows, each cell a
 * figure with a bar against the need and a mark by shape and word.
 */
public record OutcomeTable(List<Head> heads, List<Group> groups) {
  private static final double FULL_BAR = 1.6;

  /** The head of one column. */
  public record Head(
      String letter,
      String chemistryId,
      String chemistry,
      String name,
      boolean leader,
      boolean out) {}

  /** Rows under one heading. */
  public record Group(String title, List<Row> rows) {}

  /** One outcome across all candidates. */
  public record Row(String label, String need, List<Cell> cells) {}

  /**
   * One figure.
   *
   * @param outcome its part of the working's address; empty when it has no working
   * @param mark style word: clears, close, fails, unknown or empty
   * @param bar share of the bar filled; empty without a need
   * @param difference against today's battery; empty when it says nothing
   */
  public record Cell(
      String letter,
      String number,
      String unit,
      String band,
      String outcome,
      String mark,
      String bar,
      String needAt,
      String difference) {
    /** The mark's sign, so that it is not told by colour alone. */
    public String sign() {
      return switch (mark) {
        case "clears" -> "✓";
        case "close" -> "≈";
        case "fails" -> "✕";
        case "unknown" -> "?";
        default -> "";
      };
    }
  }

  static OutcomeTable of(
      BenchAnswer answer,
      List<Map<Stand.Way, Figure>> standing,
      List<HowItFails> failing,
      TableView view,
      Display display,
      String leader) {
    List<Integer> order = view.order(answer);
    BenchAnswer ordered =
        new BenchAnswer(
            answer.need(),
            answer.conditions(),
            order.stream().map(answer.candidates()::get).toList());
    return new Builder(
            ordered,
            order.stream().map(standing::get).toList(),
            order.stream().map(failing::get).toList(),
            view,
            display)
        .build(leader);
  }

  private record Builder(
      BenchAnswer answer,
      List<Map<Stand.Way, Figure>> standing,
      List<HowItFails> failing,
      TableView view,
      Display display) {
    OutcomeTable build(String leader) {
      Conditions conditions = answer.conditions();
      Need need = answer.need();
      List<Group> groups = new ArrayList<>();
      groups.add(gates(need));
      groups.add(need.engine().turns() ? coldStart(conditions) : waking(conditions));
      groups.add(parked(need, conditions));
      boolean anyHouse =
          answer.candidates().stream().anyMatch(each -> each.candidate().beside().isPresent());
      if (conditions.engineOffAmps() > 0 || anyHouse) {
        groups.add(
            new Group(
                "Engine off",
                present(
                    row(
                        "Runs "
                            + display.show(conditions.engineOffAmps(), Unit.AMPERE, 1).text()
                            + (anyHouse ? ", a start left" : ", then starts"),
                        Outcome.ENGINE_OFF_HOURS),
                    row("Another one starts it, in need", Outcome.SPARE_START),
                    row("Drives the electric motor", Outcome.MOTOR_HOURS),
                    row("Cost of an ampere-hour", Outcome.COST_PER_AMP_HOUR))));
      }
      groups.add(
          new Group(
              "Charging in the coldest month, "
                  + display.show(need.use().driving().minutesPerDay(), Unit.MINUTE).text()
                  + " a day",
              filling()));
      groups.add(
          new Group(
              "Mass and money",
              List.of(
                  row("Mass", Outcome.MASS),
                  row("Lasts", Outcome.LASTS),
                  price(),
                  row("Cost per year", Outcome.COST_PER_YEAR))));
      groups.add(
          new Group(
              "How it fails",
              List.of(
                  words("Gives first", each -> HowItFailsWords.first(each, need.engine().turns())),
                  words("How it goes", each -> HowItFailsWords.manner(each, need.engine().turns())),
                  words("What helps then", each -> HowItFailsWords.helps(each.helps())))));
      List<Head> heads =
          answer.candidates().stream()
              .map(
                  candidate ->
                      new Head(
                          candidate.letter(),
                          candidate.candidate().label().chemistry().id(),
                          candidate.candidate().label().chemistry().shortName(),
                          candidate.candidate().label().name(),
                          candidate.letter().equals(leader),
                          !candidate.isEligible() && !candidate.candidate().isToday()))
              .toList();
      return new OutcomeTable(heads, view.kept(groups));
    }

    /** Rows in which at least one candidate has something to say. */
    private static List<Row> present(Row... rows) {
      return Arrays.stream(rows)
          .filter(row -> row.cells().stream().anyMatch(cell -> !cell.outcome().isEmpty()))
          .toList();
    }

    private Group parked(Need need, Conditions conditions) {
      LongestLayUp layUp = need.use().layUp();
      String start = display.show(conditions.layUpStartC(need), Unit.CELSIUS).text();
      List<Row> rows = new ArrayList<>();
      boolean turns = need.engine().turns();
      rows.add(
          row(
              (turns ? "Until it no longer starts at " : "Until it no longer wakes at ") + start,
              Outcome.PARKED_DAYS));
      rows.add(
          row(
              (turns ? "Chance of a start after " : "Chance that it wakes after ")
                  + display.show(conditions.layUpDays(need), Unit.DAY).text(),
              Outcome.LAY_UP_CHANCE));
      for (Stand.Way way : Stand.Way.values()) {
        if (way != conditions.stand().way()) {
          Row otherwise = otherwise(way, conditions);
          if (otherwise.cells().stream().anyMatch(cell -> !cell.number().equals("—"))) {
            rows.add(otherwise);
          }
        }
      }
      rows.addAll(
          present(
              row("Half empty", Outcome.HALF_DAYS),
              row("Standing begins to cost it life", Outcome.DAMAGE_DAYS),
              row("Its protection opens", Outcome.PROTECTION_DAYS),
              row("Beyond recovery", Outcome.LOST_DAYS)));
      return new Group(
          "Parked from 1 "
              + Months.name(layUp.fromMonth().value())
              + ", "
              + layUp.place().name()
              + ", "
              + stand(conditions.stand()),
          rows);
    }

    private static String stand(Stand stand) {
      return stand.way() == Stand.Way.TOPPED_UP
          ? "charged every " + Math.round(stand.weeks()) + " weeks"
          : StandWords.of(stand.way());
    }

    /** The same days, were it left otherwise. */
    private Row otherwise(Stand.Way way, Conditions conditions) {
      List<Cell> cells = new ArrayList<>();
      for (int i = 0; i < answer.candidates().size(); i++) {
        String letter = answer.candidates().get(i).letter();
        Figure figure = standing.get(i).get(way);
        cells.add(
            figure == null
                ? new Cell(letter, "—", "", "", "", "", "", "", "")
                : new Cell(
                    letter, display.show(figure).text(), "", "", "", "", "", "", date(figure)));
      }
      return new Row("… " + stand(conditions.stand().left(way)), "", cells);
    }

    /** The date a number of days of the lay-up comes to; empty where it says nothing. */
    private String date(Figure figure) {
      return figure.reach() == Reach.AT
              && figure.unit() == Unit.DAY
              && !Display.isBeyondTelling(figure)
          ? Months.date(answer.need().use().layUp().fromDay(), figure.value())
          : "";
    }

    private Group gates(Need need) {
      List<Row> rows = new ArrayList<>();
      rows.add(gate("Fits the tray", "", Gate.FITS));
      if (answer.candidates().stream()
          .flatMap(candidate -> candidate.gates().stream())
          .anyMatch(result -> result.gate() == Gate.MINIMUM_CRANKING)) {
        rows.add(minimumCranking(need));
      }
      rows.add(
          gate(
              "Maker’s minimum RC",
              need.minimum()
                  .reserveMinutes()
                  .map(given -> "need " + display.show(given.value(), Unit.MINUTE).text())
                  .orElse(""),
              Gate.MINIMUM_RESERVE));
      need.minimum()
          .ampHours()
          .ifPresent(
              asked ->
                  rows.add(
                      gate(
                          "Maker’s minimum Ah",
                          "need " + display.show(asked.value(), Unit.AMPERE_HOUR).text(),
                          Gate.MINIMUM_CAPACITY)));
      rows.add(
          gate(
              "Charged by the machine",
              "at " + display.show(need.regulatedVolts().value(), Unit.VOLT, 1).text(),
              Gate.CHARGED));
      if (answer.candidates().stream()
          .flatMap(candidate -> candidate.gates().stream())
          .anyMatch(result -> result.gate() == Gate.PROTECTION)) {
        rows.add(gate("Kind and protection", "", Gate.PROTECTION));
        rows.add(gate("Current, cold and heat it stands", "", Gate.LIMITS));
      }
      boolean aircraft = need.engine().engineClass().traits().needsApproval();
      if (aircraft
          || answer.forSale().stream()
              .flatMap(candidate -> candidate.gates().stream())
              .anyMatch(result -> result.gate() == Gate.APPROVED)) {
        rows.add(gate(aircraft ? "Approved for this aircraft" : "Allowed", "", Gate.APPROVED));
      }
      for (Gate each : Gate.values()) {
        boolean asked =
            answer.candidates().stream()
                .flatMap(candidate -> candidate.gates().stream())
                .anyMatch(result -> result.gate() == each);
        if (asked && (each == Gate.SCHOOL || each.isWish())) {
          rows.add(gate(GateWords.name(each), "", each));
        }
      }
      return new Group("Gates", rows);
    }

    private Group coldStart(Conditions conditions) {
      return new Group(
          "Cold start at " + inConditions(conditions),
          present(
              row("Starts down to", Outcome.START_FLOOR),
              row("Chance of a start", Outcome.START_CHANCE),
              row("Starts at", Outcome.FIRST_TRY),
              row("Cranking speed", Outcome.CRANKING_SPEED),
              row("Volts while cranking", Outcome.CRANKING_VOLTS),
              row("Starts left, no charging", Outcome.STARTS_LEFT),
              row("Starts left from its reserve", Outcome.RESERVE_STARTS),
              row("Lowest charge that starts", Outcome.START_CHARGE)));
    }

    /** A machine that turns no engine has no cold start: its control units must wake. */
    private Group waking(Conditions conditions) {
      return new Group(
          "Waking the car at " + inConditions(conditions),
          present(
              row("Chance that it wakes", Outcome.START_CHANCE),
              row("Lowest charge that wakes it", Outcome.START_CHARGE)));
    }

    private String inConditions(Conditions conditions) {
      return display.show(conditions.temperatureC(), Unit.CELSIUS).text()
          + " after "
          + display.show(conditions.daysParked(), Unit.DAY).text()
          + " parked";
    }

    private Row minimumCranking(Need need) {
      return gate(
          need.minimum().crankingAmps().isAssumed()
              ? "CCA, no minimum typed"
              : "Maker’s minimum, " + need.minimum().test().label(),
          (need.minimum().crankingAmps().isAssumed() ? "rule of thumb " : "need ")
              + display.show(need.minimum().crankingAmps().value(), Unit.AMPERE).text(),
          Gate.MINIMUM_CRANKING);
    }

    private Row gate(String label, String need, Gate gate) {
      return new Row(
          label,
          need,
          answer.candidates().stream().map(candidate -> gateCell(candidate, gate)).toList());
    }

    private Cell gateCell(CandidateAnswer candidate, Gate gate) {
      Optional<GateResult> found =
          candidate.gates().stream().filter(each -> each.gate() == gate).findFirst();
      if (gate == Gate.FITS && candidate.candidate().isToday()) {
        return new Cell(candidate.letter(), "fitted now", "", "", "", "", "", "", "");
      }
      if (found.isEmpty()) {
        return new Cell(candidate.letter(), "—", "", "", "", "", "", "", "");
      }
      GateResult result = found.get();
      return new Cell(
          candidate.letter(),
          GateWords.of(result, display),
          "",
          "",
          "",
          style(result.mark()),
          "",
          "",
          "");
    }

    /** What daily use keeps it at, and the hours each source takes from half. */
    private List<Row> filling() {
      List<Row> rows =
          new ArrayList<>(
              present(
                  row("Charge reached", Outcome.CHARGE_REACHED),
                  row("Does not keep up: flat after", Outcome.FLAT_DAYS)));
      if (answer.need().engine().turns()) {
        rows.add(refill("Half to 95 % by the engine", Refill.engine(answer.need())));
      }
      view.sources()
          .forEach((name, source) -> rows.add(refill("Half to 95 % by “" + name + "”", source)));
      return rows;
    }

    private Row refill(String label, ChargeSource source) {
      return new Row(
          label,
          "",
          answer.candidates().stream()
              .map(
                  each -> {
                    Refill refill =
                        source.isOnEngine()
                            ? Refill.of(answer.need(), each.candidate().label(), source)
                            : Refill.of(answer.need(), each.candidate(), source);
                    String words =
                        switch (refill.way()) {
                          case FILLS ->
                              display.show(refill.hours().getAsDouble(), Unit.HOUR, 1).text();
                          case NEVER_FULL -> "never full";
                          case HARMS -> "harms it";
                        };
                    String mark =
                        switch (refill.way()) {
                          case FILLS -> "";
                          case NEVER_FULL -> "close";
                          case HARMS -> "fails";
                        };
                    return new Cell(each.letter(), words, "", "", "", mark, "", "", "");
                  })
              .toList());
    }

    private Row words(String label, Function<HowItFails, String> say) {
      return new Row(
          label,
          "",
          failing.stream()
              .map(each -> new Cell(each.letter(), say.apply(each), "", "", "", "", "", "", ""))
              .toList());
    }

    private Row price() {
      return new Row(
          "Price",
          "",
          answer.candidates().stream()
              .map(
                  candidate ->
                      new Cell(
                          candidate.letter(),
                          !candidate.candidate().hasPrice()
                              ? candidate.candidate().isToday() ? "—" : "unknown"
                              : display.show(candidate.candidate().price(), Unit.MONEY, 0).number(),
                          "",
                          "",
                          "",
                          "",
                          "",
                          "",
                          ""))
              .toList());
    }

    private Row row(String label, Outcome outcome) {
      String need =
          answer.candidates().stream()
              .flatMap(candidate -> candidate.find(outcome).stream())
              .findFirst()
              .flatMap(
                  figure ->
                      Standing.of(outcome, figure, answer.need(), answer.conditions())
                          .map(
                              standing ->
                                  "need " + display.show(standing.needed(), figure.unit()).text()))
              .orElse("");
      return new Row(
          label,
          need,
          answer.candidates().stream().map(candidate -> cell(candidate, outcome)).toList());
    }

    private Cell cell(CandidateAnswer candidate, Outcome outcome) {
      Optional<Figure> found = candidate.find(outcome);
      if (found.isEmpty()) {
        return new Cell(candidate.letter(), "—", "", "", "", "", "", "", "");
      }
      Figure figure = found.get();
      Display.Shown shown = outcome == Outcome.FIRST_TRY ? tries(figure) : display.show(figure);
      Optional<Standing> standing =
          Standing.of(outcome, figure, answer.need(), answer.conditions());
      boolean bar =
          standing.isPresent() && standing.get().needed() > 0 && outcome != Outcome.START_FLOOR;
      return new Cell(
          candidate.letter(),
          shown.number(),
          shown.unit(),
          display.band(figure),
          outcome.name().toLowerCase(java.util.Locale.ROOT),
          standing.map(each -> style(each.mark())).orElse(""),
          bar ? barText(figure.value() / standing.orElseThrow().needed()) : "",
          bar ? barText(1) : "",
          difference(candidate, outcome, figure));
    }

    private static Display.Shown tries(Figure figure) {
      if (figure.isNever()) {
        return new Display.Shown("no try", "");
      }
      return new Display.Shown(
          List.of("first", "second", "third", "fourth", "fifth", "sixth")
              .get((int) figure.value() - 1),
          "try");
    }

    private static String barText(double ratio) {
      return Scale.percent(100 * Math.max(0, Math.min(FULL_BAR, ratio)) / FULL_BAR);
    }

    private String difference(CandidateAnswer candidate, Outcome outcome, Figure figure) {
      if (!view.against().isEmpty()) {
        return view.difference(answer, candidate, outcome, figure, display);
      }
      if (figure.unit() == Unit.DAY && outcome != Outcome.FLAT_DAYS) {
        return date(figure);
      }
      if (outcome == Outcome.FIRST_TRY && !figure.isNever() && figure.value() > 1) {
        return "after about "
            + display
                .show(
                    ((figure.value() - 1) * (Tries.CRANK_SECONDS + Tries.REST_SECONDS)
                            + Tries.CRANK_SECONDS)
                        / 60,
                    Unit.MINUTE,
                    1)
                .text();
      }
      if (outcome != Outcome.MASS || candidate.candidate().isToday()) {
        return "";
      }
      return answer
          .today()
          .flatMap(today -> today.find(outcome))
          .map(
              today -> {
                double by = figure.value() - today.value();
                return (by > 0 ? "+" : "") + display.show(by, figure.unit()).text() + " to today’s";
              })
          .orElse("");
    }

    private static String style(Mark mark) {
      return mark.name().toLowerCase(java.util.Locale.ROOT);
    }
  }
}
