package org.fermix.web.need;

import java.util.List;
import java.util.Optional;
import org.fermix.core.casing.TerminalSide;
import org.fermix.core.machine.Need;
import org.fermix.core.quantity.Unit;
import org.fermix.web.chart.Figures;
import org.fermix.web.shared.Display;

/**
 * The tray drawn to scale, plan beside elevation, in millimetres.
 *
 * @param viewBox covers both views with room for the measures
 */
public record TrayDrawing(
    String viewBox,
    double length,
    double width,
    double height,
    double elevationLeft,
    double positiveX,
    double negativeX,
    double middleX,
    double elevationMiddleX,
    double planMiddleY,
    double elevationMiddleY,
    String lengthText,
    String widthText,
    String heightText,
    String summary,
    Figures figures) {
  private static final double GAP_MM = 95;
  private static final double MARGIN_MM = 85;

  static Optional<TrayDrawing> of(Need need, Display display) {
    return need.tray()
        .map(
            tray -> {
              double length = tray.space().lengthMm();
              double width = tray.space().widthMm();
              double height = tray.space().heightMm();
              boolean right = tray.positiveSide() == TerminalSide.RIGHT;
              double inset = Math.min(32, length / 6);
              double left = length + GAP_MM;
              String lengthText = display.show(length, Unit.MILLIMETRE).text();
              String widthText = display.show(width, Unit.MILLIMETRE).text();
              String heightText = display.show(height, Unit.MILLIMETRE).text();
              return new TrayDrawing(
                  "-4 -30 " + (left + length + MARGIN_MM) + " " + (Math.max(width, height) + 40),
                  length,
                  width,
                  height,
                  left,
                  right ? length - inset : inset,
                  right ? inset : length - inset,
                  length / 2,
                  left + length / 2,
                  width / 2,
                  height / 2,
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
                      + (right ? "right" : "left"),
                  new Figures(
                      List.of("Tray", "Inside"),
                      List.of(
                          Figures.Row.of("Length", lengthText),
                          Figures.Row.of("Width", widthText),
                          Figures.Row.of("Free height", heightText),
                          Figures.Row.of("Positive terminal", right ? "right" : "left"))));
            });
  }
}
