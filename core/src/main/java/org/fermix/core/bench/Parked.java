package org.fermix.core.bench;

import java.util.function.DoubleUnaryOperator;
import org.fermix.core.life.Sulfation;
import org.fermix.core.machine.Seasons;
import org.fermix.core.machine.Stand;
import org.fermix.core.quantity.Normal;
import org.fermix.core.quantity.Spread;
import org.fermix.core.storage.Course;
import org.fermix.core.storage.Freezing;
import org.fermix.core.storage.Parking;
import org.fermix.core.storage.Storage;

/**
 * One candidate standing: its charge over the days in seven equally likely cases of what it loses,
 * and the chance that it starts after them, that it has not frozen included. Everything said of
 * parking comes from this one chance: the chance itself, the days at which it falls to what is
 * asked, and their band. docs/model.md, section 4. Not to be shared between threads.
 */
final class Parked {
  /** Middles of seven equally likely parts of a normal law. */
  private static final double[] SCORES = {-1.465, -0.792, -0.366, 0, 0.366, 0.792, 1.465};

  private static final int MIDDLE = 3;

  private static final double MAINTAINED_CHARGE = 0.99;
  private static final double HOPELESS = -8;
  private static final int MOST_MONTHS = 2 + (int) (Parking.LONGEST_DAYS / Seasons.DAYS_PER_MONTH);

  private static final double DAYS_PER_WEEK = 7;
  private static final double STEP_DAYS = Seasons.DAYS_PER_MONTH / 2;
  private static final int STEPS = 2 + (int) (Parking.LONGEST_TOLD_DAYS / STEP_DAYS);
  private static final double MOST_LOST = 0.95;

  /** At the freezing point itself, without the margin that a start is judged with (σ). */
  private static final double FROZEN = -Freezing.MARGIN_K / Spread.FREEZING.sigma();

  private final Storage storage;
  private final Stand stand;
  private final double fromCharge;
  private final double fromSigma;
  private final Course[] courses;
  private final boolean mayFreeze;
  private final Seasons coldest;
  private final int firstMonth;
  private final double toMonthEnd;

  /** How far from freezing it has been at the least, to the end of each month, as far as asked. */
  private final double[][] least = new double[SCORES.length][];

  private final int[] knownMonths = new int[SCORES.length];

  /** Lost by sulfation at the end of each step, as far as asked for. */
  private final double[][] lost = new double[SCORES.length][];

  private final int[] knownSteps = new int[SCORES.length];

  /**
   * A candidate left standing.
   *
   * @param fromCharge when it is parked (1)
   * @param drainSigma standard deviation of ln(drain over capacity) (1)
   * @param coldest the coldest the battery gets there, month by month
   */
  Parked(Storage storage, Stand stand, double fromCharge, double drainSigma, Seasons coldest) {
    this.storage = storage;
    this.stand = stand;
    this.fromCharge = fromCharge;
    this.fromSigma = Spread.CHARGE_REACHED.sigma();
    this.coldest = coldest;
    firstMonth = Seasons.monthOf(storage.fromDay());
    toMonthEnd =
        (Math.floor(storage.fromDay() / Seasons.DAYS_PER_MONTH + 1e-9) + 1) * Seasons.DAYS_PER_MONTH
            - storage.fromDay();
    mayFreeze =
        storage.chemistry().isLead()
            && coldest.coldestC()
                < Freezing.pointC(0) + Freezing.MARGIN_K - HOPELESS * Spread.FREEZING.sigma();
    double drained = storage.drawnShare();
    double sigma = Math.hypot(drained * drainSigma, (1 - drained) * Spread.SELF_DISCHARGE.sigma());
    double[] factors = new double[SCORES.length];
    for (int i = 0; i < SCORES.length; i++) {
      factors[i] = Math.exp(SCORES[i] * sigma);
    }
    courses = storage.courses(fromCharge, factors);
  }

  /** The coldest it can get there on a day counted from the beginning (°C). */
  double coldestC(double day) {
    return coldest.atDay(storage.fromDay() + day + 1e-6);
  }

  /** How it stands. */
  Storage storage() {
    return storage;
  }

  /** Charge when it was parked (1). */
  double fromCharge() {
    return fromCharge;
  }

  /** Charge expected after some days (1). */
  double charge(double days) {
    return charge(MIDDLE, days);
  }

  /** Charge after some days with other losses (1). */
  double charge(double lossFactor, double drainFactor, double days) {
    if (stand.way() == Stand.Way.MAINTAINED && days > 0) {
      return Math.max(fromCharge, MAINTAINED_CHARGE);
    }
    return storage.course(fromCharge, lossFactor, drainFactor).chargeAfter(standing(days));
  }

  /** How far the charge after some days may be off: one standard deviation (1). */
  double chargeSigma(double days) {
    return (charge(1, days) - charge(5, days)) / (SCORES[5] - SCORES[1]);
  }

  /** Days until the expected charge falls to a level (d). */
  double daysTo(double charge) {
    return holds(charge) ? Parking.LONGEST_DAYS : courses[MIDDLE].daysTo(charge);
  }

  /** True when what is done about it keeps the charge above a level for good. */
  private boolean holds(double charge) {
    return switch (stand.way()) {
      case MAINTAINED -> charge < MAINTAINED_CHARGE;
      case TOPPED_UP -> charge < courses[MIDDLE].chargeAfter(DAYS_PER_WEEK * stand.weeks());
      case CONNECTED, NEGATIVE_OFF, RESERVE_ARMED -> false;
    };
  }

  private double charge(int scenario, double days) {
    return charge(scenario, days, courses[MIDDLE].chargeAfter(standing(days)));
  }

  private double charge(int scenario, double days, double middle) {
    if (stand.way() == Stand.Way.MAINTAINED && days > 0) {
      return Math.max(fromCharge, MAINTAINED_CHARGE);
    }
    double drained = middle - courses[scenario].chargeAfter(standing(days));
    double parked = fromSigma * SCORES[scenario];
    double off = Math.sqrt(drained * drained + parked * parked);
    return Math.max(0, Math.min(1, middle - Math.signum(SCORES[scenario]) * off));
  }

  /** Days since it was last charged (d). */
  private double standing(double days) {
    return stand.way() == Stand.Way.TOPPED_UP
        ? Math.min(days, DAYS_PER_WEEK * stand.weeks())
        : days;
  }

  /**
   * What it may have come to after some days: seven equally likely cases. What standing has cost of
   * its capacity is no longer there to start with.
   */
  Cases after(double days) {
    double[] charges = new double[SCORES.length];
    double[] whole = new double[SCORES.length];
    double middle = courses[MIDDLE].chargeAfter(standing(days));
    double lost = lost(days);
    double perScore = lost > 0 ? (lost(5, days) - lost(1, days)) / (SCORES[5] - SCORES[1]) : 0;
    for (int i = 0; i < SCORES.length; i++) {
      double charge = charge(i, days, middle);
      charges[i] = charge * (1 - Math.max(0, Math.min(MOST_LOST, lost + perScore * SCORES[i])));
      whole[i] = mayFreeze ? Normal.cumulative(unfrozen(i, days, charge)) : 1;
    }
    return new Cases(charges, whole);
  }

  /** Share of its capacity that some days of standing cost it by sulfation (1). */
  double lost(double days) {
    return lost(MIDDLE, days);
  }

  private double lost(int scenario, double days) {
    if (!storage.chemistry().isLead() || stand.way() == Stand.Way.MAINTAINED || days <= 0) {
      return 0;
    }
    double[] known = lost[scenario] == null ? new double[STEPS] : lost[scenario];
    lost[scenario] = known;
    double place = Math.min(days / STEP_DAYS, STEPS - 1.0);
    int below = (int) place;
    while (knownSteps[scenario] < below + 2 && knownSteps[scenario] < STEPS) {
      int step = knownSteps[scenario] == 0 ? 1 : knownSteps[scenario];
      double day = (step - 0.5) * STEP_DAYS;
      known[step] =
          Math.min(
              MOST_LOST,
              known[step - 1]
                  + STEP_DAYS
                      / Seasons.DAYS_PER_MONTH
                      * Sulfation.perMonth(
                          courses[scenario].chargeAfter(sinceCharged(day)),
                          Math.max(
                              -40,
                              Math.min(60, storage.seasons().atDay(storage.fromDay() + day)))));
      knownSteps[scenario] = step + 1;
    }
    int above = Math.min(STEPS - 1, below + 1);
    return known[below] + (place - below) * (known[above] - known[below]);
  }

  private double sinceCharged(double day) {
    return stand.way() == Stand.Way.TOPPED_UP ? day % (DAYS_PER_WEEK * stand.weeks()) : day;
  }

  /**
   * Days until it is lost for good (d): frozen, or lead flat for two weeks, or what its own draw
   * leaves of lithium and sodium once their protection is open; at most {@link
   * Parking#LONGEST_DAYS}.
   */
  double lostAfter() {
    double frozen = frozenAfter();
    if (holds(Math.max(0.02, storage.cutCharge()))) {
      return frozen;
    }
    return Math.min(frozen, storage.daysToUnrecoverable(fromCharge));
  }

  private double frozenAfter() {
    if (mayFreeze && stand.way() != Stand.Way.MAINTAINED) {
      for (double day = 0; day < STEP_DAYS * (STEPS - 1); day += DAYS_PER_WEEK) {
        if (unfrozen(MIDDLE, day, charge(day)) < FROZEN) {
          return day;
        }
      }
    }
    return Parking.LONGEST_DAYS;
  }

  /**
   * Equally likely cases, fullest first: charge, and the chance that it has not frozen. Between
   * them both go in straight lines over what was drawn, so that a limit of the charge is no step.
   */
  static final class Cases {
    /** Wider apart than this, every case is asked about; else a parabola through three does. */
    private static final double NEAR = 0.25;

    private static final int PARTS = 28;

    /** Of each part the case before it, and how far it lies towards the next. */
    private static final int[] BEFORE = new int[PARTS];

    private static final double[] TOWARDS = new double[PARTS];

    static {
      for (int part = 0; part < PARTS; part++) {
        double score = Normal.inverse((part + 0.5) / PARTS);
        int before = 0;
        while (before < SCORES.length - 2 && SCORES[before + 1] < score) {
          before++;
        }
        BEFORE[part] = before;
        TOWARDS[part] = (score - SCORES[before]) / (SCORES[before + 1] - SCORES[before]);
      }
    }

    private final double[] charges;
    private final double[] whole;

    private Cases(double[] charges, double[] whole) {
      this.charges = charges;
      this.whole = whole;
    }

    /** A charge that may be off by some standard deviation, where nothing can freeze (1). */
    static Cases around(double charge, double sigma) {
      double[] charges = new double[SCORES.length];
      double[] whole = new double[SCORES.length];
      for (int i = 0; i < SCORES.length; i++) {
        charges[i] = Math.max(0, Math.min(1, charge - SCORES[i] * sigma));
        whole[i] = 1;
      }
      return new Cases(charges, whole);
    }

    /**
     * Chance of a start (1); none below the lowest charge the circuit is trusted at.
     *
     * @param start chance of a start at a charge from the lowest on (1)
     */
    double chance(DoubleUnaryOperator start, double lowest) {
      double sum = 0;
      for (int part = 0; part < PARTS; part++) {
        double charge = Math.min(1, between(charges, part));
        if (charge >= lowest) {
          sum += Math.max(0, Math.min(1, between(whole, part))) * start.applyAsDouble(charge);
        }
      }
      return sum / PARTS;
    }

    private static double between(double[] values, int part) {
      double before = values[BEFORE[part]];
      return before + TOWARDS[part] * (values[BEFORE[part] + 1] - before);
    }

    /** The same from the sureness of a start, where that is dear to work out and smooth. */
    double chanceSmooth(DoubleUnaryOperator sureness, double lowest) {
      double high = charges[0];
      double low = charges[charges.length - 1];
      double middle = charges[MIDDLE];
      if (high - low > NEAR || low < lowest || high - middle < 1e-6 || middle - low < 1e-6) {
        double[] at = new double[charges.length];
        for (int i = 0; i < charges.length; i++) {
          at[i] = sureness.applyAsDouble(Math.max(lowest, charges[i]));
        }
        return chance(charge -> Normal.cumulative(straight(at, charge)), lowest);
      }
      double atMiddle = sureness.applyAsDouble(middle);
      double above = (sureness.applyAsDouble(high) - atMiddle) / (high - middle);
      double below = (atMiddle - sureness.applyAsDouble(low)) / (middle - low);
      double bend = (above - below) / (high - low);
      double slope = above - bend * (high - middle);
      return chance(
          charge ->
              Normal.cumulative(atMiddle + (charge - middle) * (slope + bend * (charge - middle))),
          lowest);
    }

    /** Straight lines between the cases, nothing beyond them. */
    private double straight(double[] at, double charge) {
      int i = 1;
      while (i < charges.length - 1 && charges[i] > charge) {
        i++;
      }
      double span = charges[i - 1] - charges[i];
      double share = span < 1e-9 ? 0 : (charge - charges[i]) / span;
      return at[i] + Math.max(0, Math.min(1, share)) * (at[i - 1] - at[i]);
    }

    /** Chance of a start if the cold were no matter (1): what frost and emptiness leave. */
    double most(double lowest) {
      return chance(charge -> 1, lowest);
    }
  }

  /** Chance of a start after some days (1). */
  double chance(double days, SurenessTable starts) {
    return after(days).chance(starts::chance, starts.lowest());
  }

  /** How surely it has not frozen in some days, as expected, in standard deviations. */
  double unfrozen(double days) {
    return mayFreeze ? unfrozen(MIDDLE, days, charge(days)) : -HOPELESS;
  }

  private double unfrozen(int scenario, double days, double charge) {
    if (days > 0 && least[scenario] == null) {
      least[scenario] = new double[MOST_MONTHS];
    }
    int month = 0;
    double monthEnd = toMonthEnd;
    while (monthEnd < days && month < MOST_MONTHS - 1) {
      if (month >= knownMonths[scenario]) {
        double before = month == 0 ? -HOPELESS : least[scenario][month - 1];
        least[scenario][month] = Math.min(before, margin(month, charge(scenario, monthEnd)));
        knownMonths[scenario]++;
      }
      month++;
      monthEnd += Seasons.DAYS_PER_MONTH;
    }
    double before = month == 0 ? -HOPELESS : least[scenario][month - 1];
    return Math.max(HOPELESS, Math.min(before, margin(month, charge)));
  }

  /** How far from freezing in the coldest of a month at a charge (σ). */
  private double margin(int month, double charge) {
    double coldestC = coldest.inMonth(1 + (firstMonth - 1 + month) % 12);
    return (coldestC - Freezing.pointC(charge) - Freezing.MARGIN_K) / Spread.FREEZING.sigma();
  }

  /** By then even the case that loses least is empty (d). */
  double latest() {
    return holds(0)
        ? Parking.LONGEST_DAYS
        : Math.min(Parking.LONGEST_DAYS, 1 + courses[0].daysTo(0.01));
  }

  /** True when freezing, not the start, ends the days first at a chance. */
  boolean freezesFirst(double days) {
    return mayFreeze && unfrozen(days) < 1;
  }
}
