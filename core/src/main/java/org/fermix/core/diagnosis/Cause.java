package org.fermix.core.diagnosis;

import java.util.Locale;

/**
 * What can be behind a machine that does not start as it should. One, or two at once, may be the
 * matter.
 */
public enum Cause {
  /** The battery is worn out or defective. */
  WORN,
  /** The battery is sound but was run down, with no fault that would do it again. */
  DISCHARGED,
  /** It is driven too little to become full. */
  LITTLE,
  /** A lead, clamp, earth strap or switch loses the voltage. */
  CONNECTION,
  /** The machine charges too little or too much. */
  CHARGING,
  /** Something draws current while it is parked. */
  DRAIN,
  /** The battery's own protection has disconnected it. */
  PROTECTION,
  /** The starter or the engine itself. */
  STARTER,
  /** The battery is sound but too small for this engine or these conditions. */
  SMALL,
  /** Nothing is wrong. */
  SOUND;

  String id() {
    return name().toLowerCase(Locale.ROOT);
  }
}
