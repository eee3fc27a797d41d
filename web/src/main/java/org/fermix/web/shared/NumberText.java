package org.fermix.web.shared;

import java.util.OptionalDouble;
import java.util.regex.Pattern;

/**
 * Reads a number as people type it: point or comma for decimals, spaces or the other sign for
 * groups, any minus. Where a comma could mean either ("1,250") it asks instead of guessing; where a
 * point could ("1.250") it gives both, since only the field knows which can be.
 */
public final class NumberText {
  private static final int LONGEST = 24;
  private static final Pattern PLAIN = Pattern.compile("[+-]?(\\d+(\\.\\d*)?|\\.\\d+)");
  private static final Pattern POINT_GROUP = Pattern.compile("[+-]?[1-9]\\d{0,2}\\.\\d{3}");
  private static final Pattern COMMA_DECIMALS = Pattern.compile("[+-]?\\d*,\\d+");
  private static final Pattern COMMA_GROUPS = Pattern.compile("[+-]?[1-9]\\d{0,2}(,\\d{3})+");
  private static final Pattern COMMA_GROUPS_POINT =
      Pattern.compile("[+-]?[1-9]\\d{0,2}(,\\d{3})+\\.\\d+");
  private static final Pattern POINT_GROUPS_COMMA =
      Pattern.compile("[+-]?[1-9]\\d{0,2}(\\.\\d{3})+,\\d+");

  private NumberText() {}

  /**
   * What was read: a number, or why not.
   *
   * @param other what it may mean as well, where a point may part thousands
   */
  public record Result(double value, String complaint, OptionalDouble other) {
    Result(double value, String complaint) {
      this(value, complaint, OptionalDouble.empty());
    }

    /** True when a number was read. */
    public boolean isNumber() {
      return complaint.isEmpty();
    }
  }

  public static Result read(String typed) {
    String text =
        typed
            .strip()
            .replaceAll("[\\s\\u00a0\\u202f\\u2009']", "")
            .replace('\u2212', '-')
            .replace('\u2013', '-');
    if (text.length() > LONGEST) {
      return refused("That is too long for a number.");
    }
    if (POINT_GROUP.matcher(text).matches()) {
      return new Result(
          Double.parseDouble(text),
          "",
          OptionalDouble.of(Double.parseDouble(text.replace(".", ""))));
    }
    if (PLAIN.matcher(text).matches()) {
      return number(text);
    }
    if (COMMA_GROUPS_POINT.matcher(text).matches()) {
      return number(text.replace(",", ""));
    }
    if (POINT_GROUPS_COMMA.matcher(text).matches()) {
      return number(text.replace(".", "").replace(',', '.'));
    }
    if (COMMA_GROUPS.matcher(text).matches()) {
      if (text.indexOf(',') != text.lastIndexOf(',')) {
        return number(text.replace(",", ""));
      }
      return refused(
          "“"
              + typed.strip()
              + "” could be read two ways: write "
              + text.replace(",", "")
              + " or "
              + text.replace(',', '.')
              + ".");
    }
    if (COMMA_DECIMALS.matcher(text).matches()) {
      return number(text.replace(',', '.'));
    }
    return refused("“" + shortened(typed.strip()) + "” is not a number.");
  }

  private static String shortened(String text) {
    return text.length() <= LONGEST ? text : text.substring(0, LONGEST) + "…";
  }

  private static Result number(String text) {
    return new Result(Double.parseDouble(text), "");
  }

  private static Result refused(String why) {
    return new Result(0, why);
  }
}
