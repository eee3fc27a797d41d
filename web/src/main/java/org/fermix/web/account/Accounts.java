package org.fermix.web.account;

import java.sql.Timestamp;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.UUID;
import org.fermix.core.quantity.UnitSystem;
import org.fermix.web.shared.NotHere;
import org.fermix.web.shared.Preferences;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Opens garages, finds whose a key is, and forgets a garage when its owner says so. */
@Service
public class Accounts {
  private static final Duration SEEN_EVERY = Duration.ofHours(1);

  private final GarageKeys keys;
  private final GarageCopies copies;
  private final JdbcClient database;
  private final Clock clock;

  Accounts(GarageKeys keys, GarageCopies copies, JdbcClient database, Clock clock) {
    this.keys = keys;
    this.copies = copies;
    this.database = database;
    this.clock = clock;
  }

  /** What a garage is. */
  private enum Kind {
    /** What the demo is copied from; nobody opens it. */
    SOURCE,
    /** A visitor's own copy of the demo. */
    DEMO,
    /** A garage of somebody's own. */
    GUEST
  }

  private UUID create(Kind kind, int edition) {
    UUID id = UUID.randomUUID();
    Timestamp now = Timestamp.from(clock.instant());
    database
        .sql(
            "insert into garage (id, kind, edition, created_at, seen_at) values (?, ?, nullif(?, 0), ?, ?)")
        .params(id, kind.name(), edition, now, now)
        .update();
    return id;
  }

  /** Opens a new garage of somebody's own; the key that opens it in this browser. */
  @Transactional
  public String openGuestGarage() {
    return keys.forBrowser(create(Kind.GUEST, 0));
  }

  /** Makes a copy of the demo for one visitor; the key that opens it in this browser. */
  @Transactional
  String openDemo() {
    Source source = source().orElseThrow(() -> new NotHere("demo garage"));
    UUID copy = create(Kind.DEMO, 0);
    copies.copy(source.id(), source.createdAt().toInstant(), copy, clock.instant());
    return keys.forBrowser(copy);
  }

  /** The garage that the demo is copied from. */
  private record Source(UUID id, Timestamp createdAt, int edition) {}

  private Optional<Source> source() {
    return database
        .sql("select id, created_at, edition from garage where kind = 'SOURCE'")
        .query(Source.class)
        .optional();
  }

  /**
   * Whose a browser's key is; that the garage was opened is remembered.
   *
   * @param reads true where the request only reads
   */
  public Optional<Visitor> visitor(String key, boolean demo, boolean reads) {
    return database
        .sql(
            """
            select g.id, g.seen_at, g.units, g.zone, g.currency, r.number as revision
            from garage_key k join garage g on g.id = k.garage_id
              join revision r on r.garage_id = g.id
            where k.hash = ? and k.kind = 'BROWSER' and (k.ends_at is null or k.ends_at > ?)
              and g.kind = ?
            """)
        .params(
            GarageKeys.hash(key),
            Timestamp.from(clock.instant()),
            (demo ? Kind.DEMO : Kind.GUEST).name())
        .query(Opened.class)
        .optional()
        .map(
            opened -> {
              seen(opened);
              return new Visitor(
                  opened.id(),
                  demo,
                  opened.preferences(),
                  reads ? OptionalLong.of(opened.revision()) : OptionalLong.empty());
            });
  }

  /** A garage as a key opens it. */
  record Opened(
      UUID id,
      Timestamp seenAt,
      @Nullable String units,
      @Nullable String zone,
      @Nullable String currency,
      long revision) {
    Preferences preferences() {
      return new Preferences(
          Optional.ofNullable(units).map(UnitSystem::valueOf),
          Optional.ofNullable(zone).map(ZoneId::of),
          Optional.ofNullable(currency));
    }
  }

  /** Once an hour is enough. */
  private void seen(Opened opened) {
    Instant now = clock.instant();
    if (opened.seenAt().toInstant().plus(SEEN_EVERY).isBefore(now)) {
      database
          .sql("update garage set seen_at = ? where id = ?")
          .params(Timestamp.from(now), opened.id())
          .update();
    }
  }

  /** A new key for a browser that has one. */
  @Transactional
  String exchange(Visitor visitor, String key) {
    return keys.exchange(visitor.garageId(), key);
  }

  /** Keeps how the owner of a garage wants things shown. */
  @Transactional
  public void prefer(Visitor visitor, Preferences preferences) {
    database
        .sql(
            "update garage set units = nullif(?, ''), zone = nullif(?, ''),"
                + " currency = nullif(?, '') where id = ?")
        .params(
            preferences.units().map(UnitSystem::name).orElse(""),
            preferences.zone().map(ZoneId::getId).orElse(""),
            preferences.currency().orElse(""),
            visitor.garageId())
        .update();
  }

  /** Holds a garage until the transaction ends, so that what is counted in it stays so. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void hold(UUID garageId) {
    boolean held =
        database
            .sql("select id from garage where id = ? for update")
            .param(garageId)
            .query(UUID.class)
            .optional()
            .isPresent();
    if (!held) {
      throw new NotHere("garage");
    }
  }

  /** The edition of the garage that the demo is copied from, if there is one. */
  public Optional<Integer> demoEdition() {
    return source().map(Source::edition);
  }

  /** Creates the garage that the demo is copied from, in place of an earlier edition. */
  @Transactional
  public UUID createDemo(int edition) {
    source().ifPresent(before -> forget(before.id()));
    return create(Kind.SOURCE, edition);
  }

  /** What a garage holds, so that it can be said before it is forgotten. */
  record Holdings(int machines, int jobs, int labels, int readings, int recordings) {
    boolean isEmpty() {
      return machines == 0;
    }
  }

  @Transactional(readOnly = true)
  Holdings holdings(UUID garageId) {
    return database
        .sql(
            """
            select (select count(*) from machine where garage_id = :g and removed_at is null) machines,
              (select count(*) from job where garage_id = :g and removed_at is null) jobs,
              (select count(*) from label where garage_id = :g) labels,
              (select count(*) from reading where garage_id = :g) readings,
              (select count(*) from recording where garage_id = :g) recordings
            """)
        .param("g", garageId)
        .query(Holdings.class)
        .single();
  }

  /** Forgets a garage with all that is in it; nothing brings it back. */
  @Transactional
  void forget(UUID garageId) {
    database.sql("delete from garage where id = ?").param(garageId).update();
  }
}
