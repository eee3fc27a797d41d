package org.fermix.web.catalogue;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Policy;
import org.fermix.core.bench.Screening;
import org.fermix.core.electrical.QuickCalibration;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Need;
import org.springframework.stereotype.Component;

/** What was judged of the catalogue for a need, while somebody types: each entry is judged once. */
@Component
class JudgedEntries {
  private static final int QUESTIONS = 24;
  private static final int ENTRIES = 1500;
  private static final Duration KEPT = Duration.ofMinutes(10);

  /** Shared by all: it keeps what it has worked out of a chemistry. */
  private static final QuickCalibration CALIBRATION = new QuickCalibration();

  /** All that a judgement depends on but the battery. */
  private record Question(Need need, Policy policy) {}

  private final Cache<Question, Cache<UUID, Screening.Screened>> known =
      Caffeine.newBuilder().maximumSize(QUESTIONS).expireAfterAccess(KEPT).build();

  /** What is said of some entries in a need; of each that is as it was, what was said before. */
  Function<Label, Screening.Screened> by(Need need, Policy policy, List<Entry> entries) {
    Cache<UUID, Screening.Screened> judged =
        known.get(
            new Question(need, policy),
            question -> Caffeine.newBuilder().maximumSize(ENTRIES).build());
    Screening screening = new Screening(need, policy, Conditions.of(need), CALIBRATION);
    IdentityHashMap<Label, UUID> ids = new IdentityHashMap<>();
    entries.forEach(entry -> ids.put(entry.label(), entry.id()));
    return label -> {
      UUID id = ids.get(label);
      Screening.Screened before = id == null ? null : judged.getIfPresent(id);
      if (before != null && before.label().equals(label)) {
        return new Screening.Screened(label, before.gates(), before.headline());
      }
      Screening.Screened now = screening.judge(label);
      if (id != null) {
        judged.put(id, now);
      }
      return now;
    };
  }
}
