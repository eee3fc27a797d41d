package org.fermix.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.fermix.core.Examples;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.electrical.ChargeState;
import org.fermix.core.electrical.Cranking;
import org.fermix.core.label.BelievedRatio;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.CrankingRating;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Engine;
import org.fermix.core.machine.Need;
import org.fermix.core.quantity.Spread;
import org.fermix.core.quantity.Table;
import org.junit.jupiter.api.Test;

/**
 * The chance shown of a label that follows no standard, against draws of what such labels turn out
 * to mean: the kind of figure, the true ratio of the cells, engine, starter and charge each at
 * random, the circuit calibrated anew each time. It shows that the doubt is counted once; it does
 * not show that the table of kinds is right.
 */
class LithiumDrawsTest {
  private static final int DRAWS = 1500;
  private static final Table KINDS = Table.read(BelievedRatio.class, "rating-kinds.csv");

  private record Drawn(double ampsPerAmpHour) {}

  @Test
  void whatIsShownIsWhatIsDrawn() {
    RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(7);
    double bias = 0;
    int cases = 0;
    for (String id : List.of("lfp", "sodium")) {
      for (boolean stated : new boolean[] {false, true}) {
        for (double printed : new double[] {9, 14, 20, 30, 45}) {
          for (double celsius : new double[] {-4, -14}) {
            double off = off(id, stated, printed, celsius, random);
            assertThat(Math.abs(off))
                .as("%s %s printing %.0f A/Ah at %.0f °C", id, stated, printed, celsius)
                .isLessThan(0.06);
            bias += off;
            cases++;
          }
        }
      }
    }
    assertThat(cases).isEqualTo(40);
    assertThat(Math.abs(bias / cases)).isLessThan(0.02);
  }

  private static double off(
      String id, boolean stated, double printed, double celsius, RandomGenerator random) {
    double ampHours = 30;
    Label plain = Examples.label(id, printed * ampHours, ampHours, 60, 5, 300);
    Label label = stated ? Examples.coldTested(plain) : plain;
    Engine engine = Examples.engine("petrol-car", 2.0, 4, "5W-30");
    Need need = Examples.needOf(engine, celsius, 1, 5);
    InConditions in =
        new BenchCandidate(need, Policy.USUAL, new Candidate("A", label, 0))
            .in(new Conditions(celsius, 0, 0, 0, 0));
    double said = in.headline().shown().startChance();
    int starts = 0;
    for (int i = 0; i < DRAWS; i++) {
      Drawn drawn = draw(id, stated, printed, random);
      double amps =
          Math.min(
              in.label().chemistry().mostCcaPerAmpHour() * ampHours,
              drawn.ampsPerAmpHour()
                  * Math.exp(Spread.RATIO_ITSELF.sigma() * random.nextGaussian())
                  * ampHours);
      BatteryCircuit battery =
          BatteryCircuit.calibrated(
              label.chemistry(),
              1,
              label.capacity().value(),
              label.mass().value(),
              CrankingRating.cca(amps));
      Cranking cranking =
          new Cranking(
              battery, engine.departing(Examples.drawnDeparture(random)), in.power().protection());
      double charge =
          Math.min(1, in.chargeAtStart() + Spread.CHARGE_REACHED.sigma() * random.nextGaussian());
      double at = celsius + Spread.TEMPERATURE.sigma() * random.nextGaussian();
      if (charge > battery.lowestTrustedCharge()
          && cranking.isFastEnough(cranking.crank(ChargeState.rested(charge, at)), at)) {
        starts++;
      }
    }
    return said - starts / (double) DRAWS;
  }

  /** One cell of those whose labels print such a figure: a kind by how well it explains it. */
  private static Drawn draw(String id, boolean stated, double printed, RandomGenerator random) {
    List<Table.Row> kinds =
        KINDS.rows().stream()
            .filter(row -> row.text("chemistry").equals(id) && row.isYes("stated") == stated)
            .toList();
    double[] weights = new double[kinds.size()];
    double all = 0;
    for (int i = 0; i < weights.length; i++) {
      Table.Row kind = kinds.get(i);
      double spread = Math.hypot(kind.number("true_sigma"), kind.number("sigma"));
      double apart =
          (Math.log(printed)
                  - Math.log(kind.number("true_ratio"))
                  - Math.log(kind.number("median")))
              / spread;
      weights[i] = kind.number("weight") * Math.exp(-0.5 * apart * apart) / spread;
      all += weights[i];
    }
    double at = random.nextDouble() * all;
    int chosen = 0;
    while (chosen < weights.length - 1 && at > weights[chosen]) {
      at -= weights[chosen];
      chosen++;
    }
    Table.Row kind = kinds.get(chosen);
    double own = kind.number("true_sigma") * kind.number("true_sigma");
    double print = kind.number("sigma") * kind.number("sigma");
    double mean =
        (Math.log(kind.number("true_ratio")) * print
                + (Math.log(printed) - Math.log(kind.number("median"))) * own)
            / (own + print);
    return new Drawn(
        Math.exp(mean + Math.sqrt(own * print / (own + print)) * random.nextGaussian()));
  }
}
