package org.fermix.core.machine;

import org.fermix.core.quantity.Check;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Limits;
import org.fermix.core.quantity.Unit;

/**
 * The longest time of the year in which nobody uses it.
 *
 * @param days 0 to 1,000 d
 * @param fromMonth the month at whose beginning it starts, 1 to 12
 * @param place where it stands
 * @param stand what is done about its battery meanwhile
 */
public record LongestLayUp(Given days, Given fromMonth, LayUpPlace place, Stand stand) {
  /** Days it stands. */
  public static final Limits DAYS = new Limits("longest lay-up", 0, 1000, Unit.DAY);

  /** Refuses what no machine stands. */
  public LongestLayUp {
    DAYS.check(days.value());
    Check.within("month of the lay-up", fromMonth.value(), 1, 12, "");
  }

  /** Day of the year it begins, counted from 0 (d); a twelfth of a year is a month. */
  public double fromDay() {
    return (Math.rint(fromMonth.value()) - 1) * Seasons.DAYS_PER_MONTH;
  }
}
