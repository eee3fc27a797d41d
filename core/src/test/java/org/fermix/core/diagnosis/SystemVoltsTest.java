package org.fermix.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;

import org.fermix.core.chemistry.Chemistry;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Nothing is judged at 12 V that is not: the same cell voltages mean the same at 6 and at 24 V. A
 * full lead battery rests at 2.1 V a cell: 6.3, 12.6, 25.2 V (common practice, no source).
 */
class SystemVoltsTest {
  private static final Chemistry LEAD = Chemistry.of("flooded");

  @ParameterizedTest
  @CsvSource({
    "0.5, 6.35, full",
    "1, 12.7, full",
    "2, 25.4, full",
    "0.5, 6.05, low",
    "1, 12.1, low",
    "2, 24.2, low",
    "0.5, 5.3, cell_short",
    "2, 21.2, cell_short"
  })
  void restVoltage(double series, double volts, String outcome) {
    assertThat(new RestVoltage(volts, 12, false, 20).judge(LEAD, series).evidence())
        .hasValue(new Evidence(ReadingKind.REST_VOLTS, outcome));
  }

  @ParameterizedTest
  @CsvSource({
    "0.5, 7.2, right",
    "1, 14.4, right",
    "2, 28.4, right",
    "0.5, 6.5, low",
    "2, 26.0, low",
    "0.5, 7.8, high",
    "2, 31.2, high"
  })
  void chargingVoltage(double series, double volts, String outcome) {
    assertThat(new ChargingVolts(volts, volts, volts, 20).evidence(LEAD, series).outcome())
        .isEqualTo(outcome);
  }

  @ParameterizedTest
  @CsvSource({"0.5, 5.3", "1, 10.6", "2, 21.2"})
  void crankingVoltage(double series, double volts) {
    assertThat(new CrankingVolts(volts, 20).evidence(LEAD, series).outcome())
        .isEqualTo(new CrankingVolts(volts / series, 20).evidence(LEAD, 1).outcome());
    assertThat(new LoadTest(volts, 20, 1).judge(LEAD, series))
        .isEqualTo(new LoadTest(volts / series, 20, 1).judge(LEAD, 1));
  }

  /** A lead may lose half as much at 6 V, twice as much at 24 V. */
  @Test
  void voltageDrop() {
    for (VoltageDrop.Place place : VoltageDrop.Place.all()) {
      double most = place.mostVolts();
      assertThat(new VoltageDrop(place, 0.6 * most).isTooMuch(0.5)).isTrue();
      assertThat(new VoltageDrop(place, 0.6 * most).isTooMuch(1)).isFalse();
      assertThat(new VoltageDrop(place, 1.5 * most).isTooMuch(2)).isFalse();
    }
  }

  /** Far below one cell short it is flat, and long after its last charge as well (models-3, 5). */
  @ParameterizedTest
  @CsvSource({"6.0, 12, flat", "9.0, 12, flat", "10.5, 12, cell_short", "10.5, 2000, flat"})
  void aFlatBatteryIsNotTakenForOneWithAShortedCell(double volts, double hours, String outcome) {
    assertThat(new RestVoltage(volts, hours, false, 20).judge(LEAD, 1).evidence())
        .hasValue(new Evidence(ReadingKind.REST_VOLTS, outcome));
  }

  /** Two in series, 12.7 and 12.1 V: 24.8 V together is not full, the second is the weak one. */
  @Test
  void aWeakOneOfTwoIsFound() {
    RestPair pair =
        new RestPair(new RestVoltage(12.7, 12, false, 20), new RestVoltage(12.1, 12, false, 20));
    assertThat(pair.isApart()).isTrue();
    assertThat(pair.firstIsLower()).isFalse();
    assertThat(pair.judge(LEAD).evidence()).hasValue(new Evidence(ReadingKind.REST_VOLTS, "low"));
    RestPair even =
        new RestPair(new RestVoltage(12.7, 12, false, 20), new RestVoltage(12.62, 12, false, 20));
    assertThat(even.judge(LEAD).evidence()).hasValue(new Evidence(ReadingKind.REST_VOLTS, "full"));
    assertThat(
            new RestPair(new RestVoltage(13.4, 0, false, 20), new RestVoltage(13.1, 0, false, 20))
                .judge(LEAD)
                .evidence())
        .isEmpty();
  }
}
