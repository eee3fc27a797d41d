package org.fermix.web.bench;

import java.util.ArrayList;
import java.util.List;
import org.fermix.core.machine.Need;
import org.fermix.core.quantity.Given;
import org.fermix.web.shared.Display;

/** The inputs of a need that nobody typed, so that an assumption is always seen to be one. */
public final class Assumptions {
  private Assumptions() {}

  /** One line for each assumption. */
  public static List<String> of(Need need, Display display) {
    List<String> lines = new ArrayList<>();
    lines.add(
        need.engine().isFitted()
            ? "Engine as a recorded start shows it; the switch is under Check, recorded starts"
            : "Engine and starter as usual for "
                + need.engine().engineClass().name()
                + "; a recorded start would tell");
    add(lines, "Minimum CCA", need.minimum().coldCrankingAmps(), display);
    add(lines, "Coldest morning", need.climate().coldestMorningC(), display);
    add(lines, "Temperature while parked", need.climate().parkedC(), display);
    add(lines, "Mean battery temperature", need.climate().batteryMeanC(), display);
    add(lines, "Longest lay-up", need.use().longestLayUpDays(), display);
    add(lines, "Drain", need.use().drainMilliamps(), display);
    add(lines, "Engine-off load", need.use().engineOffAmps(), display);
    add(lines, "Engine-off hours", need.use().engineOffHours(), display);
    add(lines, "Starts a day", need.use().startsPerDay(), display);
    add(lines, "Years kept", need.use().yearsKept(), display);
    add(lines, "Regulated voltage", need.regulatedVolts(), display);
    return lines;
  }

  private static void add(List<String> lines, String name, Given given, Display display) {
    if (given.isAssumed()) {
      lines.add(
          name + " " + display.show(given.value(), given.unit()).text() + ", " + given.note());
    }
  }
}
