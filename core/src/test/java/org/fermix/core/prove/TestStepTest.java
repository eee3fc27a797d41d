package org.fermix.core.prove;

import static org.assertj.core.api.Assertions.assertThat;

import org.fermix.core.chemistry.Chemistry;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * What a tester asks for next: a battery must be charged before it can be judged, and its surface
 * charge taken off (common practice, no source).
 */
class TestStepTest {
  @ParameterizedTest
  @CsvSource({
    // chemistry, series, volts, °C, charged, rested h, surface off, step
    "flooded, 1, 12.65, 20, false, 12, false, LOAD",
    "flooded, 1, 12.1, 20, false, 12, false, CHARGE_FIRST",
    "flooded, 1, 12.1, 20, true, 12, false, STOP",
    "flooded, 1, 13.45, 20, true, 0, false, TAKE_SURFACE_OFF",
    "flooded, 1, 12.9, 20, true, 0, false, TAKE_SURFACE_OFF",
    "flooded, 1, 12.75, 20, true, 0, true, LOAD",
    "agm, 1, 10.6, 20, false, 12, false, CHARGE_FIRST",
    "agm, 1, 10.6, 20, true, 12, false, STOP",
    "flooded, 0.5, 6.35, 20, false, 12, false, LOAD",
    "flooded, 2, 25.3, 20, false, 12, false, LOAD",
    "flooded, 2, 12.7, 20, false, 12, false, CHARGE_FIRST",
    "lfp, 1, 1.2, 20, false, 12, false, WAKE",
    "lfp, 1, 1.2, -5, false, 12, false, WARM_FIRST",
    "lfp, 1, 1.2, 20, true, 12, false, STOP",
    "lfp, 1, 13.25, 20, false, 12, false, CHARGE_FIRST",
    "lfp, 1, 13.25, -5, false, 12, false, WARM_FIRST",
    "lfp, 1, 13.35, 20, true, 5, false, LOAD"
  })
  void stepsInTheirOrder(
      String chemistry,
      double series,
      double volts,
      double temperatureC,
      boolean charged,
      double restedHours,
      boolean surfaceTakenOff,
      TestStep expected) {
    assertThat(
            TestStep.next(
                Chemistry.of(chemistry),
                series,
                volts,
                temperatureC,
                charged,
                restedHours,
                surfaceTakenOff))
        .isEqualTo(expected);
  }
}
