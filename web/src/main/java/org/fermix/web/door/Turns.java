package org.fermix.web.door;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.fermix.web.shared.Busy;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;

/**
 * So many at once, in the order they came; only so many wait, so that threads are left for others.
 */
final class Turns {
  private static final int MOST_WAITING = 60;
  private static final int WAIT_SECONDS = 8;

  private final Semaphore turns;

  Turns(int atOnce) {
    this.turns = new Semaphore(atOnce, true);
  }

  /** Waits for a turn; where there is none for it, that is answered and false returned. */
  boolean take(HttpServletResponse response) throws IOException {
    if (await()) {
      return true;
    }
    response.setHeader(HttpHeaders.RETRY_AFTER, Integer.toString(Busy.RETRY_SECONDS));
    response.sendError(HttpStatus.SERVICE_UNAVAILABLE.value());
    return false;
  }

  private boolean await() {
    try {
      return turns.getQueueLength() < MOST_WAITING
          && turns.tryAcquire(WAIT_SECONDS, TimeUnit.SECONDS);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      return false;
    }
  }

  void end() {
    turns.release();
  }
}
