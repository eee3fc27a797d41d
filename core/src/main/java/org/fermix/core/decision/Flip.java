package org.fermix.core.decision;

/**
 * One thing that would change the answer.
 *
 * @param value the turning point, in the unit of the kind
 * @param letter who would lead then
 */
public record Flip(Kind kind, double value, String letter) {
  /** What would have to change, and its unit. */
  public enum Kind {
    /** The leader's price rises above the value (currency). */
    LEADER_DEARER,
    /** The coldest morning is warmer than the value (°C). */
    WARMER,
    /** The coldest morning is colder than the value (°C). */
    COLDER,
    /** It is parked for less than the value (d). */
    SHORTER_PARKED,
    /** It is parked for longer than the value (d). */
    LONGER_PARKED,
    /** Things run for less than the value with the engine off (h). */
    SHORTER_ENGINE_OFF,
    /** Things run for longer than the value with the engine off (h). */
    LONGER_ENGINE_OFF
  }
}
