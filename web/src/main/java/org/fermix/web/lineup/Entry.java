package org.fermix.web.lineup;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.fermix.core.label.Beside;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.Label;
import org.fermix.web.battery.Offer;
import org.fermix.web.battery.StoredLabel;

/**
 * One battery of a line-up, or an arrangement of several.
 *
 * @param offer what is asked for it, where that is known
 * @param ageYears in service; 0 for what could be bought (y)
 * @param removed true when it was taken out of the line-up
 * @param pieces of its label that start together
 * @param house what stands beside it
 * @param systemVolts of the machine (V)
 */
record Entry(
    String letter,
    StoredLabel label,
    Optional<Offer> offer,
    double ageYears,
    boolean removed,
    int pieces,
    Optional<House> house,
    int systemVolts) {
  /** A house battery and the parts that come with it. */
  record House(StoredLabel label, Optional<Offer> offer, int pieces, List<Beside.Part> parts) {
    /** Copies the list. */
    House {
      parts = List.copyOf(parts);
    }

    Label joined(int systemVolts) {
      return label.asLabel(offer).joined(pieces, systemVolts);
    }
  }

  /** Its address in the line-up. */
  UUID id() {
    return label.id();
  }

  boolean isToday() {
    return letter.equals(Candidate.TODAY);
  }

  /** True where it is more than one battery. */
  boolean isArranged() {
    return pieces > 1 || house.isPresent();
  }

  /** The core's candidate. */
  Candidate candidate() {
    Candidate starter =
        new Candidate(letter, label.asLabel(offer).joined(pieces, systemVolts), ageYears);
    if (house.isEmpty()) {
      return starter;
    }
    Label beside = house.get().joined(systemVolts);
    return new Candidate(
            letter, starter.label().named(starter.label().name() + " + " + beside.name()), ageYears)
        .beside(new Beside(beside, house.get().parts()));
  }
}
