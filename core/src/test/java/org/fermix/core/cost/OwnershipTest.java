package org.fermix.core.cost;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.fermix.core.life.Sulfation;
import org.junit.jupiter.api.Test;

/** Money over the years, and what shortens a life. */
class OwnershipTest {
  private static final double SHARP = 100;

  private static Renewals lasting(double years) {
    return new Renewals(years, SHARP, 0);
  }

  /** Check: 400 for 105 Ah and 476 cycles is 0.80 cents an Ah, 1400 for 100 and 2500 is 0.56. */
  @Test
  void perAmpHourOnRealOffers() {
    double lead = Ownership.perAmpHourCycled(400, 105, 1, 476);
    double lithium = Ownership.perAmpHourCycled(1400, 100, 1, 2500);
    assertThat(100 * lead).isCloseTo(0.80, within(0.005));
    assertThat(100 * lithium).isCloseTo(0.56, within(0.005));
    assertThat(1 - lithium / lead).isCloseTo(0.30, within(0.005));
    assertThat(100 * Ownership.perAmpHourCycled(400, 105, 0.5, 476)).isCloseTo(1.6, within(0.01));
    assertThat(100 * Ownership.perAmpHourCycled(1400, 100, 0.8, 2500)).isCloseTo(0.7, within(0.01));
  }

  /** Lives that hardly differ are bought as a calendar has them: at 0, 4 and 8 years. */
  @Test
  void theDearOneBecomesTheCheapOneAtAPurchase() {
    Ownership lead = Ownership.plain(100, lasting(4), 11.5);
    Ownership dear = Ownership.plain(250, lasting(12), 11.5);
    assertThat(lead.purchases()).isCloseTo(3, within(0.01));
    assertThat(dear.cheaperFrom(lead).orElseThrow()).isCloseTo(8, within(0.2));
    assertThat(lead.cheaperFrom(dear)).isEmpty();
    assertThat(Ownership.plain(80, lasting(4), 11.5).cheaperFrom(lead)).hasValue(0);
    assertThat(dear.priceToMatch(lead)).isCloseTo(300, within(25.0));
    assertThat(Ownership.plain(350, lasting(12), 11.5).cheaperFrom(lead)).isEmpty();
  }

  @Test
  void extrasAndDepositsCountOnce() {
    Ownership with =
        new Ownership(
            200,
            List.of(new Ownership.Extra("charger", 60), new Ownership.Extra("deposit", -10)),
            lasting(6),
            11,
            0,
            Ownership.Rest.GOES_WITH_IT);
    assertThat(with.presentValue()).isCloseTo(450, within(1.0));
    assertThat(with.spentBy(1)).isCloseTo(250, within(1e-6));
    assertThat(with.perYear()).isCloseTo(450 / 11.0, within(0.1));
    assertThat(with.priceToMatch(Ownership.plain(300, lasting(6), 11))).isCloseTo(275, within(1.0));
  }

  /** Property: a price at the turning point costs the same, whatever the figures. */
  @Test
  void thePriceToMatchMatches() {
    for (double life = 2; life < 9; life += 1.7) {
      for (double rate : new double[] {0, 0.03, 0.1}) {
        for (Ownership.Rest rest : Ownership.Rest.values()) {
          Renewals own = new Renewals(life, 3.2, 0.35);
          Renewals others = new Renewals(1.3 * life, 2.2, 0.35);
          Ownership one = new Ownership(180, List.of(), own, 10, rate, rest);
          Ownership other = new Ownership(300, List.of(), others, 10, rate, rest);
          Ownership matched =
              new Ownership(one.priceToMatch(other), List.of(), own, 10, rate, rest);
          assertThat(matched.presentValue()).isCloseTo(other.presentValue(), within(1e-6));
        }
      }
    }
  }

  @Test
  void unlikeYearsAreRefused() {
    assertThatIllegalArgumentException()
        .isThrownBy(
            () -> Ownership.plain(1, lasting(2), 3).cheaperFrom(Ownership.plain(1, lasting(2), 4)))
        .withMessageContaining("3.0 and 4.0 y");
  }

  /**
   * Half a winter at 12.2 V can cost 20 to 50 % in warmth; our estimate is milder, by far (memory).
   */
  @Test
  void storageUndercharged() {
    double[] half = {0.5, 0.45, 0.4};
    double lost = Sulfation.over(half, 90, 25);
    assertThat(lost).isBetween(0.08, 0.5);
    assertThat(Sulfation.over(half, 90, 5)).isCloseTo(lost / 4, within(1e-9));
    assertThat(Sulfation.perMonth(0.95, 25)).isZero();
    assertThat(Sulfation.perMonth(0, 25)).isCloseTo(0.10, within(1e-9));
  }
}
