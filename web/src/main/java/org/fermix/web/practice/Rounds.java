package org.fermix.web.practice;

import java.time.Clock;
import java.util.List;
import java.util.UUID;
import java.util.random.RandomGenerator;
import org.fermix.core.diagnosis.Cause;
import org.fermix.core.diagnosis.ReadingKind;
import org.fermix.standins.Practice;
import org.fermix.web.account.Visitor;
import org.fermix.web.shared.NotHere;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A visitor's rounds of practice. */
@Service
class Rounds {
  /** Most rounds kept; the oldest goes for a new one. */
  static final int MOST = 60;

  private final RoundRepository rounds;
  private final RandomGenerator seeds;
  private final Clock clock;

  Rounds(RoundRepository rounds, RandomGenerator seeds, Clock clock) {
    this.rounds = rounds;
    this.seeds = seeds;
    this.clock = clock;
  }

  @Transactional(readOnly = true)
  List<Round> all(Visitor visitor) {
    return rounds.findByGarageIdOrderByBegunAtDesc(visitor.garageId());
  }

  @Transactional(readOnly = true)
  Round round(Visitor visitor, UUID id) {
    return rounds
        .findByIdAndGarageId(id, visitor.garageId())
        .orElseThrow(() -> new NotHere("round of practice"));
  }

  /** Begins a round with a machine nobody has seen. */
  @Transactional
  UUID begin(Visitor visitor) {
    List<Round> all = rounds.findByGarageIdOrderByBegunAtDesc(visitor.garageId());
    all.stream().skip(MOST - 1L).forEach(rounds::delete);
    return rounds.save(new Round(visitor.garageId(), seeds.nextLong(), clock.instant())).id();
  }

  /** Takes a reading; after the cause is named nothing is taken any more. */
  @Transactional
  void take(Visitor visitor, UUID id, ReadingKind kind) {
    Round round = round(visitor, id);
    if (round.named().isEmpty() && new Practice(round.seed()).readings().contains(kind)) {
      round.take(kind);
      rounds.save(round);
    }
  }

  /** Names the cause; the first word counts. */
  @Transactional
  void name(Visitor visitor, UUID id, Cause cause) {
    Round round = round(visitor, id);
    if (round.named().isEmpty()) {
      round.name(cause);
      rounds.save(round);
    }
  }
}
