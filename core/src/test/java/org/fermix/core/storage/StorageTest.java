package org.fermix.core.storage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.machine.Seasons;
import org.hipparchus.ode.ODEState;
import org.hipparchus.ode.OrdinaryDifferentialEquation;
import org.hipparchus.ode.nonstiff.DormandPrince853Integrator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A battery left alone through the seasons. */
class StorageTest {
  private static final Chemistry FLOODED = Chemistry.of("flooded");
  private static final Chemistry LITHIUM = Chemistry.of("lfp");

  /** The same differential equation, integrated through the months by Dormand and Prince. */
  @ParameterizedTest
  @CsvSource({"flooded, 60, 20, 120, 300", "lfp, 20, 2, 20, 200", "agm, 18, 0.5, 330, 400"})
  void monthsAgreeWithAnIntegrator(
      String id, double ah, double milliamps, double fromDay, double days) {
    Chemistry chemistry = Chemistry.of(id);
    Seasons seasons = Seasons.between(-8, 28, 1);
    Storage storage = new Storage(chemistry, ah, Drain.steady(milliamps), seasons, fromDay);
    var rate =
        new OrdinaryDifferentialEquation() {
          @Override
          public int getDimension() {
            return 1;
          }

          @Override
          public double[] computeDerivatives(double day, double[] charge) {
            Parking now =
                Parking.of(chemistry.storage(), seasons.atDay(fromDay + day), milliamps, ah);
            return new double[] {-now.lossPerDay() * charge[0] - now.drainPerDay()};
          }
        };
    double outside =
        new DormandPrince853Integrator(1e-6, 0.5, 1e-10, 1e-10)
            .integrate(rate, new ODEState(0, new double[] {1}), days)
            .getPrimaryState()[0];
    if (outside > 0.06) {
      assertThat(storage.chargeAfter(1, days)).isCloseTo(outside, within(2e-4));
    } else {
      assertThat(storage.chargeAfter(1, days)).isLessThan(0.06);
    }
  }

  /**
   * Over whole years a sine of temperature multiplies the loss by the Bessel function I₀(A ln 2/θ)
   * (textbook mean of an exponential of a sine); twelve months come within 0.2 %.
   */
  @Test
  void aSwingingYearIsTheBesselMean() {
    Storage storage = new Storage(FLOODED, 60, Drain.steady(0), Seasons.between(0, 24, 1), 0);
    double x = 12 * Math.log(2) / 10;
    double bessel = 0;
    double term = 1;
    for (int i = 1; i < 20; i++) {
      bessel += term;
      term *= x * x / 4 / (i * i);
    }
    double perDay = Parking.of(FLOODED.storage(), 12, 0, 60).lossPerDay() * bessel;
    double days = 730.5;
    assertThat(storage.chargeAfter(1, days)).isCloseTo(Math.exp(-perDay * days), within(0.002));
  }

  /** A year at one temperature is the plain closed form. */
  @Test
  void aSteadyYearIsTheClosedForm() {
    Storage storage = new Storage(FLOODED, 60, Drain.steady(30), Seasons.steady(25), 77);
    assertThat(storage.daysTo(1, 0.5))
        .isCloseTo(Parking.of(FLOODED.storage(), 25, 30, 60).days(1, 0.5), within(1e-6));
  }

  /** Check: 50 mA on 40 Ah is 800 h, about a month; three doors a day come on top (arithmetic). */
  @Test
  void drainsAndWakeUps() {
    Drain drain = new Drain(50, List.of());
    assertThat(40 / (drain.meanMilliamps() / 1000)).isCloseTo(800, within(1e-9));
    Drain doors = new Drain(10, List.of(new Drain.WakeUp(5, 600, 3)));
    assertThat(doors.meanMilliamps()).isCloseTo(10 + 1000 * 5 * 600 * 3 / 86400.0, within(1e-9));
  }

  @Test
  void thresholdsComeInOrder() {
    Storage storage = new Storage(FLOODED, 60, Drain.steady(20), Seasons.steady(10), 300);
    var days = storage.thresholds(1, OptionalDouble.of(0.6), -20);
    assertThat(days)
        .containsOnlyKeys(
            Storage.Threshold.NO_START,
            Storage.Threshold.SULFATION,
            Storage.Threshold.HALF,
            Storage.Threshold.FREEZING,
            Storage.Threshold.UNRECOVERABLE);
    assertThat(days.get(Storage.Threshold.SULFATION))
        .isLessThan(days.get(Storage.Threshold.NO_START));
    assertThat(days.get(Storage.Threshold.NO_START)).isLessThan(days.get(Storage.Threshold.HALF));
    assertThat(days.get(Storage.Threshold.HALF))
        .isLessThan(days.get(Storage.Threshold.UNRECOVERABLE));
    var never = storage.thresholds(1, OptionalDouble.empty(), 30);
    assertThat(never.get(Storage.Threshold.NO_START)).isZero();
    assertThat(never).doesNotContainKey(Storage.Threshold.FREEZING);
  }

  /** After its protection opens a lithium battery goes on losing to its own draw (practice). */
  @Test
  void lithiumOutlivesItsCutOffByMonths() {
    Storage storage = new Storage(LITHIUM, 6, Drain.steady(20), Seasons.steady(20), 0);
    var days = storage.thresholds(1, OptionalDouble.of(0.3), 0);
    double cutOff = days.getOrDefault(Storage.Threshold.CUT_OFF, -1.0);
    // A row worked out apart: 11.2 d at 20 mA from full to a tenth.
    assertThat(storage.daysTo(1, 0.1)).isCloseTo(11.2, within(0.2));
    assertThat(days.get(Storage.Threshold.UNRECOVERABLE)).isBetween(cutOff + 20, cutOff + 60);
    assertThat(storage.chargeAfter(1, cutOff + 5)).isBetween(0.02, 0.04);
  }

  /** Handbook freezing points, and the warning 5 K above them. */
  @ParameterizedTest
  @CsvSource({"1, -58", "0.75, -37", "0.5, -24", "0.25, -16", "0, -10"})
  void freezing(double charge, double freezesC) {
    assertThat(Freezing.pointC(charge)).isCloseTo(freezesC, within(1e-9));
    assertThat(Freezing.threatens(FLOODED, charge, freezesC + 4)).isTrue();
    assertThat(Freezing.threatens(FLOODED, charge, freezesC + 6)).isFalse();
    assertThat(Freezing.threatens(LITHIUM, charge, -60)).isFalse();
  }

  @Test
  void chargeNeededAgainstFrostIsTheInverse() {
    for (double temperatureC = -50; temperatureC < -6; temperatureC += 3) {
      double charge = Freezing.chargeNeeded(FLOODED, temperatureC);
      assertThat(Freezing.pointC(charge) + Freezing.MARGIN_K).isCloseTo(temperatureC, within(0.05));
    }
    assertThat(Freezing.chargeNeeded(FLOODED, 5)).isZero();
    assertThat(Freezing.chargeNeeded(FLOODED, -60)).isEqualTo(1);
    assertThat(Freezing.pointOfGravityC(1.225)).isCloseTo(-37, within(1e-9));
  }

  /** Maintainers are sold from 0.5 to 2 A (common practice). */
  @Test
  void maintainers() {
    Storage car = new Storage(FLOODED, 60, Drain.steady(30), Seasons.between(0, 25, 1), 0);
    assertThat(car.maintainerAmps()).isBetween(0.05, 2.0);
    Storage bike = new Storage(Chemistry.of("agm"), 12, Drain.steady(1), Seasons.steady(15), 0);
    assertThat(bike.maintainerAmps()).isLessThan(0.05);
  }

  @Test
  void southernSummersAreInJanuary() {
    Seasons south = Seasons.between(5, 25, 7);
    assertThat(south.atDay(10)).isCloseTo(25, within(1e-9));
    assertThat(south.coldestC()).isCloseTo(5, within(1e-9));
    assertThatIllegalArgumentException()
        .isThrownBy(() -> new Seasons(List.of(1.0)))
        .withMessage("a year needs 12 monthly temperatures, had 1");
  }
}
