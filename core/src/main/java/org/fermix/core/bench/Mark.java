package org.fermix.core.bench;

/** How something stands against a need. */
public enum Mark {
  CLEARS,
  CLOSE,
  FAILS,
  /** Cannot be said from what is known. */
  UNKNOWN
}
