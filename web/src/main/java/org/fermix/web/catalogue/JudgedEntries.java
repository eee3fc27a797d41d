package org.fermix.web.catalogue;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicLong;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Policy;
import org.fermix.core.bench.Screening;
import org.fermix.core.electrical.QuickCalibration;
import org.fermix.core.machine.Need;
import org.springframework.stereotype.Component;

/**
 * What was read and judged of the catalogue for a need, while somebody types: each entry once. An
 * entry is never changed under its id; one that is let go is not asked for any more.
 */
@Component
class JudgedEntries {
  private static final int QUESTIONS = 100;

  /** Some 2 kB each. */
  private static final int ENTRIES = 10_000;

  private static final Duration KEPT = Duration.ofMinutes(10);

  /** Shared by all: it keeps what it has worked out of a chemistry. */
  private static final QuickCalibration CALIBRATION = new QuickCalibration();

  private final Catalogue catalogue;
  private final AtomicLong questions = new AtomicLong();

  /** All that a judgement depends on but the battery. */
  private record Question(Need need, Policy policy) {}

  private record Key(long question, UUID entry) {}

  /** One entry with what is said of it. */
  record Judged(Entry entry, Screening.Screened screened) {}

  private final Cache<Question, Long> numbers =
      Caffeine.newBuilder().maximumSize(QUESTIONS).expireAfterAccess(KEPT).build();
  private final Cache<Key, Judged> known =
      Caffeine.newBuilder().maximumSize(ENTRIES).expireAfterAccess(KEPT).build();

  JudgedEntries(Catalogue catalogue) {
    this.catalogue = catalogue;
  }

  /** What is said of some entries in a need; only those not yet seen are read and judged. */
  List<Judged> of(Need need, Policy policy, List<UUID> ids) {
    long question = numbers.get(new Question(need, policy), any -> questions.incrementAndGet());
    Map<UUID, Judged> all = new LinkedHashMap<>();
    List<UUID> missing = new ArrayList<>();
    for (UUID id : ids) {
      Judged before = known.getIfPresent(new Key(question, id));
      if (before == null) {
        missing.add(id);
      } else {
        all.put(id, before);
      }
    }
    Screening screening = new Screening(need, policy, Conditions.of(need), CALIBRATION);
    for (Entry entry : catalogue.read(missing)) {
      Judged now = new Judged(entry, screening.judge(entry.label()));
      known.put(new Key(question, entry.id()), now);
      all.put(entry.id(), now);
    }
    return List.copyOf(all.values());
  }
}
