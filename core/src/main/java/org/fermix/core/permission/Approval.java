package org.fermix.core.permission;

import java.time.LocalDate;
import java.util.List;
import org.fermix.core.quantity.Check;

/**
 * A maker's conditional approval of a kind of battery, as its dated document has it. "Evaluated" is
 * not "the only one allowed"; the document's own words decide.
 *
 * @param covers engine family or aircraft, as the document names it
 * @param serials range of serial numbers it covers, as printed; may be empty for all
 * @param region where it applies; may be empty for everywhere
 * @param revision of the document
 * @param dated the document's date
 * @param verifiedOn when the owner last saw that it was current
 */
public record Approval(
    String covers,
    String serials,
    String region,
    String revision,
    LocalDate dated,
    LocalDate verifiedOn,
    List<Requirement> requirements) {
  /** A document not looked at for so long should be looked up again (d); common practice. */
  public static final int STALE_AFTER_DAYS = 365;

  /** Refuses an approval of nothing, and one verified before it was written. */
  public Approval {
    Check.filled("what the approval covers", covers);
    requirements = List.copyOf(requirements);
    if (verifiedOn.isBefore(dated)) {
      throw new IllegalArgumentException(
          "an approval cannot be verified on " + verifiedOn + ", before its date " + dated);
    }
  }

  /** True when it should be looked up again. */
  public boolean isStale(LocalDate today) {
    return verifiedOn.plusDays(STALE_AFTER_DAYS).isBefore(today);
  }
}
