package org.fermix.core.quantity;

import java.util.Optional;

/**
 * Something a reader should know of a working, as a code with the figure it turns on; the web words
 * it.
 *
 * @param figure empty where the code says it all
 * @param name of a place, where the code speaks of one; else empty
 */
public record Remark(Code code, Optional<Given> figure, String name) {
  /** What is said. */
  public enum Code {
    /** What the band covers: nothing, it is printed. */
    AS_PRINTED,
    /** A quarter either way. */
    WITHIN_A_QUARTER,
    /** Five points of charge. */
    CHARGE_REACHED_BAND,
    /** Capacity, load, cold and the lowest charge that starts. */
    ENGINE_OFF_BAND,
    /** The cycle life. */
    CYCLE_LIFE_BAND,
    /** Of lives, an extrapolation for lithium and sodium. */
    LIFE_BAND,
    /** Of lives and the price. */
    COST_BAND,
    /** With a drain that is assumed. */
    PARKED_BAND_DRAIN_ASSUMED,
    /** With a drain that was measured. */
    PARKED_BAND,
    /** Of the lowest charge that starts. */
    STARTS_LEFT_BAND,
    /** Of the temperature down to which it starts. */
    FLOOR_BAND,
    /** A chance carries what is uncertain itself. */
    CHANCE_BAND,
    /** From the model's own slopes. */
    CRANK_BAND,
    /** Of the lowest charge that starts. */
    START_CHARGE_BAND,
    /** Of tries. */
    TRIES_BAND,
    /** Too cold to take charge. */
    TAKES_NO_CHARGE,
    /** The drives do not put back what is taken. */
    DRIVES_TOO_SHORT,
    /** The load lies outside the currents its ratings speak of. */
    OUTSIDE_RATINGS,
    /** The load is more than its protection passes for long. */
    LOAD_ABOVE_PROTECTION,
    /** Its reserve disconnects the load. */
    RESERVE_DISCONNECTS,
    /** Warranty is not used. */
    WARRANTY_UNUSED,
    /** Charger, fitting and deposit are not counted. */
    EXTRAS_NOT_COUNTED,
    /** It stands connected, at the place named. */
    STANDS_CONNECTED,
    /** With the negative lead off. */
    STANDS_NEGATIVE_OFF,
    /** On a maintainer. */
    STANDS_MAINTAINED,
    /** Charged every so many weeks. */
    STANDS_TOPPED_UP,
    /** Its reserve is armed. */
    STANDS_RESERVE_ARMED,
    /** There is no reserve to arm. */
    NO_RESERVE_TO_ARM,
    /** Frost ends it first. */
    FROST_FIRST,
    /** The drain takes more than self-discharge. */
    DRAIN_OUTWEIGHS,
    /** It does not start even when full. */
    NOT_EVEN_FULL,
    /** The speed decides. */
    SPEED_DECIDES,
    /** The voltage decides. */
    VOLTS_DECIDE,
    /** The current of its protection decides. */
    CURRENT_DECIDES,
    /** It may have frozen. */
    MAY_HAVE_FROZEN,
    /** It hesitates at the first compression for so long (s). */
    HESITATES,
    /** Its protection opens: the voltage falls too low. */
    OPENS_LOW_VOLTS,
    /** Its protection opens: the charge is too low. */
    OPENS_LOW_CHARGE,
    /** Its protection opens: the current is too high. */
    OPENS_HIGH_CURRENT,
    /** The rating is not believed in full; it was computed with so much (A, SAE). */
    RATING_NOT_BELIEVED,
    /** Colder than this drag is extrapolated (°C). */
    DRAG_EXTRAPOLATED
  }

  /** A remark without a figure. */
  public static Remark of(Code code) {
    return new Remark(code, Optional.empty(), "");
  }

  /** A remark with its figure. */
  public static Remark of(Code code, double value, Unit unit) {
    return new Remark(code, Optional.of(Given.derived(value, unit, "")), "");
  }

  /** A remark of a place. */
  public static Remark at(Code code, String name) {
    return new Remark(code, Optional.empty(), name);
  }
}
