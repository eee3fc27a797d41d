package org.fermix.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

/** Conversions by definition: 1 lb = 0.45359237 kg, 1 in = 25.4 mm, °F = 1.8 °C + 32. */
class UnitTest {
  @Test
  void definedConversions() {
    assertThat(Unit.KILOGRAM.metric(11, UnitSystem.US)).isCloseTo(4.989516, within(1e-6));
    assertThat(Unit.KILOGRAM.shown(4.1, UnitSystem.US)).isCloseTo(9.038953, within(1e-6));
    assertThat(Unit.MILLIMETRE.metric(10.25, UnitSystem.US)).isCloseTo(260.35, within(1e-9));
    assertThat(Unit.CELSIUS.metric(31, UnitSystem.US)).isCloseTo(-0.5556, within(1e-4));
    assertThat(Unit.CELSIUS.shown(-18, UnitSystem.US)).isCloseTo(-0.4, within(1e-9));
    assertThat(Unit.KELVIN.shown(10, UnitSystem.US)).isCloseTo(18, within(1e-9));
    assertThat(Unit.LITRE.shown(1, UnitSystem.US)).isCloseTo(61.0237, within(1e-4));
  }

  @Test
  void everyUnitRoundTrips() {
    for (Unit unit : Unit.values()) {
      for (UnitSystem system : UnitSystem.values()) {
        for (double value : new double[] {-40, 0, 0.1, 12.7, 278, 1e6}) {
          assertThat(unit.metric(unit.shown(value, system), system))
              .as(unit + " " + system)
              .isCloseTo(value, within(1e-9 * Math.max(1, Math.abs(value))));
        }
      }
    }
  }
}
