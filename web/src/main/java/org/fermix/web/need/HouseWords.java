package org.fermix.web.need;

import java.util.Optional;
import org.fermix.core.bench.HouseLoads;
import org.fermix.core.machine.Need;
import org.fermix.core.quantity.Unit;
import org.fermix.web.shared.Display;

/** Words for what runs with the engine off and belongs on a battery of its own. */
public final class HouseWords {
  private HouseWords() {}

  /** Empty where a starting battery may well do it. */
  public static Optional<String> of(Need need, Display display) {
    return HouseLoads.of(need)
        .map(
            loads ->
                "What runs with the engine off takes "
                    + display.show(loads.dayAmpHours(), Unit.AMPERE_HOUR, 0).text()
                    + " each time, "
                    + display.number(100 * loads.share(), 0)
                    + " % of what a usual starting battery here holds. Those are house loads: they belong on"
                    + " a second, deep-cycle battery of about "
                    + display.number(loads.shortBankAmpHours(), 0)
                    + " to "
                    + display.show(loads.longBankAmpHours(), Unit.AMPERE_HOUR, 0).text()
                    + " (three to four times the day, common practice), parted from the one that"
                    + " starts. A larger starting battery is not the answer: its thin plates wear out"
                    + " early when they are run down so far, and it leaves no start in the morning.");
  }
}
