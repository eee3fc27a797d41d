package org.fermix.web.decide;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.fermix.core.bench.CandidateAnswer;
import org.fermix.core.bench.Outcome;
import org.fermix.core.decision.Criterion;
import org.fermix.core.decision.Decision;
import org.fermix.core.decision.Ranked;
import org.fermix.web.bench.OutcomeTable;
import org.fermix.web.bench.RankingBars;
import org.fermix.web.shared.Display;

/**
 * The reasons for the one that is taken, level by level: gates, outcomes, points.
 *
 * @param weights whose weights they are, in words
 */
record SheetLevels(Decision decision, CandidateAnswer taken, String weights, Display display) {
  private static final List<Outcome> ASKED =
      List.of(
          Outcome.START_CHANCE,
          Outcome.PARKED_DAYS,
          Outcome.ENGINE_OFF_HOURS,
          Outcome.MASS,
          Outcome.COST_PER_YEAR);

  List<Sheet.Level> of(OutcomeTable table) {
    String letter = taken.letter();
    List<Sheet.Row> gates = new ArrayList<>();
    List<Sheet.Row> outcomes = new ArrayList<>();
    for (OutcomeTable.Group group : table.groups()) {
      for (OutcomeTable.Row row : group.rows()) {
        if (row.cells().stream().allMatch(cell -> cell.outcome().isEmpty())
            && group.title().equals(table.groups().get(0).title())) {
          Sheet.Row gate = row(row, letter, true);
          if (!gate.value().equals("—")) {
            gates.add(gate);
          }
        } else if (row.cells().stream()
            .anyMatch(cell -> ASKED.stream().anyMatch(each -> cell.outcome().equals(slug(each))))) {
          outcomes.add(row(row, letter, false));
        }
      }
    }
    List<Sheet.Level> levels = new ArrayList<>();
    levels.add(new Sheet.Level("Gates", "all must pass; no point outweighs one", gates));
    levels.add(new Sheet.Level("Outcomes", "against what you ask", outcomes));
    decision.ranked().stream()
        .filter(ranked -> ranked.letter().equals(letter))
        .findFirst()
        .ifPresent(ranked -> levels.add(points(ranked)));
    return levels;
  }

  private static String slug(Outcome outcome) {
    return outcome.name().toLowerCase(Locale.ROOT);
  }

  private static Sheet.Row row(OutcomeTable.Row row, String letter, boolean gate) {
    String value = "";
    String sign = "";
    String working = "";
    List<String> rest = new ArrayList<>();
    for (OutcomeTable.Cell cell : row.cells()) {
      String said = (cell.number() + " " + cell.unit()).strip();
      if (cell.letter().equals(letter)) {
        value = said;
        sign = cell.sign();
        working = cell.outcome().isEmpty() ? "" : "bench/working/" + letter + "/" + cell.outcome();
      } else if (!cell.letter().equals("0")
          && (!gate || cell.mark().equals("fails") || cell.mark().equals("unknown"))) {
        rest.add(cell.letter() + " " + (gate ? cell.sign() : said));
      }
    }
    return new Sheet.Row(row.label(), value, row.need(), sign, String.join(", ", rest), working);
  }

  private Sheet.Level points(Ranked ranked) {
    List<Sheet.Row> rows = new ArrayList<>();
    for (Criterion criterion : Criterion.values()) {
      if (decision.weights().of(criterion) > 0) {
        rows.add(
            new Sheet.Row(
                RankingBars.word(criterion),
                display.number(ranked.weighing(criterion).points(), 1),
                "of " + decision.weights().of(criterion),
                "",
                others(ranked, criterion),
                ""));
      }
    }
    rows.add(
        new Sheet.Row(
            "together",
            display.number(ranked.points(), 1),
            "of 12",
            "",
            decision.ranked().stream()
                .filter(other -> !other.letter().equals(ranked.letter()))
                .map(other -> other.letter() + " " + display.number(other.points(), 1))
                .collect(Collectors.joining(", ")),
            ""));
    return new Sheet.Level("Points", weights, rows);
  }

  private String others(Ranked ranked, Criterion criterion) {
    return decision.ranked().stream()
        .filter(other -> !other.letter().equals(ranked.letter()))
        .map(other -> other.letter() + " " + display.number(other.weighing(criterion).points(), 1))
        .collect(Collectors.joining(", "));
  }
}
