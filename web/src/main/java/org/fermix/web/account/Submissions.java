package org.fermix.web.account;

import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Forms that were sent, by the number each was drawn with, so that one sent twice makes one thing.
 * Asked while whatever the form adds to is held, so that two at once come one after the other.
 */
@Service
public class Submissions {
  private static final Duration REMEMBERED = Duration.ofDays(1);

  private final JdbcClient database;
  private final Clock clock;

  Submissions(JdbcClient database, Clock clock) {
    this.database = database;
    this.clock = clock;
  }

  /** A number to draw a form with. */
  public static UUID number() {
    return UUID.randomUUID();
  }

  /** The number a form came back with; a new one where it has none that can be read. */
  public static UUID number(String text) {
    try {
      return UUID.fromString(text);
    } catch (IllegalArgumentException e) {
      return number();
    }
  }

  /** What the same form has made before. */
  @Transactional(propagation = Propagation.MANDATORY)
  public Optional<UUID> made(UUID garageId, UUID number) {
    return database
        .sql("select made from submission where garage_id = ? and number = ?")
        .params(garageId, number)
        .query(UUID.class)
        .optional();
  }

  /** Remembers for a day what a form has made. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void remember(UUID garageId, UUID number, UUID made) {
    Instant now = clock.instant();
    database
        .sql("delete from submission where garage_id = ? and sent_at < ?")
        .params(garageId, Timestamp.from(now.minus(REMEMBERED)))
        .update();
    database
        .sql("insert into submission (garage_id, number, made, sent_at) values (?, ?, ?, ?)")
        .params(garageId, number, made, Timestamp.from(now))
        .update();
  }
}
