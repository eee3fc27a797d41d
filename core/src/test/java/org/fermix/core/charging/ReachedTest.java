package org.fermix.core.charging;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.fermix.core.chemistry.Chemistry;
import org.junit.jupiter.api.Test;

/** What a long drive brings at a voltage and a temperature. */
class ReachedTest {
  private static double reached(String chemistry, double volts, double temperatureC) {
    return ChargeTime.reached(Chemistry.of(chemistry), 0.5, 8, volts, temperatureC);
  }

  /**
   * A fiftieth of a volt makes no step, for any chemistry, warm or cold; the flat curve of lithium
   * makes it steep, not broken.
   */
  @Test
  void thereIsNoStepInVolts() {
    for (Chemistry chemistry : Chemistry.all()) {
      for (double temperatureC : List.of(-10.0, 10.0, 30.0)) {
        double before = reached(chemistry.id(), 12.5, temperatureC);
        for (double volts = 12.52; volts < 15; volts += 0.02) {
          double now = reached(chemistry.id(), volts, temperatureC);
          assertThat(now)
              .as(chemistry.id() + " " + volts)
              .isBetween(before - 1e-9, before + (chemistry.isLead() ? 0.03 : 0.12));
          before = now;
        }
      }
    }
  }

  /** Cold lead wants more volts: about 18 mV a kelvin and 12 V (common practice, no source). */
  @Test
  void coldLeadWantsMoreVolts() {
    for (String kind : List.of("flooded", "efb", "agm", "gel")) {
      assertThat(reached(kind, 13.8, -10)).as(kind).isLessThan(reached(kind, 13.8, 20) - 0.02);
      assertThat(reached(kind, 14.4, 20)).as(kind).isGreaterThan(0.9);
      assertThat(reached(kind, 12.7, 0)).as(kind).isLessThan(0.75);
    }
  }
}
