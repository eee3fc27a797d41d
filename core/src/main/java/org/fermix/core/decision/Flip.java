package org.fermix.core.decision;

import java.util.Optional;
import org.fermix.core.quantity.Unit;

/**
 * One thing that would change the answer.
 *
 * @param varied what would have to change, all else as it is
 * @param beyond true when it is reached by more of it (by warmth, for the temperature)
 * @param value the turning point, in the unit of what is varied
 * @param letter who would lead then; empty where none does what is asked any more
 * @param enough where none does: what besides less of the same would let the one that comes nearest
 *     do it; empty where another takes over, or nothing helps
 */
public record Flip(
    Varied varied,
    boolean beyond,
    double value,
    Optional<String> letter,
    Optional<Opening.Enough> enough) {
  /** Another takes over. */
  public Flip(Varied varied, boolean beyond, double value, Optional<String> letter) {
    this(varied, beyond, value, letter, Optional.empty());
  }

  /** What is varied, and its unit. */
  public enum Varied {
    /** Temperature of the start (°C). */
    TEMPERATURE(Unit.CELSIUS),
    /** Days parked (d). */
    DAYS_PARKED(Unit.DAY),
    /** For how long things run with the engine off (h). */
    ENGINE_OFF_HOURS(Unit.HOUR),
    /** What runs with the engine off (A). */
    ENGINE_OFF_LOAD(Unit.AMPERE),
    /** How long the machine is kept (y). */
    YEARS_KEPT(Unit.YEAR),
    /** Price of the one that leads. */
    LEADER_PRICE(Unit.MONEY);

    private final Unit unit;

    Varied(Unit unit) {
      this.unit = unit;
    }

    /** The unit its values are in. */
    public Unit unit() {
      return unit;
    }
  }
}
