package org.fermix.core.permission;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.fermix.core.quantity.Check;

/**
 * A maker's conditional approval of a kind of battery, as its dated document has it. "Evaluated" is
 * not "the only one allowed"; the document's own words decide.
 *
 * @param document its title or number
 * @param covers engine family or aircraft, as the document names it
 * @param serials range of serial numbers it covers, as printed; may be empty for all
 * @param region where it applies; may be empty for everywhere
 * @param revision of the document; may be empty
 * @param dated the document's date, where it bears one
 * @param verifiedOn when the owner last saw that it was current
 * @param issuer whose word it is
 * @param scope which batteries it speaks of
 * @param exclusive true where it allows nothing but what it lists
 */
public record Approval(
    String document,
    String covers,
    String serials,
    String region,
    String revision,
    Optional<LocalDate> dated,
    Optional<LocalDate> verifiedOn,
    Issuer issuer,
    Scope scope,
    boolean exclusive,
    List<Requirement> requirements) {
  /** A document not looked at for so long should be looked up again (d); common practice. */
  public static final int STALE_AFTER_DAYS = 365;

  /** Most items of one list. */
  public static final int MOST_ITEMS = 40;

  /** Whose word it is: some have an interest in it. */
  public enum Issuer {
    ENGINE_MAKER,
    MACHINE_MAKER,
    AUTHORITY,
    /** Sells batteries. */
    BATTERY_SELLER,
    INSURER
  }

  /** Which batteries it speaks of. */
  public enum Scope {
    /** Any but lead-acid. */
    NOT_LEAD,
    ANY
  }

  /** Refuses an approval of nothing, and one verified before it was written. */
  public Approval {
    Check.filled("the document", document);
    Check.filled("what the approval covers", covers);
    Check.within("items of an approval", requirements.size(), 0, MOST_ITEMS, "");
    requirements = List.copyOf(requirements);
    if (dated.isPresent() && verifiedOn.isPresent() && verifiedOn.get().isBefore(dated.get())) {
      throw new IllegalArgumentException(
          "an approval cannot be verified on "
              + verifiedOn.get()
              + ", before its date "
              + dated.get());
    }
  }

  /** True when it should be looked up again: nobody has seen that it is current for a year. */
  public boolean isStale(LocalDate today) {
    return verifiedOn.map(seen -> seen.plusDays(STALE_AFTER_DAYS).isBefore(today)).orElse(true);
  }

  /** True where it speaks of a battery. */
  public boolean speaksOf(boolean isLead) {
    return scope == Scope.ANY || !isLead;
  }

  /** True where whoever issued it earns by it. */
  public boolean isInterested() {
    return issuer == Issuer.BATTERY_SELLER;
  }

  /**
   * What another revision of a document asks otherwise.
   *
   * @param added new items
   * @param dropped items that are gone
   * @param changed items that ask something else of the same thing, as they are now
   */
  public record Revised(
      List<Requirement> added, List<Requirement> dropped, List<Requirement> changed) {
    /** Copies the lists. */
    public Revised {
      added = List.copyOf(added);
      dropped = List.copyOf(dropped);
      changed = List.copyOf(changed);
    }
  }

  /** What this asks otherwise than an earlier revision did. */
  public Revised since(Approval earlier) {
    List<Requirement> added = new ArrayList<>();
    List<Requirement> changed = new ArrayList<>();
    List<Requirement> gone = new ArrayList<>(earlier.requirements);
    for (Requirement each : requirements) {
      Optional<Requirement> before =
          gone.stream().filter(old -> old.key().equals(each.key())).findFirst();
      before.ifPresent(gone::remove);
      if (before.isEmpty()) {
        added.add(each);
      } else if (!asksTheSame(before.get(), each)) {
        changed.add(each);
      }
    }
    return new Revised(added, gone, changed);
  }

  /** The words may differ where what is asked is the same. */
  private static boolean asksTheSame(Requirement one, Requirement other) {
    if (one instanceof Requirement.AtLeast a && other instanceof Requirement.AtLeast b) {
      return a.limit() == b.limit();
    }
    if (one instanceof Requirement.AtMost a && other instanceof Requirement.AtMost b) {
      return a.limit() == b.limit();
    }
    if (one instanceof Requirement.IsChemistry a && other instanceof Requirement.IsChemistry b) {
      return a.chemistryId().equals(b.chemistryId());
    }
    return one.getClass().equals(other.getClass());
  }
}
