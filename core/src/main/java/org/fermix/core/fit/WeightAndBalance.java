package org.fermix.core.fit;

import org.fermix.core.quantity.Check;

/**
 * An aircraft's empty mass and centre of gravity after a battery is changed; textbook arithmetic in
 * any consistent units. The record, the limits and the entry are for a licensed engineer.
 *
 * @param mass empty
 * @param arm of the centre of gravity from the datum; signed
 */
public record WeightAndBalance(double mass, double arm) {
  /** Refuses impossible aircraft. */
  public WeightAndBalance {
    Check.within("empty mass", mass, 1, 1e6, "");
    Check.within("arm", arm, -1e5, 1e5, "");
  }

  /** Moment about the datum. */
  public double moment() {
    return mass * arm;
  }

  /** With one battery taken out and another put in, each at its own arm. */
  public WeightAndBalance exchanging(double oldMass, double oldArm, double newMass, double newArm) {
    Check.within("mass removed", oldMass, 0, mass, "");
    Check.within("mass installed", newMass, 0, 1e5, "");
    double changed = mass - oldMass + newMass;
    return new WeightAndBalance(
        changed, (moment() - oldMass * oldArm + newMass * newArm) / changed);
  }
}
