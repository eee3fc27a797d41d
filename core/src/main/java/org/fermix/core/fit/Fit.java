package org.fermix.core.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.fermix.core.casing.CaseSize;
import org.fermix.core.casing.Terminal;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Tray;

/**
 * A case against a tray, in the best of the orientations that case, place and leads allow.
 *
 * @param orientation how it stands
 * @param spareLengthMm space left; negative when it is too long (mm)
 * @param spareWidthMm likewise
 * @param spareHeightMm likewise
 * @param sideMatches the positive terminal is where the lead reaches
 * @param terminals whether the leads can be fixed to it
 */
public record Fit(
    Orientation orientation,
    double spareLengthMm,
    double spareWidthMm,
    double spareHeightMm,
    boolean sideMatches,
    Terminals terminals) {
  /** More play than this wants a spacer so that the hold-down can grip (mm); common practice. */
  public static final double SPACER_FROM_MM = 12;

  /** How a case may stand. */
  public enum Orientation {
    UPRIGHT,
    /** Turned half round, so that the terminals change sides and stand at the back. */
    TURNED_ROUND,
    /** Turned a quarter, length across. */
    ACROSS,
    /** On its long side; sealed batteries only, where the maker allows. */
    LYING
  }

  /** How leads and terminals meet. */
  public record Terminals(Match match, Optional<String> adapter) {
    /** The kinds of meeting. */
    public enum Match {
      SAME,
      WITH_ADAPTER,
      NONE,
      /** One of the two is not known. */
      UNKNOWN
    }
  }

  /** How the battery sits in the tray: the first orientation that fits, upright where none does. */
  public static Fit of(Label label, Tray tray) {
    List<Fit> all = all(label, tray);
    for (Fit fit : all) {
      if (fit.goesIn() && fit.sideMatches()) {
        return fit;
      }
    }
    return all.get(0);
  }

  /** Every orientation that case, place and leads allow; upright first. */
  public static List<Fit> all(Label label, Tray tray) {
    CaseSize size = label.size();
    Terminals terminals = terminals(label.build().terminal(), tray.leads());
    boolean reaches = label.positiveSide() == tray.positiveSide();
    Fit upright =
        of(Orientation.UPRIGHT, tray, size.lengthMm(), size.widthMm(), size.heightMm(), reaches)
            .with(terminals);
    List<Fit> fits = new ArrayList<>(List.of(upright));
    if (tray.leadSpareMm() >= size.widthMm()) {
      // Half round, the posts stand a case's width farther off and change sides.
      fits.add(
          of(
                  Orientation.TURNED_ROUND,
                  tray,
                  size.lengthMm(),
                  size.widthMm(),
                  size.heightMm(),
                  !reaches)
              .with(terminals));
    }
    if (tray.leadSpareMm() >= size.lengthMm() / 2) {
      fits.add(
          of(Orientation.ACROSS, tray, size.widthMm(), size.lengthMm(), size.heightMm(), true)
              .with(terminals));
    }
    if (tray.mayLieDown() && mayLie(label.chemistry())) {
      fits.add(
          of(Orientation.LYING, tray, size.lengthMm(), size.heightMm(), size.widthMm(), reaches)
              .with(terminals));
    }
    return fits;
  }

  /** True for chemistries that are sealed, so that the maker may allow any position. */
  public static boolean mayLie(Chemistry chemistry) {
    return chemistry.traits().sealed();
  }

  private static Fit of(
      Orientation orientation,
      Tray tray,
      double lengthMm,
      double widthMm,
      double heightMm,
      boolean reaches) {
    return new Fit(
        orientation,
        tray.space().lengthMm() - lengthMm,
        tray.space().widthMm() - widthMm,
        tray.space().heightMm() - heightMm,
        reaches,
        new Terminals(Terminals.Match.UNKNOWN, Optional.empty()));
  }

  private Fit with(Terminals found) {
    return new Fit(orientation, spareLengthMm, spareWidthMm, spareHeightMm, sideMatches, found);
  }

  private static Terminals terminals(Optional<Terminal> battery, Optional<Terminal> lead) {
    if (battery.isEmpty() || lead.isEmpty()) {
      return new Terminals(Terminals.Match.UNKNOWN, Optional.empty());
    }
    if (battery.equals(lead)) {
      return new Terminals(Terminals.Match.SAME, Optional.empty());
    }
    Optional<String> adapter = battery.get().adapterFor(lead.get());
    return new Terminals(
        adapter.isPresent() ? Terminals.Match.WITH_ADAPTER : Terminals.Match.NONE, adapter);
  }

  /** True when no side is too large. */
  public boolean goesIn() {
    return spareLengthMm >= 0 && spareWidthMm >= 0 && spareHeightMm >= 0;
  }

  /** True when it goes in loosely enough to want a spacer. */
  public boolean wantsSpacer() {
    return spareLengthMm > SPACER_FROM_MM || spareWidthMm > SPACER_FROM_MM;
  }
}
