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

  /** One battery that passes. */
  public record Entry(Label label, Screening.Headline headline, double points) {}

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
    double masses = 0;
    double costs = 0;
    int judged = 0;
    for (Label label : catalogue) {
      judged++;
      Screening.Screened each = screening.judge(label);
      if (each.headline().isPresent()) {
        passing.add(new Entry(label, each.headline().get(), 0));
        masses += each.headline().get().massKg();
        costs += each.headline().get().costPerYear();
        continue;
      }
      for (GateResult gate : each.gates()) {
        if (gate.mark() == Mark.FAILS) {
          failing.merge(gate.gate(), 1, Integer::sum);
        }
      }
    }
    Merits merits =
        new Merits(
            conditions,
            conditions.layUpDays(need),
            masses / passing.size(),
            costs / passing.size());
    List<Entry> ranked = new ArrayList<>(passing.size());
    for (Entry entry : passing) {
      ranked.add(
          new Entry(entry.label(), entry.headline(), merits.points(entry.headline(), weights)));
    }
    ranked.sort(
        Comparator.comparingDouble(Entry::points)
            .reversed()
            .thenComparing(entry -> entry.label().name()));
    return new Shortlist(ranked, judged, failing);
  }
}
