package org.fermix.core.machine;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.fermix.core.casing.CaseCode;
import org.fermix.core.casing.CaseSize;
import org.fermix.core.casing.Terminal;
import org.fermix.core.casing.TerminalSide;
import org.fermix.core.quantity.Limits;
import org.fermix.core.quantity.Unit;

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
  /** How much farther leads reach. */
  public static final Limits LEAD_SPARE = new Limits("spare lead length", 0, 2000, Unit.MILLIMETRE);

  /** Refuses impossible leads. */
  public Tray {
    LEAD_SPARE.check(leadSpareMm);
  }

  /** A tray for an upright battery whose leads just reach. */
  public Tray(CaseSize space, TerminalSide positiveSide) {
    this(space, positiveSide, 0, Optional.empty(), false);
  }

  /**
   * The standard cases that go in upright with their positive terminal right: those whose sizes are
   * sure before those from memory, largest first.
   */
  public List<CaseCode> standardCases() {
    return CaseCode.goingInto(space).stream()
        .filter(each -> each.positiveSide().isEmpty() || each.positiveSide().get() == positiveSide)
        .sorted(Comparator.comparing((CaseCode each) -> !each.sure()))
        .toList();
  }
}
