package org.fermix.web.need;

import java.util.Optional;
import org.fermix.core.machine.Ledger;
import org.jspecify.annotations.Nullable;

/** One thing of the ledger as it is stored; what is null was not said. */
record StoredLoad(
    String name,
    @Nullable Double amount,
    Ledger.@Nullable Feed feed,
    @Nullable Double hours,
    @Nullable Double leastV) {
  /**
   * The core’s item; what is not said as such things usually are, for as long as is usual.
   *
   * @param usualHours engine-off hours assumed (h)
   */
  Optional<Ledger.Item> item(double usualHours) {
    Optional<Ledger.Usual> usual = Ledger.Usual.find(name);
    Double said = amount;
    if (said == null && usual.isEmpty()) {
      return Optional.empty();
    }
    return Optional.of(
        new Ledger.Item(
            name,
            said == null ? usual.orElseThrow().watts() : said,
            said == null ? usual.orElseThrow().feed() : feed == null ? Ledger.Feed.WATTS : feed,
            hours == null ? usualHours : hours,
            Optional.ofNullable(leastV)));
  }
}
