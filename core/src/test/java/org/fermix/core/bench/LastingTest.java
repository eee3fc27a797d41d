package org.fermix.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.fermix.core.Examples;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.Label;
import org.fermix.core.label.Tested;
import org.fermix.core.machine.Engine;
import org.fermix.core.machine.EngineClass;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.UsualNeed;
import org.fermix.core.quantity.Band;
import org.fermix.core.quantity.Normal;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How long it lasts: against futures drawn one by one, and what may never be. */
class LastingTest {
  private static final int DRAWN = 6000;

  /**
   * Drawn: a life and one margin for each future; it does what is asked until the margin is used up
   * or the battery is dead. The band holds eight in ten, the middle halves them.
   */
  @ParameterizedTest
  @CsvSource({"3, 1, 5, 0.39", "2, 0.5, 8, 0.39", "1.6, 1.4, 4, 0.35", "5, -1, 12, 0.39"})
  void theBandHoldsEightFuturesInTen(double z0, double z1, double life, double sigma) {
    RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(31);
    Lasting lasting = new Lasting(z0, z1, life, sigma, 0);
    double[] ends = new double[DRAWN];
    for (int i = 0; i < DRAWN; i++) {
      double own = life * Math.exp(sigma * random.nextGaussian());
      double margin = random.nextGaussian();
      double share = Math.pow(Math.max(0, (z0 - margin) / (z0 - z1)), 1 / 1.7);
      ends[i] = margin > z0 ? 0 : own * Math.min(1, share);
    }
    Band band = lasting.band();
    double inside =
        Arrays.stream(ends).filter(end -> end >= band.low() && end <= band.high()).count()
            / (double) DRAWN;
    assertThat(inside).isBetween(0.77, 0.83);
    double later = Arrays.stream(ends).filter(end -> end > lasting.years()).count();
    assertThat(later / DRAWN).isCloseTo(0.5, within(0.03));
  }

  /** Surer, longer-lived and younger never last shorter. */
  @Test
  void moreNeverLastsShorter() {
    double before = 0;
    for (double z = -2; z < 6; z += 0.1) {
      double years = new Lasting(z, z - 1, 6, 0.39, 0).years();
      assertThat(years).isGreaterThanOrEqualTo(before - 0.011);
      before = years;
    }
    before = 0;
    for (double life = 1; life < 15; life += 0.5) {
      double years = new Lasting(2, 1, life, 0.39, 0).years();
      assertThat(years).isGreaterThanOrEqualTo(before - 0.011);
      before = years;
    }
    double chance = 1;
    for (double age = 0; age < 10; age += 0.5) {
      double next = new Lasting(3, 1, 5, 0.39, age).chanceAfter(1);
      assertThat(next).as("another year at %.1f y", age).isLessThanOrEqualTo(chance + 1e-3);
      chance = next;
    }
    // Never taken surer at its end than new.
    assertThat(new Lasting(1, 3, 5, 0.39, 0).atEnd()).isEqualTo(1);
  }

  /** Bought again no oftener than its life allows, and not for every doubt of a poor one. */
  @Test
  void whatIsBoughtAgainLastsAWhile() {
    assertThat(new Lasting(3, 2, 6, 0.39, 0).renewedAfter(5.5)).isEqualTo(5.5);
    assertThat(new Lasting(-1, -2, 6, 0.39, 0).renewedAfter(0)).isEqualTo(2);
    assertThat(new Lasting(-8, -8, 1, 0.39, 0).renewedAfter(0)).isEqualTo(1);
  }

  /** Half-way through its life the margin lies where the law says, as the bench has it itself. */
  @Test
  void theMarginFallsAsTheBenchSays() {
    for (EngineClass type : EngineClass.all()) {
      Need need = UsualNeed.of(Engine.usual(type)).need();
      for (Label label : TypicalBattery.of(need)) {
        Bench bench = Bench.of(need, Policy.USUAL, List.of(new Candidate("A", label, 0)));
        Conditions own = Conditions.of(need);
        double life = bench.answer(own).candidates().get(0).figure(Outcome.LIFE).value();
        double whenNew = sureness(bench, own.aged(JudgedAge.NEW));
        double half = sureness(bench, own.aged(JudgedAge.after(Math.min(20, life / 2))));
        double end = sureness(bench, own.aged(JudgedAge.after(Math.min(20, life))));
        if (Math.abs(whenNew) < 3 && Math.abs(end) < 3) {
          double law = whenNew - (whenNew - end) * Math.pow(0.5, 1.7);
          assertThat(half).as(type.id() + " " + label.name()).isCloseTo(law, within(0.3));
        }
      }
    }
  }

  private static double sureness(Bench bench, Conditions conditions) {
    return Normal.inverse(
        bench.answer(conditions).candidates().get(0).headline().shown().startChance());
  }

  /** A keeper's question: an old battery that still starts is not kept for its age alone. */
  @Test
  void anOldBatteryIsTestedBeforeItIsTrusted() {
    Need need = UsualNeed.of(Engine.usual(EngineClass.find("petrol-car").orElseThrow())).need();
    Label label = TypicalBattery.of(need).get(0);
    double before = 1;
    for (double age : new double[] {1, 3, 5, 9}) {
      double chance = today(need, new Candidate("0", label, age)).chanceInAYear();
      assertThat(chance).as("at %.0f y", age).isLessThan(before);
      before = chance;
    }
    assertThat(today(need, new Candidate("0", label, 2)).advice())
        .isEqualTo(CandidateAnswer.Advice.KEEP);
    assertThat(today(need, new Candidate("0", label, 6)).advice())
        .isEqualTo(CandidateAnswer.Advice.TEST);
    // A test that finds it as new carries it.
    Candidate tested = new Candidate("0", label, 6).with(Tested.cranking(1.05));
    assertThat(today(need, tested).chanceInAYear())
        .isGreaterThan(today(need, new Candidate("0", label, 6)).chanceInAYear());
  }

  private static CandidateAnswer today(Need need, Candidate candidate) {
    return Bench.of(need, Policy.USUAL, List.of(candidate))
        .answer(Conditions.of(need))
        .candidates()
        .get(0);
  }

  /** Every page judges at one age: two years, half a short life, or the years kept. */
  @Test
  void everyPageJudgesAtOneAge() {
    assertThat(JudgedAge.USUAL.years(6, 10)).isEqualTo(2);
    assertThat(JudgedAge.USUAL.years(3, 10)).isEqualTo(1.5);
    assertThat(JudgedAge.USUAL.years(6, 0.5)).isEqualTo(0.5);
    assertThat(Conditions.of(Examples.dieselNeed()).age()).isEqualTo(JudgedAge.USUAL);
  }
}
