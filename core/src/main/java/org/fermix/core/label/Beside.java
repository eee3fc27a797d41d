package org.fermix.core.label;

import java.util.List;
import org.fermix.core.quantity.Check;

/**
 * What stands beside the battery that starts the engine: a house battery that carries all that runs
 * with the engine off, and the parts it takes.
 *
 * @param house as one battery, its pieces joined
 * @param parts bought once: isolator, cables, box, charger
 */
public record Beside(Label house, List<Part> parts) {
  /** Most parts of one arrangement. */
  public static final int MOST_PARTS = 12;

  /**
   * One part.
   *
   * @param massKg 0 to 200 kg
   * @param price 0 to 100,000
   */
  public record Part(String name, double massKg, double price) {
    /** Refuses impossible parts. */
    public Part {
      Check.filled("part", name);
      Check.within("mass of a part", massKg, 0, 200, "kg");
      Check.within("price of a part", price, 0, 100_000, "");
    }
  }

  /** Copies the list. */
  public Beside {
    Check.within("parts", parts.size(), 0, MOST_PARTS, "");
    parts = List.copyOf(parts);
  }

  /** What it weighs beyond the starter battery (kg). */
  public double massKg() {
    return house.mass().value() + parts.stream().mapToDouble(Part::massKg).sum();
  }

  /** What it costs at once beyond the starter battery. */
  public double price() {
    return house.price().value() + partsPrice();
  }

  /** What its parts cost. */
  public double partsPrice() {
    return parts.stream().mapToDouble(Part::price).sum();
  }
}
