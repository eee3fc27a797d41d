package org.fermix.core.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.fermix.core.chemistry.Chemistry;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What it shows the mornings after a charge; common practice, no source. */
class HeldChargeTest {
  @ParameterizedTest
  @CsvSource({
    "12.7, , 1, holds",
    "12.2, , 1, ''",
    "12.0, , 1, falls",
    "11.8, 11.9, 1, falls_twice",
    "11.8, 12.6, 1, holds",
    "12.2, 11.9, 1, falls",
    "23.8, 23.6, 2, falls_twice",
    "6.3, , 0.5, holds"
  })
  void oneLowMorningIsAHintTwoAreAFinding(
      double volts, Double again, double series, String outcome) {
    assertThat(
            new HeldCharge(volts, Optional.ofNullable(again))
                .evidence(series)
                .map(Evidence::outcome)
                .orElse(""))
        .isEqualTo(outcome);
  }

  @Test
  void twoLowMorningsCondemnWhatOneLeavesOpen() {
    assertThat(worn("falls")).isBetween(0.5, 0.9);
    assertThat(worn("falls_twice")).isGreaterThan(0.9).isGreaterThan(worn("falls"));
    assertThat(worn("holds")).isLessThan(0.5 * worn("falls"));
  }

  private static double worn(String outcome) {
    return Diagnosis.of(
            Chemistry.of("flooded"),
            List.of(
                Symptom.RAPID_CLICK.evidence(),
                new Evidence(ReadingKind.REST_VOLTS, "low"),
                new Evidence(ReadingKind.AFTER_CHARGE, outcome)),
            Set.of())
        .of(Cause.WORN);
  }

  /** What it does besides counts as well, in any order. */
  @Test
  void severalSymptomsCount() {
    Diagnosis both =
        Diagnosis.of(
            Chemistry.of("flooded"),
            List.of(Symptom.RAPID_CLICK.evidence(), Symptom.DEAD_AFTER_PARKING.evidence()),
            Set.of());
    Diagnosis one =
        Diagnosis.of(Chemistry.of("flooded"), List.of(Symptom.RAPID_CLICK.evidence()), Set.of());
    assertThat(both.of(Cause.DRAIN)).isGreaterThan(1.3 * one.of(Cause.DRAIN));
  }
}
