package org.fermix.core.diagnosis;

import java.util.List;
import org.fermix.core.chemistry.Hydrometer;

/**
 * A hydrometer's reading of each cell.
 *
 * @param cells as read, three, six or twelve of them, 1.000 to 1.350
 * @param temperatureC of the acid, −40 to 60 °C
 */
public record SpecificGravities(List<Double> cells, double temperatureC) {
  /** Copies and refuses what cannot be. */
  public SpecificGravities {
    cells = List.copyOf(cells);
    if (cells.size() != 3 && cells.size() != 6 && cells.size() != 12) {
      throw new IllegalArgumentException(
          "specific gravity is read of 3, 6 or 12 cells, were " + cells.size());
    }
    cells.forEach(cell -> ReadingLimits.GRAVITY.check(cell));
    ReadingLimits.TEMPERATURE.check(temperatureC);
  }

  /** Highest less lowest cell (1). */
  public double spread() {
    return highest() - lowest();
  }

  private double highest() {
    return cells.stream().mapToDouble(Double::doubleValue).max().orElseThrow();
  }

  private double lowest() {
    return cells.stream().mapToDouble(Double::doubleValue).min().orElseThrow();
  }

  /** State of charge by the mean cell (1). */
  public double charge() {
    double mean = cells.stream().mapToDouble(Double::doubleValue).average().orElseThrow();
    return Hydrometer.charge(Hydrometer.corrected(mean, temperatureC));
  }

  /** As evidence. */
  public Evidence evidence() {
    String outcome =
        spread() > Hydrometer.CELL_SPREAD_ALARM
            ? "one_cell_low"
            : charge() >= LoadTest.LEAST_CHARGE ? "even_full" : "even_low";
    return new Evidence(ReadingKind.GRAVITY, outcome);
  }
}
