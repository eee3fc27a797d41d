package org.fermix.web.need;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.ZoneOffset;
import java.util.Optional;
import org.fermix.core.Examples;
import org.fermix.core.machine.MakersMinimum;
import org.fermix.core.machine.Need;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;
import org.fermix.core.quantity.UnitSystem;
import org.fermix.web.shared.Display;
import org.junit.jupiter.api.Test;

class NeedDrawingsTest {
  private static final Need NEED = Examples.dieselNeed();

  @Test
  void theTrayIsDrawnToScaleWithItsPostOnTheRightSide() {
    TrayDrawing drawing = TrayDrawing.of(NEED, Display.USUAL).orElseThrow();
    assertThat(drawing.length() / drawing.height()).isEqualTo(278 / 200.0);
    assertThat(drawing.positiveX()).isGreaterThan(drawing.negativeX());
    assertThat(drawing.elevationLeft()).isGreaterThan(drawing.length());
    assertThat(drawing.summary().replace('\u00a0', ' '))
        .isEqualTo("Tray 278 mm long, 175 mm wide, 200 mm high; positive terminal on the right");
    assertThat(
            TrayDrawing.of(NEED, new Display(UnitSystem.US, "USD", ZoneOffset.UTC))
                .orElseThrow()
                .lengthText())
        .startsWith("10.94");
  }

  @Test
  void withoutATrayNothingIsDrawn() {
    Need unmeasured =
        new Need(
            NEED.engine(),
            NEED.minimum(),
            Optional.empty(),
            NEED.place(),
            NEED.climate(),
            NEED.use(),
            NEED.charging());
    assertThat(TrayDrawing.of(unmeasured, Display.USUAL)).isEmpty();
  }

  @Test
  void ruleAndMakerStandOnOneScale() {
    MinimumRuler both = MinimumRuler.of(NEED, Display.USUAL);
    assertThat(both.marks())
        .extracting(MinimumRuler.Mark::label)
        .containsExactly("maker’s minimum", "displacement rule");
    Need silent =
        new Need(
            NEED.engine(),
            new MakersMinimum(
                Given.assumed(NEED.engine().ruleOfThumbCca(), Unit.AMPERE, "rule"),
                Optional.empty()),
            NEED.tray(),
            NEED.place(),
            NEED.climate(),
            NEED.use(),
            NEED.charging());
    assertThat(MinimumRuler.of(silent, Display.USUAL).marks())
        .extracting(MinimumRuler.Mark::label)
        .containsExactly("displacement rule");
  }
}
