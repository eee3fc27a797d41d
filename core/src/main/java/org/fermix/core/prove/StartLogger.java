package org.fermix.core.prove;

/** A device that records a try of starting, real or simulated, clamped to the battery's posts. */
public interface StartLogger {
  /** What it is called in the log. */
  String name();

  /** Records one try, from before the key until after it is released; it costs charge. */
  CrankRecording record();
}
