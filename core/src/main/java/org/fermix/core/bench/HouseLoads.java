package org.fermix.core.bench;

import java.util.Optional;
import org.fermix.core.chemistry.Chemistry;
import org.fermix.core.electrical.UsualBattery;
import org.fermix.core.machine.Need;
import org.fermix.core.reserve.DepthSchool;
import org.fermix.core.reserve.HouseBank;

/**
 * What runs with the engine off and takes more than a starting battery is made to give: it belongs
 * on a second battery made to be run down, however large the first. Common practice of boats and
 * campers, no source; the bank by {@link HouseBank}.
 *
 * @param dayAmpHours taken each time (Ah)
 * @param share of what a usual starting battery of the engine holds (1)
 * @param shortBankAmpHours lead bank for a night now and then (Ah)
 * @param longBankAmpHours the same, lived on for long (Ah)
 */
public record HouseLoads(
    double dayAmpHours, double share, double shortBankAmpHours, double longBankAmpHours) {

  /** Where the lead school would not run a battery down so far; empty where it would. */
  public static Optional<HouseLoads> of(Need need) {
    if (!need.engine().turns()) {
      return Optional.empty();
    }
    double day = need.use().engineOffAmps().value() * need.use().engineOffHours().value();
    double bank = Math.min(HouseBank.MOST_DAILY_AH, day);
    double share = day / UsualBattery.of(need.engine()).ampHours();
    if (share < DepthSchool.usual(Chemistry.Family.LEAD).depth()) {
      return Optional.empty();
    }
    return Optional.of(
        new HouseLoads(
            day, share, HouseBank.ampHours(bank, false), HouseBank.ampHours(bank, true)));
  }
}
