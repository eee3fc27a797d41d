package org.fermix.core.cost;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.life.LifeEstimate;
import org.fermix.core.life.Sulfation;
import org.junit.jupiter.api.Test;

/** Money over the years, and what shortens a life. */
class OwnershipTest {
  /** Check: 400 for 105 Ah and 476 cycles is 0.80 cents an Ah, 1400 for 100 and 2500 is 0.56. */
  @Test
  void perAmpHourOnRealOffers() {
    double lead = YearlyCost.perAmpHourCycled(400, 105, 1, 476);
    double lithium = YearlyCost.perAmpHourCycled(1400, 100, 1, 2500);
    assertThat(100 * lead).isCloseTo(0.80, within(0.005));
    assertThat(100 * lithium).isCloseTo(0.56, within(0.005));
    assertThat(1 - lithium / lead).isCloseTo(0.30, within(0.005));
    assertThat(100 * YearlyCost.perAmpHourCycled(400, 105, 0.5, 476)).isCloseTo(1.6, within(0.01));
    assertThat(100 * YearlyCost.perAmpHourCycled(1400, 100, 0.8, 2500))
        .isCloseTo(0.7, within(0.01));
  }

  @Test
  void theDearOneBecomesTheCheapOneAtAPurchase() {
    Ownership lead = Ownership.plain(100, 4, 12);
    Ownership dear = Ownership.plain(250, 12, 12);
    assertThat(lead.purchases()).isEqualTo(3);
    assertThat(dear.cheaperFrom(lead)).hasValue(8);
    assertThat(lead.cheaperFrom(dear)).isEmpty();
    assertThat(Ownership.plain(80, 4, 12).cheaperFrom(lead)).hasValue(0);
    assertThat(dear.priceToMatch(lead)).isCloseTo(300, within(1e-9));
    assertThat(Ownership.plain(350, 12, 12).cheaperFrom(lead)).isEmpty();
  }

  @Test
  void extrasAndDepositsCountOnce() {
    Ownership with =
        new Ownership(
            200,
            List.of(new Ownership.Extra("charger", 60), new Ownership.Extra("deposit", -10)),
            6,
            12,
            0);
    assertThat(with.presentValue()).isEqualTo(450);
    assertThat(with.spentBy(1)).isEqualTo(250);
    assertThat(with.perYear()).isCloseTo(37.5, within(1e-9));
    assertThat(with.priceToMatch(Ownership.plain(300, 6, 12))).isCloseTo(275, within(1e-9));
  }

  /** Property: a price at the turning point costs the same, whatever the figures. */
  @Test
  void thePriceToMatchMatches() {
    for (double life = 2; life < 9; life += 1.7) {
      for (double rate : new double[] {0, 0.03, 0.1}) {
        Ownership one = new Ownership(180, List.of(), life, 10, rate);
        Ownership other = new Ownership(300, List.of(), 1.3 * life, 10, rate);
        Ownership matched = new Ownership(one.priceToMatch(other), List.of(), life, 10, rate);
        assertThat(matched.presentValue()).isCloseTo(other.presentValue(), within(1e-6));
      }
    }
  }

  @Test
  void unlikeYearsAreRefused() {
    assertThatIllegalArgumentException()
        .isThrownBy(() -> Ownership.plain(1, 2, 3).cheaperFrom(Ownership.plain(1, 2, 4)))
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

  @Test
  void abuseShortensLeadOnly() {
    Chemistry flooded = Chemistry.of("flooded");
    LifeEstimate kept = LifeEstimate.of(flooded, 20, 2, 0, 0);
    assertThat(kept.withAbuse(flooded, 0.05, 1).years()).isLessThan(kept.years());
    assertThat(kept.withAbuse(flooded, 0, 0.85).years()).isLessThan(kept.years());
    assertThat(kept.withAbuse(flooded, 0, 0.95).years()).isEqualTo(kept.years());
    Chemistry lithium = Chemistry.of("lfp");
    LifeEstimate other = LifeEstimate.of(lithium, 20, 2, 0, 0);
    assertThat(other.withAbuse(lithium, 0, 0.6).years()).isEqualTo(other.years());
  }
}
