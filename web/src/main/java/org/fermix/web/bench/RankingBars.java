package org.fermix.web.bench;

import java.util.ArrayList;
import java.util.List;
import org.fermix.core.decision.Criterion;
import org.fermix.core.decision.Ranked;
import org.fermix.core.decision.Weighing;
import org.fermix.core.decision.Weights;
import org.fermix.web.chart.Markup;
import org.fermix.web.chart.Scale;
import org.fermix.web.shared.Display;

/** Where the points of a ranking come from: a slot for each weight, filled as far as earned. */
public final class RankingBars {
  private static final double PERCENT = 100;
  private static final double GAP = 0.6;
  private static final double ROOM_FOR_FIGURE = 11;
  private static final double CLEARLY = 0.01;

  private RankingBars() {}

  /** What a criterion is called. */
  public static String word(Criterion criterion) {
    return switch (criterion) {
      case COLD -> "cold";
      case PARKED -> "parked";
      case ENGINE_OFF -> "engine off";
      case MASS -> "mass";
      case MONEY -> "money";
      case EASE -> "wishes";
    };
  }

  static String bar(Ranked ranked, Display display) {
    Markup out = new Markup();
    double at = 0;
    for (Weighing weighing : ranked.weighings()) {
      if (weighing.weight() == 0) {
        continue;
      }
      double wide = PERCENT * weighing.weight() / Weights.SPREAD;
      double slot = Math.max(0, wide - GAP);
      double earned = slot * Math.max(0, Math.min(1, weighing.merit()));
      out.open("g");
      out.line(
          "title",
          word(weighing.criterion())
              + ": "
              + display.number(weighing.points(), 1)
              + " of "
              + weighing.weight());
      rect(out, at, slot, "slot-open");
      rect(out, at, earned, "slot-earned");
      if (slot > ROOM_FOR_FIGURE) {
        out.line(
            "text",
            display.number(weighing.points(), 1),
            "x",
            Scale.percent(at),
            "dx",
            "3",
            "y",
            "10.5",
            "class",
            earned > ROOM_FOR_FIGURE ? "slot-figure" : "slot-figure slot-figure-open");
      }
      out.close("g");
      at += wide;
    }
    return out.toString();
  }

  private static void rect(Markup out, double at, double wide, String style) {
    out.mark(
        "rect",
        "x",
        Scale.percent(at),
        "width",
        Scale.percent(wide),
        "height",
        "14",
        "class",
        style);
  }

  /** The names over the slots. */
  static String heads(Weights weights) {
    Markup out = new Markup();
    double at = 0;
    for (Criterion each : Criterion.values()) {
      double wide = PERCENT * weights.of(each) / Weights.SPREAD;
      if (wide > ROOM_FOR_FIGURE) {
        out.line(
            "text",
            each == Criterion.ENGINE_OFF ? "off" : word(each),
            "x",
            Scale.percent(at),
            "y",
            "10",
            "class",
            "slot-head");
      }
      at += wide;
    }
    return out.toString();
  }

  /** Those at the top that are too close to tell, in words; empty where the order is clear. */
  static String level(List<Ranked> ranked, Display display) {
    List<Ranked> level =
        ranked.stream()
            .filter(Ranked::meets)
            .filter(each -> ranked.get(0).points() - each.points() < Recommendation.CLOSE_POINTS)
            .toList();
    if (level.size() < 2) {
      return "";
    }
    List<String> letters = new ArrayList<>(level.stream().map(Ranked::letter).toList());
    String last = letters.remove(letters.size() - 1);
    return String.join(", ", letters)
        + " and "
        + last
        + " are level: "
        + display.number(level.get(0).points() - level.get(level.size() - 1).points(), 1)
        + " apart; less than "
        + display.number(Recommendation.CLOSE_POINTS, 1)
        + " these figures cannot tell.";
  }

  /** Against whom nothing speaks for it: better in none of what counts, worse in something. */
  static String dominated(Ranked ranked, List<Ranked> all) {
    for (Ranked other : all) {
      boolean worse = false;
      boolean better = false;
      for (Weighing own : ranked.weighings()) {
        double by = other.weighing(own.criterion()).merit() - own.merit();
        worse |= by > CLEARLY;
        better |= by < 0;
      }
      if (other.meets() && worse && !better) {
        return "nothing speaks for it against " + other.letter();
      }
    }
    return "";
  }
}
