package org.fermix.web.door;

import java.util.concurrent.Callable;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.fermix.web.shared.Busy;
import org.springframework.stereotype.Component;

/** Lets only so much heavy work run at once, since each piece needs much memory. */
@Component
public class HeavyWork {
  private final Semaphore places;
  private final int waitSeconds;

  HeavyWork(DoorSettings settings) {
    this.places = new Semaphore(settings.heavyAtOnce(), true);
    this.waitSeconds = settings.heavyWaitSeconds();
  }

  /**
   * Does it when there is room.
   *
   * @throws Busy when there was none for some seconds
   */
  public <T> T run(Callable<T> work) throws Exception {
    if (!places.tryAcquire(waitSeconds, TimeUnit.SECONDS)) {
      throw new Busy();
    }
    try {
      return work.call();
    } finally {
      places.release();
    }
  }
}
