package org.fermix.web.shared;

import java.util.HexFormat;
import java.util.concurrent.ThreadLocalRandom;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Faults of our own go to the log, under a reference the reader can quote. */
public final class FaultLog {
  private static final Logger LOG = LoggerFactory.getLogger(FaultLog.class);

  private FaultLog() {}

  /** A new reference. */
  public static String reference() {
    return HexFormat.of().withUpperCase().toHexDigits(ThreadLocalRandom.current().nextInt());
  }

  /** Logs a fault where the page goes on without what failed; returns its reference. */
  public static String reference(Throwable fault, String path) {
    String reference = reference();
    LOG.error("fault reference={} path={}", reference, path, fault);
    return reference;
  }
}
