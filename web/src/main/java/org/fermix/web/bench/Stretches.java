package org.fermix.web.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.fermix.core.bench.Conditions;
import org.fermix.core.decision.Comparison;
import org.fermix.core.decision.Criterion;
import org.fermix.core.decision.Decision;
import org.fermix.core.decision.Flip;
import org.fermix.core.decision.Ranked;
import org.fermix.core.decision.Weights;
import org.fermix.core.quantity.Unit;
import org.fermix.web.chart.Markup;
import org.fermix.web.chart.Scale;
import org.fermix.web.shared.Display;

/**
 * How far the answer holds: for each condition the stretch over which the leader stays, and who
 * takes over beyond it.
 */
public record Stretches(List<Stretch> all) {
  private static final double WIDE_C = 25;
  private static final double COLDEST_C = -40;
  private static final double LEAST_DAYS = 90;
  private static final double MANY = 4;

  /** Copies the list. */
  public Stretches {
    all = List.copyOf(all);
  }

  /**
   * One condition.
   *
   * @param words where it ends and who comes then; said as well where it ends nowhere
   */
  public record Stretch(String name, String drawn, String words) {}

  static Stretches of(List<Flip> flips, Decision decision, Display display) {
    if (decision.ranked().size() < 2) {
      return new Stretches(List.of());
    }
    Conditions at = decision.answer().conditions();
    List<Stretch> all = new ArrayList<>();
    all.add(
        stretch(
            "Temperature",
            new Over(WIDE_C, COLDEST_C, at.temperatureC(), Unit.CELSIUS),
            find(flips, Flip.Kind.WARMER),
            find(flips, Flip.Kind.COLDER),
            display));
    all.add(
        stretch(
            "Days parked",
            new Over(0, Math.max(LEAST_DAYS, MANY * at.daysParked()), at.daysParked(), Unit.DAY),
            find(flips, Flip.Kind.SHORTER_PARKED),
            find(flips, Flip.Kind.LONGER_PARKED),
            display));
    if (at.hasEngineOffLoad()) {
      all.add(
          stretch(
              "Hours with the engine off",
              new Over(0, MANY * at.engineOffHours(), at.engineOffHours(), Unit.HOUR),
              find(flips, Flip.Kind.SHORTER_ENGINE_OFF),
              find(flips, Flip.Kind.LONGER_ENGINE_OFF),
              display));
    }
    double price = decision.ranked().get(0).answer().candidate().price();
    if (price > 0) {
      all.add(
          stretch(
              "Price of " + decision.ranked().get(0).letter(),
              new Over(0, 3 * price, price, Unit.MONEY),
              Optional.empty(),
              find(flips, Flip.Kind.LEADER_DEARER),
              display));
    }
    all.addAll(weights(decision, display));
    return new Stretches(all);
  }

  /** The weights at which the second draws level, all else as it is. */
  private static List<Stretch> weights(Decision decision, Display display) {
    List<Stretch> all = new ArrayList<>();
    Ranked first = decision.ranked().get(0);
    Ranked second = decision.ranked().get(1);
    if (first.meets() != second.meets()) {
      return all;
    }
    Comparison comparison = Comparison.of(first, second);
    for (Criterion criterion : Criterion.values()) {
      comparison
          .weightToDrawLevel(criterion)
          .ifPresent(
              weight -> {
                double own = decision.weights().of(criterion);
                Turn turn = new Turn(weight, second.letter());
                all.add(
                    stretch(
                        "Points for " + RankingBars.word(criterion),
                        new Over(0, Weights.SPREAD, own, Unit.COUNT),
                        weight < own ? Optional.of(turn) : Optional.empty(),
                        weight >= own ? Optional.of(turn) : Optional.empty(),
                        display));
              });
    }
    return all;
  }

  /** Where another takes over, and who. */
  private record Turn(double value, String letter) {}

  private static Optional<Turn> find(List<Flip> flips, Flip.Kind kind) {
    return flips.stream()
        .filter(flip -> flip.kind() == kind)
        .findFirst()
        .map(flip -> new Turn(flip.value(), flip.letter()));
  }

  /** A scale with where the owner stands on it. */
  private record Over(double from, double to, double own, Unit unit) {}

  private static Stretch stretch(
      String name, Over over, Optional<Turn> before, Optional<Turn> after, Display display) {
    Scale scale = Scale.across(over.from(), over.to());
    Markup out = new Markup();
    String middle = "12";
    out.mark("line", "x1", "0", "x2", "100%", "y1", middle, "y2", middle, "class", "axis");
    double left = before.map(turn -> scale.position(turn.value())).orElse(0.0);
    double right = after.map(turn -> scale.position(turn.value())).orElse(100.0);
    out.mark(
        "line",
        "x1",
        Scale.percent(left),
        "x2",
        Scale.percent(right),
        "y1",
        middle,
        "y2",
        middle,
        "class",
        "stretch-holds");
    before.ifPresent(turn -> end(out, scale, over, turn, "end", -5));
    after.ifPresent(turn -> end(out, scale, over, turn, "start", 5));
    out.mark("circle", "cx", scale.at(over.own()), "cy", middle, "r", "4", "class", "stretch-own");
    List<String> words = new ArrayList<>();
    before.ifPresent(turn -> words.add(words(turn, over, display, true)));
    after.ifPresent(turn -> words.add(words(turn, over, display, false)));
    return new Stretch(
        name, out.toString(), words.isEmpty() ? "holds everywhere" : String.join("; ", words));
  }

  private static void end(Markup out, Scale scale, Over over, Turn turn, String anchor, int off) {
    boolean on =
        turn.value() >= Math.min(over.from(), over.to())
            && turn.value() <= Math.max(over.from(), over.to());
    if (!on) {
      return;
    }
    String at = scale.at(turn.value());
    out.mark("line", "x1", at, "x2", at, "y1", "6", "y2", "18", "class", "need");
    out.line(
        "text",
        turn.letter(),
        "x",
        at,
        "dx",
        Integer.toString(off),
        "y",
        "9",
        "text-anchor",
        anchor,
        "class",
        "stretch-letter");
  }

  private static String words(Turn turn, Over over, Display display, boolean before) {
    String value =
        over.unit() == Unit.COUNT
            ? display.number(turn.value(), 1)
            : display.show(turn.value(), over.unit()).text();
    String side =
        over.unit() == Unit.CELSIUS
            ? before ? " and warmer" : " and colder"
            : before ? " and less" : " and more";
    return turn.letter() + " from " + value + side;
  }
}
