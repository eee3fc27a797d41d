package org.fermix.core.quantity;

/** Where an input came from, so that an assumption is always seen to be one. */
public enum Origin {
  /** Typed by the owner. */
  TYPED,
  /** Printed on the battery's label, as the owner copied it. */
  LABEL,
  /** The machine maker's figure. */
  MAKER,
  /** A stated default for this kind of machine or chemistry; not known of this one. */
  ASSUMED,
  /** Worked out from other inputs. */
  DERIVED,
  /** Read from one of the tables shipped with Fermix. */
  TABLE;

  /** True when nobody measured, printed or typed it for this machine or battery. */
  public boolean isAssumption() {
    return this == ASSUMED;
  }
}
