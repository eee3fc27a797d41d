package org.fermix.web.battery;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * One thing a label or its sheet says.
 *
 * @param standard the test behind a rating, by its id; null for other facts
 * @param value metric; 1 and 0 for yes and no; null where it is a text
 * @param hours rate behind an amount of ampere-hours (h)
 * @param text as it was typed, where it is no single number
 * @param source where it stands; null for the label itself
 * @param dated since when it is known; null where that was not said
 */
public record LabelFact(
    Kind fact,
    @Nullable String standard,
    @Nullable Double value,
    @Nullable Double hours,
    @Nullable String text,
    @Nullable Source source,
    @Nullable LocalDate dated) {
  /** What it is about. */
  public enum Kind {
    /** Amperes by a test; there may be several. */
    RATING,
    /** Reserve capacity (min). */
    RESERVE,
    /** Ampere-hours at a rate. */
    CAPACITY,
    /** One row of a discharge table, as a text. */
    DISCHARGE,
    /** (kg). */
    MASS,
    /** (mm). */
    LENGTH,
    /** (mm). */
    WIDTH,
    /** (mm). */
    HEIGHT,
    /** Nominal (V). */
    VOLTS,
    /** Most it passes for long (A). */
    CONTINUOUS,
    /** Most it passes for seconds (A). */
    CRANKING_LIMIT,
    /** Most it passes for a moment (A). */
    SHORT_LIMIT,
    /** Its protection opens below (V). */
    OPENS_BELOW,
    /** Charge at which it keeps a start back (%). */
    START_RESERVE,
    /** Warms itself before charging: yes or no. */
    HEATED,
    /** Its sheet states the cold test: yes or no. */
    COLD_TEST
  }

  /** Where it stands. */
  public enum Source {
    LABEL,
    SHEET,
    SELLER,
    MEASURED
  }

  /** A number on the label. */
  public static LabelFact of(Kind fact, double value) {
    return new LabelFact(fact, null, value, null, null, null, null);
  }

  /** A rating by a test. */
  public static LabelFact rating(String standard, double amps) {
    return new LabelFact(Kind.RATING, standard, amps, null, null, null, null);
  }

  /** A row of a discharge table. */
  public static LabelFact discharge(String text) {
    return new LabelFact(Kind.DISCHARGE, null, null, null, text, null, null);
  }
}
