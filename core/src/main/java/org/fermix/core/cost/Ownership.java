package org.fermix.core.cost;

import java.util.List;
import java.util.OptionalDouble;
import org.fermix.core.quantity.Check;

/**
 * What a choice costs over the years kept: bought at once and again whenever it wears out, with
 * what must be bought once beside it; discounted or not. Textbook arithmetic.
 *
 * @param price of the battery, fitting each time included, 0 to 100,000
 * @param extras bought once with the first: charger, regulator, tray, labour; deposits are negative
 * @param lifeYears of one battery, 0.1 to 60 y
 * @param yearsKept how long the machine is kept, 0.5 to 50 y
 * @param discountPerYear interest a year, 0 to 0.5
 */
public record Ownership(
    double price, List<Extra> extras, double lifeYears, double yearsKept, double discountPerYear) {
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
    Check.within("life", lifeYears, 0.1, 60, "y");
    Check.within("years kept", yearsKept, 0.5, 50, "y");
    Check.within("discount rate", discountPerYear, 0, 0.5, "1/y");
  }

  /** A choice without extras or discount. */
  public static Ownership plain(double price, double lifeYears, double yearsKept) {
    return new Ownership(price, List.of(), lifeYears, yearsKept, 0);
  }

  /** How many batteries are bought over the years kept. */
  public int purchases() {
    return (int) Math.ceil(yearsKept / lifeYears - 1e-9);
  }

  /** Extras together. */
  public double extrasTotal() {
    return extras.stream().mapToDouble(Extra::amount).sum();
  }

  /**
   * Money spent by a year from now, as present value.
   *
   * @param years 0 to {@link #yearsKept}
   */
  public double spentBy(double years) {
    Check.within("years", years, 0, yearsKept, "y");
    double sum = extrasTotal();
    for (int i = 0; i < purchases() && i * lifeYears <= years + 1e-9; i++) {
      sum += price / Math.pow(1 + discountPerYear, i * lifeYears);
    }
    return sum;
  }

  /** Present value of all that is spent over the years kept. */
  public double presentValue() {
    return spentBy(yearsKept);
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

  /**
   * The year from which this choice has cost less than another, to the end of the years kept; 0
   * when from the beginning, empty when never. Both must be kept as long.
   */
  public OptionalDouble cheaperFrom(Ownership other) {
    if (yearsKept != other.yearsKept) {
      throw new IllegalArgumentException(
          "both must be kept as long, were " + yearsKept + " and " + other.yearsKept + " y");
    }
    if (presentValue() >= other.presentValue()) {
      return OptionalDouble.empty();
    }
    double from = 0;
    // Money is spent only at a purchase, so only those years need looking at; latest first.
    for (int i = 0; i < purchases(); i++) {
      from = latestDear(other, i * lifeYears, from);
    }
    for (int i = 0; i < other.purchases(); i++) {
      from = latestDear(other, i * other.lifeYears, from);
    }
    return OptionalDouble.of(from);
  }

  private double latestDear(Ownership other, double year, double from) {
    if (year > yearsKept || spentBy(year) < other.spentBy(year)) {
      return from;
    }
    return Math.max(from, nextPurchaseAfter(other, year));
  }

  private double nextPurchaseAfter(Ownership other, double year) {
    double own = (Math.floor(year / lifeYears + 1e-9) + 1) * lifeYears;
    double others = (Math.floor(year / other.lifeYears + 1e-9) + 1) * other.lifeYears;
    return Math.min(yearsKept, Math.min(own, others));
  }

  /** The price of this battery at which both choices cost the same; below 0 when none does. */
  public double priceToMatch(Ownership other) {
    double perUnit =
        price == 0
            ? new Ownership(1, List.of(), lifeYears, yearsKept, discountPerYear).presentValue()
            : (presentValue() - extrasTotal()) / price;
    return (other.presentValue() - extrasTotal()) / perUnit;
  }
}
