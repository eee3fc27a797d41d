package org.fermix.core.machine;

import java.util.List;
import java.util.Optional;
import org.fermix.core.quantity.Table;

/**
 * Where a machine stands while it is laid up; a row of {@code lay-up-places.csv}.
 *
 * @param airShare how far it follows the air, 0 to 1
 * @param steadyC what it is held at otherwise (°C)
 */
public record LayUpPlace(String id, String name, double airShare, double steadyC) {
  private static final List<LayUpPlace> ALL =
      Table.read(LayUpPlace.class, "lay-up-places.csv").rows().stream()
          .map(
              row ->
                  new LayUpPlace(
                      row.text("id"),
                      row.text("name"),
                      row.number("air_share"),
                      row.number("steady_c")))
          .toList();

  /** Every place, in table order. */
  public static List<LayUpPlace> all() {
    return ALL;
  }

  /** The place with the id, if there is one. */
  public static Optional<LayUpPlace> find(String id) {
    return ALL.stream().filter(place -> place.id().equals(id)).findFirst();
  }

  /** Temperature there at a temperature of the air (°C). */
  public double at(double airC) {
    return airShare * airC + (1 - airShare) * steadyC;
  }
}
