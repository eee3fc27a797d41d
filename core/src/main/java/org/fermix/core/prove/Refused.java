package org.fermix.core.prove;

/**
 * A recording that does not answer what is asked of it: why, with the figures it turns on. The web
 * words it.
 */
public final class Refused extends RuntimeException {
  private static final long serialVersionUID = 1;

  /** Why. */
  public enum Code {
    /** The voltage never falls that far (V, first) below what it begins with (V, second). */
    NO_START,
    /** No beat of the compressions to tell the speed by. */
    NO_BEAT,
    /** The beat gives a speed no starter turns at (rpm). */
    NO_SUCH_SPEED,
    /** The battery described would show less before the starter draws anything. */
    BATTERY_TOO_WEAK,
    /** The starter's counter-voltage would be so many times that of its class (1). */
    COUNTER_VOLTS_FAR_OFF,
    /** The engine's drag would be so many times that of its class (1). */
    DRAG_FAR_OFF,
    /** Too little voltage before the key to tell of the engine (V). */
    TOO_FLAT
  }

  private final Code code;
  private final double first;
  private final double second;

  Refused(Code code) {
    this(code, 0, 0);
  }

  Refused(Code code, double first) {
    this(code, first, 0);
  }

  Refused(Code code, double first, double second) {
    super(code.name());
    this.code = code;
    this.first = first;
    this.second = second;
  }

  /** Why. */
  public Code code() {
    return code;
  }

  /** The figure it turns on, in the unit of the code. */
  public double first() {
    return first;
  }

  /** What it is compared with. */
  public double second() {
    return second;
  }
}
