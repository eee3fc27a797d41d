package org.fermix.web.check;

import java.util.Optional;
import org.fermix.core.bench.Bench;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.chemistry.Plates;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.label.Candidate;
import org.fermix.core.life.LifeEstimate;
import org.fermix.core.machine.Need;

/**
 * The battery under suspicion, as far as it is known.
 *
 * @param chemistry as described, else flooded lead, which most machines have
 * @param today the battery as described in the line-up; empty where it is not
 */
record Suspect(Chemistry chemistry, Need need, Optional<Candidate> today) {
  /** Share of a battery nobody has described that a start, or a day's drain, takes; estimate. */
  private static final double USUAL_DEPTH = 0.005;

  static Suspect of(Need need, Optional<Candidate> today) {
    return new Suspect(
        today.map(each -> each.label().chemistry()).orElseGet(() -> Chemistry.of("flooded")),
        need,
        today);
  }

  /** 0.5, 1 or 2 for a 6, 12 or 24 V machine. */
  double series() {
    return need.engine().series();
  }

  /** True where the pump needs water before the engine may be turned. */
  boolean needsWater() {
    return need.engine().engineClass().traits().needsWaterSupply();
  }

  /** Its circuit when it was new. */
  Optional<BatteryCircuit> whenNew() {
    return today.map(each -> BatteryCircuit.of(each.label()));
  }

  /** Cold cranking amps it is rated for (A), where it is described. */
  Optional<Double> ratedAmps() {
    return whenNew()
        .map(circuit -> circuit.ratedAmps(org.fermix.core.rating.CrankingTest.COLD_CRANKING));
  }

  /** Years it is expected to last in this use and heat (y). */
  double expectedYears() {
    return today
        .map(each -> Bench.life(need, each))
        .orElseGet(
            () ->
                LifeEstimate.of(
                    chemistry,
                    Plates.STANDARD,
                    new LifeEstimate.Year(
                        need.batteryMeanC(),
                        need.use().driving().startsPerDay().value(),
                        USUAL_DEPTH,
                        USUAL_DEPTH,
                        0,
                        0,
                        0)))
        .years();
  }

  /** Usable figure for rules that go by size (Ah): as described, else usual for the engine. */
  double ampHours() {
    return today.map(each -> each.label().capacity().value()).orElse(50.0);
  }
}
