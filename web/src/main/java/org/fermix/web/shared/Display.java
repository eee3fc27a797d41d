package org.fermix.web.shared;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.Currency;
import java.util.Locale;
import org.fermix.core.quantity.Figure;
import org.fermix.core.quantity.Reach;
import org.fermix.core.quantity.ShortPattern;
import org.fermix.core.quantity.Unit;
import org.fermix.core.quantity.UnitSystem;

/**
 * The one place that turns a quantity or a moment into text: it knows the owner's unit system and
 * time zone, the digits and the sign of each unit. Numbers use a point and thin groups: 1,250.5.
 *
 * @param currencyCode ISO 4217
 */
public record Display(UnitSystem system, String currencyCode, ZoneId zone) {
  private static final DateTimeFormatter WHEN =
      DateTimeFormatter.ofPattern("d MMM yyyy HH:mm", Locale.ENGLISH);

  /** Nothing is surer than this (%), nor less likely than what is left. */
  private static final double MOST_CERTAIN_PERCENT = 99;

  private static final double LONGEST_TOLD_DAYS = 730;
  private static final Shown BEYOND_TELLING = new Shown("two years or more", "");

  private static final String MINUS = "\u2212";

  private static final ShortPattern TEMPERATURES =
      ShortPattern.of("(?:(\u2212?\\d{1,3}) to )?(\u2212?\\d{1,3})[ \u00a0\u202f]°C", 500);

  /** Metric, in euros: what a visitor sees who chose nothing. */
  public static final Display USUAL = new Display(UnitSystem.METRIC, "EUR", ZoneOffset.UTC);

  /** The same in another currency. */
  public Display in(String otherCurrencyCode) {
    return new Display(system, otherCurrencyCode, zone);
  }

  /** The same in another unit system. */
  public Display in(UnitSystem other) {
    return new Display(other, currencyCode, zone);
  }

  /**
   * Fixed words in the units of whoever reads them: each temperature in them, written in whole
   * degrees Celsius, alone or as the upper end of a span.
   */
  public String words(String text) {
    return isUs()
        ? TEMPERATURES.replaced(
            text,
            found ->
                (found.group(1) == null ? "" : whole(found.group(1)) + " to ")
                    + whole(found.group(2))
                    + "\u00a0"
                    + Unit.CELSIUS.symbol(system))
        : text;
  }

  private String whole(String celsius) {
    double degrees = Double.parseDouble(celsius.replace(MINUS, "-"));
    return number(Math.rint(Unit.CELSIUS.shown(degrees, system)), 0);
  }

  /** Day and time of day of a moment, where the garage is; in UTC that is said. */
  public String moment(Instant when) {
    String text = WHEN.format(when.atZone(zone));
    return zone.equals(ZoneOffset.UTC) ? text + " UTC" : text;
  }

  /** True when US customary units were chosen. */
  public boolean isUs() {
    return system == UnitSystem.US;
  }

  /** A value and its unit, apart, since they are set in different weights. */
  public record Shown(String number, String unit) {
    /** Both, with a thin gap where the unit wants one. */
    public String text() {
      return unit.isEmpty()
          ? number
          : unit.equals("%") ? number + "\u202f%" : number + "\u00a0" + unit;
    }
  }

  /** A value with the digits usual for its unit. */
  public Shown show(double value, Unit unit) {
    return show(value, unit, decimals(value, unit));
  }

  /** A value with chosen decimals. */
  public Shown show(double value, Unit unit, int decimals) {
    String number = number(unit.shown(value, system), decimals);
    return switch (unit) {
      case MONEY -> new Shown(money(number), "");
      case MONEY_PER_YEAR -> new Shown(money(number), "a year");
      case MONEY_PER_AMP_HOUR -> new Shown(money(number), "an Ah");
      case SHARE, COUNT -> new Shown(number, "");
      default -> new Shown(number, unit.symbol(system));
    };
  }

  /** A figure, with "at least" and the like as a sign before it. */
  public Shown show(Figure figure) {
    if (figure.unit() == Unit.CHANCE) {
      return chance(figure.value());
    }
    if (isBeyondTelling(figure)) {
      return BEYOND_TELLING;
    }
    Shown shown = show(figure.value(), figure.unit());
    return switch (figure.reach()) {
      case AT -> shown;
      case AT_LEAST -> new Shown("≥ " + shown.number(), shown.unit());
      case AT_MOST -> new Shown("≤ " + shown.number(), shown.unit());
      case NEVER -> new Shown(never(figure.unit()), "");
    };
  }

  /** Days something stands, as a figure of them would be shown. */
  public Shown standing(double days) {
    return days >= LONGEST_TOLD_DAYS ? BEYOND_TELLING : show(days, Unit.DAY);
  }

  /** Standing has an end: sulfation and age see to it, and no model is asked beyond two years. */
  public static boolean isBeyondTelling(Figure figure) {
    return figure.unit() == Unit.DAY
        && figure.reach() != Reach.NEVER
        && figure.value() >= LONGEST_TOLD_DAYS;
  }

  /** That a figure is not reached at all, as its unit says it best. */
  private static String never(Unit unit) {
    return switch (unit) {
      case DAY, HOUR, COUNT -> "none";
      case PER_CENT -> "not even full";
      default -> "never";
    };
  }

  /** A chance (%): none is shown as certain. */
  public Shown chance(double percent) {
    if (percent > MOST_CERTAIN_PERCENT) {
      return new Shown("over " + number(MOST_CERTAIN_PERCENT, 0), "%");
    }
    if (percent < 100 - MOST_CERTAIN_PERCENT) {
      return new Shown("under " + number(100 - MOST_CERTAIN_PERCENT, 0), "%");
    }
    return new Shown(number(percent, 0), "%");
  }

  /** Where the figure lies eight times in ten; empty when it is exact. */
  public String band(Figure figure) {
    if (figure.band().low() == figure.band().high() || isBeyondTelling(figure)) {
      return "";
    }
    int decimals = decimals(figure.value(), figure.unit());
    if (figure.reach() == Reach.NEVER) {
      decimals = decimals(figure.band().high(), figure.unit());
    }
    Shown low = show(figure.band().low(), figure.unit(), decimals);
    Shown high = show(figure.band().high(), figure.unit(), decimals);
    return low.number() + " to " + high.text();
  }

  /** A difference of temperatures is in kelvin, so that 32 °F is not added to it. */
  public Shown kelvins(double kelvin) {
    Shown shown = show(kelvin, Unit.KELVIN, 0);
    return new Shown(shown.number(), isUs() ? "°F" : "degrees");
  }

  /** A plain number with decimals and groups. */
  public String number(double value, int decimals) {
    BigDecimal rounded = BigDecimal.valueOf(value).setScale(decimals, RoundingMode.HALF_UP);
    StringBuilder text = new StringBuilder(rounded.abs().toPlainString());
    int point = text.indexOf(".");
    for (int group = (point < 0 ? text.length() : point) - 3; group > 0; group -= 3) {
      text.insert(group, ',');
    }
    return rounded.signum() < 0 ? text.insert(0, MINUS).toString() : text.toString();
  }

  /** A stored value as it stands in a field: enough digits to be what was typed, none to spare. */
  public String field(double value, Unit unit) {
    BigDecimal rounded =
        new BigDecimal(unit.shown(value, system)).round(new MathContext(6, RoundingMode.HALF_UP));
    return rounded.signum() == 0
        ? "0"
        : rounded.stripTrailingZeros().toPlainString().replace("-", MINUS);
  }

  /** The unit's sign beside a field. */
  public String fieldUnit(Unit unit) {
    return switch (unit) {
      case MONEY, MONEY_PER_YEAR, MONEY_PER_AMP_HOUR -> currencyCode;
      case SHARE, COUNT -> "";
      case DAY -> "days";
      case HOUR -> "h";
      case YEAR -> "years";
      default -> unit.symbol(system);
    };
  }

  private String money(String number) {
    String symbol = Currency.getInstance(currencyCode).getSymbol(Locale.US);
    return symbol.length() == 3 ? symbol + " " + number : symbol + number;
  }

  private int decimals(double value, Unit unit) {
    double size = Math.abs(value);
    return switch (unit) {
      case AMPERE, RPM, PER_CENT, CHANCE, CELSIUS, KELVIN, MINUTE, COUNT, MONEY, MONEY_PER_YEAR ->
          size > 0 && size < 1 && unit != Unit.CELSIUS ? 1 : 0;
      case WEEK -> size == Math.rint(size) ? 0 : 1;
      case MONEY_PER_AMP_HOUR -> 3;
      case DAY -> size < 10 && size != Math.rint(size) ? 1 : 0;
      case MILLIAMPERE, AMPERE_HOUR -> size == Math.rint(size) ? 0 : 1;
      case HOUR, YEAR, KILOGRAM, SECOND -> 1;
      case VOLT, KILOWATT, MILLIOHM, NEWTON_METRE, LITRE -> unit == Unit.LITRE && isUs() ? 0 : 2;
      case MILLIMETRE -> isUs() ? 2 : 0;
      case SHARE -> 3;
    };
  }
}
