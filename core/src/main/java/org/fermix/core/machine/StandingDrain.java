package org.fermix.core.machine;

import java.util.List;
import java.util.Optional;
import org.fermix.core.quantity.Check;
import org.fermix.core.quantity.Given;
import org.fermix.core.quantity.Limits;
import org.fermix.core.quantity.Table;
import org.fermix.core.quantity.Unit;

/**
 * What draws with everything off, added up from what usually does where nobody has measured it.
 *
 * @param names of what is there
 * @param wakeUps doors opened and other wake-ups a day (1/d)
 */
public record StandingDrain(List<String> names, double wakeUps) {
  /** Wake-ups a day. */
  public static final Limits WAKE_UPS = new Limits("wake-ups a day", 0, 200, Unit.COUNT);

  private static final double HOURS_A_DAY = 24;

  private static final List<Usual> ALL =
      Table.read(StandingDrain.class, "usual-drains.csv").rows().stream()
          .map(
              row ->
                  new Usual(
                      row.text("id"), row.text("name"), row.number("milliamps"), row.isYes("wake")))
          .toList();

  /**
   * One thing that usually draws.
   *
   * @param milliamps it draws; where it wakes, what one waking takes (mAh)
   */
  public record Usual(String id, String name, double milliamps, boolean wakes) {}

  /** What draws steadily, in table order. */
  public static List<Usual> usual() {
    return ALL.stream().filter(each -> !each.wakes()).toList();
  }

  /** Copies the list and refuses impossible days. */
  public StandingDrain {
    WAKE_UPS.check(wakeUps);
    Check.within("things that draw", names.size(), 0, ALL.size(), "");
    names = List.copyOf(names);
  }

  /**
   * The mean draw (mA): the sum of what is there, and the wake-ups of a day over its hours; empty
   * where nothing was said.
   */
  public Optional<Given> milliamps() {
    if (names.isEmpty() && wakeUps == 0) {
      return Optional.empty();
    }
    double sum = 0;
    for (Usual each : ALL) {
      sum +=
          each.wakes()
              ? wakeUps * each.milliamps() / HOURS_A_DAY
              : names.contains(each.id()) ? each.milliamps() : 0;
    }
    return Optional.of(
        Given.derived(sum, Unit.MILLIAMPERE, "added up from what usually draws; not measured"));
  }
}
