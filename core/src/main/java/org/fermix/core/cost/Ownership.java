package org.fermix.core.cost;

import java.util.List;
import java.util.OptionalDouble;
import org.fermix.core.quantity.Check;

/**
 * What a choice costs over the years kept: bought at once and again whenever it wears out, with
 * what must be bought once beside it; discounted or not. Expected money: in one future the
 * purchases are whole.
 *
 * @param price of the battery, fitting each time included, 0 to 100,000
 * @param extras bought once with the first: charger, regulator, tray, labour; deposits are negative
 * @param lives of the battery
 * @param yearsKept how long the machine is kept, 0.5 to 50 y
 * @param discountPerYear interest a year, 0 to 0.5
 * @param rest what becomes of the life that is left at the end
 */
public record Ownership(
    double price,
    List<Extra> extras,
    Renewals lives,
    double yearsKept,
    double discountPerYear,
    Rest rest) {
  /** What becomes of the unused life of the last battery, alike for long- and short-lived ones. */
  public enum Rest {
    /** It goes with the machine: nothing is credited. */
    GOES_WITH_IT,
    /** The owner keeps it: it is credited for what is left in it. */
    IS_KEPT
  }

  /**
   * Something bought once.
   *
   * @param amount −10,000 to 10,000; negative for a deposit that comes back
   */
  public record Extra(String name, double amount) {
    /** Refuses impossible amounts. */
    public Extra {
      Check.filled("what is bought", name);
      Check.within(name, amount, -10000, 10000, "");
    }
  }

  /** Refuses impossible figures. */
  public Ownership {
    extras = List.copyOf(extras);
    Check.within("price", price, 0, 100000, "");
    Check.within("years kept", yearsKept, 0.5, 50, "y");
    Check.within("discount rate", discountPerYear, 0, 0.5, "1/y");
  }

  /** A choice without extras or discount, whose last battery goes with the machine. */
  public static Ownership plain(double price, Renewals lives, double yearsKept) {
    return new Ownership(price, List.of(), lives, yearsKept, 0, Rest.GOES_WITH_IT);
  }

  /** How many batteries are bought over the years kept, the first included (1). */
  public double purchases() {
    return lives.boughtBy(yearsKept);
  }

  /** Extras together. */
  public double extrasTotal() {
    return extras.stream().mapToDouble(Extra::amount).sum();
  }

  /**
   * Money expected to be spent by a year from now, as present value.
   *
   * @param years 0 to {@link #yearsKept}
   */
  public double spentBy(double years) {
    Check.within("years", years, 0, yearsKept, "y");
    return extrasTotal() + price * lives.discountedBy(years, discountPerYear);
  }

  /**
   * Present value of all that is spent over the years kept. Where the owner keeps the last battery,
   * only the life that was used is paid for: price over mean life for every year (Wald's identity).
   */
  public double presentValue() {
    if (rest == Rest.GOES_WITH_IT) {
      return spentBy(yearsKept);
    }
    double perYear = price * Math.exp(0.5 * lives.sigma() * lives.sigma()) / lives.lifeYears();
    return extrasTotal() + perYear * annuity(discountPerYear, yearsKept);
  }

  /** The same as an equal sum every year: the annuity of the present value. */
  public double perYear() {
    return presentValue() / annuity(discountPerYear, yearsKept);
  }

  /** Present value of one a year, at year's end. */
  public static double annuity(double discountPerYear, double years) {
    return discountPerYear == 0
        ? years
        : (1 - Math.pow(1 + discountPerYear, -years)) / discountPerYear;
  }

  /** Cost of each ampere-hour delivered over the cycle life; textbook arithmetic. */
  public static double perAmpHourCycled(
      double price, double ampHours, double depth, double cycles) {
    return price / (ampHours * depth * cycles);
  }

  /**
   * The year from which this choice is expected to have cost less than another, to the end of the
   * years kept; 0 when from the beginning, empty when never. Both must be kept as long.
   */
  public OptionalDouble cheaperFrom(Ownership other) {
    if (yearsKept != other.yearsKept) {
      throw new IllegalArgumentException(
          "both must be kept as long, were " + yearsKept + " and " + other.yearsKept + " y");
    }
    if (spentBy(yearsKept) >= other.spentBy(yearsKept)) {
      return OptionalDouble.empty();
    }
    int steps = (int) Math.ceil(yearsKept * STEPS_PER_YEAR);
    for (int i = steps; i >= 0; i--) {
      double year = yearsKept * i / steps;
      if (spentBy(year) >= other.spentBy(year)) {
        return OptionalDouble.of(Math.min(yearsKept, yearsKept * (i + 1) / steps));
      }
    }
    return OptionalDouble.of(0);
  }

  private static final int STEPS_PER_YEAR = 12;

  /** The price of this battery at which both choices cost the same; below 0 when none does. */
  public double priceToMatch(Ownership other) {
    double perUnit =
        new Ownership(1, List.of(), lives, yearsKept, discountPerYear, rest).presentValue();
    return (other.presentValue() - extrasTotal()) / perUnit;
  }
}
