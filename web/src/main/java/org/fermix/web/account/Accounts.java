package org.fermix.web.account;

import java.time.Clock;
import java.util.Optional;
import java.util.UUID;
import org.fermix.web.shared.NotHere;
import org.fermix.web.shared.Preferences;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Opens garages, finds whose a key is, and forgets a garage when its owner says so. */
@Service
public class Accounts {
  private final StoredGarageRepository garages;
  private final GarageKeys keys;
  private final GarageCopies copies;
  private final JdbcClient database;
  private final Clock clock;

  Accounts(
      StoredGarageRepository garages,
      GarageKeys keys,
      GarageCopies copies,
      JdbcClient database,
      Clock clock) {
    this.garages = garages;
    this.keys = keys;
    this.copies = copies;
    this.database = database;
    this.clock = clock;
  }

  /** Opens a new garage of somebody's own; the key that opens it in this browser. */
  @Transactional
  public String openGuestGarage() {
    StoredGarage garage = new StoredGarage(StoredGarage.Kind.GUEST, null, clock.instant());
    garages.save(garage);
    garages.flush();
    return keys.forBrowser(garage.id());
  }

  /** Makes a copy of the demo for one visitor; the key that opens it in this browser. */
  @Transactional
  String openDemo() {
    StoredGarage source =
        garages.findByKind(StoredGarage.Kind.SOURCE).orElseThrow(() -> new NotHere("demo garage"));
    StoredGarage copy = new StoredGarage(StoredGarage.Kind.DEMO, null, clock.instant());
    garages.save(copy);
    garages.flush();
    copies.copy(source.id(), source.createdAt(), copy.id(), copy.createdAt());
    return keys.forBrowser(copy.id());
  }

  /** Whose a browser's key is; that the garage was opened is remembered. */
  @Transactional
  public Optional<Visitor> visitor(String key, boolean demo) {
    Optional<StoredGarage> found =
        garages
            .opensBy(GarageKeys.hash(key), clock.instant())
            .filter(garage -> (garage.kind() == StoredGarage.Kind.DEMO) == demo);
    found.ifPresent(garage -> garage.seen(clock.instant()));
    return found.map(garage -> new Visitor(garage.id(), demo, garage.preferences()));
  }

  /** A new key for a browser that has one. */
  @Transactional
  String exchange(Visitor visitor, String key) {
    return keys.exchange(visitor.garageId(), key);
  }

  /** Keeps how the owner of a garage wants things shown. */
  @Transactional
  public void prefer(Visitor visitor, Preferences preferences) {
    garages.findById(visitor.garageId()).orElseThrow().prefer(preferences);
  }

  /** Holds a garage until the transaction ends, so that what is counted in it stays so. */
  @Transactional(propagation = Propagation.MANDATORY)
  public void hold(UUID garageId) {
    if (garages.lock(garageId).isEmpty()) {
      throw new NotHere("garage");
    }
  }

  /** The edition of the garage that the demo is copied from, if there is one. */
  @Transactional(readOnly = true)
  public Optional<Integer> demoEdition() {
    return garages.findByKind(StoredGarage.Kind.SOURCE).map(StoredGarage::edition);
  }

  /** Creates the garage that the demo is copied from, in place of an earlier edition. */
  @Transactional
  public UUID createDemo(int edition) {
    garages.findByKind(StoredGarage.Kind.SOURCE).ifPresent(garages::delete);
    garages.flush();
    return garages.save(new StoredGarage(StoredGarage.Kind.SOURCE, edition, clock.instant())).id();
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
