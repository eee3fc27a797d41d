package org.fermix.core.label;

import java.util.Optional;
import org.fermix.core.casing.Terminal;
import org.fermix.core.quantity.Limits;
import org.fermix.core.quantity.Unit;

/**
 * How a battery is made, as far as the label says.
 *
 * @param nominalVolts 6, 12 or 24 V
 * @param terminal what the leads are fixed to; empty when not known
 * @param purpose what it is made for; empty when not stated
 * @param word whose word this and all its figures are
 */
public record Build(
    int nominalVolts, Optional<Terminal> terminal, Optional<Purpose> purpose, Word word) {
  /** A printed label that does not say what it is for. */
  public Build(int nominalVolts, Optional<Terminal> terminal) {
    this(nominalVolts, terminal, Optional.empty(), Word.PRINTED);
  }

  /** Nominal; of them only 6, 12 and 24. */
  public static final Limits VOLTS = new Limits("battery voltage", 6, 24, Unit.VOLT);

  /** Twelve volts, terminals not stated. */
  public static final Build TWELVE_VOLT = new Build(12, Optional.empty());

  /** Refuses other voltages. */
  public Build {
    if (nominalVolts != 6 && nominalVolts != 12 && nominalVolts != 24) {
      throw new IllegalArgumentException(
          "battery voltage must be 6, 12 or 24 V, was " + nominalVolts + " V");
    }
  }

  /** Series factor against a 12 V battery: 0.5, 1 or 2. */
  public double series() {
    return nominalVolts / 12.0;
  }
}
