package org.fermix.web.battery;

import java.time.LocalDate;
import java.util.Optional;
import org.fermix.core.casing.CaseSize;
import org.fermix.core.label.Build;
import org.fermix.core.label.CrankingRating;
import org.fermix.core.label.Label;
import org.fermix.core.label.ProtectionClaim;
import org.fermix.core.label.Sheet;
import org.fermix.core.label.Word;
import org.fermix.core.permission.DataSheet;
import org.fermix.core.quantity.Limits;
import org.fermix.core.quantity.Unit;
import org.jspecify.annotations.Nullable;

/**
 * One thing a label or its sheet says.
 *
 * @param standard the test behind a rating, by its id; null for other facts
 * @param value metric; 1 and 0 for yes and no; null where it is a text
 * @param hours rate behind an amount of ampere-hours (h)
 * @param text as it was typed, where it is no single number
 * @param source where it stands; null for the label itself
 * @param dated since when it is known, as 2026-03-31; null where that was not said
 */
public record LabelFact(
    Kind fact,
    @Nullable String standard,
    @Nullable Double value,
    @Nullable Double hours,
    @Nullable String text,
    @Nullable Source source,
    @Nullable String dated) {
  /** What it is about. */
  public enum Kind {
    /** Amperes by a test; there may be several. */
    RATING(CrankingRating.AMPS),
    /** Reserve capacity (min). */
    RESERVE(Label.RESERVE),
    /** Ampere-hours at a rate. */
    CAPACITY(Label.CAPACITY),
    /** One row of a discharge table, as a text. */
    DISCHARGE(Limit.NONE),
    /** A line of its data sheet: what it names, and as a text what it says. */
    LINE(Limit.NONE),
    /** (kg). */
    MASS(Label.MASS),
    /** (mm). */
    LENGTH(CaseSize.SIDE),
    /** (mm). */
    WIDTH(CaseSize.SIDE),
    /** (mm). */
    HEIGHT(CaseSize.SIDE),
    /** What the leads are fixed to, by its name. */
    TERMINAL(Limit.NONE),
    /** What it is made for, by its name. */
    PURPOSE(Limit.NONE),
    /** Stamped on the case, as it stands there. */
    DATE_CODE(Limit.NONE),
    /** Nominal (V). */
    VOLTS(Build.VOLTS),
    /** Most it passes for long (A). */
    CONTINUOUS(ProtectionClaim.AMPS),
    /** Most it passes for seconds (A). */
    CRANKING_LIMIT(ProtectionClaim.AMPS),
    /** Most it passes for a moment (A). */
    SHORT_LIMIT(ProtectionClaim.AMPS),
    /** Its protection opens below (V). */
    OPENS_BELOW(ProtectionClaim.OPENS_BELOW),
    /** Charge at which it keeps a start back (%). */
    START_RESERVE(ProtectionClaim.START_RESERVE),
    /** A protection is built in: yes or no. */
    PROTECTED(Limit.YES_OR_NO),
    /** Lithium of a kind that is not stated: yes. */
    KIND_NOT_STATED(Limit.YES_OR_NO),
    /** Warms itself before charging: yes or no. */
    HEATED(Limit.YES_OR_NO),
    /** Its sheet states the cold test: yes or no. */
    COLD_TEST(Limit.YES_OR_NO);

    /** A record of numbers and names. */
    @SuppressWarnings("ImmutableEnumChecker")
    private final Limits limits;

    Kind(Limits limits) {
      this.limits = limits;
    }

    /** What its number can be, metric. */
    public Limits limits() {
      return limits;
    }
  }

  /** Limits of facts that are no quantity. */
  private static final class Limit {
    static final Limits YES_OR_NO = new Limits("yes or no", 0, 1, Unit.COUNT);
    static final Limits NONE = new Limits("row of a table", 0, 0, Unit.COUNT);
  }

  /**
   * Refuses a number no such fact has: what is stored keeps to what the core takes.
   *
   * @throws IllegalArgumentException naming it
   */
  public LabelFact {
    if (value != null) {
      fact.limits().check(value);
    }
    if (hours != null) {
      Sheet.HOURS.check(hours);
    }
  }

  /** Where it stands. */
  public enum Source {
    LABEL,
    SHEET,
    SELLER,
    /** The battery’s own maker. */
    MAKER,
    /** Somebody’s report. */
    FORUM,
    MEASURED;

    /** Whose word a figure from there is. */
    public Word word() {
      return switch (this) {
        case LABEL, SHEET, MAKER, MEASURED -> Word.PRINTED;
        case SELLER -> Word.SELLER;
        case FORUM -> Word.REPORT;
      };
    }
  }

  /** The same with where it stands. */
  public LabelFact from(@Nullable Source where) {
    return new LabelFact(fact, standard, value, hours, text, where, dated);
  }

  /** A number on the label. */
  public static LabelFact of(Kind fact, double value) {
    return new LabelFact(fact, null, value, null, null, null, null);
  }

  /** A thing with a name of its own. */
  public static LabelFact named(Kind fact, String name) {
    return new LabelFact(fact, name, null, null, null, null, null);
  }

  /** A rating by a test. */
  public static LabelFact rating(String standard, double amps) {
    return new LabelFact(Kind.RATING, standard, amps, null, null, null, null);
  }

  /** A row of a discharge table. */
  public static LabelFact discharge(String text) {
    return new LabelFact(Kind.DISCHARGE, null, null, null, text, null, null);
  }

  /**
   * A line of a data sheet.
   *
   * @param asked who said so on being asked; empty where it is printed
   */
  public static LabelFact line(DataSheet.Line line, Optional<Source> asked) {
    return new LabelFact(
        Kind.LINE,
        line.words(),
        null,
        null,
        line.value(),
        asked.orElse(Source.SHEET),
        line.asked().map(LocalDate::toString).orElse(null));
  }
}
