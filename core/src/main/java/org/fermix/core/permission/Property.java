package org.fermix.core.permission;

import java.util.List;
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
  ALTERNATOR_ALLOWED(Kind.FEATURE);

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

  /** The property meant by words on a data sheet, if the words are known. */
  public static Optional<Property> meantBy(String words) {
    String plain = plain(words);
    return WORDS.rows().stream()
        .filter(row -> !row.text("property").startsWith("="))
        .filter(row -> plain(row.text("words")).equals(plain))
        .map(row -> valueOf(row.text("property")))
        .findFirst();
  }

  /**
   * The chemistry meant by words: the id of one chemistry, "other" for one that is known not to be
   * any of ours, or empty when the words settle nothing, as "lithium-ion" alone does.
   */
  public static Optional<String> chemistryMeantBy(String words) {
    String plain = plain(words);
    return WORDS.rows().stream()
        .filter(row -> row.text("property").startsWith("="))
        .filter(row -> plain(row.text("words")).equals(plain))
        .map(row -> row.text("property").substring(1))
        .findFirst();
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
