package org.fermix.core.bench;

import org.fermix.core.quantity.Band;
import org.fermix.core.quantity.Normal;

/**
 * How many years a battery goes on doing what is asked: it lives, and its margin, which falls with
 * wear, still holds. Over the lives ℓ it may have, the chance that it does after t years is R(t) =
 * mean of Φ(z(t/ℓ)) while t &lt; ℓ, with z(x) = z₀ − (z₀ − z₁)·x^1.7 between new and the end of its
 * life; docs/model.md, section 6. Not to be shared between threads.
 */
final class Lasting {
  /** Wear of the margin over the share of its life, as that of health. */
  private static final double EXPONENT = 1.7;

  private static final int PARTS = 10;
  private static final double EVEN = 0.5;
  private static final double SURE = 0.9;
  private static final double NEAR_YEARS = 0.01;
  private static final double FARTHEST_SIGMAS = 4;

  /** Nobody plans with less than two years, or half a short life, of a battery bought (y). */
  private static final double LEAST_YEARS = 2;

  private final double whenNew;
  private final double atEnd;
  private final double lifeYears;
  private final double sigma;
  private final double ageYears;

  /** Worked out once; not a number until then. */
  private double years = Double.NaN;

  /**
   * Of one battery.
   *
   * @param whenNew z₀, how surely it does all that is asked when new (σ)
   * @param atEnd z₁, the same at the end of its life; never taken surer than new (σ)
   * @param lifeYears median of its lives (y)
   * @param sigma standard deviation of ln(life) of one piece (1)
   * @param ageYears in service by now; it has lived so long (y)
   */
  Lasting(double whenNew, double atEnd, double lifeYears, double sigma, double ageYears) {
    this.whenNew = whenNew;
    this.atEnd = Math.min(whenNew, atEnd);
    this.lifeYears = lifeYears;
    this.sigma = sigma;
    this.ageYears = ageYears;
  }

  double whenNew() {
    return whenNew;
  }

  double atEnd() {
    return atEnd;
  }

  double lifeYears() {
    return lifeYears;
  }

  double ageYears() {
    return ageYears;
  }

  /** Chance that it does what is asked some years from now, given that it lives today (1). */
  double chanceAfter(double years) {
    double then = ageYears + Math.max(0, years);
    double gone = gone(then);
    double alive = (1 - gone) / Math.max(1e-12, 1 - gone(ageYears));
    if (alive < 1e-9) {
      return 0;
    }
    double sum = 0;
    for (int part = 0; part < PARTS; part++) {
      double life =
          lifeYears * Math.exp(sigma * Normal.inverse(gone + (1 - gone) * (part + 0.5) / PARTS));
      sum += Normal.cumulative(sureness(then / life));
    }
    return alive * sum / PARTS;
  }

  /** Share of its kind that has not lived so long (1). */
  private double gone(double years) {
    return years <= 0 ? 0 : Normal.cumulative(Math.log(years / lifeYears) / sigma);
  }

  private double sureness(double shareOfLife) {
    return whenNew - (whenNew - atEnd) * Math.pow(shareOfLife, EXPONENT);
  }

  /** The share of its life at which it is as sure as found (1). */
  double shareOfLifeAt(double sureness) {
    return whenNew - atEnd < 1e-6
        ? 0
        : Math.pow(Math.max(0, (whenNew - sureness) / (whenNew - atEnd)), 1 / EXPONENT);
  }

  /** The same, in service for some years (y). */
  Lasting aged(double years) {
    return new Lasting(whenNew, atEnd, lifeYears, sigma, years);
  }

  /** Years from now until it does what is asked in no more than so many of its futures (y). */
  double yearsTo(double chance) {
    if (chanceAfter(0) < chance) {
      return 0;
    }
    double does = 0;
    double doesNot = Math.max(lifeYears, ageYears) * Math.exp(FARTHEST_SIGMAS * sigma);
    while (doesNot - does > NEAR_YEARS) {
      double middle = 0.5 * (does + doesNot);
      if (chanceAfter(middle) >= chance) {
        does = middle;
      } else {
        doesNot = middle;
      }
    }
    return 0.5 * (does + doesNot);
  }

  /** Years from now, as likely more as less (y). */
  double years() {
    if (Double.isNaN(years)) {
      years = yearsTo(EVEN);
    }
    return years;
  }

  /** From where nine in ten still do to where one in ten does (y). */
  Band band() {
    return new Band(yearsTo(SURE), yearsTo(1 - SURE));
  }

  /** Every so many years it is bought again, if it lasts so long (y). */
  double renewedAfter(double lastsYears) {
    double least = Math.min(LEAST_YEARS, Math.max(lifeYears / 2, Math.min(1, lifeYears)));
    return Math.max(0.05, Math.min(100, Math.max(lastsYears, least)));
  }
}
