package org.fermix.web.shared;

import java.util.OptionalDouble;
import org.fermix.core.quantity.ShortPattern;

/**
 * Reads a number as people type it: point or comma for decimals, spaces or the other sign for
 * groups, any minus. Where a comma could mean either ("1,250") it asks instead of guessing; where a
 * point could ("1.250") it gives both, since only the field knows which can be.
 */
public final class NumberText {
  private static final int LONGEST = 24;

  /** The same with spaces between the groups, and a few to spare. */
  private static final int LONGEST_TYPED = 60;

  private static final ShortPattern PLAIN =
      ShortPattern.of("[+-]?(\\d+(\\.\\d*)?|\\.\\d+)", LONGEST);
  private static final ShortPattern POINT_GROUP =
      ShortPattern.of("[+-]?[1-9]\\d{0,2}\\.\\d{3}", LONGEST);
  private static final ShortPattern COMMA_DECIMALS = ShortPattern.of("[+-]?\\d*,\\d+", LONGEST);
  private static final ShortPattern COMMA_GROUPS =
      ShortPattern.of("[+-]?[1-9]\\d{0,2}(,\\d{3})+", LONGEST);
  private static final ShortPattern COMMA_GROUPS_POINT =
      ShortPattern.of("[+-]?[1-9]\\d{0,2}(,\\d{3})+\\.\\d+", LONGEST);
  private static final ShortPattern POINT_GROUPS_COMMA =
      ShortPattern.of("[+-]?[1-9]\\d{0,2}(\\.\\d{3})+,\\d+", LONGEST);

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
    if (typed.length() > LONGEST_TYPED) {
      return refused("That is too long for a number.");
    }
    String text = tight(typed).replace('\u2212', '-').replace('\u2013', '-');
    if (text.length() > LONGEST) {
      return refused("That is too long for a number.");
    }
    if (POINT_GROUP.matches(text)) {
      return new Result(
          Double.parseDouble(text),
          "",
          OptionalDouble.of(Double.parseDouble(text.replace(".", ""))));
    }
    if (PLAIN.matches(text)) {
      return number(text);
    }
    if (COMMA_GROUPS_POINT.matches(text)) {
      return number(text.replace(",", ""));
    }
    if (POINT_GROUPS_COMMA.matches(text)) {
      return number(text.replace(".", "").replace(',', '.'));
    }
    if (COMMA_GROUPS.matches(text)) {
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
    if (COMMA_DECIMALS.matches(text)) {
      return number(text.replace(',', '.'));
    }
    return refused("“" + shortened(typed.strip()) + "” is not a number.");
  }

  /** Without spaces of any kind and without apostrophes, which part groups of digits. */
  private static String tight(String typed) {
    return typed
        .codePoints()
        .filter(sign -> sign != '\'' && !Character.isWhitespace(sign))
        .filter(sign -> !Character.isSpaceChar(sign))
        .collect(StringBuilder::new, StringBuilder::appendCodePoint, StringBuilder::append)
        .toString();
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
