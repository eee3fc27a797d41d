package org.fermix.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.fermix.core.Examples;
import org.fermix.core.electrical.ChargeState;
import org.fermix.core.electrical.CrankPoint;
import org.fermix.core.electrical.Cranking;
import org.fermix.core.machine.Departure;
import org.fermix.core.quantity.Spread;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The quick answers of the futures against the full model they stand for. */
class FuturesSurfaceTest {
  /**
   * From where everything starts to where nothing does, the surface and the full model agree on at
   * least 97 futures of 100; a disagreement is a start on the very edge.
   */
  @ParameterizedTest
  @ValueSource(doubles = {5, -10, -20, -28})
  void theSurfaceStandsForTheModel(double temperatureC) {
    Bench bench = Bench.of(Examples.dieselNeed(), Policy.USUAL, Examples.lineUp());
    Conditions conditions = new Conditions(temperatureC, 42, 6, 2, 0);
    RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(11);
    for (CandidateFutures candidate : bench.futures(conditions)) {
      int agree = 0;
      int quick = 0;
      int full = 0;
      for (int i = 0; i < 1000; i++) {
        Draw draw = Draw.of(random);
        Draw.Own own = Draw.Own.of(random);
        boolean byModel = byModel(candidate, draw, own);
        boolean bySurface = candidate.startsParked(draw, own);
        agree += byModel == bySurface ? 1 : 0;
        quick += bySurface ? 1 : 0;
        full += byModel ? 1 : 0;
      }
      assertThat(agree).as(candidate.letter() + " at " + temperatureC).isGreaterThan(970);
      assertThat(Math.abs(quick - full)).as(candidate.letter()).isLessThan(20);
    }
  }

  private static boolean byModel(CandidateFutures candidate, Draw draw, Draw.Own own) {
    InConditions in = candidate.in();
    double temperatureC =
        in.conditions().temperatureC() + draw.temperature() * Spread.TEMPERATURE.sigma();
    double charge = candidate.parkedCharge(draw, own);
    double sigma = in.circuit().resistanceSigma();
    Cranking exact =
        new Cranking(
            in.circuit().withResistance(Math.exp(own.resistance() * sigma)),
            in.need()
                .engine()
                .departing(
                    new Departure(
                        Math.exp(draw.drag() * Spread.DRAG.sigma()),
                        Math.exp(draw.winding() * Spread.WINDING.sigma()),
                        Math.exp(draw.counterVolts() * Spread.COUNTER_VOLTS.sigma()),
                        Math.exp(draw.leads() * Spread.LEADS.sigma()),
                        1)));
    CrankPoint point = exact.crank(ChargeState.rested(charge, temperatureC));
    return charge > in.circuit().lowestTrustedCharge()
        && candidate.isUnfrozen(own)
        && candidate.starts(draw, point.rpm(), point.volts());
  }
}
