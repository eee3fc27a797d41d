package org.fermix.web.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.DoubleFunction;
import org.fermix.core.bench.Conditions;
import org.fermix.core.decision.Comparison;
import org.fermix.core.decision.Criterion;
import org.fermix.core.decision.Decision;
import org.fermix.core.decision.Flip;
import org.fermix.core.decision.Opening;
import org.fermix.core.decision.Ranked;
import org.fermix.core.decision.Weights;
import org.fermix.core.quantity.Unit;
import org.fermix.web.chart.Markup;
import org.fermix.web.chart.Scale;
import org.fermix.web.chart.Ticks;
import org.fermix.web.shared.Display;

/**
 * How far the answer holds: for each condition the stretch over which the leader stays, and who
 * takes over beyond it, or that none does what is asked there.
 */
public record Stretches(List<Stretch> all) {
  private static final double WIDE_C = 20;
  private static final double COLDEST_C = -40;
  private static final double LEAST_DAYS = 90;
  private static final double LEAST_YEARS = 12;
  private static final double MANY = 4;
  private static final int MOST_TICKS = 5;
  private static final double EDGE = 3;
  private static final String NOBODY = "\u2715";

  /** Copies the list. */
  public Stretches {
    all = List.copyOf(all);
  }

  /**
   * One condition.
   *
   * @param own where the owner stands
   * @param ends where it ends; empty where it holds everywhere
   */
  public record Stretch(String name, String own, String drawn, List<End> ends) {
    /** Copies the list. */
    public Stretch {
      ends = List.copyOf(ends);
    }

    private static String whole(End end) {
      return end.help().isEmpty() ? end.words() : end.words() + ", " + end.help();
    }

    /** All of it in words. */
    public String words() {
      return ends.isEmpty()
          ? "holds everywhere"
          : String.join("; ", ends.stream().map(Stretch::whole).toList());
    }
  }

  /**
   * One end of a stretch.
   *
   * @param words who takes over, and from where
   * @param query what the bench must be asked to see it; empty where it cannot
   * @param help what would be enough where none does what is asked; empty where nothing is
   */
  public record End(String words, String query, String help) {}

  /** The stretches about a decision, from the turning points found around it. */
  public static Stretches of(List<Flip> flips, Decision decision, Display display) {
    if (decision.ranked().isEmpty()) {
      return new Stretches(List.of());
    }
    Conditions at = decision.answer().conditions();
    List<Over> overs = new ArrayList<>();
    overs.add(
        new Over(
            "Temperature",
            Flip.Varied.TEMPERATURE,
            WIDE_C,
            COLDEST_C,
            at.temperatureC(),
            at::atTemperature));
    overs.add(
        new Over(
            "Days parked",
            Flip.Varied.DAYS_PARKED,
            0,
            Math.max(LEAST_DAYS, MANY * at.daysParked()),
            at.daysParked(),
            at::afterDays));
    if (at.hasEngineOffLoad()) {
      overs.add(
          new Over(
              "Hours with the engine off",
              Flip.Varied.ENGINE_OFF_HOURS,
              0,
              MANY * at.engineOffHours(),
              at.engineOffHours(),
              hours -> at.running(at.engineOffAmps(), hours)));
      overs.add(
          new Over(
              "Amps with the engine off",
              Flip.Varied.ENGINE_OFF_LOAD,
              0,
              MANY * at.engineOffAmps(),
              at.engineOffAmps(),
              amps -> at.running(amps, at.engineOffHours())));
    }
    double years = decision.answer().need().use().yearsKept().value();
    overs.add(
        new Over("Years kept", Flip.Varied.YEARS_KEPT, 0, Math.max(LEAST_YEARS, 2 * years), years));
    Ranked first = decision.ranked().get(0);
    double price = first.answer().candidate().price();
    if (price > 0 && decision.ranked().size() > 1) {
      overs.add(
          new Over("Price of " + first.letter(), Flip.Varied.LEADER_PRICE, 0, 3 * price, price));
    }
    List<Stretch> all = new ArrayList<>();
    for (Over over : overs) {
      all.add(stretch(over, find(flips, over, false), find(flips, over, true), display));
    }
    all.addAll(weights(decision, display));
    return new Stretches(all);
  }

  /** The weights at which the second draws level, all else as it is. */
  private static List<Stretch> weights(Decision decision, Display display) {
    List<Stretch> all = new ArrayList<>();
    if (decision.ranked().size() < 2) {
      return all;
    }
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
                Optional<Turn> turn =
                    Optional.of(new Turn(weight, Optional.of(second.letter()), Optional.empty()));
                Over over =
                    new Over(
                        "Points for " + RankingBars.word(criterion),
                        Optional.empty(),
                        Unit.COUNT,
                        0,
                        Weights.SPREAD,
                        own,
                        Optional.empty());
                all.add(
                    stretch(
                        over,
                        turn.filter(each -> weight < own),
                        turn.filter(each -> weight >= own),
                        display));
              });
    }
    return all;
  }

  /** Where another takes over, and who; nobody where none does what is asked. */
  private record Turn(double value, Optional<String> letter, Optional<Opening.Enough> enough) {
    String tag() {
      return letter.orElse(NOBODY);
    }
  }

  private static Optional<Turn> find(List<Flip> flips, Over over, boolean right) {
    // More of it lies to the right, but for the temperature, which gets colder there.
    boolean beyond = right == (over.to() > over.from());
    return flips.stream()
        .filter(flip -> over.varied().filter(flip.varied()::equals).isPresent())
        .filter(flip -> flip.beyond() == beyond)
        .findFirst()
        .map(flip -> new Turn(flip.value(), flip.letter(), flip.enough()));
  }

  /**
   * A scale with where the owner stands on it.
   *
   * @param asked the conditions with another of it; empty where they do not hold it
   */
  private record Over(
      String name,
      Optional<Flip.Varied> varied,
      Unit unit,
      double from,
      double to,
      double own,
      Optional<DoubleFunction<Conditions>> asked) {
    Over(
        String name,
        Flip.Varied varied,
        double from,
        double to,
        double own,
        DoubleFunction<Conditions> asked) {
      this(name, Optional.of(varied), varied.unit(), from, to, own, Optional.of(asked));
    }

    Over(String name, Flip.Varied varied, double from, double to, double own) {
      this(name, Optional.of(varied), varied.unit(), from, to, own, Optional.empty());
    }

    Scale scale() {
      return Scale.across(from, to);
    }

    String shown(double value, Display display) {
      return switch (unit) {
        case COUNT -> display.number(value, 1);
        // Loads are small: 2.6 A is not 3.
        case AMPERE -> display.show(value, unit, 1).text();
        default -> display.show(value, unit).text();
      };
    }
  }

  private static Stretch stretch(
      Over over, Optional<Turn> left, Optional<Turn> right, Display display) {
    Scale scale = over.scale();
    Markup out = new Markup();
    double from = left.map(turn -> scale.position(turn.value())).orElse(0.0);
    double to = right.map(turn -> scale.position(turn.value())).orElse(100.0);
    rect(out, "0", "100%", "stretch-scale");
    left.filter(turn -> turn.letter().isEmpty())
        .ifPresent(turn -> rect(out, "0", Scale.percent(from), "stretch-none"));
    right
        .filter(turn -> turn.letter().isEmpty())
        .ifPresent(turn -> rect(out, Scale.percent(to), Scale.percent(100 - to), "stretch-none"));
    rect(out, Scale.percent(from), Scale.percent(to - from), "stretch-holds");
    left.ifPresent(turn -> end(out, over, turn, "end", -4));
    right.ifPresent(turn -> end(out, over, turn, "start", 4));
    String at = scale.at(over.own());
    out.mark("line", "x1", at, "x2", at, "y1", "2", "y2", "24", "class", "stretch-own");
    ticks(out, over, display);
    List<End> ends = new ArrayList<>();
    left.ifPresent(turn -> ends.add(end(over, turn, display, false)));
    right.ifPresent(turn -> ends.add(end(over, turn, display, true)));
    return new Stretch(over.name(), over.shown(over.own(), display), out.toString(), ends);
  }

  /** A few round numbers of the reader's own units under the scale. */
  private static void ticks(Markup out, Over over, Display display) {
    double from = over.unit().shown(over.from(), display.system());
    double to = over.unit().shown(over.to(), display.system());
    Scale shown = Scale.across(from, to);
    double least = Math.min(from, to);
    double most = Math.max(from, to);
    double step = Ticks.step(most - least, MOST_TICKS);
    for (double value = Math.ceil(least / step) * step; value <= most; value += step) {
      double position = shown.position(value);
      out.line(
          "text",
          display.number(value, 0),
          "x",
          shown.at(value),
          "y",
          "36",
          "text-anchor",
          position < EDGE ? "start" : position > 100 - EDGE ? "end" : "middle",
          "class",
          "tick");
    }
  }

  private static void rect(Markup out, String x, String width, String style) {
    out.mark("rect", "x", x, "width", width, "y", "14", "height", "8", "class", style);
  }

  private static void end(Markup out, Over over, Turn turn, String anchor, int off) {
    if (!over.scale().holds(turn.value())) {
      return;
    }
    String at = over.scale().at(turn.value());
    out.mark("line", "x1", at, "x2", at, "y1", "3", "y2", "22", "class", "stretch-end");
    out.line(
        "text",
        turn.tag(),
        "x",
        at,
        "dx",
        Integer.toString(off),
        "y",
        "11",
        "text-anchor",
        anchor,
        "class",
        turn.letter().isPresent() ? "stretch-letter" : "stretch-letter stretch-nobody");
  }

  private static End end(Over over, Turn turn, Display display, boolean right) {
    String side =
        over.unit() == Unit.CELSIUS
            ? right ? " and colder" : " and warmer"
            : right ? " and more" : " and less";
    return new End(
        turn.letter().orElse("none does what you ask")
            + " from "
            + over.shown(turn.value(), display)
            + side,
        over.asked()
            .map(
                there ->
                    ConditionsForm.query(ConditionsForm.own(there.apply(turn.value()), display)))
            .orElse(""),
        turn.enough().map(enough -> OpeningWords.helps(enough, display)).orElse(""));
  }
}
