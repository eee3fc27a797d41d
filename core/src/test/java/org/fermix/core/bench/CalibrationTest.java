package org.fermix.core.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.fermix.core.DocsTable;
import org.fermix.core.Examples;
import org.fermix.core.Machines;
import org.fermix.core.electrical.BatteryCircuit;
import org.fermix.core.electrical.ChargeState;
import org.fermix.core.electrical.CrankPoint;
import org.fermix.core.electrical.Cranking;
import org.fermix.core.electrical.StartLimits;
import org.fermix.core.label.Candidate;
import org.fermix.core.label.Label;
import org.fermix.core.life.Sulfation;
import org.fermix.core.machine.Departure;
import org.fermix.core.machine.Engine;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.Seasons;
import org.fermix.core.machine.UsualNeed;
import org.fermix.core.quantity.Figure;
import org.fermix.core.quantity.Spread;
import org.fermix.core.storage.Freezing;
import org.fermix.core.storage.Parking;
import org.junit.jupiter.api.Test;

/**
 * The chance of a start in one line, and every band that is said to hold eight times in ten,
 * against draws of the full model: drag, starter, leads, needed speed, temperature, the battery's
 * resistance, capacity, self-discharge, drain, charge and freezing point each at random, the
 * circuit solved anew each time. It shows that the short laws copy the full model with the spreads
 * of {@code spreads.csv}; it does not show that the spreads are right.
 *
 * <p>The cases are usual machines at their usual coldest and ten kelvin colder, after ten and after
 * sixty days, with lead and with lithium. What was found is in {@code docs/calibration.csv},
 * written anew by this test when {@code fermix.docs} names the folder.
 */
class CalibrationTest {
  private static final int DRAWS = 4000;

  /** Searching for a floor or a day takes a hundred starts, so fewer of these are drawn. */
  private static final int SEARCHES = 400;

  private static final double LITHIUM_AMPS_PER_AMP_HOUR = 14;
  private static final double LITHIUM_SHARE = 0.5;

  private record Case(String name, Need need, Candidate candidate, Conditions conditions) {}

  private record Found(
      String name,
      double said,
      double counted,
      double floor,
      double rpm,
      double volts,
      double days,
      boolean judgesDays,
      boolean judgesFloor,
      boolean turns) {}

  private static List<Case> cases() {
    List<Case> cases = new ArrayList<>();
    for (Machines.Machine machine : Machines.all()) {
      double coldest = machine.number("coldest");
      for (boolean lithium : new boolean[] {false, true}) {
        Candidate candidate = new Candidate("A", label(machine, lithium), 0);
        int variant = cases.size() % 3;
        double celsius = Math.max(-38, coldest - 10 * variant / 2.0 - (variant == 2 ? 5 : 0));
        Need need =
            Examples.needOf(
                machine.engine(),
                celsius,
                60,
                UsualNeed.of(machine.engine()).drainMilliamps().value());
        cases.add(
            new Case(
                machine.id() + (lithium ? ", lithium" : ""),
                need,
                candidate,
                new Conditions(celsius, variant == 1 ? 60 : 10, 0, 0, 0)));
      }
    }
    return cases;
  }

  private static Label label(Machines.Machine machine, boolean lithium) {
    return lithium
        ? Examples.heated(
            machine.label(
                "lfp",
                machine.number("ah") * LITHIUM_SHARE,
                machine.number("ah") * LITHIUM_SHARE * LITHIUM_AMPS_PER_AMP_HOUR))
        : machine.label(
            machine.row().text("chemistry"), machine.number("ah"), machine.number("cca"));
  }

  @Test
  void chanceAndBandsCopyTheFullModel() {
    RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(20261126);
    List<Found> found = new ArrayList<>();
    for (Case each : cases()) {
      found.add(draw(each, random));
    }
    assertThat(found).hasSizeGreaterThanOrEqualTo(76);
    write(found);
    double mean = 0;
    for (Found each : found) {
      assertThat(each.said()).as(each.name()).isCloseTo(each.counted(), within(0.05));
      mean += Math.abs(each.said() - each.counted()) / found.size();
    }
    assertThat(mean).isLessThan(0.015);
    holds("floor", found.stream().filter(Found::judgesFloor).mapToDouble(Found::floor).toArray());
    holds("speed", found.stream().filter(Found::turns).mapToDouble(Found::rpm).toArray());
    holds("volts", found.stream().filter(Found::turns).mapToDouble(Found::volts).toArray());
    holds("days", found.stream().filter(Found::judgesDays).mapToDouble(Found::days).toArray());
  }

  /**
   * Hours of a load with the engine off: against draws of load, law, capacity, charge, engine and
   * starter, each pair asked whether it starts from what is left.
   */
  @Test
  void hoursCopyTheFullModel() {
    RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(20261202);
    List<Double> shares = new ArrayList<>();
    for (Case each : cases()) {
      if (!each.need().engine().turns()) {
        continue;
      }
      double amps = each.candidate().label().capacity().value() / 12;
      Conditions loaded = each.conditions().running(amps, 2);
      InConditions in = new BenchCandidate(each.need(), Policy.USUAL, each.candidate()).in(loaded);
      Figure said =
          Bench.of(each.need(), Policy.USUAL, List.of(each.candidate()))
              .answer(loaded)
              .candidates()
              .get(0)
              .figure(Outcome.ENGINE_OFF_HOURS);
      OffLoad load = OffLoad.of(in);
      if (said.value() <= 0.1 || said.value() > 0.98 * load.floorHours()) {
        continue;
      }
      int inside = 0;
      for (int i = 0; i < SEARCHES; i++) {
        inside += inside(said, drawnHours(in, load, loaded, random));
      }
      shares.add(inside / (double) SEARCHES);
    }
    assertThat(shares).hasSizeGreaterThan(20);
    assertThat(shares.stream().mapToDouble(Double::doubleValue).average().orElseThrow())
        .isBetween(0.72, 0.88);
  }

  private static double drawnHours(
      InConditions in, OffLoad load, Conditions loaded, RandomGenerator random) {
    double law = in.power().law().isBetween(load.amps()) ? 0.15 : Math.hypot(0.15, 0.10);
    double usual = (in.chargeReached() - load.chargeAfter(0.01)) / 0.01;
    double takenInAnHour =
        usual
            * Math.exp(law * random.nextGaussian())
            * Math.exp(Spread.LOAD.sigma() * random.nextGaussian())
            * Math.exp(in.label().capacitySigma() * random.nextGaussian());
    double from =
        Math.min(1, in.chargeReached() + Spread.CHARGE_REACHED.sigma() * random.nextGaussian());
    double off = Spread.TEMPERATURE.sigma() * random.nextGaussian();
    Cranking cranking =
        new Cranking(
            in.circuit()
                .withResistance(Math.exp(in.circuit().resistanceSigma() * random.nextGaussian())),
            in.need().engine().departing(Examples.drawnDeparture(random)),
            in.power().protection());
    double low = in.circuit().lowestTrustedCharge();
    double high = 1;
    for (int i = 0; i < 12; i++) {
      double middle = 0.5 * (low + high);
      if (starts(cranking, middle, loaded.temperatureC() + off)) {
        high = middle;
      } else {
        low = middle;
      }
    }
    return Math.min(
        load.floorHours() * usual / takenInAnHour, Math.max(0, from - high) / takenInAnHour);
  }

  /** Eight times in ten, give or take the noise of the draws. */
  private static void holds(String name, double[] shares) {
    assertThat(shares).as(name).hasSizeGreaterThanOrEqualTo(25);
    for (double share : shares) {
      assertThat(share).as(name).isBetween(0.72, 0.88);
    }
  }

  private static Found draw(Case each, RandomGenerator random) {
    Bench bench = Bench.of(each.need(), Policy.USUAL, List.of(each.candidate()));
    CandidateAnswer answer = bench.answer(each.conditions()).candidates().get(0);
    InConditions in =
        new BenchCandidate(each.need(), Policy.USUAL, each.candidate()).in(each.conditions());
    Engine engine = each.need().engine();
    double celsius = each.conditions().temperatureC();
    Parked parked = in.cold();
    double lossSigma = Spread.SELF_DISCHARGE.sigma();
    double drainSigma = in.drainSigma();
    int starts = 0;
    int floors = 0;
    int speeds = 0;
    int volts = 0;
    int days = 0;
    Figure floor = answer.figure(Outcome.START_FLOOR);
    Figure speed = answer.figure(Outcome.CRANKING_SPEED);
    Figure volt = answer.figure(Outcome.CRANKING_VOLTS);
    Figure stand = answer.figure(Outcome.PARKED_DAYS);
    for (int i = 0; i < DRAWS; i++) {
      double from =
          Math.max(
              0,
              Math.min(
                  1, parked.fromCharge() + Spread.CHARGE_REACHED.sigma() * random.nextGaussian()));
      var course =
          parked
              .storage()
              .course(
                  from,
                  Math.exp(lossSigma * random.nextGaussian()),
                  Math.exp(drainSigma * random.nextGaussian()));
      double parkedDays = each.conditions().daysParked();
      double charge = course.chargeAfter(parkedDays) * (1 - lost(parked, course, parkedDays));
      double off = Spread.TEMPERATURE.sigma() * random.nextGaussian();
      double fire = Math.exp(Spread.FIRE_SPEED.sigma() * random.nextGaussian());
      BatteryCircuit battery =
          in.circuit()
              .withResistance(Math.exp(in.circuit().resistanceSigma() * random.nextGaussian()));
      Engine drawn =
          engine.departing(
              new Departure(
                  Math.exp(Spread.DRAG.sigma() * random.nextGaussian()),
                  Math.exp(Spread.WINDING.sigma() * random.nextGaussian()),
                  Math.exp(Spread.COUNTER_VOLTS.sigma() * random.nextGaussian()),
                  Math.exp(Spread.LEADS.sigma() * random.nextGaussian()),
                  fire));
      Cranking cranking = new Cranking(battery, drawn, in.power().protection());
      double freezing = 3 * random.nextGaussian();
      boolean whole = whole(parked, course, each.conditions().daysParked(), freezing);
      CrankPoint point = cranking.crank(ChargeState.rested(charge, celsius + off));
      boolean started =
          whole
              && charge >= battery.lowestTrustedCharge()
              && cranking.isFastEnough(point, celsius + off);
      starts += started ? 1 : 0;
      speeds += inside(speed, point.rpm());
      volts += inside(volt, point.volts());
      if (i < SEARCHES) {
        floors += inside(floor, whole ? floor(cranking, charge, off) : 99);
        days += inside(stand, days(cranking, parked, course, celsius + off, freezing));
      }
    }
    return new Found(
        each.name(),
        answer.figure(Outcome.START_CHANCE).value() / 100,
        starts / (double) DRAWS,
        floors / (double) SEARCHES,
        speeds / (double) DRAWS,
        volts / (double) DRAWS,
        days / (double) SEARCHES,
        !stand.isNever()
            && stand.band().low() > 0
            && stand.band().high()
                < Math.min(Parking.LONGEST_TOLD_DAYS, 364 * answer.figure(Outcome.LIFE).value()),
        !floor.isNever()
            && floor.band().low() > StartLimits.COLDEST_C + 0.5
            && floor.band().high() < StartLimits.WARMEST_C - 0.5,
        speed.band().low() > 0);
  }

  private static boolean whole(
      Parked parked, org.fermix.core.storage.Course course, double days, double kelvins) {
    if (!parked.storage().chemistry().isLead()) {
      return true;
    }
    for (double day = 0; ; day += 5) {
      double at = Math.min(days, day);
      double coldest = parked.coldestC(at);
      if (coldest < Freezing.pointC(course.chargeAfter(at)) + Freezing.MARGIN_K + kelvins) {
        return false;
      }
      if (at >= days) {
        return true;
      }
    }
  }

  private static int inside(Figure figure, double value) {
    return value >= figure.band().low() - 1e-9 && value <= figure.band().high() + 1e-9 ? 1 : 0;
  }

  /** The coldest at which the drawn pair starts, in the temperature its owner believes. */
  private static double floor(Cranking cranking, double charge, double off) {
    double low = StartLimits.COLDEST_C;
    double high = StartLimits.WARMEST_C;
    for (int i = 0; i < 14; i++) {
      double middle = 0.5 * (low + high);
      CrankPoint point = cranking.crank(ChargeState.rested(charge, middle + off));
      if (charge >= cranking.battery().lowestTrustedCharge()
          && cranking.isFastEnough(point, middle + off)) {
        high = middle;
      } else {
        low = middle;
      }
    }
    return high;
  }

  /** The day until which the drawn pair starts and has not frozen. */
  private static double days(
      Cranking cranking,
      Parked parked,
      org.fermix.core.storage.Course course,
      double celsius,
      double freezing) {
    double low = cranking.battery().lowestTrustedCharge();
    double high = 1;
    if (!starts(cranking, 1, celsius)) {
      return 0;
    }
    if (starts(cranking, low, celsius)) {
      high = low;
    }
    for (int i = 0; i < 12 && high > low; i++) {
      double middle = 0.5 * (low + high);
      if (starts(cranking, middle, celsius)) {
        high = middle;
      } else {
        low = middle;
      }
    }
    double days = daysTo(parked, course, high);
    if (!parked.storage().chemistry().isLead()) {
      return days;
    }
    for (double day = 0; day < days; day += 5) {
      if (parked.coldestC(day)
          < Freezing.pointC(course.chargeAfter(day)) + Freezing.MARGIN_K + freezing) {
        return day;
      }
    }
    return days;
  }

  /** What standing costs its capacity by then, added up day by day. */
  private static double lost(Parked parked, org.fermix.core.storage.Course course, double days) {
    double lost = 0;
    for (double day = 0.5; day < days && parked.storage().chemistry().isLead(); day++) {
      lost += lostOn(parked, course, day);
    }
    return Math.min(0.95, lost);
  }

  private static double lostOn(Parked parked, org.fermix.core.storage.Course course, double day) {
    return Sulfation.perMonth(
            course.chargeAfter(day),
            parked.storage().seasons().atDay(parked.storage().fromDay() + day))
        / Seasons.DAYS_PER_MONTH;
  }

  private static double daysTo(
      Parked parked, org.fermix.core.storage.Course course, double charge) {
    if (!parked.storage().chemistry().isLead()) {
      return course.daysTo(charge);
    }
    double lost = 0;
    double day = 0;
    while (day < Parking.LONGEST_DAYS && course.chargeAfter(day) * (1 - lost) > charge) {
      lost = Math.min(0.95, lost + lostOn(parked, course, day + 0.5));
      day++;
    }
    return day;
  }

  private static boolean starts(Cranking cranking, double charge, double celsius) {
    return cranking.isFastEnough(cranking.crank(ChargeState.rested(charge, celsius)), celsius);
  }

  private static void write(List<Found> found) {
    DocsTable.write(
        "calibration.csv",
        "Chance of a start and bands against "
            + DRAWS
            + " draws of the full model (floor and days: "
            + SEARCHES
            + "), one seed; shares of the draws that lie in the band, empty where there is none to judge.",
        "case,chance said,chance counted,floor,speed,volts,days",
        found.stream().map(CalibrationTest::row).toList());
  }

  private static String row(Found each) {
    return String.format(
        Locale.ROOT,
        "\"%s\",%.3f,%.3f,%s,%s,%s,%s",
        each.name(),
        each.said(),
        each.counted(),
        share(each.judgesFloor(), each.floor()),
        share(each.turns(), each.rpm()),
        share(each.turns(), each.volts()),
        share(each.judgesDays(), each.days()));
  }

  private static String share(boolean judged, double share) {
    return judged ? String.format(Locale.ROOT, "%.3f", share) : "";
  }
}
