package org.fermix.core.machine;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.fermix.core.quantity.Table;

/**
 * An oil grade, as kinematic viscosity over temperature by Walther's equation (ASTM D341): log₁₀
 * log₁₀(ν + 0.7) = A − B log₁₀ T, ν in mm²/s, T in K, through two known points.
 *
 * @param id grade as printed
 * @param walther the constants; a two-stroke mix has none, see {@link #viscosity}
 */
public record Oil(String id, Optional<Walther> walther) {
  private static final double DENSITY = 0.90;
  private static final List<Oil> ALL =
      Stream.concat(
              Table.read(Oil.class, "oils.csv").rows().stream().map(Oil::of),
              Stream.of(new Oil("two-stroke mix", Optional.empty())))
          .toList();

  /** The two constants of Walther's equation. */
  public record Walther(double a, double b) {}

  /** Every grade, in table order. */
  public static List<Oil> all() {
    return ALL;
  }

  /** The grade with the id, if there is one. */
  public static Optional<Oil> find(String id) {
    return ALL.stream().filter(oil -> oil.id().equals(id)).findFirst();
  }

  /**
   * Kinematic viscosity (mm²/s). A two-stroke engine with rolling bearings is given 60 exp(0.035
   * (25 − T)), a stand-in for its film, half diluted with fuel (engineering estimate).
   *
   * @param temperatureC of the oil, −50 to 120 °C
   */
  public double viscosity(double temperatureC) {
    if (walther.isEmpty()) {
      return 60 * Math.exp(0.035 * (25 - temperatureC));
    }
    double exponent = walther.get().a() - walther.get().b() * Math.log10(temperatureC + 273.15);
    return Math.pow(10, Math.pow(10, exponent)) - 0.7;
  }

  private static Oil of(Table.Row row) {
    double hot = twiceLog(row.number("kv100"));
    boolean single = row.isBlank("cold_c");
    double coldC = single ? 40 : row.number("cold_c");
    double cold = twiceLog(single ? row.number("kv40") : row.number("cold_mpas") / DENSITY);
    double b = (cold - hot) / (Math.log10(373.15) - Math.log10(coldC + 273.15));
    return new Oil(row.text("id"), Optional.of(new Walther(hot + b * Math.log10(373.15), b)));
  }

  private static double twiceLog(double viscosity) {
    return Math.log10(Math.log10(viscosity + 0.7));
  }
}
