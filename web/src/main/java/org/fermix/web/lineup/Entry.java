package org.fermix.web.lineup;

import java.util.ArrayList;
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
 * @param others what stands beside it, each with the part it plays
 * @param parts that are bought once with them
 * @param systemVolts of the machine (V)
 */
record Entry(
    String letter,
    StoredLabel label,
    Optional<Offer> offer,
    double ageYears,
    boolean removed,
    int pieces,
    List<Other> others,
    List<Beside.Part> parts,
    int systemVolts) {
  /** Copies the lists. */
  Entry {
    others = List.copyOf(others);
    parts = List.copyOf(parts);
  }

  /**
   * A battery beside the one that starts.
   *
   * @param run what an electric motor takes of it
   */
  record Other(
      PartRole part,
      StoredLabel label,
      Optional<Offer> offer,
      int pieces,
      Optional<Beside.Run> run) {

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
    return pieces > 1 || !others.isEmpty();
  }

  /** One piece of what starts and of what stands beside it, as they lie on the counter. */
  List<Piece> singles() {
    List<Piece> singles = new ArrayList<>();
    singles.add(new Piece(label.asLabel(offer), pieces, Optional.empty()));
    for (Other other : others) {
      singles.add(
          new Piece(
              other.label().asLabel(other.offer()),
              other.pieces(),
              Optional.of(other.part().role())));
    }
    return singles;
  }

  /** How many of a battery make the voltage of its machine (1 where none do). */
  static int inSeries(Label single, int systemVolts) {
    int volts = single.build().nominalVolts();
    return systemVolts > volts && systemVolts % volts == 0 ? systemVolts / volts : 1;
  }

  /** The core's candidate. */
  Candidate candidate() {
    Candidate starter =
        new Candidate(letter, label.asLabel(offer).joined(pieces, systemVolts), ageYears);
    if (others.isEmpty()) {
      return starter;
    }
    List<Beside.Second> seconds =
        others.stream()
            .map(
                other ->
                    new Beside.Second(other.part().role(), other.joined(systemVolts), other.run()))
            .toList();
    return Candidate.arranged(letter, starter.label(), ageYears, new Beside(seconds, parts));
  }
}
