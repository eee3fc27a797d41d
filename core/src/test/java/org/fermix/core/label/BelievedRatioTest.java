package org.fermix.core.label;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.fermix.core.Examples;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.electrical.CredibleRating;
import org.fermix.core.rating.CrankingTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is believed of an unstandardised cranking figure, worked out a second time by a script. */
class BelievedRatioTest {
  @ParameterizedTest
  @CsvSource({
    "lfp, 8, false, 8.5, 0.13",
    "lfp, 12, false, 11.6, 0.17",
    "lfp, 16, false, 13.6, 0.24",
    "lfp, 25, false, 14.1, 0.30",
    "lfp, 50, false, 15.4, 0.28",
    "lfp, 100, false, 17.7, 0.26",
    "lfp, 12, true, 12.1, 0.10",
    "lfp, 20, true, 18.2, 0.19",
    "sodium, 14, false, 13.1, 0.20",
    "sodium, 35, false, 18.5, 0.31"
  })
  void isTheMixture(String id, double printed, boolean stated, double ratio, double sigma) {
    BelievedRatio believed = BelievedRatio.of(Chemistry.of(id), printed, stated);
    assertThat(believed.ampsPerAmpHour()).isCloseTo(ratio, within(0.06 * ratio));
    assertThat(believed.sigma()).isCloseTo(sigma, within(0.012));
  }

  /**
   * A bolder figure is never believed to be less, and never in full; no step between neighbours.
   */
  @Test
  void bolderIsNeverLess() {
    double before = 0;
    for (double printed = 4; printed < 150; printed *= 1.02) {
      double believed = BelievedRatio.of(Chemistry.of("lfp"), printed, false).ampsPerAmpHour();
      assertThat(believed).isGreaterThanOrEqualTo(0.999 * before);
      if (before > 0) {
        assertThat(believed / before).isLessThan(1.03);
      }
      before = believed;
    }
    assertThat(before).isLessThan(20);
    assertThat(BelievedRatio.appliesTo(Chemistry.of("agm"))).isFalse();
  }

  /** What rank and gates take never falls with a larger printed figure, and is never more. */
  @ParameterizedTest
  @CsvSource({"lfp, false", "lfp, true", "sodium, false", "sodium, true"})
  void whatIsTakenNeverFalls(String id, boolean stated) {
    double before = 0;
    for (double printed = 4; printed < 150; printed *= 1.01) {
      double taken = BelievedRatio.taken(Chemistry.of(id), printed, stated).ampsPerAmpHour();
      assertThat(taken).as("%s at %.1f", id, printed).isGreaterThanOrEqualTo(0.9999 * before);
      double shown = BelievedRatio.of(Chemistry.of(id), printed, stated).ampsPerAmpHour();
      assertThat(taken).isLessThanOrEqualTo(shown + 1e-12);
      before = taken;
    }
  }

  /**
   * Ampere-hours a kilogram: up to 8 they are believed as printed; far above they are compared with
   * lead, and about 6 a kilogram are left. Engineering estimate, as the law itself.
   */
  @ParameterizedTest
  @CsvSource({"6, 6, 6", "8, 7.5, 8", "12, 4, 7.5", "15, 4.5, 6.5", "18, 4.5, 6.8"})
  void ampHoursAreBelievedAsFarAsTheirMassAllows(double perKg, double low, double high) {
    double believed =
        Examples.label("lfp", 200, 4 * perKg, 9 * perKg, 4, 100).capacity().value() / 4;
    assertThat(believed).isBetween(low - 1e-9, high + 1e-9);
  }

  /**
   * The same cells under a flattering label: 12 Ah and 200 A on one kilogram, beside 5 Ah and 70 A.
   * What is believed of both lies within each other's doubt.
   */
  @Test
  void theSameCellsUnderAFlatteringLabelComeOutAlike() {
    Label honest = Examples.label("lfp", 70, 5, 11.5, 1.0, 60);
    Label flattering = Examples.label("lfp", 200, 12, 27, 1.0, 60);
    assertThat(flattering.capacity().value()).isLessThan(1.1 * honest.capacity().value());
    CredibleRating one = CredibleRating.of(honest);
    CredibleRating other = CredibleRating.of(flattering);
    double apart = Math.abs(Math.log(other.rating().amps() / one.rating().amps()));
    assertThat(apart).isLessThan(1.28 * Math.hypot(one.sigma(), other.sigma()));
  }

  private static CrankingRating by(String test, double amps) {
    return new CrankingRating(amps, CrankingTest.find(test).orElseThrow());
  }

  /**
   * Side by side on labels: 800 CCA / 1000 MCA, 750 / 870 (common practice, no source). Typed in
   * either order they come to the same, near the cold figure.
   */
  @ParameterizedTest
  @CsvSource({"800, 1000", "750, 870", "550, 690"})
  void severalRatingsAreWeighedTogether(double cold, double marine) {
    Label first = Examples.label("agm", cold, 75, 130, 21, 180);
    Label coldFirst = first.with(Sheet.SILENT.rated(List.of(by("mca", marine))));
    Label marineFirst =
        new Label(
                first.name(),
                first.chemistry(),
                by("mca", marine),
                first.capacityAh(),
                first.reserveMinutes(),
                first.massKg(),
                first.size(),
                first.positiveSide(),
                first.price())
            .with(Sheet.SILENT.rated(List.of(by("cca", cold))));
    double one = CredibleRating.of(coldFirst).rating().amps();
    double other = CredibleRating.of(marineFirst).rating().amps();
    assertThat(one).isCloseTo(other, within(0.5));
    assertThat(one).isBetween(0.9 * cold, 1.1 * cold);
  }

  /**
   * A rating typed in another standard changes nothing beyond its band; five that disagree widen
   * it.
   */
  @Test
  void anotherStandardChangesNothingBeyondItsBand() {
    Label label = Examples.label("agm", 600, 60, 105, 17.5, 150);
    BatteryCircuit circuit = BatteryCircuit.of(label);
    for (CrankingTest test : CrankingTest.all()) {
      Label typed =
          new Label(
              label.name(),
              label.chemistry(),
              new CrankingRating(circuit.ratedAmps(test), test),
              label.capacityAh(),
              label.reserveMinutes(),
              label.massKg(),
              label.size(),
              label.positiveSide(),
              label.price());
      CredibleRating believed = CredibleRating.of(typed);
      double cold = BatteryCircuit.of(typed).ratedAmps(CrankingTest.COLD_CRANKING);
      assertThat(Math.abs(Math.log(cold / 600)))
          .as(test.label())
          .isLessThan(0.01 + 1.28 * believed.sigma());
    }
    Label disagreeing =
        label.with(
            Sheet.SILENT.rated(
                List.of(by("mca", 1100), by("en", 420), by("hca", 700), by("din", 500))));
    assertThat(CredibleRating.of(disagreeing).sigma())
        .isGreaterThan(1.5 * CredibleRating.of(label).sigma());
  }

  /**
   * Over wide ranges of lead labels: the same battery by any standard comes out within the band of
   * the cold one.
   */
  @Test
  void theStandardTypedDoesNotDecide() {
    java.util.random.RandomGenerator random =
        java.util.random.RandomGeneratorFactory.of("L64X128MixRandom").create(5);
    for (int i = 0; i < 60; i++) {
      String kind = java.util.List.of("flooded", "efb", "agm").get(random.nextInt(3));
      double ah = random.nextDouble(8, 110);
      double cca = ah * random.nextDouble(7, 11);
      Label cold = Examples.label(kind, cca, ah, 1.7 * ah, ah / 3.6, 100);
      BatteryCircuit circuit = BatteryCircuit.of(cold);
      for (CrankingTest test : CrankingTest.all()) {
        Label typed =
            new Label(
                cold.name(),
                cold.chemistry(),
                new CrankingRating(Math.min(3000, circuit.ratedAmps(test)), test),
                cold.capacityAh(),
                cold.reserveMinutes(),
                cold.massKg(),
                cold.size(),
                cold.positiveSide(),
                cold.price());
        double other = BatteryCircuit.of(typed).ratedAmps(CrankingTest.COLD_CRANKING);
        assertThat(Math.abs(Math.log(other / cca)))
            .as(kind + " " + ah + " Ah by " + test.label())
            .isLessThan(0.01 + 1.28 * CredibleRating.of(typed).sigma());
      }
    }
  }
}
