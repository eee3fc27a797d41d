package org.fermix.core.reserve;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import org.fermix.core.Examples;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.electrical.ChargeState;
import org.hipparchus.ode.ODEState;
import org.hipparchus.ode.OrdinaryDifferentialEquation;
import org.hipparchus.ode.nonstiff.DormandPrince853Integrator;
import org.junit.jupiter.api.Test;

class ReserveReferenceTest {
  /** Textbook arithmetic: C20 = 100 Ah and RC = 180 min give k = 1.17875, 11.4928 h at 8 A. */
  @Test
  void peukertThroughTwoRatings() {
    Peukert law = Peukert.fromLabel(100, 180);
    assertThat(law.exponent()).isCloseTo(1.17875, within(1e-5));
    assertThat(law.hoursAt(8)).isCloseTo(11.4928, within(1e-4));
    assertThat(law.ampHoursAt(8)).isCloseTo(91.94, within(0.005));
  }

  /** 60 Ah at 20 h with RC 100 min: n = 1.172 (textbook form, hand-worked). */
  @Test
  void peukertOfACarBattery() {
    assertThat(Peukert.fromLabel(60, 100).exponent()).isCloseTo(1.1720, within(0.0005));
  }

  /** Common practice, no source: 16.4 A for 30 min is 8.2 Ah; 13.5 A is 6.75 Ah. */
  @Test
  void halfAnHourAtACurrentIsItsAmpHours() {
    assertThat(new Peukert(1.2, 16.4, 0.5).ampHoursAt(16.4)).isCloseTo(8.2, within(1e-12));
    assertThat(new Peukert(1.2, 13.5, 0.5).ampHoursAt(13.5)).isCloseTo(6.75, within(1e-12));
  }

  /**
   * Common practice, no source: a 16 Ah (100 h) battery gives 13.7 Ah at 20 h and 5.15 Ah at 1 h:
   * exponents 1.11 and 1.48, so no single one fits.
   */
  @Test
  void noSingleExponentFitsAThreeRateLabel() {
    assertThat(Peukert.through(0.16, 100, 13.7 / 20, 20).exponent()).isCloseTo(1.11, within(0.005));
    assertThat(Peukert.through(13.7 / 20, 20, 5.15, 1).exponent()).isCloseTo(1.48, within(0.005));
  }

  @Test
  void peukertRefusesOneCurrentTwice() {
    assertThatIllegalArgumentException()
        .isThrownBy(() -> Peukert.through(5, 20, 5, 10))
        .withMessageContaining("two different currents");
  }

  /**
   * RC over Ah of lead starting batteries is 1.5 to 1.9 min/Ah (common practice, no source); the
   * model's own reserve test at 25 A, 26.7 °C, to 10.5 V (SAE J537, from memory).
   */
  @Test
  void reserveCapacityStandsInProportion() {
    BatteryCircuit flooded = Examples.circuit("flooded", 60, 15, 540);
    double minutes = 60 * EngineOff.hours(flooded, ChargeState.rested(1, 26.7), 25, 0, 10.5);
    assertThat(minutes / 60).isBetween(1.5, 1.9);
    assertThat(minutes).as("regression of the prototype").isCloseTo(97, within(2.0));
  }

  /** The closed form of the two wells against integrating them: a second numerical route. */
  @Test
  void closedFormOfTheWellsAgreesWithIntegration() {
    BatteryCircuit battery = Examples.circuit("agm", 70, 20.5, 760);
    double c = 0.3100; // prototype's surface share of this battery
    double capacity = battery.capacityAmpHours();
    double rate = 3.6 / 3600 * Math.exp(-4000 / 8.314462618 * (1 / (273.15 - 10) - 1 / 298.15));
    OrdinaryDifferentialEquation wells =
        new OrdinaryDifferentialEquation() {
          @Override
          public int getDimension() {
            return 2;
          }

          @Override
          public double[] computeDerivatives(double t, double[] wells) {
            double level1 = wells[0] / c;
            double level2 = wells[1] / (1 - c);
            double flow = rate * c * (1 - c) * (level2 - level1);
            return new double[] {flow - 20 / 3600.0 / capacity, -flow};
          }
        };
    double[] end =
        new DormandPrince853Integrator(1e-3, 60, 1e-12, 1e-12)
            .integrate(wells, new ODEState(0, new double[] {c, 1 - c}), 5400)
            .getPrimaryState();
    ChargeState closed = battery.after(ChargeState.rested(1, -10), 20, 5400);
    assertThat(closed.charge()).isCloseTo(end[0] + end[1], within(1e-9));
    assertThat(battery.surfaceCharge(closed)).isCloseTo(end[0] / c, within(2e-3));
  }

  @Test
  void aHeavierLoadNeverLastsLonger() {
    BatteryCircuit battery = Examples.circuit("lfp", 40, 6.4, 650);
    double before = Double.MAX_VALUE;
    for (double amps = 0.5; amps < 40; amps *= 1.4) {
      double hours = EngineOff.hours(battery, ChargeState.rested(0.95, -5), amps, 0.35, 10.5);
      assertThat(hours).isLessThanOrEqualTo(before);
      before = hours;
    }
  }

  @Test
  void nothingIsLeftWhenTheChargeKeptIsAlreadyGone() {
    BatteryCircuit battery = Examples.circuit("agm", 70, 20.5, 760);
    assertThat(EngineOff.hours(battery, ChargeState.rested(0.5, 10), 5, 0.6, 10.5)).isZero();
  }
}
