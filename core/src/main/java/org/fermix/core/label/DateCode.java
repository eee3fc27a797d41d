package org.fermix.core.label;

import java.time.LocalDate;
import java.time.YearMonth;
import java.time.temporal.ChronoField;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Dates of manufacture as they are stamped on cases. Makers' codes differ and some can be read in
 * two ways, so every reading that is possible by the given day is returned, newest first. Common
 * practice, no source; the maker's own key comes first.
 */
public final class DateCode {
  /** No battery on a shelf or in a machine is older (y). */
  private static final int OLDEST_YEARS = 15;

  private static final String MONTH_LETTERS = "ABCDEFGHJKLM";
  private static final Pattern LETTER_YEAR = Pattern.compile("([A-HJ-M])(\\d{1,2})");
  private static final Pattern MONTH_YEAR = Pattern.compile("(\\d{1,2})[/.-](\\d{2}|\\d{4})");
  private static final Pattern YEAR_MONTH = Pattern.compile("(\\d{4})[/.-](\\d{1,2})");
  private static final Pattern WEEK = Pattern.compile("(\\d{2}|\\d{4})[-/ ]?W(\\d{2})");
  private static final Pattern DAY = Pattern.compile("(\\d{4})-?(\\d{2})-?(\\d{2})");

  private DateCode() {}

  /** How a code was read. */
  public enum Format {
    /** Month letter A to M without I, then the year's last digit or two. */
    LETTER_YEAR,
    MONTH_YEAR,
    YEAR_MONTH,
    YEAR_WEEK,
    DAY
  }

  /** One reading. */
  public record Decoded(YearMonth made, Format format) {
    /** Whole months on the shelf by a day. */
    public int monthsOld(LocalDate today) {
      return (int) ChronoUnit.MONTHS.between(made, YearMonth.from(today));
    }
  }

  /** Every possible reading, newest first; empty when the code cannot be read. */
  public static List<Decoded> readings(String code, LocalDate today) {
    String text = code.strip().toUpperCase(Locale.ROOT);
    List<Decoded> readings = new ArrayList<>();
    Matcher day = DAY.matcher(text);
    if (day.matches()) {
      add(readings, today, number(day, 1), number(day, 2), Format.DAY);
    }
    Matcher letter = LETTER_YEAR.matcher(text);
    if (letter.matches()) {
      int month = MONTH_LETTERS.indexOf(letter.group(1)) + 1;
      for (int year : years(letter.group(2), today)) {
        add(readings, today, year, month, Format.LETTER_YEAR);
      }
    }
    Matcher monthYear = MONTH_YEAR.matcher(text);
    if (monthYear.matches()) {
      for (int year : years(monthYear.group(2), today)) {
        add(readings, today, year, number(monthYear, 1), Format.MONTH_YEAR);
      }
    }
    Matcher yearMonth = YEAR_MONTH.matcher(text);
    if (yearMonth.matches()) {
      add(readings, today, number(yearMonth, 1), number(yearMonth, 2), Format.YEAR_MONTH);
    }
    Matcher week = WEEK.matcher(text);
    if (week.matches() && number(week, 2) >= 1 && number(week, 2) <= 53) {
      for (int year : years(week.group(1), today)) {
        LocalDate firstWeek = LocalDate.of(year, 1, 4).with(ChronoField.DAY_OF_WEEK, 1);
        LocalDate monday = firstWeek.plusWeeks(number(week, 2) - 1L);
        add(readings, today, monday.getYear(), monday.getMonthValue(), Format.YEAR_WEEK);
      }
    }
    readings.sort(java.util.Comparator.comparing(Decoded::made).reversed());
    return List.copyOf(readings);
  }

  private static void add(
      List<Decoded> readings, LocalDate today, int year, int month, Format format) {
    if (month < 1 || month > 12 || year < today.getYear() - OLDEST_YEARS) {
      return;
    }
    YearMonth made = YearMonth.of(year, month);
    if (!made.isAfter(YearMonth.from(today))) {
      readings.add(new Decoded(made, format));
    }
  }

  /** The years that digits may mean: one digit comes round every ten. */
  private static List<Integer> years(String digits, LocalDate today) {
    if (digits.length() == 4) {
      return List.of(Integer.parseInt(digits));
    }
    int step = digits.length() == 1 ? 10 : 100;
    int year = today.getYear() / step * step + Integer.parseInt(digits);
    return List.of(year, year - step);
  }

  private static int number(Matcher matcher, int group) {
    return Integer.parseInt(matcher.group(group));
  }

  /** What an age on the shelf means for a battery that was not charged meanwhile. */
  public enum Shelf {
    FRESH,
    /** Charge before use. */
    CHARGE_FIRST,
    /** Lead: it has been discharging and sulfating; choose another. */
    STALE
  }

  /**
   * The judgement on a shelf age: lead wants a charge after 6 months (3 for flooded antimony types,
   * not told apart here) and is stale from 18; lithium wants one after 12. Common practice.
   */
  public static Shelf shelf(boolean lead, int monthsOld) {
    if (lead && monthsOld >= 18) {
      return Shelf.STALE;
    }
    return monthsOld >= (lead ? 6 : 12) ? Shelf.CHARGE_FIRST : Shelf.FRESH;
  }
}
