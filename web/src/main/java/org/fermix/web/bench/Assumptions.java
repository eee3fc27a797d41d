package org.fermix.web.bench;

import java.util.ArrayList;
import java.util.List;
import org.fermix.core.machine.Need;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Unit;
import org.fermix.web.shared.Display;
import org.fermix.web.shared.Months;

/** The inputs of a need that nobody typed, so that an assumption is always seen to be one. */
public final class Assumptions {
  private Assumptions() {}

  /** One line for each assumption. */
  public static List<String> of(Need need, Display display) {
    List<String> lines = new ArrayList<>();
    if (!need.engine().turns()) {
      var waking = need.engine().engineClass().start();
      lines.add(
          "It wakes at "
              + display.show(waking.voltageFloor(), Unit.VOLT, 1).text()
              + " under "
              + display.show(waking.accessoryA(), Unit.AMPERE).text()
              + ", as such cars are assumed to; its handbook may say more");
    } else {
      cranked(lines, need, display);
    }
    add(lines, "Coldest morning", need.climate().coldestMorningC(), display);
    add(lines, "Mean of the coldest month", need.climate().winterMeanC(), display);
    add(lines, "Mean of the warmest month", need.climate().summerMeanC(), display);
    add(lines, "Longest lay-up", need.use().layUp().days(), display);
    Given from = need.use().layUp().fromMonth();
    if (from.isAssumed()) {
      lines.add("Laid up from " + Months.name(from.value()) + ", " + from.note());
    }
    add(lines, "Drain", need.use().drainMilliamps(), display);
    add(lines, "Engine-off load", need.use().engineOffAmps(), display);
    add(lines, "Engine-off hours", need.use().engineOffHours(), display);
    add(lines, "Starts a day", need.use().driving().startsPerDay(), display);
    add(lines, "Trip length", need.use().driving().tripMinutes(), display);
    add(lines, "Years kept", need.use().yearsKept(), display);
    add(lines, "Regulated voltage", need.regulatedVolts(), display);
    add(lines, "Charging current at speed", need.charging().spareAmps(), display);
    add(lines, "Charging current at idle", need.charging().idleAmps(), display);
    return lines;
  }

  private static void cranked(List<String> lines, Need need, Display display) {
    lines.add(
        need.engine().isFitted()
            ? "Engine as a recorded start shows it; the switch is under Check, recorded starts"
            : "Engine and starter as usual for "
                + need.engine().engineClass().name()
                + "; a recorded start would tell");
    add(lines, "Minimum cranking amps", need.minimum().crankingAmps(), display);
  }

  private static void add(List<String> lines, String name, Given given, Display display) {
    if (given.isAssumed()) {
      lines.add(
          name + " " + display.show(given.value(), given.unit()).text() + ", " + given.note());
    }
  }
}
