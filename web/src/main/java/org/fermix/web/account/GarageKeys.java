package org.fermix.web.account;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.HexFormat;
import java.util.Optional;
import java.util.UUID;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** The keys to garages; only their hashes are stored. */
@Component
class GarageKeys {
  /** So long an exchanged key still opens: another tab may have sent it already. */
  private static final Duration GRACE = Duration.ofMinutes(1);

  private final JdbcClient database;
  private final Instance instance;
  private final Clock clock;

  GarageKeys(JdbcClient database, Instance instance, Clock clock) {
    this.database = database;
    this.instance = instance;
    this.clock = clock;
  }

  /** A new key for a browser. */
  @Transactional(propagation = Propagation.MANDATORY)
  String forBrowser(UUID garageId) {
    String key = instance.key();
    insert(garageId, key, "BROWSER");
    return key;
  }

  /** A new key to be written down, in place of the one there was. */
  @Transactional(propagation = Propagation.MANDATORY)
  String toWriteDown(UUID garageId) {
    String key = WrittenKey.of(instance.bytes(WrittenKey.randomBytes()));
    database
        .sql("delete from garage_key where garage_id = ? and kind = 'WRITTEN'")
        .param(garageId)
        .update();
    insert(garageId, WrittenKey.read(key).orElseThrow(), "WRITTEN");
    return key;
  }

  private void insert(UUID garageId, String key, String kind) {
    database
        .sql("insert into garage_key (hash, garage_id, kind, made_at) values (?, ?, ?, ?)")
        .params(hash(key), garageId, kind, Timestamp.from(clock.instant()))
        .update();
  }

  /** The garage a key opens that was written down. */
  @Transactional(readOnly = true)
  Optional<UUID> writtenOpens(String typed) {
    return WrittenKey.read(typed)
        .flatMap(
            key ->
                database
                    .sql("select garage_id from garage_key where hash = ? and kind = 'WRITTEN'")
                    .param(hash(key))
                    .query(UUID.class)
                    .optional());
  }

  /** When the key that can be written down was made, if it was. */
  @Transactional(readOnly = true)
  Optional<Instant> writtenAt(UUID garageId) {
    return database
        .sql("select made_at from garage_key where garage_id = ? and kind = 'WRITTEN'")
        .param(garageId)
        .query(Timestamp.class)
        .optional()
        .map(Timestamp::toInstant);
  }

  /** Browsers that can open a garage. */
  @Transactional(readOnly = true)
  int browsers(UUID garageId) {
    return database
        .sql(
            "select count(*) from garage_key where garage_id = ? and kind = 'BROWSER'"
                + " and ends_at is null")
        .param(garageId)
        .query(Integer.class)
        .single();
  }

  /** Exchanges a browser's key for a new one; the old one ends soon. */
  @Transactional(propagation = Propagation.MANDATORY)
  String exchange(UUID garageId, String key) {
    database
        .sql("update garage_key set ends_at = ? where hash = ? and ends_at is null")
        .params(Timestamp.from(clock.instant().plus(GRACE)), hash(key))
        .update();
    return forBrowser(garageId);
  }

  /** Makes every key to a garage worthless, and a new one for this browser. */
  @Transactional(propagation = Propagation.MANDATORY)
  String changeAll(UUID garageId) {
    database.sql("delete from garage_key where garage_id = ?").param(garageId).update();
    return forBrowser(garageId);
  }

  /** Forgets keys that have ended. */
  @Transactional
  int sweep() {
    return database
        .sql("delete from garage_key where ends_at < ?")
        .param(Timestamp.from(clock.instant()))
        .update();
  }

  /** The only form in which a key is stored. */
  static String hash(String key) {
    try {
      return HexFormat.of()
          .formatHex(
              MessageDigest.getInstance("SHA-256").digest(key.getBytes(StandardCharsets.UTF_8)));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("every Java platform has SHA-256", e);
    }
  }
}
