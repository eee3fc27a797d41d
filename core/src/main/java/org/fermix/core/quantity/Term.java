package org.fermix.core.quantity;

/**
 * One quantity in a working.
 *
 * @param meaning in words, with the symbol used by the formula where it has one
 */
public record Term(String meaning, Given given) {
  /** A term worked out on the way. */
  public static Term derived(String meaning, double value, Unit unit) {
    return new Term(meaning, Given.derived(value, unit, ""));
  }

  /** A term read from one of the tables shipped with Fermix. */
  public static Term table(String meaning, double value, Unit unit, String source) {
    return new Term(meaning, new Given(value, unit, Origin.TABLE, source));
  }
}
