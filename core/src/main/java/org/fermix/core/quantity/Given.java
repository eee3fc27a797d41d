package org.fermix.core.quantity;

/**
 * One input with its unit and origin. Not knowing is never a null or a sentinel: a missing fact is
 * given as an assumed value with a note that says what it rests on.
 *
 * @param value in {@code unit}
 * @param note what it rests on; may be empty for typed values
 */
public record Given(double value, Unit unit, Origin origin, String note) {
  /** Refuses values that are not numbers. */
  public Given {
    if (!Double.isFinite(value)) {
      throw new IllegalArgumentException("a given value must be a number, was " + value);
    }
  }

  /** What the owner typed. */
  public static Given typed(double value, Unit unit) {
    return new Given(value, unit, Origin.TYPED, "");
  }

  /** What the label says. */
  public static Given label(double value, Unit unit) {
    return new Given(value, unit, Origin.LABEL, "");
  }

  /** What the machine's maker asks for. */
  public static Given maker(double value, Unit unit) {
    return new Given(value, unit, Origin.MAKER, "");
  }

  /** A default, with the reason for it. */
  public static Given assumed(double value, Unit unit, String why) {
    return new Given(value, unit, Origin.ASSUMED, why);
  }

  /** Worked out from other inputs, saying how. */
  public static Given derived(double value, Unit unit, String how) {
    return new Given(value, unit, Origin.DERIVED, how);
  }

  /** True when nobody measured, printed or typed it. */
  public boolean isAssumed() {
    return origin.isAssumption();
  }
}
