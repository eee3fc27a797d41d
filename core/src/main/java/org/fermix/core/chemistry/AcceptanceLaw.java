package org.fermix.core.chemistry;

import java.util.List;
import org.fermix.core.quantity.Table;

/**
 * How much current a battery takes at a charge, a voltage and a temperature; docs/model.md, section
 * 5. With u the missing share of charge: C · (u/τ₁ + u²/τ₂) · s/f, f doubling with cold, s a power
 * of how much of its best voltage is there.
 *
 * @param hours τ₁ at 25 °C and the best voltage (h)
 * @param quadraticHours τ₂, the same (h)
 * @param overvoltage above the rested voltage from which it gains, 12 V (V)
 * @param bestVolts at 25 °C, 12 V (V)
 * @param doublingK cold that halves the current (K)
 * @param voltageExponent of the share of voltage (1)
 * @param mostPerHour largest current when warm, over capacity (1/h)
 * @param coldShare what is left of that when cold
 */
public record AcceptanceLaw(
    double hours,
    double quadraticHours,
    double overvoltage,
    double bestVolts,
    double doublingK,
    double voltageExponent,
    double mostPerHour,
    Ramp coldShare) {
  /**
   * A share that grows with temperature in straight lines; 1 everywhere without points.
   *
   * @param temperaturesC rising (°C)
   * @param shares at each (1)
   */
  public record Ramp(List<Double> temperaturesC, List<Double> shares) {
    /** Copies both. */
    public Ramp {
      temperaturesC = List.copyOf(temperaturesC);
      shares = List.copyOf(shares);
    }

    static Ramp of(Table table, String chemistry) {
      List<Table.Row> rows =
          table.rows().stream().filter(row -> row.text("chemistry").equals(chemistry)).toList();
      return new Ramp(
          rows.stream().map(row -> row.number("temperature_c")).toList(),
          rows.stream().map(row -> row.number("share")).toList());
    }

    /** The share at a temperature (1); 0 below the first point, 1 above the last. */
    public double at(double temperatureC) {
      int last = temperaturesC.size() - 1;
      if (last < 0 || temperatureC >= temperaturesC.get(last)) {
        return 1;
      }
      if (temperatureC < temperaturesC.get(0)) {
        return 0;
      }
      int upper = 1;
      while (temperaturesC.get(upper) < temperatureC) {
        upper++;
      }
      double low = temperaturesC.get(upper - 1);
      double share = (temperatureC - low) / (temperaturesC.get(upper) - low);
      return shares.get(upper - 1) * (1 - share) + shares.get(upper) * share;
    }
  }
}
