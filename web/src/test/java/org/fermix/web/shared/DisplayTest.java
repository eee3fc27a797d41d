package org.fermix.web.shared;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import org.fermix.core.quantity.Band;
import org.fermix.core.quantity.Figure;
import org.fermix.core.quantity.Unit;
import org.fermix.core.quantity.UnitSystem;
import org.fermix.core.quantity.Working;
import org.junit.jupiter.api.Test;

class DisplayTest {
  private static final Display US = new Display(UnitSystem.US, "USD", ZoneOffset.UTC);

  private static String plain(Display.Shown shown) {
    return shown.text().replace('\u00a0', ' ');
  }

  @Test
  void valuesCarryTheirUnitAndDigits() {
    assertThat(plain(Display.USUAL.show(-20.4, Unit.CELSIUS))).isEqualTo("−20 °C");
    assertThat(plain(US.show(-20, Unit.CELSIUS))).isEqualTo("−4 °F");
    assertThat(plain(Display.USUAL.show(6.2, Unit.KILOGRAM))).isEqualTo("6.2 kg");
    assertThat(plain(US.show(6.2, Unit.KILOGRAM))).isEqualTo("13.7 lb");
    assertThat(plain(US.show(260.35, Unit.MILLIMETRE))).isEqualTo("10.25 in");
    assertThat(plain(Display.USUAL.show(1250, Unit.AMPERE))).isEqualTo("1,250 A");
    assertThat(plain(US.show(26.6, Unit.MONEY_PER_YEAR))).isEqualTo("$27 a year");
    assertThat(plain(Display.USUAL.in("NOK").show(300, Unit.MONEY))).isEqualTo("NOK 300");
  }

  @Test
  void noMinusBeforeAZero() {
    assertThat(plain(Display.USUAL.show(-0.2, Unit.CELSIUS))).isEqualTo("0 °C");
  }

  @Test
  void aDifferenceOfTemperaturesIsNotShiftedByThirtyTwo() {
    assertThat(plain(US.kelvins(10))).isEqualTo("18 °F");
  }

  /** Nothing is shown as certain. */
  @Test
  void chancesStopShortOfCertainty() {
    assertThat(Display.USUAL.chance(99.97).text()).isEqualTo("over 99\u202f%");
    assertThat(Display.USUAL.chance(0.2).text()).isEqualTo("under 1\u202f%");
    assertThat(Display.USUAL.chance(80.4).text()).isEqualTo("80\u202f%");
  }

  @Test
  void momentsAreShownWhereTheGarageIs() {
    Instant noon = Instant.parse("2026-07-01T12:00:00Z");
    assertThat(Display.USUAL.moment(noon)).isEqualTo("1 Jul 2026 12:00 UTC");
    Display vienna = new Display(UnitSystem.METRIC, "EUR", ZoneId.of("Europe/Vienna"));
    assertThat(vienna.moment(noon)).isEqualTo("1 Jul 2026 14:00");
  }

  /** Freezing and boiling of water, and the −18 °C of SAE J537, which is 0 °F. */
  @Test
  void fixedWordsSpeakTheReadersUnits() {
    Display us = new Display(UnitSystem.US, "USD", ZoneId.of("UTC"));
    assertThat(us.words("freezes at 0 °C, boils at 100 °C."))
        .isEqualTo("freezes at 32\u00a0°F, boils at 212\u00a0°F.");
    assertThat(us.words("−18 °C, 30 s")).isEqualTo("0\u00a0°F, 30 s");
    assertThat(us.words("valid for −30 to 40 °C; else not"))
        .isEqualTo("valid for −22 to 104\u00a0°F; else not");
    assertThat(us.words("−40 °C")).isEqualTo("−40\u00a0°F");
    assertThat(us.words("nothing of the kind, 12 V")).isEqualTo("nothing of the kind, 12 V");
    assertThat(Display.USUAL.words("freezes at 0 °C")).isEqualTo("freezes at 0 °C");
  }

  /**
   * Standing has an end: nothing is said beyond two years, in a figure, its band or a day count.
   */
  @Test
  void nothingStandsLongerThanTwoYears() {
    Figure far = Figure.of(1826, Unit.DAY, new Band(600, 3000), DisplayTest::unworked);
    assertThat(Display.USUAL.show(far).text()).isEqualTo("two years or more");
    assertThat(Display.USUAL.band(far)).isEmpty();
    assertThat(Display.USUAL.standing(3650).text()).isEqualTo("two years or more");
    assertThat(plain(Display.USUAL.standing(51))).isEqualTo("51 d");
    Figure near = Figure.of(729, Unit.DAY, new Band(600, 800), DisplayTest::unworked);
    assertThat(plain(Display.USUAL.show(near))).isEqualTo("729 d");
  }

  private static Working unworked() {
    throw new AssertionError("nobody asks for the working");
  }
}
