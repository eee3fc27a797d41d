package org.fermix.core.permission;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.fermix.core.quantity.Check;
import org.fermix.core.quantity.PlainWords;

/** One item of an approval's list. */
public sealed interface Requirement {
  /** Longest item that is read: as long as a line it may be answered by. */
  int LONGEST = DataSheet.LONGEST;

  /** Words that turn an item round: it is then kept in its own words. */
  Set<String> NEGATIONS = Set.of("no", "not", "without", "never", "excluded", "except");

  /** Words that make a limit an upper one. */
  Set<String> UPPER = Set.of("most", "max", "maximum", "more", "exceed");

  /** The item as the document words it. */
  String words();

  /** What it speaks of and how, so that two revisions can be compared; a stable key. */
  String key();

  /** The lines of a sheet that speak of it. */
  List<DataSheet.Line> in(DataSheet sheet);

  /** What one of those lines says of it. */
  Checklist.Answer judge(DataSheet.Line line);

  /** The least amount it asks for, where it asks for one that a label states too. */
  default Optional<AtLeast> amount() {
    return Optional.empty();
  }

  /** The chemistry must be one. */
  record IsChemistry(String chemistryId, String words) implements Requirement {
    @Override
    public String key() {
      return Property.CHEMISTRY.name();
    }

    @Override
    public List<DataSheet.Line> in(DataSheet sheet) {
      return sheet.on(Property.CHEMISTRY);
    }

    @Override
    public Checklist.Answer judge(DataSheet.Line line) {
      return Property.chemistryMeantBy(line.value())
          .map(found -> found.equals(chemistryId) ? Checklist.Answer.MEETS : Checklist.Answer.FAILS)
          .orElse(Checklist.Answer.UNCLEAR);
    }
  }

  /** A number must not be below a limit. */
  record AtLeast(Property property, double limit, String words) implements Requirement {
    /** Refuses properties that are no numbers. */
    public AtLeast {
      needs(property, Property.Kind.NUMBER);
      Check.within("limit", limit, -100, 1e5, "");
    }

    @Override
    public String key() {
      return property.name();
    }

    @Override
    public List<DataSheet.Line> in(DataSheet sheet) {
      return sheet.on(property);
    }

    @Override
    public Checklist.Answer judge(DataSheet.Line line) {
      return answer(line.number(property).map(number -> number >= limit));
    }

    @Override
    public Optional<AtLeast> amount() {
      return Optional.of(this);
    }
  }

  /** A number must not be above a limit, as for the lowest temperature it stands. */
  record AtMost(Property property, double limit, String words) implements Requirement {
    /** Refuses properties that are no numbers. */
    public AtMost {
      needs(property, Property.Kind.NUMBER);
      Check.within("limit", limit, -100, 1e5, "");
    }

    @Override
    public String key() {
      return property.name();
    }

    @Override
    public List<DataSheet.Line> in(DataSheet sheet) {
      return sheet.on(property);
    }

    @Override
    public Checklist.Answer judge(DataSheet.Line line) {
      return answer(line.number(property).map(number -> number <= limit));
    }
  }

  /** A feature must be there. */
  record Has(Property property, String words) implements Requirement {
    /** Refuses properties that are no features. */
    public Has {
      needs(property, Property.Kind.FEATURE);
    }

    @Override
    public String key() {
      return property.name();
    }

    @Override
    public List<DataSheet.Line> in(DataSheet sheet) {
      return sheet.on(property);
    }

    @Override
    public Checklist.Answer judge(DataSheet.Line line) {
      return answer(line.yes());
    }
  }

  /** An item that is only there in its own words: somebody has to say yes or no to it. */
  record InWords(String words) implements Requirement {
    /** Refuses an item that says nothing. */
    public InWords {
      Check.filled("item of an approval", words);
    }

    @Override
    public String key() {
      return Property.plain(words);
    }

    @Override
    public List<DataSheet.Line> in(DataSheet sheet) {
      return sheet.saying(words);
    }

    @Override
    public Checklist.Answer judge(DataSheet.Line line) {
      return answer(line.yes());
    }
  }

  /**
   * An item as a document words it, as far as it is understood: “MCA at least 800”, “LiFePO4”,
   * “short-circuit protection”, “discharge down to −20 °C”. What is not understood is kept in its
   * own words, to be answered by hand; nothing is dropped.
   */
  static Requirement read(String line) {
    String words = line.strip();
    List<String> plain = PlainWords.of(words);
    Optional<Property.Named> property = Property.namedIn(plain);
    Optional<Double> number = DataSheet.loneNumber(words);
    if (property.isPresent() && property.get().property().kind() == Property.Kind.NUMBER) {
      Property of = property.get().property();
      return number
          .map(
              limit ->
                  limited(
                      of, DataSheet.celsius(of, limit, plain), rest(plain, property.get()), words))
          .orElseGet(() -> new InWords(words));
    }
    if (plain.stream().anyMatch(NEGATIONS::contains)) {
      return new InWords(words);
    }
    Optional<Property.Chemical> chemistry = Property.chemistryIn(plain);
    if (chemistry.isPresent()
        && (property.isEmpty()
            || property.get().property() == Property.CHEMISTRY
            || chemistry.get().length() > property.get().length())) {
      return new IsChemistry(chemistry.get().id(), words);
    }
    return property
        .filter(found -> found.property().kind() == Property.Kind.FEATURE)
        .<Requirement>map(found -> new Has(found.property(), words))
        .orElseGet(() -> new InWords(words));
  }

  private static Requirement limited(
      Property property, double limit, List<String> rest, String words) {
    boolean upper =
        property.isLowest() || (!property.isHighest() && rest.stream().anyMatch(UPPER::contains));
    return upper ? new AtMost(property, limit, words) : new AtLeast(property, limit, words);
  }

  private static List<String> rest(List<String> plain, Property.Named named) {
    List<String> rest = new ArrayList<>(plain);
    rest.subList(named.from(), named.from() + named.length()).clear();
    return rest;
  }

  /** Of several that were found, that with most words. */
  static <T> Optional<T> longest(List<T> found, java.util.function.ToIntFunction<T> length) {
    return found.stream().max(Comparator.comparingInt(length));
  }

  private static Checklist.Answer answer(Optional<Boolean> yes) {
    return yes.map(said -> said ? Checklist.Answer.MEETS : Checklist.Answer.FAILS)
        .orElse(Checklist.Answer.UNCLEAR);
  }

  private static void needs(Property property, Property.Kind kind) {
    if (property.kind() != kind) {
      throw new IllegalArgumentException(
          property + " is stated as a " + property.kind() + ", not as a " + kind);
    }
  }
}
