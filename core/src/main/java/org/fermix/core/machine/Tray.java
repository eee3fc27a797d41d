package org.fermix.core.machine;

import java.util.Arrays;
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
 * @param wayIn the narrowest opening on the way into it, where that matters
 * @param holdDown what holds the battery there, where that was said
 */
public record Tray(
    CaseSize space,
    TerminalSide positiveSide,
    double leadSpareMm,
    Optional<Terminal> leads,
    boolean mayLieDown,
    Optional<Opening> wayIn,
    Optional<HoldDown> holdDown) {
  /** Narrowest sides of the way in. */
  public static final Limits WAY_IN = new Limits("way in", 30, 2000, Unit.MILLIMETRE);

  /** A hole everything has to pass (mm). */
  public record Opening(double widthMm, double heightMm) {
    /** Refuses impossible holes. */
    public Opening {
      WAY_IN.check(widthMm);
      WAY_IN.check(heightMm);
    }

    /**
     * How much a case misses by, turned whichever way is best (mm); 0 where it passes.
     *
     * @param size of the case
     */
    public double missesByMm(CaseSize size) {
      double[] sides = {size.lengthMm(), size.widthMm(), size.heightMm()};
      Arrays.sort(sides);
      double narrow = Math.min(widthMm, heightMm);
      double wide = Math.max(widthMm, heightMm);
      return Math.max(0, Math.max(sides[0] - narrow, sides[1] - wide));
    }

    /** True where it passes standing upright, end on or sideways. */
    public boolean passesUpright(CaseSize size) {
      return size.heightMm() <= heightMm && Math.min(size.lengthMm(), size.widthMm()) <= widthMm;
    }
  }

  /** What holds a battery down. */
  public enum HoldDown {
    /** A bar or frame over the top. */
    TOP,
    /** A wedge on a ledge at the foot of the case. */
    FOOT,
    /** A strap or a box. */
    STRAP
  }

  /** How much farther leads reach. */
  public static final Limits LEAD_SPARE = new Limits("spare lead length", 0, 2000, Unit.MILLIMETRE);

  /** Refuses impossible leads. */
  public Tray {
    LEAD_SPARE.check(leadSpareMm);
  }

  /** A tray for an upright battery whose leads just reach. */
  public Tray(CaseSize space, TerminalSide positiveSide) {
    this(space, positiveSide, 0, Optional.empty(), false, Optional.empty(), Optional.empty());
  }

  /** One for any way in and hold-down. */
  public Tray(
      CaseSize space,
      TerminalSide positiveSide,
      double leadSpareMm,
      Optional<Terminal> leads,
      boolean mayLieDown) {
    this(space, positiveSide, leadSpareMm, leads, mayLieDown, Optional.empty(), Optional.empty());
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
