package org.fermix.core.quantity;

import java.util.Locale;

/** Refuses values that cannot exist, naming the field, the range, the unit and the value found. */
public final class Check {
  private Check() {}

  /**
   * Returns the value when it lies in the range.
   *
   * @throws IllegalArgumentException outside the range or when not a number
   */
  public static double within(
      String name, double value, double lowest, double highest, String unit) {
    if (!(value >= lowest && value <= highest)) {
      throw new IllegalArgumentException(
          String.format(
              Locale.ROOT,
              "%s must be from %s to %s %s, was %s %s",
              name,
              plain(lowest),
              plain(highest),
              unit,
              plain(value),
              unit));
    }
    return value;
  }

  /**
   * Returns the text when it holds something.
   *
   * @throws IllegalArgumentException when blank
   */
  public static String filled(String name, String text) {
    if (text.isBlank()) {
      throw new IllegalArgumentException(name + " must not be blank");
    }
    return text;
  }

  private static String plain(double value) {
    return value == Math.rint(value) && Math.abs(value) < 1e9
        ? String.format(Locale.ROOT, "%.0f", value)
        : Double.toString(value);
  }
}
