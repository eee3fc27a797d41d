package org.fermix.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.fermix.core.Examples;
import org.fermix.core.bench.CandidateCurves.Kind;
import org.fermix.core.bench.CandidateCurves.Point;
import org.fermix.core.charging.ChargeSource;
import org.fermix.core.decision.Futures;
import org.fermix.core.decision.Weights;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.Label;
import org.fermix.core.machine.Need;
import org.fermix.core.quantity.Figure;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;
import org.junit.jupiter.api.Test;

/**
 * What the bench shows beyond its figures: curves, how each fails, how much is enough, how it is
 * filled. Rules are common practice, no source, unless one is named.
 */
class BenchInDepthTest {
  private static final Need NEED = Examples.dieselNeed();
  private static final Conditions OWN = Conditions.of(NEED);
  private static final Bench BENCH = Bench.of(NEED, Policy.USUAL, Examples.lineUp());

  private static List<Point> curve(String letter, Kind kind) {
    return BENCH.curves(OWN, EnumSet.of(kind)).stream()
        .filter(each -> each.letter().equals(letter))
        .findFirst()
        .flatMap(each -> each.find(kind))
        .orElseThrow();
  }

  private static double at(List<Point> points, double x) {
    for (int i = 1; i < points.size(); i++) {
      Point a = points.get(i - 1);
      Point b = points.get(i);
      if (x >= a.x() && x <= b.x() && b.x() > a.x()) {
        return a.y() + (x - a.x()) / (b.x() - a.x()) * (b.y() - a.y());
      }
    }
    return points.get(points.size() - 1).y();
  }

  /** Only what is asked for is worked out. */
  @Test
  void curvesAreWorkedOutWhenAskedFor() {
    for (Kind kind : Kind.values()) {
      for (CandidateCurves each : BENCH.curves(OWN, EnumSet.of(kind))) {
        assertThat(each.curves().keySet())
            .as(kind.name())
            .isSubsetOf(
                kind == Kind.START_VOLTS
                    ? EnumSet.of(Kind.START_VOLTS, Kind.START_AMPS, Kind.START_RPM)
                    : kind == Kind.THIRD_VOLTS
                        ? EnumSet.of(Kind.THIRD_VOLTS, Kind.THIRD_AMPS, Kind.THIRD_RPM)
                        : EnumSet.of(kind));
      }
    }
  }

  /** The parked curve passes half at the day the table says. */
  @Test
  void theParkedCurveSaysWhatTheTableSays() {
    for (CandidateAnswer each : BENCH.answer(OWN).candidates()) {
      Figure half = each.figure(Outcome.HALF_DAYS);
      if (half.value() < 360) {
        assertThat(at(curve(each.letter(), Kind.PARKED_CHARGE), half.value()))
            .as(each.letter())
            .isCloseTo(50, within(1.0));
      }
    }
  }

  /** A week from half rises where daily use settles higher, and never above it. */
  @Test
  void theWeekGoesTowardsWhatDailyUseReaches() {
    for (CandidateAnswer each : BENCH.answer(OWN).candidates()) {
      List<Point> week = curve(each.letter(), Kind.FILLING);
      double reached = each.figure(Outcome.CHARGE_REACHED).value();
      double end = week.get(week.size() - 1).y();
      assertThat(week.get(0).y()).isEqualTo(50);
      assertThat(end)
          .as(each.letter())
          .isBetween(Math.min(50, reached) - 1, Math.max(50, reached) + 4);
    }
  }

  /** Renewal theory: what is expected by the end, over the years, is the cost of a year. */
  @Test
  void moneyAgreesWithTheCostOfAYear() {
    double kept = NEED.use().yearsKept().value();
    for (CandidateAnswer each : BENCH.answer(OWN).forSale()) {
      List<Point> expected = curve(each.letter(), Kind.MONEY);
      assertThat(expected.get(expected.size() - 1).y() / kept)
          .as(each.letter())
          .isCloseTo(each.figure(Outcome.COST_PER_YEAR).value(), within(0.01));
      List<Point> steps = curve(each.letter(), Kind.MONEY_STEPS);
      double price = each.candidate().price();
      double life =
          Math.max(
              each.figure(Outcome.LASTS).value(),
              Math.min(2, 0.5 * each.figure(Outcome.LIFE).value()));
      assertThat(steps.get(0).y()).isEqualTo(price);
      assertThat(steps.get(steps.size() - 1).y())
          .as(each.letter())
          .isCloseTo(price * Math.ceil(kept / life - 1e-9), within(0.01));
    }
  }

  /** The third try of a lithium battery starts warmer, so it holds more volts than the first. */
  @Test
  void triesWarmALithiumBattery() {
    Candidate pack =
        new Candidate("A", Examples.heated(Examples.label("lfp", 600, 60, 100, 8, 500)), 0);
    Bench bench = Bench.of(NEED, Policy.USUAL, List.of(pack));
    CandidateCurves curves =
        bench
            .curves(
                OWN.aged(JudgedAge.NEW).afterDays(0),
                EnumSet.of(Kind.START_RPM, Kind.START_VOLTS, Kind.THIRD_VOLTS))
            .get(0);
    double first = curves.find(Kind.START_RPM).orElseThrow().get(60).y();
    double third = curves.find(Kind.THIRD_RPM).orElseThrow().get(60).y();
    assertThat(first).isPositive();
    assertThat(third).isPositive();
    assertThat(bench.warmUps(OWN.afterDays(0), 10, 180).get(0).orElseThrow().gainedK())
        .isBetween(0.05, 5.0);
    // What warms nothing is not offered: lead, and a mild day.
    assertThat(BENCH.warmUps(OWN, 10, 180).get(1)).isEmpty();
    assertThat(bench.warmUps(OWN.atTemperature(15), 10, 180).get(0)).isEmpty();
  }

  /** Lead fades and warns for long; lithium holds to the edge. */
  @Test
  void leadWarnsForLongerThanLithium() {
    Bench bench =
        Bench.of(
            NEED,
            Policy.USUAL,
            List.of(
                new Candidate("A", Examples.label("agm", 760, 60, 110, 18, 170), 0),
                new Candidate("B", Examples.label("lfp", 700, 60, 100, 8, 500), 0)));
    Conditions warm = OWN.atTemperature(20).aged(JudgedAge.NEW);
    List<HowItFails> failing = bench.failing(bench.answer(warm));
    HowItFails lead = failing.get(0);
    HowItFails pack = failing.get(1);
    assertThat(lead.manner()).isEqualTo(HowItFails.Manner.FADES);
    assertThat(pack.manner()).isEqualTo(HowItFails.Manner.CUT_OFF);
    assertThat(lead.warning().orElseThrow().hours())
        .isGreaterThan(2 * pack.warning().orElseThrow().hours());
    assertThat(pack.helps()).contains(HowItFails.Help.WAKING_CHARGER);
    assertThat(lead.helps()).containsExactly(HowItFails.Help.BOOST);
  }

  /** What gives first is what is nearest to not being met: of a colder morning, the start. */
  @Test
  void whatGivesFirstFollowsTheConditions() {
    Conditions cold = OWN.atTemperature(-38).afterDays(1).running(0.1, 0.1);
    BenchAnswer answer = BENCH.answer(cold);
    assertThat(BENCH.failing(answer))
        .filteredOn(each -> each.letter().equals("C"))
        .singleElement()
        .satisfies(each -> assertThat(each.first()).isEqualTo(HowItFails.First.COLD_START));
    Conditions lasting = OWN.atTemperature(20).afterDays(1).running(30, 40);
    assertThat(BENCH.failing(BENCH.answer(lasting)))
        .allSatisfy(
            each -> {
              assertThat(each.first()).isEqualTo(HowItFails.First.ENGINE_OFF);
              assertThat(each.spare()).isNegative();
            });
  }

  /** Less the spare amps it still clears; a tenth less again it does not. */
  @Test
  void beyondEnoughNothingChanges() {
    Conditions mild = OWN.atTemperature(0).afterDays(2).running(0, 0).aged(JudgedAge.NEW);
    Label large = Examples.label("agm", 950, 105, 190, 28, 260);
    Candidate candidate = new Candidate("A", large, 0);
    Enough enough = Enough.of(NEED, Policy.USUAL, Optional.empty(), candidate, mild).orElseThrow();
    assertThat(enough.spareAmps()).isPositive();
    assertThat(enough.spareAmpHours()).isPositive();
    assertThat(enough.spareAmps()).isLessThan(0.75 * 950);
    // The maker's minimum is a floor: what is spare never goes below it.
    assertThat(950 - enough.spareAmps())
        .isGreaterThanOrEqualTo(0.99 * NEED.minimum().crankingAmps().value());
    Label small = Examples.label("flooded", 300, 30, 40, 9, 60);
    assertThat(Enough.of(NEED, Policy.USUAL, Optional.empty(), new Candidate("B", small, 0), OWN))
        .isEmpty();
  }

  private static ChargeSource charger(double amps, double volts, boolean desulfates) {
    return new ChargeSource(
        ChargeSource.Kind.CHARGER, amps, volts, OptionalDouble.empty(), desulfates, 0, false);
  }

  /**
   * 27 Ah at 8 A are 3.4 h at the least; common practice: lithium is filled faster than lead once
   * the charger has amps enough, and 13.2 V fills nothing.
   */
  @Test
  void refillingTakesWhatArithmeticAndAcceptanceSay() {
    Label lead = Examples.label("agm", 640, 60, 100, 16, 96);
    Label pack = Examples.label("lfp", 600, 60, 100, 8, 500);
    double slow = Refill.of(NEED, lead, charger(8, 14.4, false)).hours().orElseThrow();
    double quick = Refill.of(NEED, pack, charger(8, 14.4, false)).hours().orElseThrow();
    assertThat(slow).isBetween(3.4, 12.0);
    assertThat(quick).isBetween(3.3, 4.5);
    double leadAt15 = Refill.of(NEED, lead, charger(15, 14.4, false)).hours().orElseThrow();
    double packAt15 = Refill.of(NEED, pack, charger(15, 14.4, false)).hours().orElseThrow();
    assertThat(leadAt15 / packAt15).isGreaterThan(1.3);
    assertThat(Refill.of(NEED, pack, charger(8, 13.2, false)).way())
        .isEqualTo(Refill.Way.NEVER_FULL);
    assertThat(Refill.of(NEED, pack, charger(8, 14.4, true)).way()).isEqualTo(Refill.Way.HARMS);
  }

  /**
   * 10,000 futures twice: shares are stable to about a point (three binomial deviations are 1.5).
   */
  @Test
  void sharesAreStableToAPoint() {
    Futures one = Futures.of(BENCH, OWN, Weights.USUAL, Futures.USUAL, 1);
    Futures other = Futures.of(BENCH, OWN, Weights.USUAL, Futures.USUAL, 2);
    for (int i = 0; i < one.shares().size(); i++) {
      Futures.Share a = one.shares().get(i);
      Futures.Share b = other.shares().get(i);
      assertThat(a.wins()).as(a.letter()).isCloseTo(b.wins(), within(0.02));
      assertThat(a.starts()).as(a.letter()).isCloseTo(b.starts(), within(0.02));
      assertThat(a.level()).as(a.letter()).isCloseTo(b.level(), within(0.02));
      assertThat(a.wins() + a.level()).isBetween(0.0, 1.0);
    }
  }

  /** Shares of what makes a band add up to one, and what is measured makes less of it. */
  @Test
  void whatMakesABandIsSharedOut() {
    for (Outcome outcome :
        List.of(
            Outcome.START_FLOOR,
            Outcome.PARKED_DAYS,
            Outcome.ENGINE_OFF_HOURS,
            Outcome.COST_PER_YEAR)) {
      List<Doubt> doubts = BENCH.doubts("C", outcome, OWN);
      assertThat(doubts.stream().mapToDouble(Doubt::share).sum())
          .as(outcome.name())
          .isCloseTo(1, within(1e-9));
      assertThat(doubts).isSortedAccordingTo((a, b) -> Double.compare(b.share(), a.share()));
    }
    assertThat(BENCH.doubts("C", Outcome.MASS, OWN)).isEmpty();
    assertThat(BENCH.doubts("Z", Outcome.COST_PER_YEAR, OWN)).isEmpty();
    Need assumed =
        NEED.used(
            NEED.use()
                .drained(
                    Given.assumed(
                        NEED.use().drainMilliamps().value(), Unit.MILLIAMPERE, "not measured")));
    assertThat(drainShare(assumed)).isGreaterThan(drainShare(NEED));
  }

  private static double drainShare(Need need) {
    return Bench.of(need, Policy.USUAL, Examples.lineUp())
        .doubts("C", Outcome.PARKED_DAYS, Conditions.of(need))
        .stream()
        .filter(each -> each.cause() == Doubt.Cause.DRAIN)
        .mapToDouble(Doubt::share)
        .sum();
  }
}
