package org.fermix.web.bench;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.fermix.core.bench.BenchAnswer;
import org.fermix.core.bench.CandidateAnswer;
import org.fermix.core.bench.Outcome;
import org.fermix.core.charging.ChargeSource;
import org.fermix.core.quantity.Figure;
import org.fermix.core.quantity.Unit;
import org.fermix.web.shared.Display;

/**
 * How the table of outcomes is looked at.
 *
 * @param against letter that differences are taken from; empty for none
 * @param onlyDifferent true where rows in which all say the same are left out
 * @param by what the columns are ordered by; empty for the letters
 * @param sources chargers that are owned, by name
 */
record TableView(
    String against,
    boolean onlyDifferent,
    Optional<Outcome> by,
    Map<String, ChargeSource> sources) {
  TableView {
    sources = Collections.unmodifiableMap(new LinkedHashMap<>(sources));
  }

  /** What columns may be ordered by, the best first. */
  private static final List<Order> ORDERS =
      List.of(
          new Order("cold", Outcome.START_FLOOR, true),
          new Order("parked", Outcome.PARKED_DAYS, false),
          new Order("off", Outcome.ENGINE_OFF_HOURS, false),
          new Order("mass", Outcome.MASS, true),
          new Order("money", Outcome.COST_PER_YEAR, true),
          new Order("life", Outcome.LASTS, false));

  private record Order(String id, Outcome outcome, boolean leastFirst) {}

  /** One of the things to choose from. */
  public record Choice(String value, String word, boolean chosen) {}

  static TableView of(
      Map<String, String> parameters, BenchAnswer answer, Map<String, ChargeSource> sources) {
    String against = parameters.getOrDefault("against", "");
    String order = parameters.getOrDefault("order", "");
    return new TableView(
        answer.find(against).isPresent() ? against : "",
        parameters.getOrDefault("rows", "").equals("different"),
        ORDERS.stream().filter(each -> each.id().equals(order)).findFirst().map(Order::outcome),
        sources);
  }

  List<Choice> againstChoices(BenchAnswer answer) {
    List<Choice> choices = new ArrayList<>();
    choices.add(new Choice("", "none", against.isEmpty()));
    answer
        .candidates()
        .forEach(
            each ->
                choices.add(
                    new Choice(
                        each.letter(),
                        each.candidate().isToday() ? "0, today’s" : each.letter(),
                        each.letter().equals(against))));
    return choices;
  }

  List<Choice> orderChoices() {
    List<Choice> choices = new ArrayList<>();
    choices.add(new Choice("", "letter", by.isEmpty()));
    for (Order each : ORDERS) {
      choices.add(
          new Choice(
              each.id(),
              switch (each.outcome()) {
                case START_FLOOR -> "the cold";
                case PARKED_DAYS -> "days parked";
                case ENGINE_OFF_HOURS -> "engine off";
                case MASS -> "mass";
                case COST_PER_YEAR -> "cost per year";
                default -> "expected life";
              },
              by.filter(each.outcome()::equals).isPresent()));
    }
    return choices;
  }

  /** The places of the candidates in their order; those without the figure last. */
  List<Integer> order(BenchAnswer answer) {
    List<Integer> places =
        IntStream.range(0, answer.candidates().size()).boxed().collect(Collectors.toList());
    by.flatMap(outcome -> ORDERS.stream().filter(each -> each.outcome() == outcome).findFirst())
        .ifPresent(
            order ->
                places.sort(
                    Comparator.comparingDouble(
                        place ->
                            answer
                                .candidates()
                                .get(place)
                                .find(order.outcome())
                                .filter(figure -> !figure.isNever())
                                .map(
                                    figure -> order.leastFirst() ? figure.value() : -figure.value())
                                .orElse(Double.MAX_VALUE))));
    return places;
  }

  /** The groups without rows that are left out; a group without any is left out as well. */
  List<OutcomeTable.Group> kept(List<OutcomeTable.Group> groups) {
    return onlyDifferent
        ? groups.stream()
            .map(
                group ->
                    new OutcomeTable.Group(
                        group.title(), group.rows().stream().filter(TableView::differs).toList()))
            .filter(group -> !group.rows().isEmpty())
            .toList()
        : groups;
  }

  private static boolean differs(OutcomeTable.Row row) {
    return row.cells().stream()
            .map(cell -> cell.number() + " " + cell.unit() + " " + cell.mark())
            .distinct()
            .count()
        > 1;
  }

  /** A figure’s difference from that of the letter it is taken from. */
  String difference(
      BenchAnswer answer,
      CandidateAnswer candidate,
      Outcome outcome,
      Figure figure,
      Display display) {
    if (candidate.letter().equals(against) || outcome == Outcome.FIRST_TRY) {
      return "";
    }
    return answer
        .find(against)
        .flatMap(other -> other.find(outcome))
        .filter(other -> !other.isNever() && !figure.isNever())
        .map(other -> figure.value() - other.value())
        .map(
            by ->
                (by > 0 ? "+" : "")
                    + (figure.unit() == Unit.CELSIUS
                            ? display.kelvins(by)
                            : display.show(by, figure.unit()))
                        .text())
        .orElse("");
  }
}
