package org.fermix.core.decision;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Gate;
import org.fermix.core.bench.GateResult;
import org.fermix.core.bench.Mark;
import org.fermix.core.bench.Policy;
import org.fermix.core.bench.Screening;
import org.fermix.core.electrical.QuickCalibration;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Need;

/**
 * A whole catalogue against one need: those that pass every gate, ranked by the owner's weights as
 * in {@link Decision}, and how many of the rest fail at which gate.
 *
 * @param ranked best first; equal points by name
 * @param judged how many were looked at
 * @param failing how many fail each gate; one battery may fail several
 */
public record Shortlist(List<Entry> ranked, int judged, Map<Gate, Integer> failing) {
  /** Copies both. */
  public Shortlist {
    ranked = List.copyOf(ranked);
    failing = Map.copyOf(failing);
  }

  /**
   * One battery that passes.
   *
   * @param meets true when it does all that is asked
   */
  public record Entry(Label label, Screening.Headline headline, double points, boolean meets) {}

  /** Judges a catalogue, in one pass over it. */
  public static Shortlist of(
      Need need,
      Policy policy,
      Conditions conditions,
      Weights weights,
      QuickCalibration calibration,
      Iterable<Label> catalogue) {
    Screening screening = new Screening(need, policy, conditions, calibration);
    Map<Gate, Integer> failing = new EnumMap<>(Gate.class);
    List<Entry> passing = new ArrayList<>();
    int judged = 0;
    for (Label label : catalogue) {
      judged++;
      Screening.Screened each = screening.judge(label);
      if (each.headline().isPresent()) {
        passing.add(new Entry(label, each.headline().get(), 0, false));
        continue;
      }
      for (GateResult gate : each.gates()) {
        if (gate.mark() == Mark.FAILS) {
          failing.merge(gate.gate(), 1, Integer::sum);
        }
      }
    }
    Points points =
        Points.ofHeadlines(
            passing.stream().map(Entry::headline).toList(),
            weights,
            conditions,
            conditions.layUpDays(need));
    record Scored(Entry entry, Points.Score score) {}
    List<Entry> ranked =
        passing.stream()
            .map(entry -> new Scored(entry, points.score(entry.headline())))
            .sorted(
                Comparator.comparing(Scored::score, Points.Score.BEST_FIRST)
                    .thenComparing(scored -> scored.entry().label().name()))
            .map(
                scored ->
                    new Entry(
                        scored.entry().label(),
                        scored.entry().headline(),
                        scored.score().points(),
                        scored.score().meets()))
            .toList();
    return new Shortlist(ranked, judged, failing);
  }
}
