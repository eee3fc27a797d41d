package org.fermix.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.Optional;
import org.fermix.core.Examples;
import org.fermix.core.casing.CaseCode;
import org.fermix.core.casing.CaseSize;
import org.fermix.core.casing.Terminal;
import org.fermix.core.casing.TerminalSide;
import org.fermix.core.label.Build;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Tray;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Cases, trays, orientations, terminals and codes. */
class FitTest {
  private static Label label(String chemistry, CaseSize size, Terminal terminal) {
    Label label = Examples.label(chemistry, 600, 60, 100, 16, 90);
    return new Label(
        "x",
        label.chemistry(),
        label.cranking(),
        label.capacityAh(),
        label.reserveMinutes(),
        label.massKg(),
        size,
        TerminalSide.LEFT,
        label.price(),
        new Build(12, Optional.of(terminal)));
  }

  private static Tray tray(double spareMm, TerminalSide side, boolean lying) {
    return new Tray(new CaseSize(280, 180, 195), side, spareMm, Optional.of(Terminal.POST), lying);
  }

  private static final CaseSize CAR = new CaseSize(242, 175, 190);

  @Test
  void standsUprightWhereItCan() {
    Fit fit = Fit.of(label("agm", CAR, Terminal.POST), tray(500, TerminalSide.LEFT, true));
    assertThat(fit.orientation()).isEqualTo(Fit.Orientation.UPRIGHT);
    assertThat(fit.goesIn()).isTrue();
    assertThat(fit.wantsSpacer()).isTrue();
    assertThat(fit.terminals().match()).isEqualTo(Fit.Terminals.Match.SAME);
  }

  @Test
  void turnsRoundWhereTheLeadsReach() {
    Label reversed = label("flooded", CAR, Terminal.POST);
    assertThat(Fit.of(reversed, tray(200, TerminalSide.RIGHT, false)).orientation())
        .isEqualTo(Fit.Orientation.TURNED_ROUND);
    Fit tooShort = Fit.of(reversed, tray(100, TerminalSide.RIGHT, false));
    assertThat(tooShort.sideMatches()).isFalse();
  }

  @Test
  void liesDownOnlyWhenSealed() {
    CaseSize tall = new CaseSize(242, 190, 178);
    Tray low = tray(0, TerminalSide.LEFT, true);
    assertThat(Fit.of(label("agm", tall, Terminal.POST), low).orientation())
        .isEqualTo(Fit.Orientation.LYING);
    assertThat(Fit.of(label("flooded", tall, Terminal.POST), low).goesIn()).isFalse();
  }

  @ParameterizedTest
  @CsvSource({"STUD, WITH_ADAPTER", "POST, SAME", "TAB, NONE"})
  void terminals(Terminal terminal, Fit.Terminals.Match expected) {
    Fit fit = Fit.of(label("agm", CAR, terminal), tray(0, TerminalSide.LEFT, false));
    assertThat(fit.terminals().match()).isEqualTo(expected);
    assertThat(fit.terminals().adapter().isPresent())
        .isEqualTo(expected == Fit.Terminals.Match.WITH_ADAPTER);
  }

  /** Property: a bigger tray never fits less, over a grid of sizes. */
  @Test
  void aBiggerTrayNeverFitsLess() {
    for (double length = 100; length <= 320; length += 20) {
      for (double width = 60; width <= 200; width += 20) {
        boolean before = false;
        for (double grow = 0; grow <= 200; grow += 25) {
          Tray tray =
              new Tray(
                  new CaseSize(150 + grow, 90 + grow, 120 + grow),
                  TerminalSide.LEFT,
                  grow,
                  Optional.empty(),
                  true);
          boolean fits =
              Fit.of(label("agm", new CaseSize(length, width, 150), Terminal.POST), tray).goesIn();
          assertThat(fits || !before).isTrue();
          before = fits;
        }
      }
    }
  }

  /** EN 50342-2 sizes, sure: LN2 is 242 × 175 × 190 and goes where an LN3 (278) does. */
  @Test
  void standardCodes() {
    CaseCode small = CaseCode.find("ln2").get(0);
    CaseCode large = CaseCode.find("LN3").get(0);
    assertThat(small.size()).isEqualTo(CAR);
    assertThat(CaseCode.goingInto(large.size())).contains(small, large);
    assertThat(CaseCode.goingInto(large.size()).get(0)).isEqualTo(large);
    assertThat(CaseCode.goingInto(small.size())).doesNotContain(large);
    assertThat(CaseCode.find("D23").get(0).positiveSide()).isEmpty();
    assertThat(CaseCode.all()).hasSizeGreaterThan(60);
    assertThat(CaseCode.all().stream().map(each -> each.system() + each.code()))
        .doesNotHaveDuplicates();
    // 35 and 25 are the same case with the positive on either side (BCI).
    assertThat(CaseCode.find("35").get(0).size()).isEqualTo(CaseCode.find("25").get(0).size());
    assertThat(CaseCode.find("35").get(0).positiveSide()).contains(TerminalSide.RIGHT);
  }

  @Test
  void voltagesThatDoNotExistAreRefused() {
    assertThatIllegalArgumentException()
        .isThrownBy(() -> new Build(36, Optional.empty()))
        .withMessage("battery voltage must be 6, 12 or 24 V, was 36 V");
  }
}
