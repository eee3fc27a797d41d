package org.fermix.web.job;

import org.fermix.web.shared.Display;

/** What a stop says of itself in one line on the rail. Each built stop provides one. */
public interface StopSummary {
  /** Which stop. */
  Stop stop();

  /** Its line. */
  Line line(OpenJob job, Display display);

  /**
   * One line of the rail.
   *
   * @param text the result, or what is missing
   * @param state whether the owner has been there
   */
  record Line(String text, State state) {}

  /** How far a stop has come. */
  enum State {
    /** Nothing said yet; defaults are used. */
    OPEN,
    /** Said. */
    DONE,
    /** Something stands in the way. */
    ATTENTION,
    /** Not built. */
    PLANNED
  }
}
