package org.fermix.core.reserve;

import java.util.List;
import org.fermix.core.quantity.Check;

/**
 * How long essential loads run after the generator fails, by plain arithmetic on a derated capacity
 * as in airworthiness practice; the aircraft's own documents and a licensed engineer decide.
 *
 * @param phases in order; the last one runs to the end
 */
public record EssentialLoad(List<Phase> phases) {
  /** Copies the list and refuses an empty one. */
  public EssentialLoad {
    if (phases.isEmpty()) {
      throw new IllegalArgumentException("at least one load phase is needed");
    }
    phases = List.copyOf(phases);
  }

  /**
   * One phase.
   *
   * @param currentA 0.01 to 1,000 A
   * @param minutes it lasts; of the last phase not used
   */
  public record Phase(double currentA, double minutes) {
    /** Refuses impossible loads. */
    public Phase {
      Check.within("essential load", currentA, 0.01, 1000, "A");
      Check.within("phase", minutes, 0, 1440, "min");
    }
  }

  /**
   * Endurance (min).
   *
   * @param ampHours rated at the one-hour rate (Ah)
   * @param share left of it by age and cold, 0 to 1
   */
  public double minutes(double ampHours, double share) {
    double left = Check.within("capacity", ampHours, 0.5, 1000, "Ah");
    left *= Check.within("share of capacity", share, 0, 1, "");
    double minutes = 0;
    for (int i = 0; i < phases.size(); i++) {
      Phase phase = phases.get(i);
      double whole = left / phase.currentA() * 60;
      boolean last = i == phases.size() - 1;
      double lasts = last ? whole : Math.min(whole, phase.minutes());
      minutes += lasts;
      left -= phase.currentA() * lasts / 60;
      if (left <= 1e-12) {
        return minutes;
      }
    }
    return minutes;
  }
}
