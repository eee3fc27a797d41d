package org.fermix.core.fit;

import org.fermix.core.label.Label;
import org.fermix.core.machine.Tray;

/**
 * A case against a tray, upright and not turned.
 *
 * @param spareLengthMm space left; negative when it is too long (mm)
 * @param spareWidthMm likewise
 * @param spareHeightMm likewise
 * @param sideMatches the positive terminal is where the lead reaches
 */
public record Fit(
    double spareLengthMm, double spareWidthMm, double spareHeightMm, boolean sideMatches) {
  /** More play than this wants a spacer so that the hold-down can grip (mm); common practice. */
  public static final double SPACER_FROM_MM = 12;

  /** How the battery sits in the tray. */
  public static Fit of(Label label, Tray tray) {
    return new Fit(
        tray.space().lengthMm() - label.size().lengthMm(),
        tray.space().widthMm() - label.size().widthMm(),
        tray.space().heightMm() - label.size().heightMm(),
        tray.positiveSide() == label.positiveSide());
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
