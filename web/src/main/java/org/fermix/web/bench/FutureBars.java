package org.fermix.web.bench;

import java.util.Comparator;
import java.util.List;
import org.fermix.core.decision.Decision;
import org.fermix.core.decision.Futures;
import org.fermix.core.decision.Ranked;
import org.fermix.web.chart.Markup;
import org.fermix.web.chart.Scale;
import org.fermix.web.shared.Display;

/**
 * Ten thousand plausible futures, a bar for each candidate.
 *
 * @param agrees whether they say what the verdict says, and why not
 */
public record FutureBars(String count, List<Bar> bars, String agrees) {
  private static final double PERCENT = 100;
  private static final double NOTICEABLE = 0.02;

  /** Copies the list. */
  public FutureBars {
    bars = List.copyOf(bars);
  }

  /** One candidate. */
  public record Bar(String letter, boolean leads, String drawn, String starts, String best) {}

  static FutureBars of(Futures futures, Decision decision, Display display) {
    String leader = decision.first().map(Ranked::letter).orElse("");
    boolean turns = decision.answer().need().engine().turns();
    List<Futures.Share> shares =
        futures.shares().stream()
            .sorted(Comparator.comparingDouble(Futures.Share::regret))
            .toList();
    return new FutureBars(
        display.number(futures.count(), 0),
        shares.stream().map(share -> bar(share, leader, turns, display)).toList(),
        agrees(futures, shares, leader, turns, display));
  }

  private static Bar bar(Futures.Share share, String leader, boolean turns, Display display) {
    Markup out = new Markup();
    double best = PERCENT * share.wins();
    double level = PERCENT * share.level();
    double starts = PERCENT * share.starts();
    out.mark("rect", "width", "100%", "height", "11", "class", "slot-open");
    out.mark("rect", "width", Scale.percent(best), "height", "11", "class", "slot-earned");
    out.mark(
        "rect",
        "x",
        Scale.percent(best),
        "width",
        Scale.percent(level),
        "height",
        "11",
        "class",
        "future-level");
    String at = Scale.percent(Math.min(99.6, starts));
    out.mark("line", "x1", at, "x2", at, "y1", "0", "y2", "11", "class", "future-starts");
    return new Bar(
        share.letter(),
        share.letter().equals(leader),
        out.toString(),
        (turns ? "starts in " : "wakes in ")
            + display.chance(starts).text()
            + "; chosen and wrong, it costs "
            + display.number(share.regret(), 1)
            + " of 12 points on average, "
            + display.number(share.worstRegret(), 1)
            + " or more in one of ten",
        "best in "
            + display.chance(best).text()
            + ", level with the best in "
            + display.chance(level).text());
  }

  private static String agrees(
      Futures futures, List<Futures.Share> shares, String leader, boolean turns, Display display) {
    if (shares.isEmpty() || leader.isEmpty()) {
      return "No candidate passes every gate: there is nothing to play.";
    }
    String none =
        futures.noneStarts() > NOTICEABLE
            ? " In "
                + display.chance(PERCENT * futures.noneStarts()).text()
                + (turns ? " of them none of these starts." : " of them none of these wakes it.")
            : "";
    Futures.Share least = shares.get(0);
    if (least.letter().equals(leader)) {
      return leader + " loses least over all of them: they say what the verdict says." + none;
    }
    Futures.Share own =
        shares.stream().filter(each -> each.letter().equals(leader)).findFirst().orElse(least);
    return least.letter()
        + " loses less than "
        + leader
        + " over all of them ("
        + display.number(least.regret(), 1)
        + " against "
        + display.number(own.regret(), 1)
        + " points): the verdict asks that everything wanted is likely, four times in five, which "
        + leader
        + " comes nearer to; where it fails some future, points alone say "
        + least.letter()
        + "."
        + none;
  }
}
