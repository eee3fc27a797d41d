package org.fermix.core.decision;

import java.util.ArrayList;
import java.util.List;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.fermix.core.bench.Bench;
import org.fermix.core.bench.CandidateFutures;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Draw;
import org.fermix.core.quantity.Check;

/**
 * In how many plausible futures does each candidate come first? The machine, its winter and each
 * battery are drawn at random within their uncertainty; every candidate is put into the same
 * machine and winter (common random numbers), and its own numbers depend on its letter alone, so
 * that neither the order nor the company of candidates changes what becomes of it. In one future a
 * need is met or not; the points are counted as in {@link Decision}.
 *
 * @param count futures drawn
 * @param noneStarts share of futures in which no candidate starts (1)
 * @param shares in the order of the question; those that fail a gate are left out
 */
public record Futures(int count, double noneStarts, List<Share> shares) {
  /** How many the bench draws unless asked otherwise. */
  public static final int USUAL = 10_000;

  /** Fewer points apart than this, of twelve, the figures cannot tell. */
  public static final double LEVEL_POINTS = Order.TIE;

  /** A cost of nothing, as of a battery without a price, is no measure of others. */
  private static final double LEAST_COST = 1e-6;

  private static final String GENERATOR = "L64X128MixRandom";

  /** Copies the list. */
  public Futures {
    shares = List.copyOf(shares);
  }

  /**
   * How one candidate fares.
   *
   * @param wins share of futures in which it has the most points (1); they add up to 1
   * @param level share in which it has not the most, but so nearly that it makes no odds (1)
   * @param starts share in which it starts in the conditions (1)
   * @param regret points lost on average against the best of each future
   * @param worstRegret points lost in one future in ten, or more
   */
  public record Share(
      String letter, double wins, double level, double starts, double regret, double worstRegret) {}

  /**
   * Draws futures.
   *
   * @param count 1 to 1,000,000
   * @param seed the same seed gives the same futures
   */
  public static Futures of(
      Bench bench, Conditions conditions, Weights weights, int count, long seed) {
    Check.within("futures", count, 1, 1_000_000, "");
    List<CandidateFutures> candidates = bench.futures(conditions);
    RandomGenerator shared = RandomGeneratorFactory.of(GENERATOR).create(seed);
    List<Tally> tallies = new ArrayList<>();
    for (CandidateFutures candidate : candidates) {
      tallies.add(new Tally(candidate, seed, count));
    }
    int noneStarts = 0;
    for (int i = 0; i < count && !tallies.isEmpty(); i++) {
      if (!future(tallies, Draw.of(shared), weights)) {
        noneStarts++;
      }
    }
    return new Futures(
        count,
        noneStarts / (double) count,
        tallies.stream().map(tally -> tally.share(count)).toList());
  }

  /** Plays one future; false when nobody starts in it. */
  private static boolean future(List<Tally> tallies, Draw draw, Weights weights) {
    double leastCost = Double.MAX_VALUE;
    double leastMassKg = Double.MAX_VALUE;
    boolean anyStarts = false;
    for (Tally tally : tallies) {
      tally.meet(draw);
      leastCost = Math.min(leastCost, tally.cost);
      leastMassKg = Math.min(leastMassKg, tally.candidate.massKg());
      anyStarts |= tally.startsNow;
    }
    Tally best = tallies.get(0);
    for (Tally tally : tallies) {
      tally.count(weights, leastMassKg, leastCost);
      if (tally.points > best.points
          || (tally.points == best.points
              && tally.candidate.letter().compareTo(best.candidate.letter()) < 0)) {
        best = tally;
      }
    }
    best.wins++;
    for (Tally tally : tallies) {
      tally.regrets[tally.played++] = best.points - tally.points;
    }
    return anyStarts;
  }

  /** One candidate's running score. */
  private static final class Tally {
    private final CandidateFutures candidate;
    private final RandomGenerator random;
    private final double[] regrets;
    private int played;
    private int wins;
    private int starts;
    private boolean startsNow;
    private boolean runsNow;
    private double cost;
    private double points;

    Tally(CandidateFutures candidate, long seed, int count) {
      this.candidate = candidate;
      this.random =
          RandomGeneratorFactory.of(GENERATOR)
              .create(seed ^ (0x9E3779B97F4A7C15L * (1 + candidate.letter().hashCode())));
      this.regrets = new double[count];
    }

    void meet(Draw draw) {
      Draw.Own own = Draw.Own.of(random);
      startsNow = candidate.startsParked(draw, own);
      runsNow = candidate.startsAfterEngineOff(draw, own);
      cost = candidate.costPerYear(own);
      if (startsNow) {
        starts++;
      }
    }

    void count(Weights weights, double leastMassKg, double leastCost) {
      points =
          (startsNow ? weights.of(Criterion.COLD) + weights.of(Criterion.PARKED) : 0)
              + (runsNow ? weights.of(Criterion.ENGINE_OFF) : 0)
              + weights.of(Criterion.EASE) * candidate.wishesMet()
              + weights.of(Criterion.MASS) * Points.less(candidate.massKg(), leastMassKg)
              + weights.of(Criterion.MONEY) * Points.less(cost, Math.max(LEAST_COST, leastCost));
    }

    Share share(int count) {
      double mean = java.util.Arrays.stream(regrets).average().orElse(0);
      java.util.Arrays.sort(regrets);
      int close = 0;
      while (close < count && regrets[close] < LEVEL_POINTS) {
        close++;
      }
      return new Share(
          candidate.letter(),
          wins / (double) count,
          Math.max(0, close - wins) / (double) count,
          starts / (double) count,
          mean,
          regrets[Math.min(count - 1, count * 9 / 10)]);
    }
  }
}
