package org.fermix.core.machine;

import org.fermix.core.quantity.Check;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Limits;
import org.fermix.core.quantity.Unit;

/**
 * What the engine's own charging gives.
 *
 * @param regulatedVolts at the battery with the engine running (V)
 * @param spareAmps for the battery at speed, 0.1 to 500 A
 * @param idleAmps for the battery at idle, 0 to 500 A
 * @param idleShare of the running time spent at idle, 0 to 1
 */
public record Charging(Given regulatedVolts, Given spareAmps, Given idleAmps, Given idleShare) {
  /** At the battery, engine running. */
  public static final Limits REGULATED_VOLTS = new Limits("regulated voltage", 5, 35, Unit.VOLT);

  /** Refuses what no machine charges with. */
  public Charging {
    REGULATED_VOLTS.check(regulatedVolts.value());
    Check.within("charging current", spareAmps.value(), 0.1, 500, "A");
    Check.within("charging current at idle", idleAmps.value(), 0, 500, "A");
    Check.within("share of idling", idleShare.value(), 0, 1, "");
  }
}
