package org.fermix.core.plan;

import java.util.List;
import java.util.Optional;

/**
 * One step of the work of changing a battery. The order is that of the trade: what can earth the
 * positive post is off first and on last. Common practice and service literature, no single source.
 *
 * @param value kilograms lifted, newtons of pull, millimetres, volts, or 12 V batteries in series
 *     where several are charged; 0 where there is none
 * @param after what must be done before it, where a slip there hurts
 */
public record WorkStep(Kind kind, double value, List<Caution> cautions, Optional<Kind> after) {
  /** Copies the list. */
  public WorkStep {
    cautions = List.copyOf(cautions);
  }

  /** Parts of the work. */
  public enum Phase {
    BEFORE,
    OUT,
    PLACE,
    IN,
    READY
  }

  /** What is done, in the order of the work. */
  public enum Kind {
    /** Measured while it can still go back to the shop. */
    TEST_NEW(Phase.BEFORE),
    /** Where caps come off: plates covered, with distilled water, before anything is tested. */
    WATER_LEVEL(Phase.BEFORE),
    /** Shipped dry: filled with its own acid, left to soak, charged before it is fitted. */
    FILL_DRY(Phase.BEFORE),
    /** Fitted by those whom the law permits. */
    MECHANIC(Phase.BEFORE),
    /** Two in series: both are replaced, of one make, type and age. */
    WHOLE_BANK(Phase.BEFORE),
    /** Codes, windows, clocks: noted, or kept alive by a supply made for it. */
    NOTE_WHAT_FORGETS(Phase.OUT),
    /** Fuel vapour out of the bilge before anything can spark. */
    AIR_THE_BILGE(Phase.OUT),
    /** Ignition off and key away until the control units sleep. */
    LET_IT_SLEEP(Phase.OUT),
    /** Every charger, on shore and on the roof. */
    CHARGERS_OFF(Phase.OUT),
    NEGATIVE_OFF(Phase.OUT),
    POSITIVE_OFF(Phase.OUT),
    LIFT_OUT(Phase.OUT),
    CLEAN(Phase.PLACE),
    LOOK_AT_LEADS(Phase.PLACE),
    ADAPTER(Phase.PLACE),
    SPACER(Phase.PLACE),
    LIFT_IN(Phase.IN),
    HOLD_DOWN(Phase.IN),
    /** The pull that boat law asks its restraint to stand. */
    RESTRAINT(Phase.IN),
    VENT(Phase.IN),
    /** What stands beside it, in and fastened. */
    BESIDE_IN(Phase.IN),
    /** Isolator, cables and what else joins them. */
    BESIDE_PARTS(Phase.IN),
    /** Each positive lead at its battery. */
    FUSES(Phase.IN),
    POSITIVE_ON(Phase.IN),
    NEGATIVE_ON(Phase.IN),
    /** A protection’s light or buzzer, where it has one. */
    FAULT_LIGHT(Phase.IN),
    SURGE_PROTECTOR(Phase.IN),
    SETTINGS_BACK(Phase.READY),
    TELL_THE_CAR(Phase.READY),
    FIRST_CHARGE(Phase.READY),
    /** Held at its top voltage until its cells are level. */
    BALANCE_CHARGE(Phase.READY),
    /** What stands beside it, each in its own mode. */
    CHARGE_BESIDE(Phase.READY),
    TAG_THE_LEAD(Phase.READY),
    /** A start reserve or wake button tried once at home. */
    TRY_THE_RESERVE(Phase.READY),
    RECORDS(Phase.READY),
    OLD_ONE_BACK(Phase.READY);

    private final Phase phase;

    Kind(Phase phase) {
      this.phase = phase;
    }

    /** The part of the work it belongs to. */
    public Phase phase() {
      return phase;
    }
  }

  /** What can hurt, said where it can. */
  public enum Caution {
    /** A tool from the positive post to the body welds. */
    SHORT_CIRCUIT,
    ACID,
    HYDROGEN,
    HEAVY,
    LITHIUM,
    /** The negative must still be off. */
    NEGATIVE_STILL_OFF,
    /** The voltage that must not be exceeded. */
    TOP_VOLTS,
    FUEL_VAPOUR,
    NEVER_TAP_WATER
  }
}
