package org.fermix.core.label;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.fermix.core.Examples;
import org.fermix.core.fit.Fit;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;
import org.junit.jupiter.api.Test;

class LabelTest {
  private static Label silent(Optional<Given> reserve, Optional<Given> mass) {
    Label full = Examples.label("flooded", 540, 60, 97, 15, 90);
    return new Label(
        full.name(),
        full.chemistry(),
        full.cranking(),
        Optional.empty(),
        reserve,
        mass,
        full.size(),
        full.positiveSide(),
        full.price());
  }

  /** RC × 25/60 is the charge at 25 A, not C20; lead 1.3 to 1.6 times that (common practice). */
  @Test
  void capacityFromReserveIsAnAssumption() {
    Given capacity =
        silent(Optional.of(Given.label(100, Unit.MINUTE)), Optional.empty()).capacity();
    assertThat(capacity.isAssumed()).isTrue();
    assertThat(capacity.value() / (100 * 25 / 60.0)).isBetween(1.3, 1.6);
  }

  @Test
  void capacityFromMassThenFromCranking() {
    assertThat(
            silent(Optional.empty(), Optional.of(Given.label(15, Unit.KILOGRAM)))
                .capacity()
                .value())
        .isCloseTo(60, within(1e-9));
    Label nothing = silent(Optional.empty(), Optional.empty());
    assertThat(nothing.capacity().isAssumed()).isTrue();
    assertThat(nothing.mass().isAssumed()).isTrue();
  }

  /** Hand-worked: a 260 × 173 mm case in a 10.0 × 7.0 in tray is 6.0 mm too long. */
  @Test
  void sixMillimetresTooLong() {
    Label label =
        new Label(
            "x",
            org.fermix.core.chemistry.Chemistry.of("agm"),
            CrankingRating.cca(500),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            new org.fermix.core.casing.CaseSize(260, 173, 200),
            org.fermix.core.casing.TerminalSide.LEFT,
            Given.typed(1, Unit.MONEY));
    Fit fit =
        Fit.of(
            label,
            new org.fermix.core.machine.Tray(
                new org.fermix.core.casing.CaseSize(254, 177.8, 210),
                org.fermix.core.casing.TerminalSide.LEFT));
    assertThat(fit.goesIn()).isFalse();
    assertThat(fit.spareLengthMm()).isCloseTo(-6.0, within(1e-9));
    assertThat(fit.spareWidthMm()).isCloseTo(4.8, within(1e-9));
  }

  @Test
  void impossibleFiguresAreRefusedByName() {
    assertThatIllegalArgumentException()
        .isThrownBy(() -> CrankingRating.cca(5000))
        .withMessage("cranking rating must be from 1 to 3000 A, was 5000 A");
  }
}
