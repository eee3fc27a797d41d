package org.fermix.core.permission;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.fermix.core.quantity.PlainWords;
import org.fermix.core.quantity.Table;

/** What data sheets and approvals speak of, under whatever words; {@code words.csv}. */
public enum Property {
  CHEMISTRY(Kind.CHEMISTRY),
  MADE_FOR_CRANKING(Kind.FEATURE),
  COLD_CRANKING_AMPS(Kind.NUMBER),
  MARINE_CRANKING_AMPS(Kind.NUMBER),
  CAPACITY_AH(Kind.NUMBER),
  OVERCHARGE_PROTECTION(Kind.FEATURE),
  DEEP_DISCHARGE_PROTECTION(Kind.FEATURE),
  SHORT_CIRCUIT_PROTECTION(Kind.FEATURE),
  OVERCURRENT_PROTECTION(Kind.FEATURE),
  OVERHEAT_PROTECTION(Kind.FEATURE),
  COLD_CHARGE_LOCK(Kind.FEATURE),
  HEATER(Kind.FEATURE),
  CELL_BALANCING(Kind.FEATURE),
  LOWEST_DISCHARGE_C(Kind.NUMBER),
  HIGHEST_DISCHARGE_C(Kind.NUMBER),
  LOWEST_CHARGE_C(Kind.NUMBER),
  HIGHEST_CHARGE_C(Kind.NUMBER),
  INGRESS_PROTECTION(Kind.NUMBER),
  VIBRATION_TESTED(Kind.FEATURE),
  TRANSPORT_TESTED(Kind.FEATURE),
  MONITORED(Kind.FEATURE),
  FAULT_SIGNAL(Kind.FEATURE),
  VENTED(Kind.FEATURE),
  MAY_LIE(Kind.FEATURE),
  ALTERNATOR_ALLOWED(Kind.FEATURE),
  CARS_ALLOWED(Kind.FEATURE),
  MOTORCYCLES_ALLOWED(Kind.FEATURE),
  POWERSPORT_ALLOWED(Kind.FEATURE),
  BOATS_ALLOWED(Kind.FEATURE),
  AIRCRAFT_ALLOWED(Kind.FEATURE),
  ENERGY_PER_KG(Kind.NUMBER),
  ENERGY_PER_LITRE(Kind.NUMBER),
  MAINTENANCE_FREE(Kind.FEATURE),
  /** Years its seller says it lasts; never the life. */
  LIFE_CLAIMED(Kind.NUMBER),
  /** Cycles its seller says it gives, at a depth; never the life. */
  CYCLES_CLAIMED(Kind.NUMBER),
  /** Times another's life its seller says it lasts; never the life. */
  TIMES_AS_LONG(Kind.NUMBER),
  /** How many of how many were reported to have failed early; never scored. */
  EARLY_FAILURES(Kind.NUMBER),
  SELF_BUILT(Kind.FEATURE),
  FUSED(Kind.FEATURE),
  /** Of the type, not of one battery. */
  SOLD_SINCE(Kind.NUMBER),
  IN_STOCK(Kind.FEATURE);

  private static final Table WORDS = Table.read(Property.class, "words.csv");
  private final Kind kind;

  Property(Kind kind) {
    this.kind = kind;
  }

  /** How a property is stated. */
  public enum Kind {
    NUMBER,
    FEATURE,
    CHEMISTRY
  }

  /** How it is stated. */
  public Kind kind() {
    return kind;
  }

  /** A row of the table, its words taken apart. */
  private record Wording(String named, List<String> words) {
    static final List<Wording> ALL =
        WORDS.rows().stream()
            .map(row -> new Wording(row.text("property"), PlainWords.of(row.text("words"))))
            .toList();
  }

  /** Every wording without case or punctuation, so that a lookup is one step. */
  private static final class Known {
    static final Map<String, Property> PROPERTIES = new HashMap<>();
    static final Map<String, Range> RANGES = new HashMap<>();
    static final Map<String, String> CHEMISTRIES = new HashMap<>();

    static {
      for (Table.Row row : WORDS.rows()) {
        String plain = plain(row.text("words"));
        String named = row.text("property");
        if (isProperty(named)) {
          PROPERTIES.put(plain, valueOf(named));
        } else if (named.startsWith("=")) {
          CHEMISTRIES.put(plain, named.substring(1));
        } else {
          RANGES.put(plain, range(named));
        }
      }
    }
  }

  /** The property meant by words on a data sheet, if the words are known. */
  public static Optional<Property> meantBy(String words) {
    return Optional.ofNullable(Known.PROPERTIES.get(plain(words)));
  }

  private static boolean isProperty(String named) {
    return !named.startsWith("=") && named.indexOf(' ') < 0;
  }

  /** Two properties that stand on one line, the least and the most. */
  public record Range(Property lowest, Property highest) {
    boolean bounds(Property property) {
      return property == lowest || property == highest;
    }
  }

  /** The two properties meant by words that announce a range, such as "operating temperature". */
  public static Optional<Range> rangeMeantBy(String words) {
    return Optional.ofNullable(Known.RANGES.get(plain(words)));
  }

  private static Range range(String pair) {
    int gap = pair.indexOf(' ');
    return new Range(valueOf(pair.substring(0, gap)), valueOf(pair.substring(gap + 1)));
  }

  /**
   * A property found among words.
   *
   * @param from index of its first word
   * @param length words it is named in
   */
  record Named(Property property, int from, int length) {}

  /** The property named among words, that in most of them. */
  static Optional<Named> namedIn(List<String> plain) {
    List<Named> found = new ArrayList<>();
    for (Wording wording : Wording.ALL) {
      int at = Collections.indexOfSubList(plain, wording.words());
      if (at >= 0 && isProperty(wording.named())) {
        found.add(new Named(valueOf(wording.named()), at, wording.words().size()));
      }
    }
    return Requirement.longest(found, Named::length);
  }

  /** A chemistry found among words, and how many it is named in. */
  record Chemical(String id, int length) {}

  /** The one chemistry named among words; empty where several are. */
  static Optional<Chemical> chemistryIn(List<String> plain) {
    List<Chemical> found = new ArrayList<>();
    for (Wording wording : Wording.ALL) {
      if (wording.named().startsWith("=")
          && Collections.indexOfSubList(plain, wording.words()) >= 0) {
        found.add(new Chemical(wording.named().substring(1), wording.words().size()));
      }
    }
    return found.stream().map(Chemical::id).distinct().count() == 1
        ? Requirement.longest(found, Chemical::length)
        : Optional.empty();
  }

  /** True for a least temperature or the like: the lower it is, the more a battery stands. */
  boolean isLowest() {
    return name().startsWith("LOWEST");
  }

  /** True for a greatest one. */
  boolean isHighest() {
    return name().startsWith("HIGHEST");
  }

  /** True where it is in degrees. */
  boolean isTemperature() {
    return name().endsWith("_C");
  }

  /**
   * The chemistry meant by words: the id of one chemistry, "other" for one that is known not to be
   * any of ours, or empty when the words settle nothing, as "lithium-ion" alone does.
   */
  public static Optional<String> chemistryMeantBy(String words) {
    return Optional.ofNullable(Known.CHEMISTRIES.get(plain(words)));
  }

  /** Every wording known for this property. */
  public List<String> words() {
    return WORDS.rows().stream()
        .filter(row -> row.text("property").equals(name()))
        .map(row -> row.text("words"))
        .toList();
  }

  /** Words without case, hyphens, points and doubled spaces. */
  static String plain(String words) {
    return String.join(" ", PlainWords.of(words));
  }
}
