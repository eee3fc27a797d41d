package org.fermix.web.lineup;

import java.util.Optional;
import java.util.UUID;
import org.fermix.core.label.Candidate;
import org.fermix.web.battery.Offer;
import org.fermix.web.battery.StoredLabel;

/**
 * One battery of a line-up.
 *
 * @param offer what is asked for it, where that is known
 * @param ageYears in service; 0 for what could be bought (y)
 * @param removed true when it was taken out of the line-up
 */
record Entry(
    String letter, StoredLabel label, Optional<Offer> offer, double ageYears, boolean removed) {
  /** Its address in the line-up. */
  UUID id() {
    return label.id();
  }

  boolean isToday() {
    return letter.equals(Candidate.TODAY);
  }

  /** The core's candidate. */
  Candidate candidate() {
    return new Candidate(letter, label.asLabel(offer), ageYears);
  }
}
