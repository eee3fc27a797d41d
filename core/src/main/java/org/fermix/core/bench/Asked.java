package org.fermix.core.bench;

import org.fermix.core.quantity.Normal;
import org.fermix.core.quantity.Spread;

/**
 * How surely one battery does all that is asked of it in its conditions: the least of its parts.
 */
final class Asked {
  private static final double SUREST = 8;

  private Asked() {}

  /**
   * In standard deviations; {@link Policy#LIKELY} is four in five.
   *
   * @param starts false for one that only carries a load
   */
  static double sureness(InConditions in, boolean starts) {
    double least = SUREST;
    boolean runs = in.conditions().hasEngineOffLoad() && in.house().isEmpty();
    double lowest = in.circuit().lowestTrustedCharge();
    if (starts) {
      double celsius = in.conditions().temperatureC();
      var cold = in.cranking().soakedAt(celsius);
      least =
          of(in.cold().after(in.conditions().daysParked()).chanceSmooth(cold::sureness, lowest));
      double layUpDays = in.conditions().layUpDays(in.need());
      if (layUpDays > 0 && !in.need().layUpEndsInTheCold()) {
        var warmer = in.cranking().soakedAt(in.conditions().layUpStartC(in.need()));
        least =
            Math.min(least, of(in.layUp().after(layUpDays).chanceSmooth(warmer::sureness, lowest)));
      }
      if (runs) {
        Parked.Cases left = OffLoad.of(in).cases(in.conditions().engineOffHours());
        least = Math.min(least, of(left.chanceSmooth(cold::sureness, lowest)));
      }
    }
    if (runs) {
      double floor = OffLoad.of(in).floorHours();
      double room =
          floor <= 0
              ? -SUREST
              : Policy.LIKELY
                  + Math.log(floor / in.conditions().engineOffHours())
                      / Spread.ENGINE_OFF_HOURS.sigma();
      least = Math.min(least, room);
    }
    return Math.max(-SUREST, least);
  }

  private static double of(double chance) {
    return Math.max(-SUREST, Math.min(SUREST, Normal.inverse(chance)));
  }
}
