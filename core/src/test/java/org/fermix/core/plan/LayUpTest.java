package org.fermix.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.OptionalDouble;
import org.fermix.core.charging.ChargeSource;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.chemistry.Plates;
import org.fermix.core.machine.Seasons;
import org.fermix.core.plan.LayUp.Advice;
import org.fermix.core.storage.Drain;
import org.fermix.core.storage.Storage;
import org.junit.jupiter.api.Test;

class LayUpTest {
  private static final LocalDate OCTOBER = LocalDate.of(2031, 10, 15);
  private static final LocalDate APRIL = LocalDate.of(2032, 4, 15);
  private static final ChargeSource SMALL =
      new ChargeSource(
          ChargeSource.Kind.CHARGER, 0.8, 14.4, OptionalDouble.of(13.5), false, 6, false);
  private static final ChargeSource LARGER =
      new ChargeSource(
          ChargeSource.Kind.CHARGER, 1.5, 14.4, OptionalDouble.of(13.5), false, 6, false);
  private static final ChargeSource DESULFATING =
      new ChargeSource(ChargeSource.Kind.CHARGER, 5, 15.8, OptionalDouble.of(13.8), true, 6, false);

  private static LayUp.Question question(
      String chemistry, double ampHours, double milliamps, ChargeSource... chargers) {
    return question(chemistry, ampHours, milliamps, 0.98, chargers);
  }

  private static LayUp.Question question(
      String chemistry,
      double ampHours,
      double milliamps,
      double charge,
      ChargeSource... chargers) {
    return new LayUp.Question(
        Chemistry.of(chemistry),
        Plates.STANDARD,
        ampHours,
        Drain.steady(milliamps),
        Seasons.between(-5, 22, 1),
        -20,
        OCTOBER,
        APRIL,
        charge,
        OptionalDouble.of(0.45),
        14.2,
        List.of(chargers));
  }

  /**
   * Lead with an alarm is charged about monthly, sooner on a small battery; disconnected it sits
   * for months (common practice, no source).
   */
  @Test
  void leadIsRechargedAboutMonthlyWithAnAlarm() {
    LayUp plan = LayUp.of(question("flooded", 12, 3, SMALL));
    assertThat(plan.advice()).contains(Advice.DISCONNECT);
    LayUp kept =
        LayUp.of(
            new LayUp.Question(
                Chemistry.of("flooded"),
                Plates.STANDARD,
                12,
                Drain.steady(3),
                Seasons.steady(25),
                10,
                OCTOBER,
                APRIL,
                0.98,
                OptionalDouble.of(0.45),
                14.2,
                List.of(SMALL)));
    List<LocalDate> days = kept.recharges().stream().map(LayUp.Recharge::day).toList();
    assertThat(days).isNotEmpty().isSorted().allMatch(day -> day.isBefore(APRIL));
    assertThat(kept.chargeAtEnd()).isGreaterThan(0.75);
    assertThat(kept.chargeUntouched()).isLessThan(kept.chargeAtEnd());
  }

  /**
   * 0.8 A takes 15 to 20 h where 1.5 A takes 5 to 10 h (loosely; common practice, no source). Ours
   * counts to 99.5 %, for which a charger's light does not wait: up to 14 h allowed.
   */
  @Test
  void theBiggerOfTwoFitChargersIsChosenAndIsQuicker() {
    LayUp small = LayUp.of(question("agm", 14, 8, 0.3, SMALL));
    LayUp both = LayUp.of(question("agm", 14, 8, 0.3, SMALL, LARGER));
    assertThat(both.recharges()).isNotEmpty();
    assertThat(both.recharges().get(0).charger()).contains(1);
    assertThat(both.recharges().get(0).hours()).isLessThan(small.recharges().get(0).hours());
    assertThat(small.recharges().get(0).hours()).isBetween(10.0, 20.0);
    assertThat(both.recharges().get(0).hours()).isBetween(5.0, 14.0);
  }

  /** Never a desulfating charger on lithium; half full for months; full before it is wanted. */
  @Test
  void lithiumIsStoredHalfFullAndKeptFromDesulfation() {
    LayUp plan = LayUp.of(question("lfp", 12, 1, DESULFATING, SMALL));
    assertThat(plan.storageCharge()).isEqualTo(LayUp.OTHER_STORAGE);
    assertThat(plan.advice()).contains(Advice.STORE_HALF_FULL, Advice.KEEP_A_CHARGER_AWAY);
    LayUp.Recharge last = plan.recharges().get(plan.recharges().size() - 1);
    assertThat(last.day()).isEqualTo(APRIL.minusDays(1));
    assertThat(last.charger()).contains(1);
    assertThat(plan.chargeAtEnd()).isGreaterThan(0.95);
    assertThat(LayUp.of(question("lfp", 12, 1, DESULFATING)).advice())
        .contains(Advice.NO_FIT_CHARGER);
  }

  /** Lithium left on a drain past its cut-off ends beyond recovery (common practice). */
  @Test
  void whatCouldBeLostIsSaid() {
    LayUp plan = LayUp.of(question("lfp", 5, 12, SMALL));
    assertThat(plan.advice()).contains(Advice.COULD_BE_LOST, Advice.DISCONNECT);
    assertThat(plan.untouched()).containsKey(Storage.Threshold.UNRECOVERABLE);
    LayUp lead = LayUp.of(question("flooded", 60, 40, SMALL));
    assertThat(lead.advice()).contains(Advice.BRING_IN_FROM_FROST);
    assertThat(lead.untouched().get(Storage.Threshold.FREEZING)).isAfter(OCTOBER).isBefore(APRIL);
  }

  /** A plan done never leaves it emptier than nothing done, over many batteries; one seed. */
  @Test
  void aPlanNeverMakesItWorse() {
    var random = java.util.random.RandomGeneratorFactory.of("L64X128MixRandom").create(4);
    for (int i = 0; i < 300; i++) {
      Chemistry chemistry = Chemistry.all().get(random.nextInt(Chemistry.all().size()));
      LocalDate parked = OCTOBER.plusDays(random.nextInt(365));
      LayUp plan =
          LayUp.of(
              new LayUp.Question(
                  chemistry,
                  Plates.STANDARD,
                  random.nextDouble(2, 200),
                  Drain.steady(random.nextDouble(0, 300)),
                  Seasons.between(
                      random.nextDouble(-30, 10), random.nextDouble(10, 40), i % 2 == 0 ? 7 : 1),
                  -30,
                  parked,
                  parked.plusDays(random.nextInt(1, 700)),
                  random.nextDouble(0, 1),
                  OptionalDouble.of(random.nextDouble(0.1, 0.9)),
                  random.nextDouble(13, 15),
                  List.of(SMALL, LARGER, DESULFATING)));
      assertThat(plan.chargeAtEnd()).isBetween(0.0, 1.0);
      assertThat(plan.chargeAtEnd()).isGreaterThanOrEqualTo(plan.chargeUntouched() - 1e-9);
      assertThat(plan.recharges()).extracting(LayUp.Recharge::day).isSorted();
      assertThat(plan.maintainerAmps()).isFinite().isNotNegative();
    }
  }

  @Test
  void theDaysMustBeInOrder() {
    assertThatIllegalArgumentException()
        .isThrownBy(
            () ->
                new LayUp.Question(
                    Chemistry.of("agm"),
                    Plates.STANDARD,
                    10,
                    Drain.steady(0),
                    Seasons.steady(10),
                    0,
                    APRIL,
                    OCTOBER,
                    1,
                    OptionalDouble.empty(),
                    14,
                    List.of()))
        .withMessageContaining("must come after the day it is parked");
    assertThat(ChronoUnit.DAYS.between(OCTOBER, APRIL)).isPositive();
  }
}
