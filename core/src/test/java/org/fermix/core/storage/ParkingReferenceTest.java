package org.fermix.core.storage;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.chemistry.StorageParameters;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ParkingReferenceTest {
  private static final StorageParameters NONE = new StorageParameters(0, 10, 0);

  /** Common practice, no source: 50 mA on 40 Ah is 800 h, about a month. */
  @Test
  void fiftyMilliampsOnFortyAmpHoursIsEightHundredHours() {
    assertThat(24 * Parking.of(NONE, 25, 50, 40).days(1, 0)).isCloseTo(800, within(1e-9));
  }

  /** Hand-worked: 60 Ah from 100 to 50 %, 50 mA, 4 % a month (30 d): 23.7883 d. */
  @Test
  void carToHalfCharge() {
    Parking parking = new Parking(-Math.log(0.96) / 30, 0.05 * 24 / 60);
    assertThat(parking.days(1, 0.5)).isCloseTo(23.7883, within(1e-3));
  }

  /** Hand-worked, linear: 20 Ah LFP from 90 to 20 %, 15 + 2 mA, 2 % a month: 33.2278 d. */
  @Test
  void lithiumToTwentyPerCent() {
    double drainOnly = (15 + 2) * 24 / 1000.0 / 20;
    assertThat(new Parking(0, drainOnly + 0.02 / 30).days(0.9, 0.2))
        .isCloseTo(33.2278, within(1e-3));
  }

  /**
   * Textbook rule: lead's self-discharge doubles every 10 K. Regression of the prototype's days.
   */
  @ParameterizedTest
  @CsvSource({
    "flooded, 25, 0, 60, 1, 0.75, 214.2",
    "flooded, 35, 0, 60, 1, 0.75, 107.1",
    "flooded, 25, 30, 60, 1, 0.5, 38.4",
    "agm, 10, 2, 18, 1, 0.5, 173.2"
  })
  void daysByChemistryAndTemperature(
      String chemistry,
      double temperatureC,
      double milliamps,
      double ampHours,
      double from,
      double to,
      double days) {
    assertThat(
            Parking.of(Chemistry.of(chemistry).storage(), temperatureC, milliamps, ampHours)
                .days(from, to))
        .isCloseTo(days, within(0.005 * days));
  }

  /** The closed form against stepping through the days: a second numerical route. */
  @Test
  void closedFormAgreesWithStepping() {
    Parking parking = new Parking(0.002, 0.004);
    double charge = 1;
    int steps = 0;
    double step = 0.001;
    while (charge > 0.4) {
      charge -= (parking.lossPerDay() * charge + parking.drainPerDay()) * step;
      steps++;
    }
    assertThat(parking.days(1, 0.4)).isCloseTo(steps * step, within(0.02));
    assertThat(parking.chargeAfter(1, parking.days(1, 0.4))).isCloseTo(0.4, within(1e-12));
  }

  /** Custom (no source): lead loses at worst about 1 % a day, LFP about 1 % a month. */
  @Test
  void ruleOfThumbRates() {
    double hotLeadADay =
        1 - Parking.of(Chemistry.of("flooded").storage(), 40, 0, 60).chargeAfter(1, 1);
    assertThat(hotLeadADay).isLessThan(0.01);
    StorageParameters cells = Chemistry.of("lfp").storage();
    double lithiumAMonth =
        1
            - Parking.of(
                    new StorageParameters(cells.lossPerMonth(), cells.doublingK(), 0), 20, 0, 20)
                .chargeAfter(1, 30);
    assertThat(lithiumAMonth).isBetween(0.005, 0.02);
  }

  @Test
  void moreDrainNeverLastsLonger() {
    double before = Double.MAX_VALUE;
    for (double milliamps = 0; milliamps < 500; milliamps += 7) {
      double days = Parking.of(Chemistry.of("agm").storage(), 5, milliamps, 70).days(1, 0.4);
      assertThat(days).isLessThanOrEqualTo(before);
      before = days;
    }
  }
}
