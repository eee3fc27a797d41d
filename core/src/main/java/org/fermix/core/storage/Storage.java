package org.fermix.core.storage;

import java.util.EnumMap;
import java.util.Map;
import java.util.OptionalDouble;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.chemistry.Plates;
import org.fermix.core.chemistry.ProtectionParameters;
import org.fermix.core.machine.Seasons;
import org.fermix.core.quantity.Check;

/**
 * A battery left alone through the seasons: charge over the days and the day each threshold is
 * crossed. Within a month the temperature is constant and {@link Parking}'s closed form holds;
 * below the charge at which it is cut off only its own draw and self-discharge remain.
 *
 * @param chemistry of the battery
 * @param plates how it is built
 * @param ampHours its capacity now (Ah), 0.01 to 5,000
 * @param drain of the machine; none when disconnected
 * @param seasons where it stands
 * @param fromDay day of the year it is parked, 0 for 1 January
 * @param cutCharge charge at which the machine is cut off (1); 0 where nothing does
 */
public record Storage(
    Chemistry chemistry,
    Plates plates,
    double ampHours,
    Drain drain,
    Seasons seasons,
    double fromDay,
    double cutCharge) {
  /** Rested below this lead sulfates (1); common practice, about 12.4 V flooded. */
  public static final double SULFATION_CHARGE = 0.75;

  /** Flat for so long, lead is beyond recovery (d); engineering estimate. */
  private static final double FLAT_DAYS = 14;

  private static final double FLAT = 0.02;
  private static final double HALF_WAY = 0.6;
  private static final double LONGEST_DAYS = Parking.LONGEST_DAYS;

  /** Refuses impossible batteries. */
  public Storage {
    Check.within("capacity", ampHours, 0.01, 5000, "Ah");
    Check.within("day parked", fromDay, 0, 366, "d");
    Check.within("charge at which it is cut off", cutCharge, 0, 0.6, "");
  }

  /** A battery of the standard build, cut off as usual for its chemistry. */
  public Storage(
      Chemistry chemistry, double ampHours, Drain drain, Seasons seasons, double fromDay) {
    this(
        chemistry,
        Plates.STANDARD,
        ampHours,
        drain,
        seasons,
        fromDay,
        chemistry.protection().map(ProtectionParameters::lowestCharge).orElse(0.0));
  }

  /** What a stored battery runs into. */
  public enum Threshold {
    /** It no longer starts. */
    NO_START,
    /** Lead begins to sulfate. */
    SULFATION,
    /** Half empty. */
    HALF,
    /** Its protection opens. */
    CUT_OFF,
    /** It can freeze at the coldest. */
    FREEZING,
    /** Beyond recovery. */
    UNRECOVERABLE
  }

  /** As expected. */
  public Course course(double fromCharge) {
    return course(fromCharge, 1, 1);
  }

  /**
   * Its charge over the days.
   *
   * @param lossFactor on self-discharge, for what is uncertain of it
   * @param drainFactor on what is drawn, the same
   */
  public Course course(double fromCharge, double lossFactor, double drainFactor) {
    return new Course(new Losses(this), fromCharge, lossFactor, drainFactor);
  }

  /**
   * Its charge over the days, for several cases of what it loses.
   *
   * @param factors on self-discharge and on what is drawn, one for each case
   */
  public Course[] courses(double fromCharge, double[] factors) {
    Losses losses = new Losses(this);
    Course[] courses = new Course[factors.length];
    for (int i = 0; i < factors.length; i++) {
      courses[i] = new Course(losses, fromCharge, factors[i], factors[i]);
    }
    return courses;
  }

  /**
   * Days until each threshold (d), those that are reached within {@link Parking#LONGEST_DAYS}.
   *
   * @param fromCharge when parked, 0 to 1
   * @param startCharge lowest charge that starts at the temperature asked; empty when none does
   * @param coldestC the coldest it can get there (°C)
   */
  public Map<Threshold, Double> thresholds(
      double fromCharge, OptionalDouble startCharge, double coldestC) {
    Course course = course(fromCharge);
    Map<Threshold, Double> days = new EnumMap<>(Threshold.class);
    put(days, Threshold.NO_START, course.daysTo(startCharge.orElse(1)));
    if (chemistry.isLead()) {
      put(days, Threshold.SULFATION, course.daysTo(SULFATION_CHARGE));
      double safe = Freezing.chargeNeeded(chemistry, coldestC);
      if (safe > 0) {
        put(days, Threshold.FREEZING, course.daysTo(safe));
      }
    }
    put(days, Threshold.HALF, course.daysTo(0.5));
    if (cutCharge > 0) {
      put(days, Threshold.CUT_OFF, course.daysTo(cutCharge));
    }
    put(days, Threshold.UNRECOVERABLE, daysToUnrecoverable(fromCharge));
    return days;
  }

  private static void put(Map<Threshold, Double> days, Threshold threshold, double value) {
    if (value < LONGEST_DAYS) {
      days.put(threshold, value);
    }
  }

  /** Days until the charge falls to a level (d), at most {@link Parking#LONGEST_DAYS}. */
  public double daysTo(double fromCharge, double toCharge) {
    return course(fromCharge).daysTo(toCharge);
  }

  /**
   * Days until it cannot be recovered (d). Lead: flat for two weeks (engineering estimate). Lithium
   * and sodium: after the protection opens, its own draw takes the rest of the charge.
   */
  public double daysToUnrecoverable(double fromCharge) {
    Course course = course(fromCharge);
    return chemistry.protection().isEmpty()
        ? Math.min(LONGEST_DAYS, course.daysTo(FLAT) + FLAT_DAYS)
        : course.daysTo(0);
  }

  /** Charge left after some days (1), not below 0; the machine is cut off once protection opens. */
  public double chargeAfter(double fromCharge, double days) {
    return course(fromCharge).chargeAfter(days);
  }

  /**
   * Current a maintainer must give to hold it full in the warmest month (A): self-discharge and
   * drain with 30 % to spare, at least what holds its chemistry full (common practice, no source).
   */
  public double maintainerAmps() {
    double warmestC =
        seasons.monthlyC().stream().mapToDouble(Double::doubleValue).max().orElseThrow();
    Parking warm = parking(warmestC, drain);
    double hold = 1.3 * (warm.lossPerDay() + warm.drainPerDay()) * ampHours / 24;
    return Math.max(chemistry.traits().leastMaintainerPerHour() * ampHours, hold);
  }

  /** The losses in the month it is parked in. */
  public Parking first() {
    return parking(seasons.atDay(fromDay), drain);
  }

  /**
   * Share of what it loses that is drawn, not self-discharge (1), as it is two months on and a
   * little over half full: what is uncertain of it goes by that.
   */
  public double drawnShare() {
    Parking later = parking(seasons.atDay(fromDay + 2 * Seasons.DAYS_PER_MONTH), drain);
    return later.drainPerDay()
        / Math.max(1e-12, later.drainPerDay() + HALF_WAY * later.lossPerDay());
  }

  Parking parking(double temperatureC, Drain by) {
    return Parking.of(chemistry.storage(plates), temperatureC, by.meanMilliamps(), ampHours);
  }
}
