package org.fermix.core.bench;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.fermix.core.bench.CandidateCurves.Kind;
import org.fermix.core.bench.CandidateCurves.Point;
import org.fermix.core.electrical.Protection;
import org.fermix.core.quantity.Figure;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Normal;
import org.fermix.core.quantity.Spread;
import org.jspecify.annotations.Nullable;

/**
 * What gives first in the conditions, in which way, with how much warning, and what one can still
 * do then. Lead fades and shows it; what has a protection holds its volts almost to the end and is
 * then cut off (common practice, no source).
 *
 * @param letter whose
 * @param first which of what is asked is nearest to not being met
 * @param spare how far it is from that, in standard deviations of the outcome; below 0 where it is
 *     not met
 * @param manner how it goes
 * @param warning of the load with the engine off, where one runs: from the machine’s own alarm, or
 *     where it has none from lamps seen to dim
 * @param helps what one can do then, the best first
 */
public record HowItFails(
    String letter,
    First first,
    double spare,
    Manner manner,
    Optional<Warning> warning,
    List<Help> helps) {
  /** Lamps are seen to dim below this, whatever feeds them (V at 12 V); estimate. */
  public static final double SIGN_VOLTS = 11.8;

  /** Copies the list. */
  public HowItFails {
    helps = List.copyOf(helps);
  }

  /** What gives. */
  public enum First {
    COLD_START,
    PARKED,
    ENGINE_OFF
  }

  /** How it goes. */
  public enum Manner {
    /** It turns slower, lamps dim: one notices. */
    FADES,
    /** Its protection cuts it off. */
    CUT_OFF,
    /** It holds its volts and then falls steeply, with nothing that cuts it off. */
    FALLS
  }

  /** What one can still do. */
  public enum Help {
    /** A start it keeps back, behind a button. */
    RESERVE,
    /** Further tries warm it. */
    MORE_TRIES,
    /** A boost from another, by the usual rules. */
    BOOST,
    /** A charger that wakes a protection; the machine itself cannot. */
    WAKING_CHARGER,
    /** A boost only as its maker’s text allows. */
    BOOST_BY_ITS_TEXT
  }

  /**
   * The warning of a load.
   *
   * @param signVolts what counts as the first sign (V)
   * @param fromHours when it comes (h)
   * @param offHours when it is off (h)
   */
  public record Warning(double signVolts, double fromHours, double offHours) {
    /** How long that is (h). */
    public double hours() {
      return Math.max(0, offHours - fromHours);
    }
  }

  static HowItFails of(InConditions in, CandidateAnswer answer) {
    boolean lead = in.label().chemistry().isLead();
    First first = First.PARKED;
    double cold = sureness(figure(answer, Outcome.START_CHANCE));
    double spare =
        spare(figure(answer, Outcome.PARKED_DAYS), days(in), Spread.PARKED_DAYS.sigma(), cold);
    if (cold < spare) {
      first = First.COLD_START;
      spare = cold;
    }
    if (in.conditions().hasEngineOffLoad()) {
      double off =
          spare(
              figure(answer, Outcome.ENGINE_OFF_HOURS),
              in.conditions().engineOffHours(),
              Spread.ENGINE_OFF_HOURS.sigma(),
              cold);
      if (off < spare) {
        first = First.ENGINE_OFF;
        spare = off;
      }
    }
    Optional<Protection> protection = in.power().protection();
    List<Help> helps = new ArrayList<>();
    if (protection.filter(Protection::hasReserve).isPresent()) {
      helps.add(Help.RESERVE);
    }
    Figure tries = figure(answer, Outcome.FIRST_TRY);
    if (tries != null && !tries.isNever() && tries.value() > 1) {
      helps.add(Help.MORE_TRIES);
    }
    if (lead) {
      helps.add(Help.BOOST);
    } else {
      if (protection.isPresent()) {
        helps.add(Help.WAKING_CHARGER);
      }
      helps.add(Help.BOOST_BY_ITS_TEXT);
    }
    return new HowItFails(
        in.candidate().letter(),
        first,
        spare,
        lead ? Manner.FADES : protection.isPresent() ? Manner.CUT_OFF : Manner.FALLS,
        warning(in),
        helps);
  }

  private static @Nullable Figure figure(CandidateAnswer answer, Outcome outcome) {
    return answer.find(outcome).orElse(null);
  }

  private static double days(InConditions in) {
    return in.conditions().layUpDays(in.need());
  }

  private static double sureness(@Nullable Figure chance) {
    return chance == null
        ? Double.MAX_VALUE
        : Normal.inverse(Math.max(1e-9, Math.min(1 - 1e-9, chance.value() / 100)));
  }

  /** Of what never holds because it does not start at all, the start is the cause. */
  private static double spare(@Nullable Figure figure, double needed, double sigma, double cold) {
    if (figure == null || needed <= 0) {
      return Double.MAX_VALUE;
    }
    return figure.isNever() || figure.value() <= 0
        ? (cold < 0 ? Double.MAX_VALUE : -Double.MAX_VALUE)
        : Math.log(figure.value() / needed) / sigma;
  }

  private static Optional<Warning> warning(InConditions in) {
    double sign =
        in.need()
            .use()
            .habit()
            .alarmVolts()
            .map(Given::value)
            .orElse(SIGN_VOLTS * in.need().engine().series());
    return OutcomeFamily.curves(in, EnumSet.of(Kind.ENGINE_OFF_VOLTS))
        .find(Kind.ENGINE_OFF_VOLTS)
        .map(
            points -> {
              double off = points.get(points.size() - 1).x();
              OptionalDouble from =
                  points.stream()
                      .filter(point -> point.y() < sign)
                      .mapToDouble(Point::x)
                      .findFirst();
              return new Warning(sign, Math.min(off, from.orElse(off)), off);
            });
  }
}
