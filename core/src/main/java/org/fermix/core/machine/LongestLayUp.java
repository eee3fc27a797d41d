package org.fermix.core.machine;

import org.fermix.core.quantity.Check;
import org.fermix.core.quantity.Given;

/**
 * The longest time of the year in which nobody uses it.
 *
 * @param days 0 to 1,000 d
 * @param fromMonth the month at whose beginning it starts, 1 to 12
 * @param place where it stands
 * @param stand what is done about its battery meanwhile
 */
public record LongestLayUp(Given days, Given fromMonth, LayUpPlace place, Stand stand) {
  /** Refuses what no machine stands. */
  public LongestLayUp {
    Check.within("longest lay-up", days.value(), 0, 1000, "d");
    Check.within("month of the lay-up", fromMonth.value(), 1, 12, "");
  }

  /** Day of the year it begins, counted from 0 (d); a twelfth of a year is a month. */
  public double fromDay() {
    return (Math.rint(fromMonth.value()) - 1) * Seasons.DAYS_PER_MONTH;
  }
}
