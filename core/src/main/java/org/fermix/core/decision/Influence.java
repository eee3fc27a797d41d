package org.fermix.core.decision;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.DoubleFunction;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Policy;
import org.fermix.core.bench.Screening;
import org.fermix.core.label.Candidate;
import org.fermix.core.machine.Need;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Normal;

/**
 * How much one assumption carries: the chance that knowing the truth would put another candidate
 * first, all else being as it is. The truth is drawn from the spread of the assumption; the answer
 * is asked at five points of it, and where two neighbours differ, the turn between them is closed
 * in on, so a change that comes and goes between two equal neighbours is not seen.
 *
 * @param assumed what is assumed
 * @param changes chance that the choice would be another (1)
 * @param other who would come first most often then; empty where nothing changes, or nobody would
 */
public record Influence(
    Assumption assumption, Given assumed, double changes, Optional<String> other) {
  private static final double[] PROBED = {-2.1, -0.8, 0, 0.8, 2.1};
  private static final int CLOSER = 5;
  private static final String NOBODY = "";

  /** Every assumption of a need, that which carries most first; equals in their own order. */
  public static List<Influence> ranked(
      Need need, Policy policy, List<Candidate> candidates, Weights weights) {
    List<Influence> found = new ArrayList<>();
    String now = first(need, policy, candidates, weights);
    for (Assumption each : Assumption.in(need)) {
      Given assumed = each.assumedIn(need).orElseThrow();
      found.add(
          of(
              each,
              assumed,
              now,
              sigmas ->
                  sigmas == 0
                      ? now
                      : first(each.with(need, sigmas, assumed), policy, candidates, weights)));
    }
    found.sort(Comparator.comparingDouble(Influence::changes).reversed());
    return List.copyOf(found);
  }

  private static Influence of(
      Assumption assumption, Given assumed, String now, DoubleFunction<String> firstAt) {
    Map<String, Double> shares = new HashMap<>();
    double from = Double.NEGATIVE_INFINITY;
    String before = firstAt.apply(PROBED[0]);
    for (int i = 1; i < PROBED.length; i++) {
      String here = firstAt.apply(PROBED[i]);
      if (!here.equals(before)) {
        double turn = turn(PROBED[i - 1], PROBED[i], before, firstAt);
        shares.merge(before, share(from, turn), Double::sum);
        from = turn;
        before = here;
      }
    }
    shares.merge(before, share(from, Double.POSITIVE_INFINITY), Double::sum);
    shares.remove(now);
    return new Influence(
        assumption,
        assumed,
        shares.values().stream().mapToDouble(Double::doubleValue).sum(),
        shares.entrySet().stream()
            .max(Map.Entry.<String, Double>comparingByValue().thenComparing(Map.Entry::getKey))
            .map(Map.Entry::getKey)
            .filter(letter -> !letter.equals(NOBODY)));
  }

  private static double turn(
      double low, double high, String atLow, DoubleFunction<String> firstAt) {
    double from = low;
    double to = high;
    for (int i = 0; i < CLOSER; i++) {
      double middle = 0.5 * (from + to);
      if (firstAt.apply(middle).equals(atLow)) {
        from = middle;
      } else {
        to = middle;
      }
    }
    return 0.5 * (from + to);
  }

  private static double share(double fromSigmas, double toSigmas) {
    return below(toSigmas) - below(fromSigmas);
  }

  private static double below(double sigmas) {
    return Double.isInfinite(sigmas) ? (sigmas > 0 ? 1 : 0) : Normal.cumulative(sigmas);
  }

  private static String first(
      Need need, Policy policy, List<Candidate> candidates, Weights weights) {
    Conditions conditions = Conditions.of(need);
    Map<String, Screening.Headline> headlines =
        Bench.of(need, policy, candidates).headlines(conditions);
    Points points = Points.of(headlines.values(), weights, conditions, conditions.layUpDays(need));
    return Order.of(headlines.keySet(), letter -> letter, headlines::get, points).stream()
        .findFirst()
        .map(Order::name)
        .orElse(NOBODY);
  }
}
