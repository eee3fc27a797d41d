package org.fermix.core.machine;

import java.util.Optional;
import org.fermix.core.casing.CaseSize;
import org.fermix.core.casing.Terminal;
import org.fermix.core.casing.TerminalSide;
import org.fermix.core.quantity.Check;

/**
 * The space for the battery and what its leads allow.
 *
 * @param space largest case that goes in
 * @param positiveSide where the positive lead reaches
 * @param leadSpareMm how much farther the leads can reach, 0 to 2,000 mm
 * @param leads what the leads' ends are made for; empty when not known
 * @param mayLieDown the place allows a sealed battery to lie on its side
 */
public record Tray(
    CaseSize space,
    TerminalSide positiveSide,
    double leadSpareMm,
    Optional<Terminal> leads,
    boolean mayLieDown) {
  /** Refuses impossible leads. */
  public Tray {
    Check.within("spare lead length", leadSpareMm, 0, 2000, "mm");
  }

  /** A tray for an upright battery whose leads just reach. */
  public Tray(CaseSize space, TerminalSide positiveSide) {
    this(space, positiveSide, 0, Optional.empty(), false);
  }
}
