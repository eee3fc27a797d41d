package org.fermix.core.permission;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/**
 * What may be fitted to one machine: on what basis it is operated and the documents that say what
 * is allowed.
 *
 * @param basis of an aircraft; empty for everything else and where it is not said
 * @param approvals the revision in force of each document
 * @param asOf the day they are judged on
 */
public record Permission(Optional<Basis> basis, List<Approval> approvals, LocalDate asOf) {
  /** Nothing is said. */
  public static final Permission NONE =
      new Permission(Optional.empty(), List.of(), LocalDate.EPOCH);

  /** Most documents of one machine, earlier revisions included. */
  public static final int MOST = 12;

  /** On what basis an aircraft flies. */
  public enum Basis {
    /** Only what is approved for the type, fitted and entered by a licensed mechanic. */
    CERTIFIED,
    /** What its maker allows. */
    LIGHT_SPORT,
    /** Its builder or owner decides and enters it, within the rules of the country. */
    EXPERIMENTAL
  }

  /** Copies the list. */
  public Permission {
    approvals = List.copyOf(approvals);
  }

  /** The documents that speak of a battery. */
  public List<Approval> on(boolean isLead) {
    return approvals.stream().filter(each -> each.speaksOf(isLead)).toList();
  }
}
