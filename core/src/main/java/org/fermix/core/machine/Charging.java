package org.fermix.core.machine;

import java.util.Optional;
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
 * @param source what charges; empty where that is as usual for its kind
 */
public record Charging(
    Given regulatedVolts,
    Given spareAmps,
    Given idleAmps,
    Given idleShare,
    Optional<Source> source) {
  /** What charges a battery while its engine runs. */
  public enum Source {
    ALTERNATOR,
    /** Coils at the flywheel with a regulator-rectifier. */
    STATOR,
    DYNAMO
  }

  /** Charged as usual for its kind. */
  public Charging(Given regulatedVolts, Given spareAmps, Given idleAmps, Given idleShare) {
    this(regulatedVolts, spareAmps, idleAmps, idleShare, Optional.empty());
  }

  /** The same at other volts (V). */
  public Charging at(Given otherVolts) {
    return new Charging(otherVolts, spareAmps, idleAmps, idleShare, source);
  }

  /** True where no alternator is meant, in a machine that usually has a stator or not. */
  public boolean isStator(boolean usually) {
    return source.map(each -> each == Source.STATOR).orElse(usually);
  }

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
