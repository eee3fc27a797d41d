package org.fermix.web.shared;

import java.time.Duration;

/** Something was done more often than one address may. */
public class TooOften extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final long seconds;

  /** Until when it has to wait. */
  public TooOften(Duration wait) {
    super("done too often");
    this.seconds = Math.max(1, wait.toSeconds() + 1);
  }

  /** Until it can be done again (s). */
  public long seconds() {
    return seconds;
  }
}
