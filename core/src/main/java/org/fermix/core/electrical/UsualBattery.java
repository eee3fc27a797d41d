package org.fermix.core.electrical;

import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.chemistry.TypicalLabel;
import org.fermix.core.label.CrankingRating;
import org.fermix.core.machine.Engine;
import org.fermix.core.machine.UsualNeed;

/**
 * The battery assumed where nobody has described it: of the chemistry usual for the kind of
 * machine, as large as the displacement rule asks, larger where that does not start the engine, and
 * with the makers' usual margin.
 *
 * @param coldCrankingAmps its rating (A, SAE)
 * @param ampHours at 20 h (Ah)
 * @param circuit new
 */
public record UsualBattery(
    Chemistry chemistry, double coldCrankingAmps, double ampHours, BatteryCircuit circuit) {
  /** Chance from which a start is sure enough (1). */
  private static final double SURE = 0.9;

  private static final double CHARGE = 0.9;
  private static final double LEAST_CCA = 60;
  private static final double MOST_CCA = 1500;
  private static final double STEP = 1.1;

  /** Makers fit about so much more than the smallest that does; estimate. */
  private static final double MARGIN = 1.5;

  /** One half larger than the smallest that starts it on its usual coldest morning. */
  public static UsualBattery of(Engine engine) {
    double cca = Math.max(LEAST_CCA, engine.ruleOfThumbCca());
    UsualBattery battery = rated(engine, cca);
    while (cca < MOST_CCA && !battery.starts(engine)) {
      cca *= STEP;
      battery = rated(engine, cca);
    }
    return rated(engine, Math.min(MOST_CCA, MARGIN * cca));
  }

  private static UsualBattery rated(Engine engine, double cca) {
    Chemistry chemistry = UsualNeed.of(engine).chemistry();
    TypicalLabel usual = chemistry.typicalLabel();
    double ampHours = cca / usual.ccaPerAmpHour();
    return new UsualBattery(
        chemistry,
        cca,
        ampHours,
        BatteryCircuit.calibrated(
            chemistry,
            engine.series(),
            ampHours,
            engine.series() * ampHours / usual.ampHoursPerKg(),
            CrankingRating.cca(cca)));
  }

  private boolean starts(Engine engine) {
    return Cranking.chance(
            new Cranking(circuit, engine)
                .sureness(
                    ChargeState.rested(CHARGE, UsualNeed.of(engine).coldestMorningC().value())))
        >= SURE;
  }
}
