package org.fermix.core.storage;

import java.util.Arrays;
import org.fermix.core.machine.Seasons;
import org.fermix.core.quantity.Check;
import org.jspecify.annotations.Nullable;

/**
 * A stored battery's charge over the days, month by month in closed form; worked out as far as it
 * is asked for. Not to be shared between threads.
 */
public final class Course {
  private static final double LONGEST_DAYS = Parking.LONGEST_DAYS;
  private static final int USUAL_MONTHS = 16;

  private final Storage storage;
  private final Losses losses;
  private final @Nullable Parking[] connected = new Parking[12];
  private final @Nullable Parking[] cutOff = new Parking[12];
  private final double lossFactor;
  private final double drainFactor;

  /** Day and charge at which each stretch begins; as many as have been asked for. */
  private double[] days = new double[USUAL_MONTHS];

  private double[] charges = new double[USUAL_MONTHS];
  private int known = 1;

  Course(Losses losses, double fromCharge, double lossFactor, double drainFactor) {
    Check.within("charge", fromCharge, 0, 1, "");
    this.losses = losses;
    this.storage = losses.storage();
    this.lossFactor = lossFactor;
    this.drainFactor = drainFactor;
    charges[0] = fromCharge;
  }

  /** Charge left after some days (1), not below 0. */
  public double chargeAfter(double day) {
    while (days[known - 1] <= day && next()) {
      // As far as the day.
    }
    int found = Arrays.binarySearch(days, 0, known, day);
    int stretch = found >= 0 ? found : -found - 2;
    return parking(stretch).chargeAfter(charges[stretch], day - days[stretch]);
  }

  /** Days until the charge falls to a level (d), at most {@link Parking#LONGEST_DAYS}. */
  public double daysTo(double charge) {
    if (charges[0] <= charge) {
      return 0;
    }
    for (int stretch = 0; ; stretch++) {
      if (stretch + 1 >= known && !next()) {
        return LONGEST_DAYS;
      }
      if (charges[stretch + 1] <= charge) {
        return Math.min(
            LONGEST_DAYS, days[stretch] + parking(stretch).days(charges[stretch], charge));
      }
    }
  }

  /** Works out one stretch more: to the end of a month, or to where it is cut off. */
  private boolean next() {
    int last = known - 1;
    if (days[last] >= LONGEST_DAYS) {
      return false;
    }
    if (known == days.length) {
      days = Arrays.copyOf(days, 2 * known);
      charges = Arrays.copyOf(charges, 2 * known);
    }
    double step = toMonthEnd(storage.fromDay() + days[last]);
    Parking month = parking(last);
    double charge = month.chargeAfter(charges[last], step);
    double cut = storage.cutCharge();
    if (charges[last] > cut && charge < cut) {
      step = month.days(charges[last], cut);
      charge = cut;
    }
    days[known] = days[last] + step;
    charges[known] = charge;
    known++;
    return true;
  }

  private Parking parking(int stretch) {
    boolean open = charges[stretch] <= storage.cutCharge() && storage.cutCharge() > 0;
    int month = Seasons.monthOf(storage.fromDay() + days[stretch] + 1e-6);
    @Nullable Parking[] known = open ? cutOff : connected;
    Parking found = known[month - 1];
    if (found == null) {
      found = losses.inMonth(month, open).scaled(lossFactor, drainFactor);
      known[month - 1] = found;
    }
    return found;
  }

  private static double toMonthEnd(double day) {
    double month = Math.floor(day / Seasons.DAYS_PER_MONTH + 1e-9);
    return Math.max(1e-6, (month + 1) * Seasons.DAYS_PER_MONTH - day);
  }
}
