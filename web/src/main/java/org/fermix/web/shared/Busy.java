package org.fermix.web.shared;

/** As much is being worked on as can be; it can be tried again soon. */
public class Busy extends RuntimeException {
  private static final long serialVersionUID = 1L;

  /** Seconds until it is worth another try. */
  public static final int RETRY_SECONDS = 5;

  /** Says so. */
  public Busy() {
    super("as much is being worked on as can be");
  }
}
