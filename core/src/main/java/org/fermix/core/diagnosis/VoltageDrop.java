package org.fermix.core.diagnosis;

import java.util.List;
import java.util.Optional;
import org.fermix.core.machine.Cable;
import org.fermix.core.quantity.Table;

/**
 * Voltage lost along one part of the starting circuit while cranking.
 *
 * @param volts between the two probes, 0 to 30 V
 */
public record VoltageDrop(Place place, double volts) {
  /** Refuses what cannot be. */
  public VoltageDrop {
    ReadingLimits.DROP.check(volts);
  }

  /**
   * Where the probes go; a row of {@code voltage-drops.csv}.
   *
   * @param mostVolts accepted on a 12 V system (V)
   * @param goodVolts what a good one shows at most (V)
   */
  public record Place(String id, String name, double mostVolts, double goodVolts) {
    private static final List<Place> ALL =
        Table.read(VoltageDrop.class, "voltage-drops.csv").rows().stream()
            .map(
                row ->
                    new Place(
                        row.text("id"),
                        row.text("name"),
                        row.number("most_volts"),
                        row.number("good_volts")))
            .toList();

    /** Every place, in table order. */
    public static List<Place> all() {
      return ALL;
    }

    /** The place with the id, if there is one. */
    public static Optional<Place> find(String id) {
      return ALL.stream().filter(place -> place.id().equals(id)).findFirst();
    }
  }

  /** True when too much is lost. */
  public boolean isTooMuch(double series) {
    return volts > place.mostVolts() * series;
  }

  /** Resistance behind it when the current is known (mΩ). */
  public double milliohm(double currentA) {
    return Cable.milliohmFromDrop(volts, currentA);
  }

  /** Several places as one piece of evidence: one bad place is enough. */
  public static Optional<Evidence> evidence(List<VoltageDrop> drops, double series) {
    return drops.isEmpty()
        ? Optional.empty()
        : Optional.of(
            new Evidence(
                ReadingKind.CABLE_DROP,
                drops.stream().anyMatch(drop -> drop.isTooMuch(series)) ? "high" : "fine"));
  }
}
