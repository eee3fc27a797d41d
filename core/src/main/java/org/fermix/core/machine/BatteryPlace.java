package org.fermix.core.machine;

import java.util.List;
import java.util.Optional;
import org.fermix.core.quantity.Table;

/**
 * Where a battery sits in its machine; a row of {@code battery-places.csv}.
 *
 * @param filmWPerM2K heat passed to the air round it (W/(m²·K))
 * @param driveK how much warmer than the air its place gets on a long drive (K)
 * @param yearK how much warmer than the air it is over the year (K)
 * @param enclosed people or sparks share its air
 */
public record BatteryPlace(
    String id, String name, double filmWPerM2K, double driveK, double yearK, boolean enclosed) {
  private static final List<BatteryPlace> ALL =
      Table.read(BatteryPlace.class, "battery-places.csv").rows().stream()
          .map(
              row ->
                  new BatteryPlace(
                      row.text("id"),
                      row.text("name"),
                      row.number("film"),
                      row.number("drive_k"),
                      row.number("year_k"),
                      row.isYes("enclosed")))
          .toList();

  /** Every place, in table order. */
  public static List<BatteryPlace> all() {
    return ALL;
  }

  /** The place with the id, if there is one. */
  public static Optional<BatteryPlace> find(String id) {
    return ALL.stream().filter(place -> place.id().equals(id)).findFirst();
  }
}
