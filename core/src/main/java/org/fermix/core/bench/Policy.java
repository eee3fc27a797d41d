package org.fermix.core.bench;

import org.fermix.core.cost.Ownership;

/**
 * Where practice divides, the school followed, as data.
 *
 * @param startSureness what counts as "still starts", in standard deviations
 * @param endVolts lowest voltage engine-off loads accept (V, 12 V system)
 * @param rest what becomes of the battery when the machine goes
 * @param schools where practice divides and the model asks
 */
public record Policy(double startSureness, double endVolts, Ownership.Rest rest, Schools schools) {
  /** Four starts in five, the lower edge of "likely" in docs/model.md. */
  public static final double LIKELY = 0.8416212335729143;

  /** Likely starts; 10.5 V as in the capacity tests; the battery goes with the machine. */
  public static final Policy USUAL =
      new Policy(LIKELY, 10.5, Ownership.Rest.GOES_WITH_IT, Schools.USUAL);

  /** The same for an owner who keeps the battery when the machine goes. */
  public Policy keepingTheBattery() {
    return new Policy(startSureness, endVolts, Ownership.Rest.IS_KEPT, schools);
  }

  /** The same for an owner of other schools. */
  public Policy following(Schools other) {
    return new Policy(startSureness, endVolts, rest, other);
  }
}
