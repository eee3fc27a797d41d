package org.fermix.web.door;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.fermix.web.shared.Busy;
import org.junit.jupiter.api.Test;

class HeavyWorkTest {
  @Test
  void onlySoMuchRunsAtOnceAndTheNextIsToldSo() throws Exception {
    HeavyWork work = new HeavyWork(new DoorSettings(List.of(), 0, 1, 1, 1, 1, 1, 1, 2, 0));
    CountDownLatch running = new CountDownLatch(2);
    CountDownLatch enough = new CountDownLatch(1);
    ExecutorService threads = Executors.newFixedThreadPool(2);
    try {
      List<Future<Integer>> held =
          List.of(
              threads.submit(() -> work.run(() -> wait(running, enough))),
              threads.submit(() -> work.run(() -> wait(running, enough))));
      running.await();
      assertThatExceptionOfType(Busy.class).isThrownBy(() -> work.run(() -> 3));
      enough.countDown();
      for (Future<Integer> each : held) {
        assertThat(each.get()).isEqualTo(1);
      }
      assertThat(work.run(() -> 4)).isEqualTo(4);
    } finally {
      threads.shutdownNow();
    }
  }

  private static int wait(CountDownLatch running, CountDownLatch enough)
      throws InterruptedException {
    running.countDown();
    enough.await();
    return 1;
  }
}
