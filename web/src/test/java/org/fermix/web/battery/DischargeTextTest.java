package org.fermix.web.battery;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class DischargeTextTest {
  @Test
  void readsRatesAndRows() {
    DischargeText read = DischargeText.read("16 Ah 100 h; 25 A 94 min;\n 13,5 a 0.5 h ;");
    assertThat(read.complaint()).isEmpty();
    assertThat(read.points()).hasSize(3);
    assertThat(read.points().get(0).currentA()).isCloseTo(0.16, within(1e-9));
    assertThat(read.points().get(1).hours()).isCloseTo(94 / 60.0, within(1e-9));
    assertThat(read.points().get(2).ampHours()).isCloseTo(6.75, within(1e-9));
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "16 Ah",
        "16 Ah at 100 h",
        "lots Ah 100 h",
        "16 W 100 h",
        "16 Ah 100 days",
        "0 Ah 100 h",
        "1e9 A 3 h",
        "16 Ah 0 h"
      })
  void refusesWithWhatWouldBeAccepted(String text) {
    DischargeText read = DischargeText.read("14 Ah 20 h; " + text);
    assertThat(read.points()).isEmpty();
    assertThat(read.complaint()).contains("Number 2");
  }

  @Test
  void keepsABoundedNumber() {
    assertThat(DischargeText.read("1 A 1 h;".repeat(13)).complaint()).contains("At most 12");
    assertThat(DischargeText.read("").points()).isEmpty();
  }
}
