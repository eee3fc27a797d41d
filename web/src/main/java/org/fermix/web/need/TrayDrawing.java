package org.fermix.web.need;

import java.util.Optional;
import org.fermix.core.casing.TerminalSide;
import org.fermix.core.machine.Need;
import org.fermix.core.quantity.Unit;
import org.fermix.web.shared.Display;

/**
 * The tray drawn to scale, plan above elevation, in millimetres.
 *
 * @param viewBox covers both views with room for the measures
 */
public record TrayDrawing(
    String viewBox,
    double length,
    double width,
    double height,
    double elevationTop,
    double positiveX,
    double negativeX,
    double middleX,
    double planMiddleY,
    double elevationMiddleY,
    String lengthText,
    String widthText,
    String heightText,
    String summary) {
  private static final double GAP_MM = 60;
  private static final double MARGIN_MM = 60;

  static Optional<TrayDrawing> of(Need need, Display display) {
    return need.tray()
        .map(
            tray -> {
              double length = tray.space().lengthMm();
              double width = tray.space().widthMm();
              double height = tray.space().heightMm();
              boolean right = tray.positiveSide() == TerminalSide.RIGHT;
              double inset = Math.min(32, length / 6);
              double top = width + GAP_MM;
              String lengthText = display.show(length, Unit.MILLIMETRE).text();
              String widthText = display.show(width, Unit.MILLIMETRE).text();
              String heightText = display.show(height, Unit.MILLIMETRE).text();
              return new TrayDrawing(
                  -10 + " " + -40 + " " + (length + MARGIN_MM + 60) + " " + (top + height + 60),
                  length,
                  width,
                  height,
                  top,
                  right ? length - inset : inset,
                  right ? inset : length - inset,
                  length / 2,
                  width / 2,
                  top + height / 2,
                  lengthText,
                  widthText,
                  heightText,
                  "Tray "
                      + lengthText
                      + " long, "
                      + widthText
                      + " wide, "
                      + heightText
                      + " high; positive terminal on the "
                      + (right ? "right" : "left"));
            });
  }
}
