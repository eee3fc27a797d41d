package org.fermix.core.decision;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;
import java.util.stream.StreamSupport;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Finding;
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
 * @param nearest of those that fail, the ones that come nearest, nearest first
 */
public record Shortlist(
    List<Entry> ranked, int judged, Map<Gate, Integer> failing, List<Miss> nearest) {
  /** Of those that fail, so many are named. */
  public static final int MOST_NEAREST = 40;

  /** Copies both. */
  public Shortlist {
    ranked = List.copyOf(ranked);
    failing = Map.copyOf(failing);
    nearest = List.copyOf(nearest);
  }

  /**
   * One battery that fails.
   *
   * @param failed the gates it fails, the one it misses by most first
   * @param distance how far it is from passing, summed over those gates: 1 is a tenth of a metre
   *     too large, or a rating of nothing (1)
   */
  public record Miss(Label label, List<GateResult> failed, double distance) {
    /** Copies the list. */
    public Miss {
      failed = List.copyOf(failed);
    }

    static Miss of(Label label, List<GateResult> gates) {
      List<GateResult> failed =
          gates.stream()
              .filter(gate -> gate.mark() == Mark.FAILS)
              .sorted(Comparator.comparingDouble(Miss::ofGate).reversed())
              .toList();
      return new Miss(label, failed, failed.stream().mapToDouble(Miss::ofGate).sum());
    }

    private static double ofGate(GateResult gate) {
      return gate.findings().stream().mapToDouble(Miss::ofFinding).sum();
    }

    private static double ofFinding(Finding finding) {
      return switch (finding.code()) {
        case TOO_LONG, TOO_WIDE, TOO_HIGH -> finding.found() / TENTH_OF_A_METRE;
        case NO_CLEARANCE -> 1 / TENTH_OF_A_METRE;
        case WRONG_SIDE, KIND_NOT_STATED, PROTECTION_NOT_STATED, NO_ADAPTER -> ASKING_HELPS;
        case VOLTS_TOO_LOW, VOLTS_TOO_HIGH -> ANOTHER_REGULATOR;
        case WRONG_VOLTAGE -> NEVER;
        default ->
            finding.needed() > 0
                ? Math.min(1, Math.abs(finding.needed() - finding.found()) / finding.needed())
                : 1;
      };
    }
  }

  private static final double TENTH_OF_A_METRE = 100;
  private static final double ASKING_HELPS = 0.3;
  private static final double ANOTHER_REGULATOR = 0.8;
  private static final double NEVER = 100;

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
    List<Screening.Screened> judged =
        StreamSupport.stream(catalogue.spliterator(), true).map(screening::judge).toList();
    return of(need, conditions, weights, judged);
  }

  /** The same, where each was judged before by a screening of this need; gone through once. */
  public static Shortlist of(
      Need need, Conditions conditions, Weights weights, Iterable<Screening.Screened> screened) {
    Map<Gate, Integer> failing = new EnumMap<>(Gate.class);
    List<Entry> passing = new ArrayList<>();
    // The farthest of the nearest stands on top, to give way to a nearer one.
    PriorityQueue<Miss> nearest =
        new PriorityQueue<>(Comparator.comparing(Miss::distance).reversed());
    int judged = 0;
    for (Screening.Screened each : screened) {
      judged++;
      Label label = each.label();
      if (each.headline().isPresent()) {
        passing.add(new Entry(label, each.headline().get(), 0, false));
        continue;
      }
      for (GateResult gate : each.gates()) {
        if (gate.mark() == Mark.FAILS) {
          failing.merge(gate.gate(), 1, Integer::sum);
        }
      }
      nearest.add(Miss.of(label, each.gates()));
      if (nearest.size() > MOST_NEAREST) {
        nearest.remove();
      }
    }
    Points points =
        Points.of(
            passing.stream().map(Entry::headline).toList(),
            weights,
            conditions,
            conditions.layUpDays(need));
    List<Entry> ranked =
        Order.of(passing, each -> each.label().name(), Entry::headline, points).stream()
            .map(
                each ->
                    new Entry(
                        each.item().label(),
                        each.headline(),
                        each.score().points(),
                        each.score().meets()))
            .toList();
    return new Shortlist(
        ranked,
        judged,
        failing,
        nearest.stream()
            .sorted(
                Comparator.comparingDouble(Miss::distance)
                    .thenComparing(miss -> miss.label().name()))
            .toList());
  }
}
