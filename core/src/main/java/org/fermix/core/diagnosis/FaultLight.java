package org.fermix.core.diagnosis;

import java.util.Locale;

/** What a battery's own fault light means, by its maker's key. */
public enum FaultLight {
  /** It shows no fault. */
  NONE,
  /** Charge or voltage too low. */
  LOW,
  /** Voltage too high. */
  HIGH,
  /** Too hot or too cold. */
  TEMPERATURE,
  /** A cell or its electronics are faulty. */
  CELL;

  /** As evidence. */
  public Evidence evidence() {
    return new Evidence(ReadingKind.FAULT_LIGHT, name().toLowerCase(Locale.ROOT));
  }
}
