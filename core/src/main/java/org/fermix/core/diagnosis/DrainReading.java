package org.fermix.core.diagnosis;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.fermix.core.label.Label;
import org.fermix.core.quantity.Check;
import org.fermix.core.storage.Drain;

/**
 * Current drawn with everything off, after the modules sleep, and how it fell as fuses were pulled.
 * Accepted: a quarter of the reserve capacity in minutes as milliamperes (vehicle makers'
 * bulletins, from memory), and never more than the workshop's habitual 50 mA.
 *
 * @param milliamps with every fuse in, 0 to 100,000 mA
 * @param minutesAsleep since the last door, lamp or key, 0 to 1,440 min
 * @param pulled fuses in the order they were pulled, each left out
 */
public record DrainReading(double milliamps, double minutesAsleep, List<Fuse> pulled) {
  /** The workshop's habit for cars (mA). */
  public static final double HABIT_MILLIAMPS = 50;

  /** Modules may still be awake before this (min); service practice: 10 to 60. */
  public static final double SLEEP_MINUTES = 20;

  /** Minutes of reserve capacity usual for each ampere-hour, where it is not printed (min/Ah). */
  private static final double RESERVE_PER_AMP_HOUR = 1.65;

  /** A circuit is named when it takes this share of what is too much (1). */
  private static final double NAMED_SHARE = 0.5;

  /** Copies and refuses what cannot be. */
  public DrainReading {
    pulled = List.copyOf(pulled);
    ReadingLimits.DRAIN.check(milliamps);
    ReadingLimits.ASLEEP.check(minutesAsleep);
  }

  /**
   * One fuse pulled.
   *
   * @param name as on the lid
   * @param milliampsAfter drawn with it out, 0 to 100,000 mA
   */
  public record Fuse(String name, double milliampsAfter) {
    /** Refuses what cannot be. */
    public Fuse {
      Check.filled("fuse", name);
      ReadingLimits.DRAIN.check(milliampsAfter);
    }
  }

  /**
   * What one circuit takes.
   *
   * @param milliamps by which the drain fell when it was pulled
   */
  public record Circuit(String fuse, double milliamps) {}

  /** The most that is accepted (mA), from the reserve capacity or, not knowing that, the Ah. */
  public static double acceptedMilliamps(Optional<Double> reserveMinutes, double ampHours) {
    double reserve = reserveMinutes.orElse(RESERVE_PER_AMP_HOUR * Label.CAPACITY.check(ampHours));
    return Math.min(HABIT_MILLIAMPS, Drain.acceptedMilliamps(Math.max(1, reserve)));
  }

  /** What each circuit takes, most first. */
  public List<Circuit> circuits() {
    List<Circuit> circuits = new ArrayList<>();
    double before = milliamps;
    for (Fuse fuse : pulled) {
      circuits.add(new Circuit(fuse.name(), Math.max(0, before - fuse.milliampsAfter())));
      before = fuse.milliampsAfter();
    }
    circuits.sort(Comparator.comparingDouble(Circuit::milliamps).reversed());
    return circuits;
  }

  /**
   * The circuit to look into: the one that takes most of what is too much; empty when none does.
   */
  public Optional<Circuit> culprit(double acceptedMilliamps) {
    double tooMuch = milliamps - acceptedMilliamps;
    return tooMuch <= 0
        ? Optional.empty()
        : circuits().stream()
            .findFirst()
            .filter(circuit -> circuit.milliamps() >= NAMED_SHARE * tooMuch);
  }

  /** As evidence; a high reading taken too soon settles nothing. */
  public Optional<Evidence> evidence(double acceptedMilliamps) {
    boolean high = milliamps > acceptedMilliamps;
    return high && minutesAsleep < SLEEP_MINUTES
        ? Optional.empty()
        : Optional.of(new Evidence(ReadingKind.DRAIN, high ? "high" : "fine"));
  }
}
