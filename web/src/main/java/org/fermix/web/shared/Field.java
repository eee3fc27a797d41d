package org.fermix.web.shared;

import java.util.List;
import org.fermix.core.quantity.Limits;
import org.fermix.core.quantity.Unit;

/**
 * One field of a form: what it is called, what is accepted, and why it is asked.
 *
 * @param low lowest value accepted, metric
 * @param high highest value accepted, metric
 * @param whole only whole numbers
 * @param help one sentence beside the field
 */
public record Field(
    String name,
    String label,
    Kind kind,
    Unit unit,
    double low,
    double high,
    boolean required,
    boolean whole,
    String help,
    List<Choice> choices) {

  /** What is typed into it. */
  public enum Kind {
    NUMBER,
    TEXT,
    /** Several texts, one under another; {@code low} is the most of them. */
    LINES,
    CHOICE
  }

  /** One thing that can be chosen. */
  public record Choice(String value, String label) {}

  /** A number that may be left empty, within what the core takes. */
  public static Field number(String name, String label, Limits limits) {
    return number(name, label, limits.unit(), limits.least(), limits.most());
  }

  /** A number that may be left empty. */
  public static Field number(String name, String label, Unit unit, double low, double high) {
    return new Field(name, label, Kind.NUMBER, unit, low, high, false, false, "", List.of());
  }

  /** A text of at most so many characters that may be left empty. */
  public static Field text(String name, String label, int longest) {
    return new Field(name, label, Kind.TEXT, Unit.COUNT, 1, longest, false, false, "", List.of());
  }

  /** At most so many texts of at most so many characters, a line each. */
  public static Field lines(String name, String label, int longest, int most) {
    return new Field(
        name, label, Kind.LINES, Unit.COUNT, most, longest, false, false, "", List.of());
  }

  /** A choice; without {@link #needed} it may be left open. */
  public static Field choice(String name, String label, List<Choice> choices) {
    return new Field(name, label, Kind.CHOICE, Unit.COUNT, 0, 0, false, false, "", choices);
  }

  /** The same, but it must be filled. */
  public Field needed() {
    return new Field(name, label, kind, unit, low, high, true, whole, help, choices);
  }

  /** The same, for whole numbers only. */
  public Field wholeOnly() {
    return new Field(name, label, kind, unit, low, high, required, true, help, choices);
  }

  /** The same with a sentence beside it. */
  public Field withHelp(String sentence) {
    return new Field(name, label, kind, unit, low, high, required, whole, sentence, choices);
  }

  /** What is accepted, in the reader's units: "1 to 3,000 A". */
  public String range(Display display) {
    return switch (kind) {
      case NUMBER ->
          (whole ? "a whole number, " : "")
              + bound(low, display)
              + " to "
              + bound(high, display)
              + (display.fieldUnit(unit).isEmpty() ? "" : " " + display.fieldUnit(unit));
      case TEXT -> "1 to " + (int) high + " characters";
      case LINES -> "up to " + (int) low + " lines of up to " + (int) high + " characters";
      case CHOICE -> "one of those listed";
    };
  }

  private String bound(double value, Display display) {
    return display.number(unit.shown(value, display.system()), fieldDecimals(value, display));
  }

  private int fieldDecimals(double value, Display display) {
    double shown = unit.shown(value, display.system());
    if (shown == Math.rint(shown) || Math.abs(shown) >= 100) {
      return 0;
    }
    return shown * 10 == Math.rint(shown * 10) ? 1 : 2;
  }
}
