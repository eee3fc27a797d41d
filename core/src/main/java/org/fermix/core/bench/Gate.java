package org.fermix.core.bench;

/** What a candidate must pass before any outcome counts. */
public enum Gate {
  FITS,
  MINIMUM_CRANKING,
  MINIMUM_RESERVE,
  /** Ampere-hours the machine's maker asks, where it does. */
  MINIMUM_CAPACITY,
  CHARGED,
  /** Of lithium and sodium: its kind and its protection are stated. */
  PROTECTION,
  /** Of lithium and sodium: current, cold and heat that it stands. */
  LIMITS,
  /** By the machine’s documents, and by the battery’s own maker. */
  APPROVED,
  /** By the owner’s own school. */
  SCHOOL,
  BUDGET,
  SELF_RESCUE,
  IN_STOCK,
  PROVEN,
  NO_CHANGES,
  /** Expected to last for as long as the machine is kept. */
  LASTS;

  /** True for what the owner wishes, beyond what machine and makers require. */
  public boolean isWish() {
    return compareTo(SCHOOL) > 0;
  }
}
