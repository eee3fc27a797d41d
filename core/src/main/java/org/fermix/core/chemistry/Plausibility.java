package org.fermix.core.chemistry;

import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.fermix.core.quantity.Band;
import org.fermix.core.quantity.Table;

/**
 * What believable labels of one kind of battery say; a row of {@code plausibility.csv}.
 *
 * @param ampHoursPerKg (Ah/kg)
 * @param ccaPerKg (A/kg)
 * @param ccaPerAmpHour (A/Ah)
 * @param ccaPerAmpHourCold the most that is held at −18 °C (A/Ah)
 * @param reservePerAmpHour (min/Ah)
 * @param peukert usual exponents (1)
 */
public record Plausibility(
    Range ampHoursPerKg,
    Range ccaPerKg,
    Range ccaPerAmpHour,
    double ccaPerAmpHourCold,
    Range reservePerAmpHour,
    Band peukert) {
  private static final Table TABLE = Table.read(Plausibility.class, "plausibility.csv");
  private static final Map<Of, Optional<Plausibility>> KNOWN = new ConcurrentHashMap<>();

  private record Of(Chemistry chemistry, Kind kind) {}

  /** What a battery is built for. */
  public enum Kind {
    STARTING,
    THIN_PLATE,
    DEEP_CYCLE,
    POWERSPORT
  }

  /**
   * A likely range and what no battery has. Few is never impossible: whoever saves lead may have
   * few of everything.
   *
   * @param most above this it cannot be
   */
  public record Range(double low, double high, double most) {
    /** True inside the likely range. */
    public boolean isLikely(double value) {
      return value >= low && value <= high;
    }

    /** True where it can be at all. */
    public boolean isPossible(double value) {
      return value <= most;
    }
  }

  /** What is believable for a chemistry and kind; empty where the table has no such row. */
  public static Optional<Plausibility> of(Chemistry chemistry, Kind kind) {
    return KNOWN.computeIfAbsent(
        new Of(chemistry, kind), asked -> read(asked.chemistry(), asked.kind()));
  }

  private static Optional<Plausibility> read(Chemistry chemistry, Kind kind) {
    return TABLE.rows().stream()
        .filter(
            row ->
                row.text("chemistry").equals(chemistry.id())
                    && row.text("kind").equals(kind.name()))
        .findFirst()
        .map(
            row ->
                new Plausibility(
                    range(row, "ah_kg"),
                    range(row, "cca_kg"),
                    range(row, "cca_ah"),
                    row.number("cca_ah_cold"),
                    range(row, "rc_ah"),
                    new Band(row.number("peukert_low"), row.number("peukert_high"))));
  }

  /** The most any build of a chemistry holds cold (A/Ah). */
  static double mostCold(String chemistryId) {
    return TABLE.rows().stream()
        .filter(row -> row.text("chemistry").equals(chemistryId))
        .mapToDouble(row -> row.number("cca_ah_cold"))
        .max()
        .orElseThrow();
  }

  private static Range range(Table.Row row, String name) {
    return new Range(
        row.number(name + "_low"), row.number(name + "_high"), row.number(name + "_most"));
  }
}
