package org.fermix.standins;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.fermix.core.bench.TypicalBattery;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.diagnosis.TesterReading;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Engine;
import org.fermix.core.machine.EngineClass;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.UsualNeed;
import org.fermix.core.prove.Compared;
import org.fermix.core.prove.CrankFeatures;
import org.fermix.core.prove.Proof;
import org.fermix.core.prove.ProofMeasure;
import org.fermix.core.prove.ProofResult;
import org.fermix.core.rating.CrankingTest;
import org.junit.jupiter.api.Test;

/**
 * Batteries with hidden shares of their rating, tested and started as owners do it: how often a
 * sound new one is claimed, a weak one found, and two alike told apart. The battery's law is the
 * core's own; instruments, their noise and what a tester shows are the stand-ins' assumptions, so
 * this tries the judgement, not the physics.
 */
class ProvedTest {
  private static final int DRAWS = 120;
  private static final double NOISE_VOLTS = 0.01;
  private static final double AT_C = 6;

  private static final EngineClass CAR =
      EngineClass.all().stream()
          .filter(each -> Engine.usual(each).turns())
          .findFirst()
          .orElseThrow();

  private static final Need NEED = UsualNeed.of(Engine.usual(CAR)).need();
  private static final Chemistry LEAD = Chemistry.all().get(0);
  private static final Label LABEL = TypicalBattery.of(NEED, LEAD);
  private static final BatteryCircuit CIRCUIT = BatteryCircuit.of(LABEL);

  private static RandomGenerator seeded(int seed) {
    return RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
  }

  /** What an owner measures of one hidden battery: rest volts, a tester, a recorded start. */
  private static Map<ProofMeasure, ProofResult> measured(double share, RandomGenerator random) {
    StandInBattery battery =
        new StandInBattery(
            CIRCUIT, new StandInBattery.Condition(share, 0.97, AT_C, false, NOISE_VOLTS), random);
    StandInTester tester = new StandInTester(battery);
    Map<ProofMeasure, ProofResult> results = new EnumMap<>(ProofMeasure.class);
    results.put(
        ProofMeasure.REST, ProofResult.of(tester.volts()).at(AT_C).rested(14).on(tester.name()));
    double rated = CIRCUIT.ratedAmps(CrankingTest.COLD_CRANKING);
    double shown = tester.crankingAmps(rated);
    results.put(
        ProofMeasure.TESTER,
        ProofResult.of(shown)
            .on(tester.name())
            .set(rated, shown / TesterReading.SHOWS_MORE / rated));
    CrankFeatures start =
        CrankFeatures.of(
            new StandInLogger(battery, NEED.engine()).record(), NEED.engine().series());
    results.put(
        ProofMeasure.CRANKING,
        new ProofResult(
            start.crankingVolts(),
            Optional.of(AT_C),
            "",
            0,
            CrankingTest.COLD_CRANKING,
            1,
            0,
            true,
            true,
            Optional.empty()));
    return results;
  }

  private static Proof proof(double oldShare, double newShare, int seed) {
    return Proof.of(
        NEED,
        Optional.of(LEAD),
        LABEL,
        oldShare > 0 ? measured(oldShare, seeded(2 * seed)) : Map.of(),
        measured(newShare, seeded(2 * seed + 1)),
        Map.of());
  }

  private interface Question {
    boolean asks(Proof proof);
  }

  private static double often(double oldShare, double newShare, Question question) {
    int times = 0;
    for (int i = 0; i < DRAWS; i++) {
      times += question.asks(proof(oldShare, newShare, i)) ? 1 : 0;
    }
    return (double) times / DRAWS;
  }

  private static Compared.Word word(Proof proof, ProofMeasure measure) {
    return proof.compared().stream()
        .filter(each -> each.measure() == measure)
        .map(Compared::word)
        .findFirst()
        .orElseThrow();
  }

  /** One in ten at the most: what a claim of nine in ten allows. */
  @Test
  void aSoundNewOneIsHardlyEverClaimed() {
    double claimed = often(0, 1.0, proof -> proof.outcome() == Proof.Outcome.BELOW_RATING);
    assertThat(claimed).isLessThanOrEqualTo(0.1);
  }

  @Test
  void oneThatGivesThreeQuartersIsFound() {
    double found = often(0, 0.72, proof -> proof.outcome() == Proof.Outcome.BELOW_RATING);
    assertThat(found).isGreaterThan(0.9);
  }

  /** Between the two it is a matter of chance, and grows the weaker it is. */
  @Test
  void theWeakerItIsTheSurerItIsFound() {
    double before = -1;
    for (double share : new double[] {1.05, 0.92, 0.84, 0.72}) {
      double found = often(0, share, proof -> proof.outcome() == Proof.Outcome.BELOW_RATING);
      assertThat(found).as("%.2f", share).isGreaterThanOrEqualTo(before);
      before = found;
    }
  }

  @Test
  void twoAlikeAreTheSameWithinTheMeter() {
    double same = often(1, 1, proof -> word(proof, ProofMeasure.TESTER) == Compared.Word.SAME);
    assertThat(same).as("19 in 20 by the limit, some slack for the count").isGreaterThan(0.9);
    double starts = often(1, 1, proof -> word(proof, ProofMeasure.CRANKING) == Compared.Word.SAME);
    assertThat(starts).isGreaterThan(0.9);
  }

  @Test
  void aWornOneBesideANewOneIsClearlyToldApart() {
    double tester =
        often(0.5, 1, proof -> word(proof, ProofMeasure.TESTER) == Compared.Word.CLEARLY_BETTER);
    assertThat(tester).isGreaterThan(0.95);
    double worse = often(1, 0.5, proof -> word(proof, ProofMeasure.TESTER) == Compared.Word.WORSE);
    assertThat(worse).isGreaterThan(0.95);
  }

  @Test
  void aSoundOneIsNotSaidToDoLessThanForetold() {
    double less = often(0, 1, proof -> proof.outcome() == Proof.Outcome.LESS_THAN_FORETOLD);
    assertThat(less).isLessThan(0.1);
  }
}
