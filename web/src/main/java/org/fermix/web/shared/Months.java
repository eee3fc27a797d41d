package org.fermix.web.shared;

import java.time.LocalDate;
import java.time.Month;
import java.time.format.TextStyle;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/** Months by name, and days of a year as dates. */
public final class Months {
  /** Any year that is not a leap year. */
  private static final int PLAIN_YEAR = 2001;

  private static final double DAYS_PER_YEAR = 365;

  private Months() {}

  /** All twelve, to choose from. */
  public static List<Field.Choice> choices() {
    return Arrays.stream(Month.values())
        .map(month -> new Field.Choice(Integer.toString(month.getValue()), name(month)))
        .toList();
  }

  /** The name of a month, 1 to 12. */
  public static String name(double month) {
    return name(Month.of((int) Math.rint(month)));
  }

  private static String name(Month month) {
    return month.getDisplayName(TextStyle.FULL, Locale.ENGLISH);
  }

  /**
   * A date without its year: "12 Feb", and how many years on where it is more than one.
   *
   * @param fromDay day of the year to count from, 0 for 1 January
   * @param days after it
   */
  public static String date(double fromDay, double days) {
    double at = fromDay + Math.floor(days);
    int years = (int) Math.floor(at / DAYS_PER_YEAR);
    LocalDate date =
        LocalDate.ofYearDay(PLAIN_YEAR, 1 + (int) Math.floor(at - years * DAYS_PER_YEAR));
    String text =
        date.getDayOfMonth()
            + " "
            + date.getMonth().getDisplayName(TextStyle.SHORT, Locale.ENGLISH);
    int later = (int) Math.floor(days / DAYS_PER_YEAR);
    return later == 0 ? text : text + (later == 1 ? ", a year on" : ", " + later + " years on");
  }
}
