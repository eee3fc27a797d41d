package org.fermix.core.diagnosis;

import java.util.Locale;

/** How full the battery was when the trouble showed. */
public enum Found {
  /** Three quarters or more. */
  CHARGED,
  LOW,
  /** Below a quarter. */
  FLAT;

  String id() {
    return name().toLowerCase(Locale.ROOT);
  }
}
