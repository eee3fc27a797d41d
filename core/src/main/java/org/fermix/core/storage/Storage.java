package org.fermix.core.storage;

import java.util.EnumMap;
import java.util.Map;
import java.util.OptionalDouble;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.chemistry.ProtectionParameters;
import org.fermix.core.quantity.Check;

/**
 * A battery left alone through the seasons: charge over the days and the day each threshold is
 * crossed. Within a month the temperature is constant and {@link Parking}'s closed form holds;
 * after a protection has opened only its own draw and self-discharge remain.
 *
 * @param chemistry of the battery
 * @param ampHours its capacity now (Ah), 0.5 to 1,000
 * @param drain of the machine; none when disconnected
 * @param fromDay day of the year it is parked, 0 for 1 January
 */
public record Storage(
    Chemistry chemistry, double ampHours, Drain drain, Seasons seasons, double fromDay) {
  /** Rested below this lead sulfates (1); common practice, about 12.4 V flooded. */
  public static final double SULFATION_CHARGE = 0.75;

  private static final double LONGEST_DAYS = Parking.LONGEST_DAYS;

  /** Refuses impossible batteries. */
  public Storage {
    Check.within("capacity", ampHours, 0.5, 1000, "Ah");
    Check.within("day parked", fromDay, 0, 366, "d");
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

  /**
   * Days until each threshold (d), those that are reached within {@link Parking#LONGEST_DAYS}.
   *
   * @param fromCharge when parked, 0 to 1
   * @param startCharge lowest charge that starts at the temperature asked; empty when none does
   * @param coldestC the coldest it can get there (°C)
   */
  public Map<Threshold, Double> thresholds(
      double fromCharge, OptionalDouble startCharge, double coldestC) {
    Map<Threshold, Double> days = new EnumMap<>(Threshold.class);
    put(days, Threshold.NO_START, daysTo(fromCharge, startCharge.orElse(1)));
    if (chemistry.isLead()) {
      put(days, Threshold.SULFATION, daysTo(fromCharge, SULFATION_CHARGE));
      double safe = Freezing.chargeNeeded(chemistry, coldestC);
      if (safe > 0) {
        put(days, Threshold.FREEZING, daysTo(fromCharge, safe));
      }
    }
    put(days, Threshold.HALF, daysTo(fromCharge, 0.5));
    chemistry
        .protection()
        .ifPresent(
            protection ->
                put(days, Threshold.CUT_OFF, daysTo(fromCharge, protection.lowestCharge())));
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
    return days(Check.within("charge", fromCharge, 0, 1, ""), toCharge, fromDay, drain);
  }

  /**
   * Days until it cannot be recovered (d). Lead: flat for two weeks (engineering estimate). Lithium
   * and sodium: after the protection opens, its own draw takes the rest of the charge.
   */
  public double daysToUnrecoverable(double fromCharge) {
    if (chemistry.protection().isEmpty()) {
      return Math.min(LONGEST_DAYS, daysTo(fromCharge, 0.02) + 14);
    }
    ProtectionParameters protection = chemistry.protection().get();
    double open = daysTo(fromCharge, protection.lowestCharge());
    if (open >= LONGEST_DAYS) {
      return LONGEST_DAYS;
    }
    double rest =
        days(Math.min(fromCharge, protection.lowestCharge()), 0, fromDay + open, Drain.steady(0));
    return Math.min(LONGEST_DAYS, open + rest);
  }

  /** Charge left after some days (1), not below 0; the machine is cut off once protection opens. */
  public double chargeAfter(double fromCharge, double days) {
    Check.within("days", days, 0, LONGEST_DAYS, "d");
    double charge = Check.within("charge", fromCharge, 0, 1, "");
    double cut = chemistry.protection().map(ProtectionParameters::lowestCharge).orElse(0.0);
    double left = days;
    double day = fromDay;
    while (left > 0 && charge > 0) {
      boolean open = charge <= cut;
      Parking now = parking(day, open ? Drain.steady(0) : drain);
      double step = Math.min(left, toMonthEnd(day));
      double untilCut = open ? Double.MAX_VALUE : now.days(charge, cut);
      if (untilCut < step) {
        step = untilCut;
        charge = cut;
      } else {
        charge = now.chargeAfter(charge, step);
      }
      left -= step;
      day += step;
    }
    return charge;
  }

  /**
   * Current a maintainer must give to hold it full in the warmest month (A): self-discharge and
   * drain with 30 % to spare, at least a hundredth of the capacity for flooded lead (common
   * practice, no source).
   */
  public double maintainerAmps() {
    double warmestC =
        seasons.monthlyC().stream().mapToDouble(Double::doubleValue).max().orElseThrow();
    Parking warm = Parking.of(chemistry.storage(), warmestC, drain.meanMilliamps(), ampHours);
    double hold = 1.3 * (warm.lossPerDay() + warm.drainPerDay()) * ampHours / 24;
    return chemistry.id().equals("flooded") ? Math.max(ampHours / 100, hold) : hold;
  }

  private double days(double from, double to, double startDay, Drain by) {
    double charge = from;
    double days = 0;
    if (from <= to) {
      return 0;
    }
    while (days < LONGEST_DAYS) {
      double step = toMonthEnd(startDay + days);
      Parking month = parking(startDay + days, by);
      double next = month.chargeAfter(charge, step);
      if (next <= to) {
        return Math.min(LONGEST_DAYS, days + month.days(charge, to));
      }
      charge = next;
      days += step;
    }
    return LONGEST_DAYS;
  }

  private static double toMonthEnd(double day) {
    double month = Math.floor(day / Seasons.DAYS_PER_MONTH + 1e-9);
    return Math.max(1e-6, (month + 1) * Seasons.DAYS_PER_MONTH - day);
  }

  private Parking parking(double day, Drain by) {
    return Parking.of(chemistry.storage(), seasons.atDay(day + 1e-6), by.meanMilliamps(), ampHours);
  }
}
