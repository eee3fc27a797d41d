package org.fermix.core.diagnosis;

import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.electrical.ChargeState;
import org.fermix.core.electrical.Cranking;
import org.fermix.core.machine.Engine;
import org.fermix.core.quantity.Check;

/**
 * Whether a battery as its label has it, new and three quarters charged, starts this engine in the
 * cold it failed in: the model's answer to "healthy but too small".
 *
 * @param chance that it starts so (1)
 */
public record NeedCheck(double chance) {
  private static final double CHARGE = 0.75;
  private static final double ENOUGH = 0.5;

  /** Refuses what is no chance. */
  public NeedCheck {
    Check.within("chance of a start", chance, 0, 1, "");
  }

  /** Works it out. */
  public static NeedCheck of(BatteryCircuit whenNew, Engine engine, double temperatureC) {
    Cranking cranking = new Cranking(whenNew, engine);
    return new NeedCheck(
        Cranking.chance(cranking.sureness(ChargeState.rested(CHARGE, temperatureC))));
  }

  /** As evidence. */
  public Evidence evidence() {
    return new Evidence(ReadingKind.NEED, chance >= ENOUGH ? "enough" : "short");
  }
}
