package org.fermix.web.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.fermix.core.bench.BenchAnswer;
import org.fermix.core.bench.CandidateAnswer;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Gate;
import org.fermix.core.bench.GateResult;
import org.fermix.core.bench.Mark;
import org.fermix.core.bench.Outcome;
import org.fermix.core.bench.Standing;
import org.fermix.core.machine.Need;
import org.fermix.core.quantity.Figure;
import org.fermix.core.quantity.Unit;
import org.fermix.web.shared.AxisScale;
import org.fermix.web.shared.Display;

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

  static OutcomeTable of(BenchAnswer answer, Display display, String leader) {
    return new Builder(answer, display).build(leader);
  }

  private record Builder(BenchAnswer answer, Display display) {
    OutcomeTable build(String leader) {
      Conditions conditions = answer.conditions();
      Need need = answer.need();
      List<Group> groups = new ArrayList<>();
      groups.add(gates(need));
      groups.add(
          new Group(
              "Cold start at "
                  + display.show(conditions.temperatureC(), Unit.CELSIUS).text()
                  + " after "
                  + display.show(conditions.daysParked(), Unit.DAY).text()
                  + " parked",
              List.of(
                  row("Starts down to", Outcome.START_FLOOR),
                  row("Chance of a start", Outcome.START_CHANCE),
                  row("Cranking speed", Outcome.CRANKING_SPEED),
                  row("Volts while cranking", Outcome.CRANKING_VOLTS))));
      List<Row> sitting = new ArrayList<>();
      if (conditions.engineOffAmps() > 0) {
        sitting.add(
            row(
                "Engine off at " + display.show(conditions.engineOffAmps(), Unit.AMPERE, 1).text(),
                Outcome.ENGINE_OFF_HOURS));
      }
      sitting.add(row("Parked until it no longer starts", Outcome.PARKED_DAYS));
      sitting.add(row("Lowest charge that starts", Outcome.START_CHARGE));
      groups.add(new Group("Engine off and parked, from full", sitting));
      groups.add(
          new Group(
              "Charging, mass and money",
              List.of(
                  row("Charge reached here", Outcome.CHARGE_REACHED),
                  row("Mass", Outcome.MASS),
                  row("Expected life", Outcome.LIFE),
                  price(),
                  row("Cost per year", Outcome.COST_PER_YEAR))));
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
      return new OutcomeTable(heads, groups);
    }

    private Group gates(Need need) {
      List<Row> rows = new ArrayList<>();
      rows.add(gate("Fits the tray", "", Gate.FITS));
      rows.add(
          gate(
              need.minimum().coldCrankingAmps().isAssumed()
                  ? "CCA by the displacement rule"
                  : "Maker’s minimum CCA",
              "need " + display.show(need.minimum().coldCrankingAmps().value(), Unit.AMPERE).text(),
              Gate.MINIMUM_CRANKING));
      rows.add(
          gate(
              "Maker’s minimum RC",
              need.minimum()
                  .reserveMinutes()
                  .map(given -> "need " + display.show(given.value(), Unit.MINUTE).text())
                  .orElse(""),
              Gate.MINIMUM_RESERVE));
      rows.add(
          gate(
              "Charged by the machine",
              "at " + display.show(need.regulatedVolts().value(), Unit.VOLT, 1).text(),
              Gate.CHARGED));
      if (need.engine().engineClass().needsApproval()) {
        rows.add(gate("Approved for this aircraft", "", Gate.APPROVED));
      }
      return new Group("Gates", rows);
    }

    private Row gate(String label, String need, Gate gate) {
      return new Row(
          label,
          need,
          answer.candidates().stream().map(candidate -> gateCell(candidate, gate)).toList());
    }

    private Cell gateCell(CandidateAnswer candidate, Gate gate) {
      GateResult result =
          candidate.gates().stream().filter(each -> each.gate() == gate).findFirst().orElseThrow();
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

    private Row price() {
      return new Row(
          "Price",
          "",
          answer.candidates().stream()
              .map(
                  candidate ->
                      new Cell(
                          candidate.letter(),
                          candidate.candidate().label().price().isAssumed()
                              ? "—"
                              : display
                                  .show(
                                      candidate.candidate().label().price().value(), Unit.MONEY, 0)
                                  .number(),
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
      Display.Shown shown = display.show(figure);
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

    private static String barText(double ratio) {
      return AxisScale.text(100 * Math.max(0, Math.min(FULL_BAR, ratio)) / FULL_BAR);
    }

    private String difference(CandidateAnswer candidate, Outcome outcome, Figure figure) {
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
