package org.fermix.web.shared;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;

/**
 * What was worked out, remembered while it is asked for again and there is memory for it. A
 * question is a value that says all the answer depends on; the same question always has the same
 * answer, so nothing here ever becomes wrong.
 */
@Component
public class Answers {
  private static final int MOST = 250;
  private static final Duration KEPT = Duration.ofMinutes(15);

  private final Cache<Object, Object> known =
      Caffeine.newBuilder().maximumSize(MOST).expireAfterAccess(KEPT).softValues().build();

  /** The answer as it was worked out before, or else now. */
  public <T> T to(Object question, Class<T> kind, Supplier<T> otherwise) {
    Object answer = known.getIfPresent(question);
    if (answer == null) {
      // Not under the cache's own lock: one answer may need another.
      answer = otherwise.get();
      known.put(question, answer);
    }
    return kind.cast(answer);
  }
}
