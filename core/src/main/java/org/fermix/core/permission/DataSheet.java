package org.fermix.core.permission;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.fermix.core.quantity.Check;
import org.fermix.core.quantity.PlainWords;
import org.fermix.core.quantity.ShortPattern;

/**
 * What a data sheet states, line by line as it is worded, with what was answered when its seller or
 * maker was asked. Silence stays silence.
 *
 * @param lines in the sheet's order
 */
public record DataSheet(List<Line> lines) {
  /** Most lines that are kept. */
  public static final int MOST = 60;

  /** With as many answers, and a label's own figures. */
  private static final int ALL = 2 * MOST + 20;

  /** Characters of a line's words or value that are looked at; a longer one says nothing plain. */
  public static final int LONGEST = 120;

  /** Says nothing. */
  public static final DataSheet SILENT = new DataSheet(List.of());

  private static final double FAHRENHEIT_AT_FREEZING = 32;
  private static final double FAHRENHEIT_PER_K = 1.8;
  private static final String SIGNED = "([-+−]?\\d+(?:[.,]\\d+)?)";
  private static final ShortPattern NUMBER =
      ShortPattern.of("[^\\d]*?" + SIGNED + "[^\\d]*", LONGEST + Requirement.LONGEST);
  private static final ShortPattern RANGE =
      ShortPattern.of(
          "[^\\d]*?" + SIGNED + "[^\\d]*?(?:to|[.]{2,3}|…|–|~|/|- )[^\\d]*?" + SIGNED + "[^\\d]*",
          LONGEST);

  /** Words beside a number that do not change what it says. */
  private static final Set<String> HARMLESS =
      Set.of(
          "a",
          "amp",
          "amps",
          "ampere",
          "amperes",
          "ah",
          "hours",
          "cca",
          "mca",
          "ca",
          "c",
          "f",
          "degrees",
          "celsius",
          "fahrenheit",
          "min",
          "minimum",
          "max",
          "maximum",
          "at",
          "least",
          "up",
          "to",
          "down",
          "rated",
          "typ",
          "typical",
          "nominal",
          "approx",
          "about",
          "and",
          "or",
          "more",
          "wh",
          "kg",
          "l",
          "litre",
          "liter",
          "years",
          "year",
          "ip",
          "v",
          "volts",
          "kw");

  private static final Set<String> YES =
      Set.of(
          "yes",
          "y",
          "built in",
          "included",
          "fitted",
          "standard",
          "integrated",
          "passed",
          "allowed",
          "ok",
          "with");
  private static final Set<String> NO =
      Set.of(
          "no",
          "n",
          "none",
          "not",
          "not fitted",
          "not included",
          "without",
          "optional",
          "not allowed",
          "n a",
          "do not");

  /** Copies the list; refuses more than anybody reads. */
  public DataSheet {
    Check.within("lines of a data sheet", lines.size(), 0, ALL, "");
    lines = List.copyOf(lines);
  }

  /**
   * One line.
   *
   * @param words what it names
   * @param value what it says, as printed
   * @param asked when its seller or maker said so on being asked; that counts before what is
   *     printed
   */
  public record Line(String words, String value, Optional<LocalDate> asked) {
    /** A printed line. */
    public Line(String words, String value) {
      this(words, value, Optional.empty());
    }

    /** The number in the value, in the property's unit, if there is exactly one. */
    Optional<Double> number(Property property) {
      Optional<Property.Range> range = Property.rangeMeantBy(words);
      if (range.isPresent()) {
        return RANGE
            .match(value)
            .map(match -> read(match.group(property == range.get().lowest() ? 1 : 2)))
            .map(number -> celsius(property, number, PlainWords.of(value)));
      }
      if (property != Property.INGRESS_PROTECTION
          && !PlainWords.of(value).stream()
              .allMatch(word -> HARMLESS.contains(word) || isNumber(word))) {
        return Optional.empty();
      }
      return loneNumber(value).map(number -> celsius(property, number, PlainWords.of(value)));
    }

    private static boolean isNumber(String word) {
      // A unit may stand close to its number, as in 950A.
      String unit = word.replace("+", "");
      int digits = 0;
      while (digits < unit.length() && Character.isDigit(unit.charAt(digits))) {
        digits++;
      }
      return digits > 0 && (digits == unit.length() || HARMLESS.contains(unit.substring(digits)));
    }

    /** True for a plain yes, false for a plain no, empty for anything else. */
    Optional<Boolean> yes() {
      String plain = Property.plain(value);
      if (NO.contains(plain)) {
        return Optional.of(false);
      }
      return YES.contains(plain) ? Optional.of(true) : Optional.empty();
    }
  }

  /** The only number in a text. */
  static Optional<Double> loneNumber(String text) {
    return NUMBER.match(text).map(match -> read(match.group(1)));
  }

  private static double read(String number) {
    return Double.parseDouble(number.replace('−', '-').replace(',', '.'));
  }

  /** A temperature in degrees Celsius where its words say it is in Fahrenheit; others as it is. */
  static double celsius(Property property, double number, List<String> words) {
    boolean fahrenheit =
        property.isTemperature()
            && words.stream().anyMatch(word -> word.equals("f") || word.equals("fahrenheit"));
    return fahrenheit ? (number - FAHRENHEIT_AT_FREEZING) / FAHRENHEIT_PER_K : number;
  }

  /** The same with further lines after its own. */
  public DataSheet and(List<Line> more) {
    List<Line> all = new ArrayList<>(lines);
    all.addAll(more);
    return new DataSheet(all);
  }

  /** The lines that speak of a property; where it was asked for, the newest answer alone. */
  public List<Line> on(Property property) {
    return counting(
        lines.stream()
            .filter(
                line ->
                    Property.meantBy(line.words()).equals(Optional.of(property))
                        || Property.rangeMeantBy(line.words())
                            .filter(range -> range.bounds(property))
                            .isPresent())
            .toList());
  }

  /** The lines of just these words, in the same way. */
  List<Line> saying(String words) {
    String plain = Property.plain(words);
    return counting(
        lines.stream().filter(line -> Property.plain(line.words()).equals(plain)).toList());
  }

  private static List<Line> counting(List<Line> found) {
    return found.stream()
        .filter(line -> line.asked().isPresent())
        .max(Comparator.comparing(line -> line.asked().orElseThrow()))
        .map(List::of)
        .orElse(found);
  }

  /** The number it states of a property, where its lines agree on one. */
  public Optional<Double> number(Property property) {
    List<Optional<Double>> said =
        on(property).stream().map(line -> line.number(property)).distinct().toList();
    return said.size() == 1 ? said.get(0) : Optional.empty();
  }

  /** Whether it states a feature to be there, where its lines agree. */
  public Optional<Boolean> has(Property property) {
    List<Optional<Boolean>> said = on(property).stream().map(Line::yes).distinct().toList();
    return said.size() == 1 ? said.get(0) : Optional.empty();
  }

  /** Lines whose words are not known; the owner is asked what they mean. */
  public List<Line> notUnderstood() {
    List<Line> unknown = new ArrayList<>(lines);
    unknown.removeIf(
        line ->
            Property.meantBy(line.words()).isPresent()
                || Property.rangeMeantBy(line.words()).isPresent());
    return unknown;
  }
}
