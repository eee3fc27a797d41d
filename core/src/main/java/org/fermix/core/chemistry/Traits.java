package org.fermix.core.chemistry;

/**
 * What code asks of a chemistry.
 *
 * @param sealed no water can be added nor its electrolyte's density read, and its maker may allow
 *     any position
 * @param mayBeEqualised stands a stage of pulses or equalising
 * @param madeForStarting a cranking rating on it is nothing unusual
 * @param madeSmall made in the light sizes of motorcycles, powersport and light aircraft
 * @param overcharge what too high a voltage does to it
 * @param stopsAtLights whether engines that stop at lights are given it
 * @param leastMaintainerPerHour least current that holds it full, over capacity (1/h)
 */
public record Traits(
    boolean sealed,
    boolean mayBeEqualised,
    boolean madeForStarting,
    boolean madeSmall,
    Overcharge overcharge,
    StopsAtLights stopsAtLights,
    double leastMaintainerPerHour) {
  /** What it stands of an engine that stops at lights and starts again. */
  public enum StopsAtLights {
    /** It wears soon: such an engine is not given it. */
    NOT_LONG,
    /** Made for it. */
    SOME,
    /** Made for it, and better than the one before. */
    MANY,
    /** Its own maker’s word decides. */
    NOT_SAID
  }

  /** What too high a voltage does. */
  public enum Overcharge {
    /** It loses water, which can be topped up. */
    LOSES_WATER,
    /** It dries out for good. */
    DRIES_OUT,
    /** Gas bubbles in its gel for good. */
    BUBBLES,
    /** Its protection disconnects it. */
    PROTECTION_OPENS
  }
}
