package org.fermix.core.decision;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
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
  ENGINE(Spread.ENGINE_OF_ITS_CLASS) {
    @Override
    Optional<Given> of(Need need) {
      return need.engine().turns() && !need.engine().isFitted()
          ? Optional.of(Given.assumed(1, Unit.SHARE, "as usual for its class"))
          : Optional.empty();
    }

    @Override
    Need with(Need need, double sigmas, Given assumed) {
      // Four independent departures of half their spread each, all one way, move a start about as
      // far as one of them all does by chance.
      double half = sigmas / 2;
      return new Need(
          need.engine()
              .departing(
                  new Departure(
                      Math.exp(half * Spread.DRAG.sigma()),
                      Math.exp(half * Spread.WINDING.sigma()),
                      1,
                      Math.exp(half * Spread.LEADS.sigma()),
                      Math.exp(half * Spread.FIRE_SPEED.sigma()))),
          need.minimum(),
          need.tray(),
          need.place(),
          need.climate(),
          need.use(),
          need.charging());
    }
  },
  /** The maker's minimum, taken from the displacement rule and then not asked. */
  MINIMUM(Spread.MINIMUM_ASSUMED) {
    @Override
    Optional<Given> of(Need need) {
      return need.engine().turns() ? Optional.of(need.minimum().crankingAmps()) : Optional.empty();
    }

    @Override
    Need with(Need need, double sigmas, Given assumed) {
      MakersMinimum minimum = need.minimum();
      double amps = Math.max(1, Math.min(3000, factor(sigmas, assumed)));
      return new Need(
          need.engine(),
          new MakersMinimum(
              Given.maker(amps, Unit.AMPERE),
              minimum.test(),
              minimum.reserveMinutes(),
              minimum.ampHours()),
          need.tray(),
          need.place(),
          need.climate(),
          need.use(),
          need.charging());
    }
  },
  /** Where the means of the months are assumed from it, they move with it. */
  COLDEST_MORNING(Spread.COLDEST_MORNING_ASSUMED) {
    @Override
    Optional<Given> of(Need need) {
      return Optional.of(need.climate().coldestMorningC());
    }

    @Override
    Need with(Need need, double sigmas, Given assumed) {
      Climate climate = need.climate();
      UsualNeed usual = UsualNeed.of(need.engine());
      double coldestC = within(Climate.COLDEST_MORNING, sum(sigmas, assumed));
      Given winter =
          climate.winterMeanC().isAssumed() ? usual.winterMeanC(coldestC) : climate.winterMeanC();
      return in(
          need,
          new Climate(
              known(assumed, coldestC),
              winter,
              climate.summerMeanC().isAssumed()
                  ? usual.summerMeanC(winter.value())
                  : climate.summerMeanC(),
              climate.coldestMonth()));
    }
  },
  WINTER_MEAN(Spread.WINTER_MEAN_ASSUMED) {
    @Override
    Optional<Given> of(Need need) {
      return Optional.of(need.climate().winterMeanC());
    }

    @Override
    Need with(Need need, double sigmas, Given assumed) {
      Climate climate = need.climate();
      return in(
          need,
          new Climate(
              climate.coldestMorningC(),
              known(
                  assumed,
                  Math.min(
                      climate.summerMeanC().value(),
                      within(Climate.WINTER_MEAN, sum(sigmas, assumed)))),
              climate.summerMeanC(),
              climate.coldestMonth()));
    }
  },
  SUMMER_MEAN(Spread.SUMMER_MEAN_ASSUMED) {
    @Override
    Optional<Given> of(Need need) {
      return Optional.of(need.climate().summerMeanC());
    }

    @Override
    Need with(Need need, double sigmas, Given assumed) {
      Climate climate = need.climate();
      return in(
          need,
          new Climate(
              climate.coldestMorningC(),
              climate.winterMeanC(),
              known(
                  assumed,
                  Math.max(
                      climate.winterMeanC().value(),
                      within(Climate.SUMMER_MEAN, sum(sigmas, assumed)))),
              climate.coldestMonth()));
    }
  },
  LAY_UP(Spread.LAY_UP_ASSUMED) {
    @Override
    Optional<Given> of(Need need) {
      return Optional.of(need.use().layUp().days());
    }

    @Override
    Need with(Need need, double sigmas, Given assumed) {
      LongestLayUp layUp = need.use().layUp();
      Use use = need.use();
      return in(
          need,
          new Use(
              new LongestLayUp(
                  known(assumed, within(LongestLayUp.DAYS, factor(sigmas, assumed))),
                  layUp.fromMonth(),
                  layUp.place(),
                  layUp.stand()),
              use.drainMilliamps(),
              use.engineOffAmps(),
              use.engineOffHours(),
              use.driving(),
              use.yearsKept(),
              use.history()));
    }
  },
  DRAIN(Spread.DRAIN_ASSUMED) {
    @Override
    Optional<Given> of(Need need) {
      return Optional.of(need.use().drainMilliamps());
    }

    @Override
    Need with(Need need, double sigmas, Given assumed) {
      Use use = need.use();
      return in(
          need,
          new Use(
              use.layUp(),
              known(assumed, within(Use.DRAIN, factor(sigmas, assumed))),
              use.engineOffAmps(),
              use.engineOffHours(),
              use.driving(),
              use.yearsKept(),
              use.history()));
    }
  },
  ENGINE_OFF_LOAD(Spread.LOAD_ASSUMED) {
    @Override
    Optional<Given> of(Need need) {
      return Optional.of(need.use().engineOffAmps());
    }

    @Override
    Need with(Need need, double sigmas, Given assumed) {
      Use use = need.use();
      return in(
          need,
          new Use(
              use.layUp(),
              use.drainMilliamps(),
              known(assumed, within(Use.ENGINE_OFF_LOAD, factor(sigmas, assumed))),
              use.engineOffHours(),
              use.driving(),
              use.yearsKept(),
              use.history()));
    }
  },
  ENGINE_OFF_HOURS(Spread.HOURS_ASSUMED) {
    @Override
    Optional<Given> of(Need need) {
      return Optional.of(need.use().engineOffHours());
    }

    @Override
    Need with(Need need, double sigmas, Given assumed) {
      Use use = need.use();
      return in(
          need,
          new Use(
              use.layUp(),
              use.drainMilliamps(),
              use.engineOffAmps(),
              known(assumed, within(Use.ENGINE_OFF_HOURS, factor(sigmas, assumed))),
              use.driving(),
              use.yearsKept(),
              use.history()));
    }
  },
  STARTS(Spread.STARTS_ASSUMED) {
    @Override
    Optional<Given> of(Need need) {
      return Optional.of(need.use().driving().startsPerDay());
    }

    @Override
    Need with(Need need, double sigmas, Given assumed) {
      return driven(
          need,
          new Driving(
              known(assumed, within(Driving.STARTS_A_DAY, factor(sigmas, assumed))),
              need.use().driving().tripMinutes()));
    }
  },
  TRIP(Spread.TRIP_ASSUMED) {
    @Override
    Optional<Given> of(Need need) {
      return Optional.of(need.use().driving().tripMinutes());
    }

    @Override
    Need with(Need need, double sigmas, Given assumed) {
      return driven(
          need,
          new Driving(
              need.use().driving().startsPerDay(),
              known(assumed, within(Driving.TRIP, factor(sigmas, assumed)))));
    }
  },
  YEARS_KEPT(Spread.YEARS_ASSUMED) {
    @Override
    Optional<Given> of(Need need) {
      return Optional.of(need.use().yearsKept());
    }

    @Override
    Need with(Need need, double sigmas, Given assumed) {
      Use use = need.use();
      return in(
          need,
          new Use(
              use.layUp(),
              use.drainMilliamps(),
              use.engineOffAmps(),
              use.engineOffHours(),
              use.driving(),
              known(assumed, within(Use.YEARS_KEPT, factor(sigmas, assumed))),
              use.history()));
    }
  },
  REGULATED_VOLTS(Spread.REGULATED_VOLTS_ASSUMED) {
    @Override
    Optional<Given> of(Need need) {
      return Optional.of(need.regulatedVolts());
    }

    @Override
    Need with(Need need, double sigmas, Given assumed) {
      double volts = assumed.value() + sigmas * sigma() * need.engine().series();
      Charging charging = need.charging();
      return in(
          need,
          new Charging(
              known(assumed, within(Charging.REGULATED_VOLTS, volts)),
              charging.spareAmps(),
              charging.idleAmps(),
              charging.idleShare()));
    }
  },
  CHARGING_AMPS(Spread.CHARGING_ASSUMED) {
    @Override
    Optional<Given> of(Need need) {
      return Optional.of(need.charging().spareAmps());
    }

    @Override
    Need with(Need need, double sigmas, Given assumed) {
      Charging charging = need.charging();
      double by = Math.exp(sigmas * sigma());
      return in(
          need,
          new Charging(
              charging.regulatedVolts(),
              known(assumed, by * charging.spareAmps().value()),
              known(assumed, by * charging.idleAmps().value()),
              charging.idleShare()));
    }
  };

  private final Spread spread;

  Assumption(Spread spread) {
    this.spread = spread;
  }

  /** What the need takes it to be, typed or assumed. */
  abstract Optional<Given> of(Need need);

  /** The need, were the truth so many standard deviations off. */
  abstract Need with(Need need, double sigmas, Given assumed);

  /** One standard deviation; see {@link Spread}. */
  double sigma() {
    return spread.sigma();
  }

  /** What is assumed; empty where somebody has said it. */
  public Optional<Given> assumedIn(Need need) {
    return of(need).filter(Given::isAssumed);
  }

  /** All that a need assumes. */
  public static List<Assumption> in(Need need) {
    return Arrays.stream(values()).filter(each -> each.assumedIn(need).isPresent()).toList();
  }

  double factor(double sigmas, Given assumed) {
    return assumed.value() * Math.exp(sigmas * sigma());
  }

  double sum(double sigmas, Given assumed) {
    return assumed.value() + sigmas * sigma();
  }

  static Given known(Given assumed, double value) {
    return Given.typed(value, assumed.unit());
  }

  static double within(Limits limits, double value) {
    return Math.max(limits.least(), Math.min(limits.most(), value));
  }

  static Need in(Need need, Climate climate) {
    return new Need(
        need.engine(),
        need.minimum(),
        need.tray(),
        need.place(),
        climate,
        need.use(),
        need.charging());
  }

  static Need in(Need need, Use use) {
    return new Need(
        need.engine(),
        need.minimum(),
        need.tray(),
        need.place(),
        need.climate(),
        use,
        need.charging());
  }

  static Need in(Need need, Charging charging) {
    return new Need(
        need.engine(),
        need.minimum(),
        need.tray(),
        need.place(),
        need.climate(),
        need.use(),
        charging);
  }

  static Need driven(Need need, Driving driving) {
    Use use = need.use();
    return in(
        need,
        new Use(
            use.layUp(),
            use.drainMilliamps(),
            use.engineOffAmps(),
            use.engineOffHours(),
            driving,
            use.yearsKept(),
            use.history()));
  }
}
