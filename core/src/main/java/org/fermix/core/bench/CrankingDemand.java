package org.fermix.core.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.fermix.core.casing.CaseSize;
import org.fermix.core.casing.TerminalSide;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.CrankingRating;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.UsualNeed;
import org.fermix.core.quantity.Band;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;

/**
 * The cold cranking amps (SAE) a new, full battery of the usual kind needs to start this engine on
 * its coldest morning, by the same model as the bench: the amps at which the chance of a start is
 * one half, four in five, and one and nine in ten.
 *
 * @param middleA half of such engines start with fewer (A)
 * @param likelyA four in five start (A)
 * @param band one in ten to nine in ten (A)
 */
public record CrankingDemand(double middleA, double likelyA, Band band) {
  private static final double LEAST_A = 12;
  private static final double MOST_A = 3000;
  private static final int STEPS = 16;
  private static final double LIKELY = 0.8;
  private static final double LOW = 0.1;
  private static final double HIGH = 0.9;

  /** Any case; a start does not depend on it. */
  private static final CaseSize CASE = new CaseSize(250, 175, 190);

  /** The demand; empty where no engine is cranked, or no battery starts it. */
  public static Optional<CrankingDemand> of(Need need) {
    if (!need.engine().turns()) {
      return Optional.empty();
    }
    Chances wide = Chances.between(need, LEAST_A, MOST_A);
    if (wide.last() < HIGH) {
      return Optional.empty();
    }
    Chances near = Chances.between(need, wide.below(LOW), wide.above(HIGH));
    return Optional.of(
        new CrankingDemand(near.at(0.5), near.at(LIKELY), new Band(near.at(LOW), near.at(HIGH))));
  }

  /** Chances of a start over rated amps. */
  private static final class Chances {
    private final double[] amps;
    private final double[] chances;

    private Chances(double[] amps, double[] chances) {
      this.amps = amps;
      this.chances = chances;
    }

    static Chances between(Need need, double fromA, double toA) {
      double[] amps = new double[STEPS];
      List<Candidate> candidates = new ArrayList<>();
      for (int i = 0; i < STEPS; i++) {
        amps[i] = fromA * Math.pow(toA / fromA, i / (double) (STEPS - 1));
        candidates.add(new Candidate("step " + i, label(need, amps[i]), 0));
      }
      Conditions conditions = new Conditions(need.climate().coldestMorningC().value(), 0, 0, 0, 0);
      double[] chances =
          Bench.of(need, Policy.USUAL, candidates).answer(conditions).candidates().stream()
              .mapToDouble(each -> each.figure(Outcome.START_CHANCE).value() / 100)
              .toArray();
      for (int i = 1; i < STEPS; i++) {
        chances[i] = Math.max(chances[i], chances[i - 1]);
      }
      return new Chances(amps, chances);
    }

    private static Label label(Need need, double amps) {
      Chemistry chemistry = UsualNeed.of(need.engine()).chemistry();
      return new Label(
          "of the usual kind",
          chemistry,
          CrankingRating.cca(amps),
          Optional.of(
              Given.assumed(
                  amps / chemistry.typicalLabel().ccaPerAmpHour(), Unit.AMPERE_HOUR, "usual")),
          Optional.empty(),
          Optional.empty(),
          CASE,
          TerminalSide.RIGHT,
          Given.assumed(0, Unit.MONEY, "not asked"),
          TypicalBattery.build(need));
    }

    double last() {
      return chances[chances.length - 1];
    }

    double below(double chance) {
      int i = 0;
      while (i + 1 < chances.length && chances[i + 1] < chance) {
        i++;
      }
      return amps[i];
    }

    double above(double chance) {
      int i = chances.length - 1;
      while (i > 0 && chances[i - 1] > chance) {
        i--;
      }
      return amps[i];
    }

    /** Straight between the steps, in the logarithm of the amps. */
    double at(double chance) {
      int i = 1;
      while (i + 1 < chances.length && chances[i] < chance) {
        i++;
      }
      double rise = chances[i] - chances[i - 1];
      double share = rise <= 0 ? 1 : Math.max(0, Math.min(1, (chance - chances[i - 1]) / rise));
      return amps[i - 1] * Math.pow(amps[i] / amps[i - 1], share);
    }
  }
}
