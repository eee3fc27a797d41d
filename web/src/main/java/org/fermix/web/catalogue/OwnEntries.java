package org.fermix.web.catalogue;

import java.sql.Timestamp;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.fermix.core.label.Label;
import org.fermix.web.account.Accounts;
import org.fermix.web.battery.StoredLabel;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** What a garage has put beside the catalogue: from its line-ups and from files. */
@Service
class OwnEntries {
  /** Most entries a garage has of its own. */
  static final int MOST_OWN = 20_000;

  /** Where own entries come from, and how many. */
  public record Source(String name, int entries) {}

  private final JdbcClient database;
  private final Catalogue catalogue;
  private final CatalogueRows rows;
  private final Accounts accounts;
  private final Clock clock;

  OwnEntries(
      JdbcClient database,
      Catalogue catalogue,
      CatalogueRows rows,
      Accounts accounts,
      Clock clock) {
    this.database = database;
    this.catalogue = catalogue;
    this.rows = rows;
    this.accounts = accounts;
    this.clock = clock;
  }

  /** True when so many more have room; the garage is held until the transaction ends. */
  @Transactional(propagation = Propagation.MANDATORY)
  boolean hasRoom(UUID garageId, int more) {
    accounts.hold(garageId);
    return catalogue.whose(garageId).entries() + more <= MOST_OWN;
  }

  /** Puts a garage’s own entries beside the others, once it is known that they have room. */
  @Transactional(propagation = Propagation.MANDATORY)
  void put(UUID garageId, String source, List<StoredLabel> labels, List<Entry> entries) {
    rows.insert(
        0,
        entries,
        Optional.of(
            new CatalogueRows.Owned(garageId, source, Timestamp.from(clock.instant()), labels)));
  }

  /**
   * Puts one entry beside the others.
   *
   * @return false when there is no room for it
   */
  @Transactional
  boolean add(UUID garageId, String source, StoredLabel label, Entry entry) {
    if (!hasRoom(garageId, 1)) {
      return false;
    }
    put(garageId, source, List.of(label), List.of(entry));
    return true;
  }

  /** Lets go of one own entry. */
  @Transactional
  void remove(UUID garageId, UUID id) {
    database
        .sql("delete from catalogue where id = :id and garage_id = :g")
        .param("id", id)
        .param("g", garageId)
        .update();
  }

  /** Where own entries come from, with how many there are of each. */
  @Transactional(readOnly = true)
  List<Source> sources(UUID garageId) {
    return database
        .sql(
            "select source as name, count(*) as entries from catalogue where garage_id = :g"
                + " group by source order by max(added_at) desc")
        .param("g", garageId)
        .query(Source.class)
        .list();
  }

  /** Lets go of all that came from one place. */
  @Transactional
  void remove(UUID garageId, String source) {
    database
        .sql("delete from catalogue where garage_id = :g and source = :source")
        .param("g", garageId)
        .param("source", source)
        .update();
  }

  /** All own entries, as they would be brought in. */
  @Transactional(readOnly = true)
  List<Label> own(UUID garageId) {
    return database
        .sql("select * from catalogue where garage_id = :g order by added_at, name, id")
        .param("g", garageId)
        .query((row, number) -> rows.entry(row).label())
        .list();
  }
}
