package org.fermix.web.catalogue;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.UUID;
import org.fermix.standins.InventedCatalogue;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Component;

/** Puts the invented catalogue in its place at start, once an edition. */
@Component
class ShippedCatalogue implements ApplicationRunner {
  /** Raised whenever what is invented changes. */
  private static final int EDITION = 2;

  private static final Logger LOG = LoggerFactory.getLogger(ShippedCatalogue.class);

  private final Catalogue catalogue;

  ShippedCatalogue(Catalogue catalogue) {
    this.catalogue = catalogue;
  }

  @Override
  public void run(ApplicationArguments arguments) {
    if (catalogue.edition() >= EDITION) {
      return;
    }
    List<Entry> entries =
        InventedCatalogue.shipped().stream().map(ShippedCatalogue::entry).toList();
    try {
      catalogue.replace(EDITION, entries);
      LOG.info("catalogue loaded edition={} entries={}", EDITION, entries.size());
    } catch (DataIntegrityViolationException e) {
      LOG.info("catalogue was loaded by another instance");
    }
  }

  /** The same battery has the same address in every database. */
  static Entry entry(InventedCatalogue.Item item) {
    return new Entry(
        UUID.nameUUIDFromBytes(item.label().name().getBytes(StandardCharsets.UTF_8)),
        item.label(),
        item.caseCode(),
        "EUR",
        true,
        "");
  }
}
