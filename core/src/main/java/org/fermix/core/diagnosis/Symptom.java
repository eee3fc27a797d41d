package org.fermix.core.diagnosis;

import java.util.Locale;

/** What the machine does, as owners tell it. */
public enum Symptom {
  RAPID_CLICK,
  SLOW,
  /** Turns one or two compressions and sticks at the next. */
  STICKS,
  NOTHING,
  ONLY_WITH_BOOST,
  DEAD_AFTER_PARKING,
  /** Full voltage, then nothing within a second. */
  SUDDEN_LOSS,
  DIED_AFTER_CHARGE,
  /** The gauge or monitor reads low. */
  READS_LOW,
  STARTS_WELL;

  /** As evidence. */
  public Evidence evidence() {
    return new Evidence(ReadingKind.SYMPTOM, name().toLowerCase(Locale.ROOT));
  }
}
