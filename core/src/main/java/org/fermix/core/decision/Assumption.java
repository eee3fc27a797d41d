package org.fermix.core.decision;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;
import org.fermix.core.label.CrankingRating;
import org.fermix.core.machine.Charging;
import org.fermix.core.machine.Climate;
import org.fermix.core.machine.Departure;
import org.fermix.core.machine.Driving;
import org.fermix.core.machine.LongestLayUp;
import org.fermix.core.machine.MakersMinimum;
import org.fermix.core.machine.Need;
import org.fermix.core.machine.Use;
import org.fermix.core.machine.UsualNeed;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Limits;
import org.fermix.core.quantity.Spread;
import org.fermix.core.quantity.Unit;

/** What a need takes as known where its owner has said nothing, and how far off it may be. */
public enum Assumption {
  /** Engine and starter as usual for their class; better or worse in each respect at once. */
  ENGINE(
      Spread.ENGINE_OF_ITS_CLASS,
      Shift.SIGMAS,
      new Limits("departure", -4, 4, Unit.COUNT),
      need -> Given.assumed(0, Unit.COUNT, "as usual for its class"),
      Assumption::departing),
  /** The maker's minimum, taken from the displacement rule and then not asked. */
  MINIMUM(
      Spread.MINIMUM_ASSUMED,
      Shift.FACTOR,
      CrankingRating.AMPS,
      need -> need.minimum().crankingAmps(),
      Assumption::asking),
  /** Where the means of the months are assumed from it, they move with it. */
  COLDEST_MORNING(
      Spread.COLDEST_MORNING_ASSUMED,
      Shift.SUM,
      Climate.COLDEST_MORNING,
      need -> need.climate().coldestMorningC(),
      Assumption::coldest),
  WINTER_MEAN(
      Spread.WINTER_MEAN_ASSUMED,
      Shift.SUM,
      Climate.WINTER_MEAN,
      need -> need.climate().winterMeanC(),
      (need, winter) ->
          need.in(
              new Climate(
                  need.climate().coldestMorningC(),
                  least(winter, need.climate().summerMeanC()),
                  need.climate().summerMeanC(),
                  need.climate().coldestMonth()))),
  SUMMER_MEAN(
      Spread.SUMMER_MEAN_ASSUMED,
      Shift.SUM,
      Climate.SUMMER_MEAN,
      need -> need.climate().summerMeanC(),
      (need, summer) ->
          need.in(
              new Climate(
                  need.climate().coldestMorningC(),
                  least(need.climate().winterMeanC(), summer),
                  summer,
                  need.climate().coldestMonth()))),
  LAY_UP(
      Spread.LAY_UP_ASSUMED,
      Shift.FACTOR,
      LongestLayUp.DAYS,
      need -> need.use().layUp().days(),
      (need, days) -> need.used(need.use().standing(days))),
  DRAIN(
      Spread.DRAIN_ASSUMED,
      Shift.FACTOR,
      Use.DRAIN,
      need -> need.use().drainMilliamps(),
      (need, drain) -> need.used(need.use().drained(drain))),
  ENGINE_OFF_LOAD(
      Spread.LOAD_ASSUMED,
      Shift.FACTOR,
      Use.ENGINE_OFF_LOAD,
      need -> need.use().engineOffAmps(),
      (need, amps) -> need.used(need.use().running(amps, need.use().engineOffHours()))),
  ENGINE_OFF_HOURS(
      Spread.HOURS_ASSUMED,
      Shift.FACTOR,
      Use.ENGINE_OFF_HOURS,
      need -> need.use().engineOffHours(),
      (need, hours) -> need.used(need.use().running(need.use().engineOffAmps(), hours))),
  STARTS(
      Spread.STARTS_ASSUMED,
      Shift.FACTOR,
      Driving.STARTS_A_DAY,
      need -> need.use().driving().startsPerDay(),
      (need, starts) -> need.used(need.use().driven(need.use().driving().starting(starts)))),
  TRIP(
      Spread.TRIP_ASSUMED,
      Shift.FACTOR,
      Driving.TRIP,
      need -> need.use().driving().tripMinutes(),
      (need, trip) -> need.used(need.use().driven(need.use().driving().lasting(trip)))),
  YEARS_KEPT(
      Spread.YEARS_ASSUMED,
      Shift.FACTOR,
      Use.YEARS_KEPT,
      need -> need.use().yearsKept(),
      (need, years) -> need.used(need.use().kept(years))),
  REGULATED_VOLTS(
      Spread.REGULATED_VOLTS_ASSUMED,
      Shift.SUM_IN_SERIES,
      Charging.REGULATED_VOLTS,
      Need::regulatedVolts,
      (need, volts) ->
          need.charged(
              new Charging(
                  volts,
                  need.charging().spareAmps(),
                  need.charging().idleAmps(),
                  need.charging().idleShare(),
                  need.charging().source()))),
  /** At speed; at idle it is off by as much. */
  CHARGING_AMPS(
      Spread.CHARGING_ASSUMED,
      Shift.FACTOR,
      new Limits("charging current", 0, 500, Unit.AMPERE),
      need -> need.charging().spareAmps(),
      Assumption::charging);

  /** How the truth stands to what is assumed. */
  private enum Shift {
    FACTOR,
    SUM,
    /** A sum that belongs to 12 V. */
    SUM_IN_SERIES,
    /** The number of standard deviations itself. */
    SIGMAS
  }

  private final Spread spread;
  private final Shift shift;

  @SuppressWarnings("ImmutableEnumChecker")
  private final Limits limits;

  @SuppressWarnings("ImmutableEnumChecker")
  private final Function<Need, Given> of;

  @SuppressWarnings("ImmutableEnumChecker")
  private final BiFunction<Need, Given, Need> with;

  Assumption(
      Spread spread,
      Shift shift,
      Limits limits,
      Function<Need, Given> of,
      BiFunction<Need, Given, Need> with) {
    this.spread = spread;
    this.shift = shift;
    this.limits = limits;
    this.of = of;
    this.with = with;
  }

  /** What is assumed; empty where somebody has said it, or nothing is cranked. */
  public Optional<Given> assumedIn(Need need) {
    boolean ofEngine = this == ENGINE || this == MINIMUM;
    if ((ofEngine && !need.engine().turns()) || (this == ENGINE && need.engine().isFitted())) {
      return Optional.empty();
    }
    return Optional.of(of.apply(need)).filter(Given::isAssumed);
  }

  /** All that a need assumes. */
  public static List<Assumption> in(Need need) {
    return Arrays.stream(values()).filter(each -> each.assumedIn(need).isPresent()).toList();
  }

  /** The need, were the truth so many standard deviations off, within what can be at all. */
  Need with(Need need, double sigmas, Given assumed) {
    double off = sigmas * spread.sigma();
    double value =
        switch (shift) {
          case FACTOR -> assumed.value() * Math.exp(off);
          case SUM -> assumed.value() + off;
          case SUM_IN_SERIES -> assumed.value() + off * need.engine().series();
          case SIGMAS -> sigmas;
        };
    return with.apply(
        need,
        Given.typed(Math.max(limits.least(), Math.min(limits.most(), value)), assumed.unit()));
  }

  /**
   * Four independent departures of half their spread each, all one way, move a start about as far
   * as one of them all does by chance.
   */
  private static Need departing(Need need, Given sigmas) {
    double half = sigmas.value() / 2;
    return need.of(
        need.engine()
            .departing(
                new Departure(
                    Math.exp(half * Spread.DRAG.sigma()),
                    Math.exp(half * Spread.WINDING.sigma()),
                    1,
                    Math.exp(half * Spread.LEADS.sigma()),
                    Math.exp(half * Spread.FIRE_SPEED.sigma()))));
  }

  private static Need asking(Need need, Given amps) {
    MakersMinimum minimum = need.minimum();
    return need.asking(
        new MakersMinimum(
            Given.maker(amps.value(), Unit.AMPERE),
            minimum.test(),
            minimum.reserveMinutes(),
            minimum.ampHours()));
  }

  private static Need coldest(Need need, Given coldest) {
    Climate climate = need.climate();
    UsualNeed usual = UsualNeed.of(need.engine());
    Given winter =
        climate.winterMeanC().isAssumed()
            ? usual.winterMeanC(coldest.value())
            : climate.winterMeanC();
    Given summer =
        climate.summerMeanC().isAssumed()
            ? usual.summerMeanC(winter.value())
            : climate.summerMeanC();
    return need.in(new Climate(coldest, winter, summer, climate.coldestMonth()));
  }

  private static Need charging(Need need, Given amps) {
    Charging charging = need.charging();
    double by = amps.value() / Math.max(1e-9, charging.spareAmps().value());
    return need.charged(
        new Charging(
            charging.regulatedVolts(),
            amps,
            Given.typed(by * charging.idleAmps().value(), Unit.AMPERE),
            charging.idleShare(),
            need.charging().source()));
  }

  private static Given least(Given one, Given other) {
    return one.value() <= other.value() ? one : other;
  }
}
