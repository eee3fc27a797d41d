package org.fermix.core.charging;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.OptionalDouble;
import org.fermix.core.chemistry.Chemistry;
import org.hipparchus.ode.ODEState;
import org.hipparchus.ode.OrdinaryDifferentialEquation;
import org.hipparchus.ode.nonstiff.DormandPrince853Integrator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Voltages, times and sources of charging. */
class ChargingTest {
  private static final Chemistry FLOODED = Chemistry.of("flooded");
  private static final Chemistry LITHIUM = Chemistry.of("lfp");

  /** The closed form against an integrator of dz/dt = η min(I, I_acc(z))/C. */
  @ParameterizedTest
  @CsvSource({
    "flooded, 60, 0.5, 0.95, 25, 14.4, 25", "agm, 70, 0.5, 0.95, 25, 14.4, 25",
    "lfp, 6, 0.2, 0.99, 3, 14.2, 25", "flooded, 60, 0.5, 0.95, 25, 14.4, 0"
  })
  void closedFormAgreesWithAnIntegrator(
      String id, double ah, double from, double to, double amps, double volts, double celsius) {
    Chemistry chemistry = Chemistry.of(id);
    ChargeTime time = ChargeTime.of(chemistry, ah, from, to, amps, volts, celsius);
    var rate =
        new OrdinaryDifferentialEquation() {
          @Override
          public int getDimension() {
            return 1;
          }

          @Override
          public double[] computeDerivatives(double hours, double[] charge) {
            double accepted = ChargeTime.acceptedAmps(chemistry, ah, charge[0], volts, celsius);
            return new double[] {
              chemistry.acceptance().efficiency() * Math.min(amps, accepted) / ah
            };
          }
        };
    double reached =
        new DormandPrince853Integrator(1e-8, 0.02, 1e-10, 1e-10)
            .integrate(rate, new ODEState(0, new double[] {from}), time.hours())
            .getPrimaryState()[0];
    assertThat(reached).isCloseTo(to, within(1e-4));
  }

  /**
   * IEC 60095-1 and EN 50342-1, charge acceptance (from memory): half charged, at 0 °C and 14.4 V,
   * a starter battery takes at least a fifth of its capacity after ten minutes.
   */
  @ParameterizedTest
  @ValueSource(strings = {"flooded", "efb", "agm", "gel"})
  void acceptanceByTheStandard(String id) {
    double charge = 0.5;
    for (int minute = 0; minute < 10; minute++) {
      charge += ChargeTime.acceptedAmps(Chemistry.of(id), 1, charge, 14.4, 0) / 60;
    }
    assertThat(ChargeTime.acceptedAmps(Chemistry.of(id), 1, charge, 14.4, 0)).isBetween(0.19, 0.45);
  }

  /** Common practice, no source: 0 °C halves what lead takes, −18 °C leaves about a quarter. */
  @Test
  void coldSlowsLead() {
    double warm = ChargeTime.acceptedAmps(FLOODED, 60, 0.8, 14.4, 25);
    assertThat(ChargeTime.acceptedAmps(FLOODED, 60, 0.8, 14.4, 0) / warm).isBetween(0.38, 0.55);
    assertThat(ChargeTime.acceptedAmps(FLOODED, 60, 0.8, 14.4, -18) / warm).isBetween(0.2, 0.35);
  }

  /** Common practice, no source: empty to full at a tenth of the capacity takes 10 to 13 h. */
  @Test
  void anEmptyLeadBatteryTakesANight() {
    assertThat(ChargeTime.of(FLOODED, 60, 0, 0.95, 6, 14.4, 25).hours()).isBetween(10.0, 13.0);
    assertThat(ChargeTime.of(Chemistry.of("agm"), 60, 0, 0.95, 12, 14.4, 25).hours())
        .isBetween(5.0, 6.5);
  }

  /** Common practice, no source: at 13.8 V the tail takes about twice as long as at 14.4 V. */
  @Test
  void aLowVoltageStretchesTheTail() {
    double best = ChargeTime.of(FLOODED, 60, 0.8, 0.98, 40, 14.4, 25).hours();
    assertThat(ChargeTime.of(FLOODED, 60, 0.8, 0.98, 40, 13.8, 25).hours() / best)
        .isBetween(1.6, 2.4);
    assertThat(ChargeTime.of(FLOODED, 60, 0.8, 0.98, 40, 13.2, 25).hours() / best)
        .isBetween(5.0, 14.0);
  }

  /** No step in volts or temperature: neighbours take nearly the same. */
  @Test
  void acceptanceHasNoSteps() {
    for (Chemistry chemistry : Chemistry.all()) {
      for (double volts = 12.8; volts < 15; volts += 0.05) {
        for (double celsius = -24; celsius < 38; celsius += 0.5) {
          double here = ChargeTime.acceptedAmps(chemistry, 1, 0.6, volts, celsius);
          assertThat(ChargeTime.acceptedAmps(chemistry, 1, 0.6, volts + 0.01, celsius))
              .isCloseTo(here, within(0.12));
          assertThat(ChargeTime.acceptedAmps(chemistry, 1, 0.6, volts, celsius + 0.1))
              .isCloseTo(here, within(0.03));
        }
      }
    }
  }

  /** Check: a 0.8 A charger takes 15 to 20 h where 1.5 A takes 5 to 10 h (loosely, practice). */
  @Test
  void smallChargersOnAMotorcycle() {
    Chemistry agm = Chemistry.of("agm");
    double slow = ChargeTime.of(agm, 14, 0.1, 0.95, 0.8, 14.4, 20).hours();
    double quick = ChargeTime.of(agm, 14, 0.1, 0.95, 1.5, 14.4, 20).hours();
    assertThat(slow).isBetween(14.0, 20.0);
    assertThat(quick).isBetween(5.0, 11.0);
  }

  /** Lithium below freezing is never charged; slowly up to 10 °C (charge lock, practice). */
  @Test
  void coldLock() {
    assertThat(ChargeTime.mostAmps(LITHIUM, 40, -1)).isZero();
    assertThat(ChargeTime.mostAmps(LITHIUM, 40, 3)).isCloseTo(2.4, within(1e-9));
    assertThat(ChargeTime.mostAmps(LITHIUM, 40, 20)).isCloseTo(40, within(1e-9));
    assertThatIllegalArgumentException()
        .isThrownBy(() -> ChargeTime.of(LITHIUM, 40, 0.2, 0.9, 5, 14.2, -5))
        .withMessageContaining("at -5.0 °C gains nothing from 14.2 V");
  }

  /** Lithium fills two to three times faster than lead on the same alternator (practice). */
  @Test
  void lithiumFillsFaster() {
    double lead = ChargeTime.of(FLOODED, 60, 0.5, 0.95, 30, 14.4, 20).hours();
    double lithium = ChargeTime.of(LITHIUM, 60, 0.5, 0.95, 30, 14.4, 20).hours();
    assertThat(lead / lithium).isGreaterThan(2);
    assertThat(ChargeTime.minutesToRefillStart(Chemistry.of("agm"), 70, 0.21, 10))
        .isBetween(2.0, 6.0);
  }

  @Test
  void judgesAnAlternator() {
    ChargeSource old = ChargeSource.onEngine(ChargeSource.Kind.STATOR, 15, 15.4);
    assertThat(codes(old, LITHIUM, 20))
        .contains(ChargeJudgement.Code.PROTECTION_OPENS, ChargeJudgement.Code.LOAD_DUMP);
    assertThat(codes(old, Chemistry.of("agm"), 20)).contains(ChargeJudgement.Code.DRIES_OUT);
    assertThat(codes(old, Chemistry.of("gel"), 20)).contains(ChargeJudgement.Code.GEL_BUBBLES);
    assertThat(codes(old, FLOODED, 20)).contains(ChargeJudgement.Code.LOSES_WATER);
    ChargeSource weak = ChargeSource.onEngine(ChargeSource.Kind.ALTERNATOR, 60, 13.5);
    assertThat(codes(weak, LITHIUM, 20)).contains(ChargeJudgement.Code.STAYS_BELOW_FULL);
    ChargeSource good = ChargeSource.onEngine(ChargeSource.Kind.ALTERNATOR, 90, 14.3);
    assertThat(ChargeJudgement.of(good, FLOODED, 60, 25).findings()).isEmpty();
    assertThat(codes(good, LITHIUM, 200)).contains(ChargeJudgement.Code.ALTERNATOR_HEATS);
    // In a hot compartment 14.4 V is an overcharge that compensation would have prevented.
    assertThat(ChargeJudgement.of(good, FLOODED, 60, 60).isSafe()).isFalse();
  }

  @Test
  void judgesAWorkshopCharger() {
    ChargeSource lead =
        new ChargeSource(
            ChargeSource.Kind.CHARGER, 8, 14.7, OptionalDouble.of(13.8), true, 2, false);
    assertThat(codes(lead, LITHIUM, 20))
        .contains(
            ChargeJudgement.Code.DESULFATE_HARMS,
            ChargeJudgement.Code.CANNOT_WAKE,
            ChargeJudgement.Code.PROTECTION_OPENS);
    assertThat(ChargeJudgement.of(lead, LITHIUM, 20, 20).isSafe()).isFalse();
    assertThat(ChargeJudgement.of(lead, LITHIUM, 20, -5).findings())
        .anyMatch(each -> each.code() == ChargeJudgement.Code.TOO_COLD);
    assertThat(codes(lead, FLOODED, 20)).containsExactly(ChargeJudgement.Code.TOO_MUCH_CURRENT);
    ChargeSource small =
        new ChargeSource(
            ChargeSource.Kind.CHARGER, 1, 14.4, OptionalDouble.of(14.2), false, 0, true);
    assertThat(codes(small, LITHIUM, 100))
        .containsExactly(ChargeJudgement.Code.LITTLE_CURRENT, ChargeJudgement.Code.FLOAT_TOO_HIGH);
  }

  private static java.util.List<ChargeJudgement.Code> codes(
      ChargeSource source, Chemistry chemistry, double ampHours) {
    return ChargeJudgement.of(source, chemistry, ampHours, 25).findings().stream()
        .map(ChargeJudgement.Effect::code)
        .toList();
  }
}
