package org.fermix.core.chemistry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import org.fermix.core.charging.ChargingVerdict;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ChemistryReferenceTest {
  /** BCI service-manual table for flooded lead (widely printed; from memory), 0.05 V allowed. */
  @ParameterizedTest
  @CsvSource({"1.00, 12.65", "0.75, 12.45", "0.50, 12.24", "0.25, 12.06", "0.00, 11.89"})
  void floodedRestVoltage(double charge, double volts) {
    assertThat(Chemistry.of("flooded").openCircuitVolts(charge)).isCloseTo(volts, within(0.05));
  }

  /** About 2.1 V a cell when full and rested: common to every lead-acid text. */
  @Test
  void fullLeadIsTwoPointOneVoltsACell() {
    for (Chemistry chemistry : Chemistry.all()) {
      if (chemistry.isLead()) {
        assertThat(chemistry.openCircuitVolts(1) / 6).isBetween(2.10, 2.15);
      }
    }
  }

  /** Common practice, no source: LFP rests near 13.2 V at half charge and says little between. */
  @Test
  void halfChargedLithiumRestsNearThirteenPointTwo() {
    Chemistry lfp = Chemistry.of("lfp");
    assertThat(lfp.openCircuitVolts(0.5)).isCloseTo(13.2, within(0.05));
    assertThat(lfp.openCircuitVolts(0.9) - lfp.openCircuitVolts(0.3)).isLessThan(0.3);
  }

  @Test
  void chargeAtRestInvertsTheTable() {
    for (Chemistry chemistry : Chemistry.all()) {
      for (double charge = 0; charge <= 1.0001; charge += 0.05) {
        double volts = chemistry.openCircuitVolts(charge);
        assertThat(chemistry.chargeAtRest(volts)).isCloseTo(Math.min(1, charge), within(1e-9));
      }
    }
  }

  /** Hand-worked on the published table: 12.35 V lies between 50 and 75 %. */
  @Test
  void restVoltageBetweenPointsIsInterpolated() {
    assertThat(Chemistry.of("flooded").chargeAtRest(12.35)).isCloseTo(0.631, within(0.001));
  }

  /**
   * Common practice, no source: 13.8–14.6 V healthy; lithium iron phosphate gains nothing below
   * 13.3 V, is close to 13.6 and fills from there; gel ends at 14.4 V.
   */
  @ParameterizedTest
  @CsvSource({
    "flooded, 14.2, FULL",
    "agm, 15.1, TOO_HIGH",
    "gel, 14.6, TOO_HIGH",
    "lfp, 13.2, TOO_LOW",
    "lfp, 13.4, PARTLY",
    "lfp, 13.6, FULL",
    "lfp, 13.8, FULL",
    "lfp, 14.2, FULL",
    "lfp, 14.8, TOO_HIGH",
    "flooded, 13.5, PARTLY",
    "flooded, 14.85, FULL_ABOVE_WINDOW"
  })
  void chargingWindow(String chemistry, double volts, ChargingVerdict verdict) {
    assertThat(ChargingVerdict.of(Chemistry.of(chemistry), volts)).isEqualTo(verdict);
  }

  @Test
  void unknownChemistryNamesThoseThereAre() {
    assertThatIllegalArgumentException()
        .isThrownBy(() -> Chemistry.of("zinc"))
        .withMessageContaining("flooded")
        .withMessageContaining("zinc");
  }
}
