package org.fermix.core.reserve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.fermix.core.Examples;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.electrical.ChargeState;
import org.fermix.core.label.RatedCharge;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Discharges in time, discharge tables, hour rates and schools. */
class DischargeTest {
  private static final BatteryCircuit FLOODED = Examples.circuit("flooded", 60, 15, 540);
  private static final BatteryCircuit LITHIUM = Examples.circuit("lfp", 50, 7, 750);
  private static final ChargeState FULL = ChargeState.rested(1, 25);

  /** Stepping and the closed form find the same end of a constant current. */
  @ParameterizedTest
  @CsvSource({"5, 0", "25, 0", "10, 0.5", "100, 0"})
  void stepsAgreeWithTheClosedForm(double amps, double kept) {
    Discharge steps = Discharge.of(FLOODED, FULL, new Load.Current(amps), kept, 10.5);
    double closed = EngineOff.hours(FLOODED, FULL, amps, kept, 10.5);
    assertThat(steps.hours()).isCloseTo(closed, within(0.002 * closed));
    assertThat(steps.ampHours()).isCloseTo(amps * steps.hours(), within(1e-6));
    assertThat(steps.points()).hasSize(61);
  }

  /**
   * Worked out apart, constant 300 W to 10.5 V (regression): flooded 60 Ah 92 and 44 min, AGM 70 Ah
   * 132 and 75, at 25 and −18 °C; 4 % allowed.
   */
  @ParameterizedTest
  @CsvSource({
    "flooded, 60, 15, 540, 25, 92", "flooded, 60, 15, 540, -18, 44",
    "agm, 70, 20.5, 760, 25, 132", "agm, 70, 20.5, 760, -18, 75"
  })
  void constantPower(
      String chemistry, double ah, double kg, double cca, double temperatureC, double minutes) {
    BatteryCircuit battery = Examples.circuit(chemistry, ah, kg, cca);
    ChargeState full = ChargeState.rested(1, temperatureC);
    Discharge run = Discharge.of(battery, full, new Load.Power(300, 1), 0, 10.5);
    assertThat(60 * run.hours()).isCloseTo(minutes, within(0.04 * minutes));
    assertThat(run.wattHours()).isCloseTo(300 * run.hours(), within(0.02 * 300 * run.hours()));
    assertThat(run.ending()).isEqualTo(Discharge.Ending.VOLTS);
  }

  /** Check: a heater draws 101 W at 11.5 V and 121 W at 12.6 V (common practice, no source). */
  @Test
  void aHeaterDrawsByTheSquareOfTheVoltage() {
    var heater = Load.Resistance.drawing(101, 11.5);
    assertThat(heater.watts(12.6)).isCloseTo(121, within(0.5));
    Discharge heated = Discharge.of(FLOODED, FULL, heater, 0, 10.5);
    Discharge converted = Discharge.of(FLOODED, FULL, new Load.Power(101, 0.9), 0, 10.5);
    assertThat(heated.hours()).isGreaterThan(converted.hours());
  }

  /** Check: lead fades, lithium holds and falls off: its warning is short (B10). */
  @Test
  void leadWarnsLongerThanLithium() {
    Discharge lead = Discharge.of(FLOODED, FULL, new Load.Current(10), 0, 10.5);
    Discharge lithium = Discharge.of(LITHIUM, FULL, new Load.Current(10), 0, 10.5);
    double leadShare = lead.warningHours(11.8).orElseThrow() / lead.hours();
    double lithiumShare = lithium.warningHours(11.8).orElseThrow() / lithium.hours();
    assertThat(leadShare).isGreaterThan(0.1);
    assertThat(lithiumShare).isLessThan(0.07);
    double half = lithium.points().get(30).volts();
    assertThat(half).isGreaterThan(12.9);
  }

  @Test
  void aTooSmallBatteryEndsAtOnce() {
    Discharge none =
        Discharge.of(FLOODED, ChargeState.rested(0.2, -20), new Load.Power(6000, 1), 0, 10.5);
    assertThat(none.hours()).isZero();
    assertThat(Discharge.of(FLOODED, FULL, new Load.Current(0), 0.5, 10.5).ending())
        .isEqualTo(Discharge.Ending.NONE);
  }

  /**
   * Check: one real table, 16 Ah at 100 h, 13.7 at 20 h and 5.15 at 1 h, has exponents 1.11 and
   * 1.48, so no single one fits (common practice, no source).
   */
  @Test
  void noSingleExponentFits() {
    DischargeTable table =
        new DischargeTable(
            List.of(
                RatedCharge.atRate(5.15, 1),
                RatedCharge.atRate(16, 100),
                RatedCharge.atRate(13.7, 20)),
            1.75);
    assertThat(table.localExponents().get(0)).isCloseTo(1.11, within(0.005));
    assertThat(table.localExponents().get(1)).isCloseTo(1.48, within(0.005));
    assertThat(table.worstMisfit()).isGreaterThan(0.15);
    assertThat(table.ampHoursAtRate(20)).isCloseTo(13.7, within(1e-9));
    assertThat(table.ampHoursAtRate(1)).isCloseTo(5.15, within(1e-9));
    assertThat(table.at(0.3).trust()).isEqualTo(DischargeTable.Trust.BETWEEN_ROWS);
    assertThat(table.at(50).trust()).isEqualTo(DischargeTable.Trust.OUTSIDE_ROWS);
  }

  /** Check: 16.4 A for 30 min is 8.2 Ah; 13.5 A is 6.75 (arithmetic). */
  @Test
  void ampHoursAtTheRateThatIsUsed() {
    assertThat(new RatedCharge(16.4, 0.5).ampHours()).isCloseTo(8.2, within(1e-9));
    assertThat(new RatedCharge(13.5, 0.5).ampHours()).isCloseTo(6.75, within(1e-9));
  }

  @Test
  void tablesThatCannotBeAreRefused() {
    assertThatIllegalArgumentException()
        .isThrownBy(() -> new DischargeTable(List.of(new RatedCharge(1, 20)), 1.75))
        .withMessage("a discharge table needs at least 2 rows, had 1");
    assertThatIllegalArgumentException()
        .isThrownBy(
            () -> new DischargeTable(List.of(new RatedCharge(1, 20), new RatedCharge(2, 21)), 1.75))
        .withMessageContaining("2.0 A lasts 21.0 h and 1.0 A 20.0 h");
  }

  /** The 20-hour test gives the rated capacity; slower gives more, faster less; colder less. */
  @Test
  void hourRates() {
    double before = Double.MAX_VALUE;
    for (double hours : new double[] {100, 20, 10, 5, 1}) {
      double ampHours = RatedCapacity.ampHours(FLOODED, hours, 25, 10.5);
      assertThat(ampHours).isLessThan(before);
      before = ampHours;
    }
    assertThat(RatedCapacity.ampHours(FLOODED, 20, 25, 10.5)).isCloseTo(60, within(0.6));
    assertThat(RatedCapacity.ampHours(FLOODED, 20, -18, 10.5))
        .isLessThan(RatedCapacity.ampHours(FLOODED, 20, 0, 10.5));
  }

  /**
   * Trade ranges (estimate): RC over Ah is 1.5 to 1.9 min for lead, 2.2 to 2.4 for lithium; 20-hour
   * capacity is 1.25 to 1.6 of what 25 A delivers.
   */
  @Test
  void reserveAgainstCapacity() {
    double lead = RatedCapacity.reserveMinutes(FLOODED);
    assertThat(lead / 60).isBetween(1.5, 1.9);
    assertThat(60 / RatedCapacity.ampHoursAtReserve(lead)).isBetween(1.25, 1.6);
    assertThat(RatedCapacity.reserveMinutes(LITHIUM) / 50).isBetween(2.2, 2.4);
  }

  /** Lithium at a slow rate keeps about 0.90 at 0 °C and 0.80 at −18 °C (memory, 7 points). */
  @Test
  void lithiumInTheColdAtASlowRate() {
    double warm = RatedCapacity.ampHours(LITHIUM, 20, 25, 10.5);
    assertThat(RatedCapacity.ampHours(LITHIUM, 20, 0, 10.5) / warm).isCloseTo(0.90, within(0.07));
    assertThat(RatedCapacity.ampHours(LITHIUM, 20, -18, 10.5) / warm).isCloseTo(0.80, within(0.07));
  }

  @Test
  void schoolsAreValues() {
    DepthSchool usual = DepthSchool.usual(Chemistry.Family.LEAD);
    assertThat(usual.depth()).isEqualTo(0.5);
    for (Chemistry.Family family : Chemistry.Family.values()) {
      assertThat(DepthSchool.on(family).stream().filter(DepthSchool::isDefault)).hasSize(1);
    }
  }
}
