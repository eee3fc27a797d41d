package org.fermix.core.label;

import java.util.List;
import java.util.Optional;
import org.fermix.core.quantity.Check;

/**
 * What stands beside the battery that starts the engine: others with a part to play of their own,
 * and what it takes to fit them.
 *
 * @param others each as one battery, its pieces joined; no role twice
 * @param parts bought once: isolator, cables, box, charger
 */
public record Beside(List<Second> others, List<Part> parts) {
  /** Most parts of one arrangement. */
  public static final int MOST_PARTS = 12;

  /** What a battery beside the starter is there for. */
  public enum Role {
    /** Carries all that runs with the engine off. */
    HOUSE,
    /** Carries nothing; kept charged for a start in need. */
    RESERVE,
    /** Starts a second engine like the first, and the first one in need. */
    SECOND_ENGINE,
    /** Drives an electric motor, and nothing else; charged ashore. */
    MOTOR
  }

  /**
   * One battery beside the starter.
   *
   * @param run what it drives, where that is no load of the machine's own
   */
  public record Second(Role role, Label label, Optional<Run> run) {}

  /**
   * What an electric motor takes of its battery.
   *
   * @param amps while it runs, 0.1 to 500 A
   * @param hours on one outing, 0.1 to 48 h
   */
  public record Run(double amps, double hours) {
    /** Refuses motors no battery of such a machine drives. */
    public Run {
      Check.within("current of the motor", amps, 0.1, 500, "A");
      Check.within("hours of the motor", hours, 0.1, 48, "h");
    }
  }

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

  /** Copies the lists. */
  public Beside {
    Check.within("batteries beside the starter", others.size(), 1, Role.values().length, "");
    Check.within("parts", parts.size(), 0, MOST_PARTS, "");
    others = List.copyOf(others);
    parts = List.copyOf(parts);
  }

  /** A house battery alone. */
  public static Beside house(Label house, List<Part> parts) {
    return new Beside(List.of(new Second(Role.HOUSE, house, Optional.empty())), parts);
  }

  /** True where one of them is there for this. */
  public boolean has(Role role) {
    return others.stream().anyMatch(each -> each.role() == role);
  }

  /** What it weighs beyond the starter battery (kg). */
  public double massKg() {
    return others.stream().mapToDouble(each -> each.label().mass().value()).sum()
        + parts.stream().mapToDouble(Part::massKg).sum();
  }

  /** False where nobody has named a price for one of them. */
  public boolean hasPrice() {
    return others.stream().allMatch(each -> each.label().hasPrice());
  }

  /** What it costs at once beyond the starter battery. */
  public double price() {
    return others.stream().mapToDouble(each -> each.label().price().value()).sum() + partsPrice();
  }

  /** What its parts cost. */
  public double partsPrice() {
    return parts.stream().mapToDouble(Part::price).sum();
  }
}
