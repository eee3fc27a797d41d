package org.fermix.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.assertThatIllegalStateException;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

class QuantityTest {
  private static Figure figure(double value, AtomicInteger built) {
    return Figure.of(
        value,
        Unit.DAY,
        Band.ratio(value, 0.2),
        () -> {
          built.incrementAndGet();
          return new Working(
              new Equation("id", "formula", "source", ""),
              List.of(
                  new Term("typed", Given.typed(1, Unit.DAY)),
                  new Term("guess", Given.assumed(2, Unit.DAY, "why"))),
              Remark.of(Remark.Code.WITHIN_A_QUARTER),
              List.of());
        });
  }

  @Test
  void aWorkingIsBuiltOnlyWhenAskedFor() {
    AtomicInteger built = new AtomicInteger();
    Figure figure = figure(10, built);
    assertThat(figure.band().low()).isLessThan(10);
    assertThat(built).hasValue(0);
    assertThat(figure.working().assumptions())
        .singleElement()
        .extracting(Term::meaning)
        .isEqualTo("guess");
    assertThat(built).hasValue(1);
  }

  @Test
  void figuresAreEqualByWhatTheySay() {
    assertThat(figure(10, new AtomicInteger())).isEqualTo(figure(10, new AtomicInteger()));
    assertThat(figure(10, new AtomicInteger())).isNotEqualTo(figure(11, new AtomicInteger()));
  }

  /** Eight in ten of a normal law lie within 1.2816 standard deviations (textbook). */
  @Test
  void aRatioBandIsSymmetricInTheLogarithm() {
    Band band = Band.ratio(50, 0.3);
    assertThat(band.low() * band.high()).isCloseTo(2500, within(1e-9));
    assertThat(Math.log(band.high() / 50) / 0.3).isCloseTo(1.2816, within(1e-4));
    assertThat(new Band(5, 2)).isEqualTo(new Band(2, 5));
  }

  @Test
  void whatIsNoNumberIsRefusedEverywhere() {
    assertThatIllegalArgumentException().isThrownBy(() -> Given.typed(Double.NaN, Unit.VOLT));
    assertThatIllegalArgumentException()
        .isThrownBy(() -> figure(Double.POSITIVE_INFINITY, new AtomicInteger()));
    assertThatIllegalArgumentException().isThrownBy(() -> new Band(Double.NaN, 1));
    assertThatIllegalArgumentException()
        .isThrownBy(() -> Check.within("charge", Double.NaN, 0, 1, ""))
        .withMessageContaining("charge must be from 0 to 1");
    assertThatIllegalArgumentException().isThrownBy(() -> Check.filled("name", "  "));
  }

  @Test
  void theMessageHasFieldRangeUnitAndValue() {
    assertThatIllegalArgumentException()
        .isThrownBy(() -> Check.within("storage temperature", 85.5, -40, 60, "°C"))
        .withMessage("storage temperature must be from -40 to 60 °C, was 85.5 °C");
  }

  @Test
  void aTableSaysWhereItIsWrong() {
    Table table = Table.read(QuantityTest.class, "table.csv");
    assertThat(table.rows()).hasSize(2);
    assertThat(table.row("name", "one").number("value")).isEqualTo(1.5);
    assertThatIllegalStateException()
        .isThrownBy(() -> table.row("name", "two").number("value"))
        .withMessageContaining("table.csv:4: column value holds no number: many");
    assertThatIllegalStateException()
        .isThrownBy(() -> table.row("name", "one").text("colour"))
        .withMessageContaining("no column colour");
    assertThatIllegalStateException()
        .isThrownBy(() -> table.row("name", "three"))
        .withMessageContaining("no row with name three");
    assertThatIllegalStateException()
        .isThrownBy(() -> Table.read(QuantityTest.class, "missing.csv"))
        .withMessageContaining("missing.csv is missing");
    assertThatIllegalStateException()
        .isThrownBy(() -> Table.read(QuantityTest.class, "ragged.csv"))
        .withMessageContaining("ragged.csv:2: expected [name, value]");
  }

  @Test
  void aCrossingIsFoundToItsTolerance() {
    assertThat(Roots.crossing(x -> x * x - 2, 0, 2, 1e-9)).isCloseTo(Math.sqrt(2), within(1e-8));
    assertThat(Roots.crossing(x -> Math.cos(x) - x, 0, 0.5, 1, 1e-9))
        .isCloseTo(0.7390851332, within(1e-8));
  }
}
