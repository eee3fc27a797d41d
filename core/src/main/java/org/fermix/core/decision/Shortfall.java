package org.fermix.core.decision;

import java.util.ArrayList;
import java.util.List;
import org.fermix.core.bench.Conditions;
import org.fermix.core.bench.Outcome;
import org.fermix.core.bench.Screening;

/**
 * One thing that is asked and not met, as far as its rating is taken.
 *
 * @param outcome {@link Outcome#START_CHANCE}, {@link Outcome#PARKED_DAYS} or {@link
 *     Outcome#ENGINE_OFF_HOURS}
 * @param found in the unit of the outcome
 * @param wanted in the same
 * @param doubted true where it would be met if what is shown were taken in full
 */
public record Shortfall(Outcome outcome, double found, double wanted, boolean doubted) {
  private static final double LIKELY_PERCENT = 80;

  /** A miss by less is within what the models can tell; engineering judgement. */
  private static final double SLIGHT_PERCENT = 75;

  private static final double SLIGHT_SHARE = 0.88;

  /** True where it is just short: as good as met, and said. */
  public boolean isSlight() {
    return outcome == Outcome.START_CHANCE
        ? found >= SLIGHT_PERCENT
        : found >= SLIGHT_SHARE * wanted;
  }

  /** All that a candidate misses: a likely start, the days, the hours. */
  static List<Shortfall> of(Screening.Headline headline, Conditions conditions, double layUpDays) {
    List<Shortfall> missing = new ArrayList<>();
    Screening.Needs taken = headline.taken();
    Screening.Needs shown = headline.shown();
    add(
        missing,
        Outcome.START_CHANCE,
        100 * taken.startChance(),
        100 * shown.startChance(),
        LIKELY_PERCENT);
    add(missing, Outcome.PARKED_DAYS, taken.parkedDays(), shown.parkedDays(), layUpDays);
    if (conditions.hasEngineOffLoad()) {
      add(
          missing,
          Outcome.ENGINE_OFF_HOURS,
          taken.engineOffHours(),
          shown.engineOffHours(),
          conditions.engineOffHours());
    }
    return missing;
  }

  private static void add(
      List<Shortfall> missing, Outcome outcome, double taken, double shown, double wanted) {
    if (taken < wanted) {
      missing.add(new Shortfall(outcome, taken, wanted, shown >= wanted));
    }
  }
}
