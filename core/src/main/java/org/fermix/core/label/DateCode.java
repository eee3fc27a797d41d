package org.fermix.core.label;

import java.time.LocalDate;
import java.time.YearMonth;
import java.time.temporal.ChronoField;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.MatchResult;
import org.fermix.core.quantity.ShortPattern;

/**
 * Dates of manufacture as they are stamped on cases. Makers' codes differ and some can be read in
 * two ways, so every reading that is possible by the given day is returned, newest first. Common
 * practice, no source; the maker's own key comes first.
 */
public final class DateCode {
  /** No battery on a shelf or in a machine is older (y). */
  private static final int OLDEST_YEARS = 15;

  /** Characters of the longest code that is read. */
  private static final int LONGEST = 12;

  private static final String MONTH_LETTERS = "ABCDEFGHJKLM";
  private static final ShortPattern LETTER_YEAR = ShortPattern.of("([A-HJ-M])(\\d{1,2})", LONGEST);
  private static final ShortPattern MONTH_YEAR =
      ShortPattern.of("(\\d{1,2})[/.-](\\d{2}|\\d{4})", LONGEST);
  private static final ShortPattern YEAR_MONTH =
      ShortPattern.of("(\\d{4})[/.-](\\d{1,2})", LONGEST);
  private static final ShortPattern WEEK =
      ShortPattern.of("(\\d{2}|\\d{4})[-/ ]?W(\\d{2})", LONGEST);
  private static final ShortPattern DAY = ShortPattern.of("(\\d{4})-?(\\d{2})-?(\\d{2})", LONGEST);

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
    Optional<MatchResult> day = DAY.match(text);
    if (day.isPresent()) {
      add(readings, today, number(day.get(), 1), number(day.get(), 2), Format.DAY);
    }
    Optional<MatchResult> letter = LETTER_YEAR.match(text);
    if (letter.isPresent()) {
      int month = MONTH_LETTERS.indexOf(letter.get().group(1)) + 1;
      for (int year : years(letter.get().group(2), today)) {
        add(readings, today, year, month, Format.LETTER_YEAR);
      }
    }
    Optional<MatchResult> monthYear = MONTH_YEAR.match(text);
    if (monthYear.isPresent()) {
      for (int year : years(monthYear.get().group(2), today)) {
        add(readings, today, year, number(monthYear.get(), 1), Format.MONTH_YEAR);
      }
    }
    Optional<MatchResult> yearMonth = YEAR_MONTH.match(text);
    if (yearMonth.isPresent()) {
      add(
          readings,
          today,
          number(yearMonth.get(), 1),
          number(yearMonth.get(), 2),
          Format.YEAR_MONTH);
    }
    Optional<MatchResult> week = WEEK.match(text);
    if (week.isPresent() && number(week.get(), 2) >= 1 && number(week.get(), 2) <= 53) {
      for (int year : years(week.get().group(1), today)) {
        LocalDate firstWeek = LocalDate.of(year, 1, 4).with(ChronoField.DAY_OF_WEEK, 1);
        LocalDate monday = firstWeek.plusWeeks(number(week.get(), 2) - 1L);
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

  private static int number(MatchResult match, int group) {
    return Integer.parseInt(match.group(group));
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
