package org.fermix.web.check;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import org.fermix.core.diagnosis.Cause;
import org.fermix.core.diagnosis.Diagnosis;
import org.fermix.web.chart.Path;
import org.fermix.web.chart.Scale;

/**
 * The fault path as it is drawn: the readings taken as stations down a line, the most useful next
 * one below them, and from there a road to every cause, as broad as the cause is likely.
 */
record FaultPath(
    int width,
    int height,
    int fork,
    List<Station> stations,
    List<Destination> destinations,
    String summary) {
  private static final int WIDTH = 620;
  private static final int STATION_X = 16;
  private static final int FIRST_Y = 26;
  private static final int STEP_Y = 34;
  private static final int BELOW = 33;
  private static final int CAUSE_X = 400;
  private static final int PAST_WORDS_X = 160;
  private static final int CAUSE_STEP = 31;
  private static final double BROADEST = 22;

  /** Copies the lists. */
  FaultPath {
    stations = List.copyOf(stations);
    destinations = List.copyOf(destinations);
  }

  /**
   * A reading on the line.
   *
   * @param state taken, idle (taken but settles nothing) or next
   */
  record Station(String label, String outcome, String state, int y) {}

  /** A cause at the end of a road. */
  record Destination(
      String label,
      String percent,
      String share,
      int y,
      String road,
      String breadth,
      String state) {}

  /** The roads as they are drawn: the likeliest last, over the others. */
  public List<Destination> roads() {
    List<Destination> roads = new ArrayList<>(destinations);
    Collections.reverse(roads);
    return roads;
  }

  static FaultPath of(Checks.State state) {
    boolean lead = state.suspect().chemistry().isLead();
    List<Station> stations = new ArrayList<>();
    int y = FIRST_Y;
    for (Checks.Judged judged : state.counting()) {
      boolean settles = judged.judgement().evidence().isPresent();
      stations.add(
          new Station(
              ReadingSheet.of(judged.reading().kind(), lead).title(),
              judged
                  .judgement()
                  .evidence()
                  .map(each -> each.outcome().replace('_', ' '))
                  .orElse("settles nothing yet"),
              settles ? "is-taken" : "is-idle",
              y));
      y += STEP_Y;
    }
    List<Diagnosis.Next> next = state.helpful();
    if (!next.isEmpty()) {
      stations.add(
          new Station(
              ReadingSheet.of(next.get(0).kind(), lead).title(), "most useful next", "is-next", y));
      y += STEP_Y;
    }
    List<Cause> causes =
        List.of(Cause.values()).stream()
            .filter(cause -> state.diagnosis().of(cause) > 0)
            .sorted(Comparator.comparingDouble(cause -> -state.diagnosis().of(cause)))
            .toList();
    int height = Math.max(y, FIRST_Y + CAUSE_STEP * causes.size());
    // Below the last station's words, so that no road runs through them.
    int fork = y - STEP_Y + BELOW;
    height = Math.max(height, fork + 14);
    List<Destination> destinations = new ArrayList<>();
    int causeY = FIRST_Y;
    for (Cause cause : causes) {
      double likely = state.diagnosis().of(cause);
      destinations.add(
          new Destination(
              VerdictWords.cause(cause),
              percent(likely),
              Scale.percent(100 * likely),
              causeY,
              new Path()
                  .to(STATION_X, fork)
                  .to(PAST_WORDS_X, fork)
                  .level(CAUSE_X - 140, CAUSE_X - 110, CAUSE_X - 8, fork, causeY)
                  .toString(),
              Scale.pixels(Math.max(0.8, BROADEST * likely)),
              cause == state.diagnosis().leading() ? "is-leading" : "is-other"));
      causeY += CAUSE_STEP;
    }
    String summary =
        "Likeliest causes: "
            + causes.stream()
                .limit(4)
                .map(
                    cause -> VerdictWords.cause(cause) + " " + percent(state.diagnosis().of(cause)))
                .reduce((a, b) -> a + ", " + b)
                .orElse("none");
    return new FaultPath(WIDTH, height, fork, stations, destinations, summary);
  }

  /** A likelihood in words; an estimate is never shown as certain. */
  static String percent(double share) {
    if (share > 0 && share < 0.01) {
      return "<1 %";
    }
    return share > 0.99 ? ">99 %" : Math.round(100 * share) + " %";
  }
}
